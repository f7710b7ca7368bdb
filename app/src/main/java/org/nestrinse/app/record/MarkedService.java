package org.nestrinse.app.record;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.nestrinse.app.kit.Names;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.plan.MarkedKinds;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.judge.StillMarked;
import org.nestrinse.core.said.Said;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which kinds still have a mark, from what people noticed. */
@Service
class MarkedService implements MarkedKinds {
  private final ObservationRepository observations;
  private final KindService kinds;
  private final HouseholdService households;

  MarkedService(
      ObservationRepository observations, KindService kinds, HouseholdService households) {
    this.observations = observations;
    this.kinds = kinds;
    this.households = households;
  }

  /**
   * A kind that still has a mark, as it is shown.
   *
   * @param kind its name
   * @param since when the mark was first seen
   * @param sinceWords in words
   */
  record Marked(String kind, Instant since, Said sinceWords) {}

  /** Returns them, the longest marked first. */
  @Transactional(readOnly = true)
  public List<Marked> all() {
    TimeWords words = households.timeWords();
    return still().stream().map(m -> new Marked(m.kind(), m.since(), words.at(m.since()))).toList();
  }

  @Override
  @Transactional(readOnly = true)
  public Set<String> names() {
    return still().stream().map(StillMarked::kind).collect(Collectors.toSet());
  }

  private List<StillMarked> still() {
    Names names = kinds.names();
    return StillMarked.of(
        observations
            .findByHiddenFalseAndSignAndKindIsNotNullOrderBySeenAtAscIdAsc(Sign.STAINS)
            .stream()
            .filter(ObservationEntity::readable)
            .map(
                e ->
                    new StillMarked.Sight(
                        names.now(e.kindId, e.kind), !e.sign.good(e.reading), e.seenAt))
            .toList());
  }
}
