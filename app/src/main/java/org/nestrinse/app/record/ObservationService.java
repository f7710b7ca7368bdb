package org.nestrinse.app.record;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.DampFound;
import org.nestrinse.app.kit.Names;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.round.RoundAnswered;
import org.nestrinse.app.wash.round.RoundFiles;
import org.nestrinse.app.wash.round.RoundRemoved;
import org.nestrinse.core.judge.RunSigns;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.OutOfRange;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What people see at the wash, at the shelf and in use: kept with one tap, taken back with one. */
@Service
public class ObservationService {
  private static final Duration BEFORE_SEEN = Duration.ofDays(30);
  private static final int LONGEST_NOTE = 400;
  private static final int LONGEST_KIND = 80;
  private static final int LONGEST_VALUE = 20;

  private final ObservationRepository observations;
  private final RoundFiles rounds;
  private final KindService kinds;
  private final HouseholdService households;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  ObservationService(
      ObservationRepository observations,
      RoundFiles rounds,
      KindService kinds,
      HouseholdService households,
      ApplicationEventPublisher events,
      Clock clock) {
    this.observations = observations;
    this.rounds = rounds;
    this.kinds = kinds;
    this.households = households;
    this.events = events;
    this.clock = clock;
  }

  /**
   * What is sent when something was seen.
   *
   * @param sign what was looked at
   * @param value what it was; may be left out for a drop with its seconds
   * @param seconds of a water drop, or null
   * @param where where, or null for where it is usually noticed
   * @param roundId the round that it tells about, or null for the latest that fits
   * @param kind name of the kind, or null for the whole load
   * @param carer who saw it, or null
   * @param note in own words, or null
   */
  public record Sent(
      @Nullable Sign sign,
      @Nullable String value,
      @Nullable Double seconds,
      Sign.@Nullable Where where,
      @Nullable Long roundId,
      @Nullable String kind,
      @Nullable String carer,
      @Nullable String note) {
    /** Makes what was seen of a whole load. */
    public static Sent of(Sign sign, String value, Sign.Where where, @Nullable String carer) {
      return new Sent(sign, value, null, where, null, null, carer, null);
    }
  }

  /**
   * What was seen, as it is shown.
   *
   * @param id number
   * @param sign what was looked at
   * @param title its name
   * @param value what it was
   * @param words in words
   * @param good whether nothing is wrong with the pieces by it
   * @param seconds of a water drop, or null
   * @param where where
   * @param whereWords in words
   * @param roundId the round, or null
   * @param kind the kind, or null for the whole load
   * @param carer who, or null
   * @param note in own words
   * @param at when
   * @param atWords in words
   */
  @RecordBuilder
  public record Observation(
      long id,
      Sign sign,
      Said title,
      String value,
      Said words,
      boolean good,
      @Nullable Double seconds,
      Sign.Where where,
      Said whereWords,
      @Nullable Long roundId,
      @Nullable String kind,
      @Nullable String carer,
      String note,
      Instant at,
      Said atWords) {}

  /** A sign that can be reported at a place, with its answers. */
  public record Tap(Sign sign, Said title, List<Sign.Value> values, boolean seconds) {}

  /** Returns what can be reported at a place, in one tap each. */
  public List<Tap> taps(Sign.Where where) {
    return Sign.noticed(where).stream()
        .map(s -> new Tap(s, s.title(), s.all(), s == Sign.DROP))
        .toList();
  }

  /** Keeps what was seen. */
  @Transactional
  public Observation see(Sent sent) {
    return see(sent, null);
  }

  /**
   * Keeps what was seen in a step.
   *
   * @param source names the step, so that {@link #forget(String)} finds it when the step is taken
   *     back
   */
  @Transactional
  public Observation see(Sent sent, @Nullable String source) {
    Sign sign = RequestChecks.choice("sign", sent.sign, Sign.class);
    ObservationEntity e = new ObservationEntity();
    e.sign = sign;
    e.seconds = RequestChecks.optional("seconds", sent.seconds, Sign.DROP_S);
    if (e.seconds != null && sign != Sign.DROP) {
      throw new OutOfRange("seconds", e.seconds, ArchiveSaying.ONLY_FOR_DROPS);
    }
    e.reading =
        e.seconds == null
            ? sign.value(RequestChecks.text("value", sent.value, LONGEST_VALUE)).id()
            : Sign.drop(e.seconds).id();
    if (sent.kind != null && !sent.kind.isBlank()) {
      e.kind = RequestChecks.text("kind", sent.kind, LONGEST_KIND);
      e.kindId = known(e.kind);
    }
    e.source = source;
    e.place =
        sent.where != null
            ? sent.where
            : sign.where().stream().min(Enum::compareTo).orElse(Sign.Where.SHELF);
    e.carer = RequestChecks.name("carer", sent.carer);
    e.note =
        sent.note == null || sent.note.isBlank()
            ? ""
            : RequestChecks.text("note", sent.note, LONGEST_NOTE);
    e.roundId = sent.roundId == null ? latest(e) : known(sent.roundId);
    return keep(e);
  }

  private long known(String kind) {
    Long id = kinds.names().idOf(kind);
    if (id == null) {
      throw new OutOfRange("kind", kind, ArchiveSaying.A_KIND_IN_KIT);
    }
    return id;
  }

