package org.nestrinse.app.record;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.product.ProductService;
import org.nestrinse.app.presence.WeekSettings;
import org.nestrinse.app.wash.plan.SchoolService;
import org.nestrinse.app.wash.round.DoseLog;
import org.nestrinse.app.wash.round.RoundFiles;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.record.Ledger;
import org.nestrinse.core.record.Maintenance;
import org.nestrinse.core.record.PastRound;
import org.nestrinse.core.record.Story;
import org.nestrinse.core.record.Stretch;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The record in pictures and sums. */
@Service
public class RecordService {
  /** How far back the picture goes. */
  private static final Range DAYS = new Range(1, 4000, Unit.DAY);

  /** Days that can be asked for. */
  private static final LocalDate FIRST_DAY = LocalDate.of(2000, 1, 1);

  private static final LocalDate LAST_DAY = LocalDate.of(2100, 1, 1);

  private static final int COST_MONTHS = 12;

  private final RoundFiles rounds;
  private final ObservationService observations;
  private final HouseholdService households;
  private final ProductService products;
  private final DoseLog doses;
  private final WeekSettings week;
  private final SchoolService methods;
  private final Clock clock;

  RecordService(
      RoundFiles rounds,
      ObservationService observations,
      HouseholdService households,
      ProductService products,
      DoseLog doses,
      WeekSettings week,
      SchoolService methods,
      Clock clock) {
    this.methods = methods;
    this.rounds = rounds;
    this.observations = observations;
    this.households = households;
    this.products = products;
    this.doses = doses;
    this.week = week;
    this.clock = clock;
  }

  /**
   * Returns past rounds with what was seen of them until then, oldest first.
   *
   * @param kind only rounds with this kind, and only what tells of it or of whole loads; null for
   *     all
   */
  @Transactional(readOnly = true)
  public List<PastRound> rounds(Instant from, Instant to, @Nullable String kind) {
    Map<Long, List<Seen>> seen = new HashMap<>();
    for (Seen s : observations.seen(from, to, kind)) {
      if (s.round() != null) {
        seen.computeIfAbsent(s.round(), k -> new ArrayList<>()).add(s);
      }
    }
    return rounds.past(from, to).stream()
        .filter(r -> kind == null || r.has(kind))
        .map(r -> r.with(seen.getOrDefault(r.id(), List.of())))
        .toList();
  }

  /** Returns the picture of the last days. */
  @Transactional(readOnly = true)
  RecordViews.Story story(int days) {
    Instant to = clock.instant();
    Instant from = to.minus(Duration.ofDays(DAYS.check("days", days)));
    ZoneId zone = households.current().zoneId();
    Map<Long, List<ObservationService.Observation>> seen = new LinkedHashMap<>();
    List<ObservationService.Observation> loose = new ArrayList<>();
    for (ObservationService.Observation o : observations.between(from, to)) {
      if (o.roundId() == null) {
        loose.add(o);
      } else {
        seen.computeIfAbsent(o.roundId(), k -> new ArrayList<>()).add(o);
      }
    }
    Map<String, Said> names = methods.names();
    List<RecordViews.StoryRound> all = new ArrayList<>();
    for (Story.Entry e : Story.of(rounds(from, to, null), id -> SchoolService.name(names, id))) {
      PastRound r = e.round();
      all.add(
          view(
              r,
              SchoolService.name(names, r.school()),
              e.changes(),
              seen.getOrDefault(r.id(), List.of()),
              zone));
    }
    return new RecordViews.Story(from, to, all, loose, maintenance(to));
  }

  /** However much of the past is shown, the machine counts all of it. */
  private Maintenance maintenance(Instant now) {
    Instant from = now.minus(Duration.ofDays((long) DAYS.max()));
    return Maintenance.of(rounds.past(from, now), week.maintainedAt(), now);
  }

  private static RecordViews.StoryRound view(
      PastRound r,
      Said method,
      List<Said> changes,
      List<ObservationService.Observation> seen,
      ZoneId zone) {
    return RecordViewsStoryRoundBuilder.builder()
        .id(r.id())
        .startedAt(r.startedAt())
        .day(Said.from(r.startedAt().atZone(zone).toLocalDate()))
        .school(r.school())
        .schoolName(method)
        .figures(r.figures().with(r.estimate().atMost(HygieneEstimate.MOST_CLAIMED)))
        .dropSeconds(
            seen.stream()
                .map(ObservationService.Observation::seconds)
                .filter(Objects::nonNull)
                .max(Double::compare)
                .orElse(null))
        .smell(r.bad(Sign.SMELL_WET, Sign.SMELL_DRY))
        .suds(r.bad(Sign.SUDS, Sign.JAR))
        .changes(changes)
        .seen(seen)
        .build();
  }

