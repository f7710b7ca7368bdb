package org.nestrinse.app.judge;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.record.ObservationService;
import org.nestrinse.app.record.RecordService;
import org.nestrinse.app.wear.WearService;
import org.nestrinse.core.household.RoundFacts;
import org.nestrinse.core.judge.HouseFacts;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.record.PastRound;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what is judged: rounds of the record, what was seen of them, and what they were like. */
@Component
class Evidence {
  /** What was seen longer ago than this is another story. */
  static final Duration LOOKED_BACK = Duration.ofDays(21);

  private final RecordService record;
  private final ObservationService observations;
  private final WearService wear;

  Evidence(RecordService record, ObservationService observations, WearService wear) {
    this.record = record;
    this.observations = observations;
    this.wear = wear;
  }

  /** What is judged: what was seen, and what the record says of the rounds before it. */
  record Case(List<Seen> seen, HouseFacts facts, List<PastRound> rounds) {}

  /** Returns what is judged at a moment, of a kind or of all. */
  @Transactional(readOnly = true)
  public Case at(Instant from, Instant to, @Nullable String kind) {
    List<PastRound> rounds = record.rounds(to.minus(LOOKED_BACK), to, kind);
    return new Case(observations.seen(from, to, kind), facts(rounds, kind), rounds);
  }

  /** Returns the rounds since a moment, with what was seen of each. */
  @Transactional(readOnly = true)
  public List<PastRound> roundsSince(Instant from, Instant to, @Nullable String kind) {
    return record.rounds(from, to, kind);
  }

  private HouseFacts facts(List<PastRound> rounds, @Nullable String kind) {
    List<WearService.PieceBatch> batches =
        kind == null ? List.of() : wear.all().stream().filter(b -> b.kind().equals(kind)).toList();
    return RoundFacts.of(
        rounds,
        batches.isEmpty()
            ? null
            : new RoundFacts.Worn(
                batches.stream().mapToDouble(b -> b.washes()).average().orElse(0),
                batches.stream().mapToDouble(b -> b.share()).average().orElse(0)));
  }
}