  /** What is in use or on the shelf came out of the last round that is back there. */
  private @Nullable Long latest(ObservationEntity e) {
    boolean backOnShelf = e.place == Sign.Where.SHELF || e.place == Sign.Where.USE;
    return rounds.latest(e.kindId, backOnShelf).orElse(null);
  }

  private Long known(Long roundId) {
    if (!rounds.exists(roundId)) {
      throw new NotFound(What.ROUND, roundId);
    }
    return roundId;
  }

  private Observation keep(ObservationEntity e) {
    // As exact as it is stored, so that whoever asks for all until then finds it.
    e.seenAt = clock.instant().truncatedTo(ChronoUnit.MILLIS);
    ObservationEntity saved = observations.saveAndFlush(e);
    events.publishEvent(new SomethingSeen(saved.seenAt));
    return view(saved, households.timeWords(), kinds.names());
  }

  /** Takes back what a step reported. */
  @Transactional
  public void forget(String source) {
    if (observations.existsBySource(source)) {
      observations.deleteBySource(source);
      observations.flush();
      events.publishEvent(new SomethingSeen(clock.instant()));
    }
  }

  /** Takes back what was seen. */
  @Transactional
  public void forget(long id) {
    observations.delete(
        observations.findById(id).orElseThrow(() -> new NotFound(What.OBSERVATION, id)));
    observations.flush();
    events.publishEvent(new SomethingSeen(clock.instant()));
  }

  /** Returns what was seen in a time, oldest first. */
  @Transactional(readOnly = true)
  public List<Observation> between(Instant from, Instant to) {
    TimeWords words = households.timeWords();
    Names names = kinds.names();
    return observations.findByHiddenFalseAndSeenAtBetweenOrderBySeenAtAscIdAsc(from, to).stream()
        .filter(ObservationEntity::readable)
        .map(e -> view(e, words, names))
        .toList();
  }

  /**
   * Returns what was seen in a time as the rules take it, oldest first.
   *
   * @param kind only what tells of this kind or of whole loads that it was in; null for all
   */
  @Transactional(readOnly = true)
  public List<Seen> seen(Instant from, Instant to, @Nullable String kind) {
    Names names = kinds.names();
    Long kindId = names.idOf(kind);
    // A wash may have started days before it was looked at.
    Set<Long> with = kindId == null ? Set.of() : rounds.with(kindId, from.minus(BEFORE_SEEN));
    return observations.findByHiddenFalseAndSeenAtBetweenOrderBySeenAtAscIdAsc(from, to).stream()
        .filter(ObservationEntity::readable)
        .filter(
            e ->
                kind == null
                    || (e.kind == null
                        ? e.roundId == null || with.contains(e.roundId)
                        : names.now(e.kindId, e.kind).equals(kind)))
        .map(ObservationEntity::seen)
        .toList();
  }

  /** Returns the last thing that was seen of a sign of each kind, by the name of the kind. */
  @Transactional(readOnly = true)
  public Map<String, String> last(Sign sign) {
    Map<String, String> all = new java.util.HashMap<>();
    Names names = kinds.names();
    observations.findByHiddenFalseAndSignAndKindIsNotNullOrderBySeenAtAscIdAsc(sign).stream()
        .filter(ObservationEntity::readable)
        .forEach(e -> all.put(names.now(e.kindId, e.kind), e.reading));
    return all;
  }

  @EventListener
  @Transactional
  void answered(RoundAnswered answered) {
    Optional<Seen> seen =
        RunSigns.of(answered.judgement(), answered.answer(), answered.at(), answered.roundId());
    seen.filter(s -> !observations.existsByRoundIdAndSignAndReading(s.round(), s.sign(), s.value()))
        .ifPresent(
            s -> {
              ObservationEntity e = new ObservationEntity();
              e.sign = s.sign();
              e.reading = s.value();
              e.place = Sign.Where.WASH;
              e.roundId = s.round();
              e.carer = answered.carer();
              e.source = answered.source();
              keep(e);
            });
  }

  @EventListener
  @Transactional
  void takenBack(RoundAnswered.TakenBack back) {
    forget(back.source());
  }

  @EventListener
  @Transactional
  void removed(RoundRemoved removed) {
    observations.findByRoundId(removed.roundId()).forEach(o -> o.hidden = removed.away());
    events.publishEvent(new SomethingSeen(clock.instant()));
  }

  @EventListener
  @Transactional
  void damp(DampFound found) {
    ObservationEntity e = new ObservationEntity();
    e.sign = Sign.SEAM;
    e.reading = "damp";
    e.place = Sign.Where.SHELF;
    e.roundId = found.roundId();
    e.kind = found.kind();
    e.kindId = kinds.names().idOf(e.kind);
    keep(e);
  }

  private static Observation view(ObservationEntity e, TimeWords words, Names names) {
    return ObservationServiceObservationBuilder.builder()
        .id(e.id)
        .sign(e.sign)
        .title(e.sign.title())
        .value(e.reading)
        .words(e.sign.value(e.reading).words())
        .good(!e.seen().wrong())
        .seconds(e.seconds)
        .where(e.place)
        .whereWords(e.place.said())
        .roundId(e.roundId)
        .kind(e.kind == null ? null : names.now(e.kindId, e.kind))
        .carer(e.carer)
        .note(e.note)
        .at(e.seenAt)
        .atWords(words.at(e.seenAt))
        .build();
  }
}