  /**
   * Returns two stretches of days side by side, both ends included.
   *
   * @throws OutOfRange when a stretch ends before it begins
   */
  @Transactional(readOnly = true)
  RecordViews.Beside beside(LocalDate aFrom, LocalDate aTo, LocalDate bFrom, LocalDate bTo) {
    Stretch before = stretch("aTo", aFrom, aTo);
    Stretch after = stretch("bTo", bFrom, bTo);
    return new RecordViews.Beside(
        before.rounds(),
        after.rounds(),
        before.beside(after).stream()
            .map(
                d ->
                    new RecordViews.MeasureLine(
                        Said.of(d.before().what()),
                        d.before().value(),
                        d.after().value(),
                        Said.of(d.verdict()),
                        d.before().better()))
            .toList());
  }

  private Stretch stretch(String field, LocalDate from, LocalDate to) {
    for (LocalDate day : List.of(from, to)) {
      if (day.isBefore(FIRST_DAY) || day.isAfter(LAST_DAY)) {
        throw new OutOfRange(field, day.toString(), ArchiveSaying.A_DAY);
      }
    }
    if (to.isBefore(from)) {
      throw new OutOfRange(
          field, to.toString(), Said.of(ArchiveSaying.NOT_BEFORE).with("day", from));
    }
    ZoneId zone = households.current().zoneId();
    Instant end = to.plusDays(1).atStartOfDay(zone).toInstant().minusMillis(1);
    Instant begin = from.atStartOfDay(zone).toInstant();
    // What was seen of the last round may have been seen after the stretch.
    Map<Long, PastRound> seen = new HashMap<>();
    rounds(begin, clock.instant(), null).forEach(r -> seen.put(r.id(), r));
    return Stretch.of(
        rounds.past(begin, end).stream().map(r -> seen.getOrDefault(r.id(), r)).toList());
  }

  /** Returns what a year of rounds took, and the products. */
  @Transactional(readOnly = true)
  RecordViews.Costs costs() {
    ZoneId zone = households.current().zoneId();
    Instant from =
        clock
            .instant()
            .atZone(zone)
            .minusMonths(COST_MONTHS)
            .withDayOfMonth(1)
            .toLocalDate()
            .atStartOfDay(zone)
            .toInstant();
    Ledger ledger = Ledger.of(rounds.past(from, clock.instant()), zone);
    List<RecordViews.CostLine> months =
        ledger.months().stream()
            .map(m -> new RecordViews.CostLine(m.month().toString(), Said.from(m.month()), m.sum()))
            .toList();
    List<RecordViews.CostLine> persons = lines(ledger.persons());
    List<RecordViews.CostLine> kinds = lines(ledger.kinds());
    Map<String, Why> whys = new LinkedHashMap<>();
    months.forEach(l -> whys.put("month." + l.id(), why(l)));
    persons.forEach(l -> whys.put("person." + l.id(), why(l)));
    kinds.forEach(l -> whys.put("kind." + l.id(), why(l)));
    return new RecordViews.Costs(months, persons, kinds, products(), whys);
  }

  private static List<RecordViews.CostLine> lines(List<Ledger.Share> shares) {
    return shares.stream().map(s -> new RecordViews.CostLine(s.name(), name(s), s.sum())).toList();
  }

  private static Said name(Ledger.Share share) {
    return share.name().isEmpty() ? ArchiveSaying.THE_HOUSEHOLD.said() : Said.from(share.name());
  }

  private static Why why(RecordViews.CostLine line) {
    Ledger.Sum s = line.sum();
    Quantity money = new Quantity(s.money(), Unit.MONEY, 2);
    return Why.of(
            Said.of(RecordSaying.COST_TITLE).with("money", money).with("what", line.name()),
            RecordSaying.COST)
        .line(RecordSaying.ROUNDS, new Quantity(s.rounds(), Unit.NONE, 1))
        .line(RecordSaying.WATER, Quantity.of(s.litres(), Unit.LITRE))
        .line(RecordSaying.ELECTRICITY, new Quantity(s.kwh(), Unit.KILOWATT_HOUR, 1))
        .line(RecordSaying.DETERGENT, Quantity.of(s.detergentG(), Unit.GRAM))
        .line(RecordSaying.WORK, new Quantity(s.hours(), Unit.HOUR, 1))
        .line(RecordSaying.PIECES, Quantity.of(s.uses(), Unit.NONE))
        .total(RecordSaying.IN_ALL, money)
        .total(RecordSaying.ONE_USE, new Quantity(s.moneyPerUse(), Unit.MONEY, 3))
        .by(Model.COST);
  }

  private List<RecordViews.ProductLine> products() {
    Map<Long, String> names = new HashMap<>();
    names.putAll(products.names().byId());
    return doses.lasts().stream()
        .map(
            l ->
                new RecordViews.ProductLine(
                    names.getOrDefault(l.productId(), ""), l.usedG(), l.leftG(), l.daysLeft()))
        .toList();
  }
}
