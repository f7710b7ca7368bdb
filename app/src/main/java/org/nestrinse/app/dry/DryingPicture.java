package org.nestrinse.app.dry;

import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.DryViews.DryPlan;
import org.nestrinse.app.dry.DryViews.Drying;
import org.nestrinse.app.dry.DryViews.Group;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.dry.DryWords;
import org.nestrinse.core.dry.Shower;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.dry.plan.Course;
import org.nestrinse.core.dry.plan.DryingPolicy;
import org.nestrinse.core.dry.plan.DryingQuestion;
import org.nestrinse.core.dry.plan.HangingPlan;
import org.nestrinse.core.dry.plan.Trip;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;

/** One look at all that hangs: the plan, the picture and the reasons. */
final class DryingPicture {
  private static final Duration PICTURE_BEFORE = Duration.ofHours(1);
  private static final int PICTURE_LEAST_H = 12;
  private static final int PICTURE_MOST_H = 48;

  private final DryingNow facts;
  private final Instant now;
  private final TimeWords words;
  private final DryTimes times;
  private final GroupPicture groups;
  private final Map<String, Why> whys = new LinkedHashMap<>();
  private final List<WeatherHour> ahead;
  private final @Nullable Instant rainAt;

  /**
   * @param rainHour hour of the day at which a shower is supposed, or null for none
   */
  DryingPicture(DryingNow facts, @Nullable Integer rainHour) {
    this.facts = facts;
    this.now = facts.now();
    this.words = new TimeWords(facts.household().zoneId(), now);
    this.times = new DryTimes(facts);
    this.groups = new GroupPicture(facts);
    this.rainAt = rainHour == null ? null : next(rainHour);
    this.ahead = facts.weather().from(now, AirDrying.LONGEST_H);
  }

  private Instant next(int hour) {
    ZonedDateTime here = now.atZone(facts.household().zoneId());
    ZonedDateTime then = here.truncatedTo(ChronoUnit.DAYS).withHour(hour);
    return (then.isBefore(here) ? then.plusDays(1) : then).toInstant();
  }

  /** Returns the plan in the weather that is forecast. */
  HangingPlan plan() {
    return HangingPlan.of(facts.question(ahead), DryingPolicy.BEST);
  }

  Drying drying(WeatherService.Source source, List<DryViews.Learnt> learnt) {
    if (facts.places().isEmpty()) {
      return empty(source, learnt);
    }
    List<WeatherHour> hours = wetted(ahead);
    DryingQuestion question = facts.question(hours);
    HangingPlan best = HangingPlan.of(question, DryingPolicy.BEST);
    whys.put("plan", planWhy(DryingPolicy.BEST, best));
    List<Group> shown =
        facts.groups().stream()
            .map(e -> groups.of(e, best, whys))
            .sorted(
                Comparator.comparing(Group::dryBy, Comparator.nullsLast(Comparator.naturalOrder())))
            .toList();
    Instant last = last(shown);
    Instant from = first(shown).minus(PICTURE_BEFORE).truncatedTo(ChronoUnit.HOURS);
    int length =
        (int)
            Math.min(
                PICTURE_MOST_H,
                Math.max(PICTURE_LEAST_H, Duration.between(from, last).toHours() + 2));
    boolean allDry = !shown.isEmpty() && shown.stream().allMatch(g -> g.dryBy() != null);
    return DryViewsDryingBuilder.builder()
        .now(now)
        .source(source)
        .from(from)
        .to(from.plus(Duration.ofHours(length)))
        .weather(wetted(facts.weather().from(from, length)))
        .groups(shown)
        .pieces(shown.stream().mapToInt(Group::pieces).sum())
        .allDryWords(allDry ? words.at(last) : null)
        .trips(trips(best))
        .rain(rainAt == null ? null : rain(best))
        .learnt(learnt)
        .whys(whys)
        .build();
  }

  private Drying empty(WeatherService.Source source, List<DryViews.Learnt> learnt) {
    Instant from = now.truncatedTo(ChronoUnit.HOURS);
    return DryViewsDryingBuilder.builder()
        .now(now)
        .source(source)
        .from(from)
        .to(from.plus(Duration.ofHours(PICTURE_LEAST_H)))
        .weather(List.of())
        .groups(List.of())
        .pieces(0)
        .allDryWords(null)
        .trips(List.of())
        .rain(null)
        .learnt(learnt)
        .whys(whys)
        .build();
  }

  private Instant first(List<Group> shown) {
    return shown.stream()
        .map(Group::hungAt)
        .filter(t -> t.isBefore(now))
        .min(Comparator.naturalOrder())
        .orElse(now);
  }

  private Instant last(List<Group> shown) {
    return shown.stream()
        .map(Group::dryBy)
        .filter(Objects::nonNull)
        .max(Comparator.naturalOrder())
        .orElse(now);
  }

  private List<WeatherHour> wetted(List<WeatherHour> hours) {
    if (rainAt == null) {
      return hours;
    }
    return Shower.over(hours, rainAt);
  }

  private DryViews.Rain rain(HangingPlan wet) {
    HangingPlan dry = plan();
    List<Said> fetched =
        wet.courses().stream()
            .filter(
                c ->
                    c.marks().stream()
                        .anyMatch(
                            m ->
                                m.sort() == Course.Event.BRING_IN
                                    && !m.at().isAfter(Objects.requireNonNull(rainAt))))
            .map(c -> c.batch().kind().counted(c.batch().count()))
            .toList();
    Said carried =
        fetched.isEmpty()
            ? DryingSaying.FETCH_NOTHING.said()
            : Said.of(DryingSaying.FETCH).with("pieces", fetched);
    Said when = times.of(wet.allDry());
    Said without = times.of(dry.allDry());
    Said ready =
        when.equals(without)
            ? Said.of(DryingSaying.DRY_AS_WITHOUT).with("when", when)
            : Said.of(DryingSaying.DRY_WITH_WITHOUT).with("when", when).with("without", without);
    return new DryViews.Rain(
        Objects.requireNonNull(rainAt),
        Said.of(DryingSaying.RAIN)
            .with("from", words.at(rainAt))
            .with("hours", Shower.HOURS)
            .with("fetch", carried)
            .with("dry", ready));
  }

  /** Returns the plan beside other ways of drying the same. */
  DryViews.Compared compared() {
    if (facts.places().isEmpty() || facts.groups().isEmpty()) {
      return new DryViews.Compared(List.of(), Map.of());
    }
    DryingQuestion question = facts.question(ahead);
    Map<String, Why> reasons = new LinkedHashMap<>();
    List<DryPlan> compared = new ArrayList<>();
    List<HangingPlan> shown = new ArrayList<>();
    for (DryingPolicy policy : DryingPolicy.values()) {
      HangingPlan plan = HangingPlan.of(question, policy);
      if (shown.stream().anyMatch(plan::same)) {
        continue;
      }
      shown.add(plan);
      reasons.put(policy.name(), planWhy(policy, plan));
      compared.add(
          new DryPlan(
              policy,
              policy.said(),
              times.of(plan.allDry()),
              plan.latePieces(),
              plan.kwh(),
              plan.cost().money(),
              plan.cost().wear()));
    }
    return new DryViews.Compared(compared, reasons);
  }

  private Why planWhy(DryingPolicy policy, HangingPlan plan) {
    Why.Builder why =
        Why.of(
            Said.of(DryingSaying.POLICY_TITLE)
                .with("policy", policy.said())
                .with("when", times.of(plan.allDry())),
            DryWords.weighed(plan.proven()));
    for (Course c : plan.courses()) {
      Said where =
          c.noRoom()
              ? DrySaying.NO_ROOM.said()
              : c.legs().stream()
                  .map(
                      leg -> leg.spot() == null ? DryingSaying.THE_DRYER.said() : leg.spot().said())
                  .distinct()
                  .reduce((a, b) -> Said.of(DryingSaying.THEN).with("one", a).with("then", b))
                  .orElse(Said.NOTHING);
      why.line(
          Said.of(DryingSaying.PIECES_WHERE)
              .with("pieces", c.batch().count())
              .with("kind", c.batch().kind().name())
              .with("where", where),
          times.of(c));
    }
    if (plan.dampTooLong() > 0) {
      why.line(DrySaying.DAMP_TOO_LONG, plan.dampTooLong());
    }
    return why.line(DryingSaying.TOO_LATE, plan.latePieces())
        .line(DryingSaying.ELECTRICITY, new Quantity(plan.kwh(), Unit.KILOWATT_HOUR, 2))
        .total(DryingSaying.COSTS, new Quantity(plan.cost().money(), Unit.MONEY, 2))
        .line(DryingSaying.WEAR, new Quantity(plan.cost().wear(), Unit.NONE, 1))
        .by(Model.HANGING_PLAN);
  }

  private List<DryViews.TripView> trips(HangingPlan plan) {
    return Trip.of(facts.withTumbling(plan), now).stream()
        .map(
            t ->
                new DryViews.TripView(
                    t.at(),
                    words.at(t.at()),
                    !t.at().isAfter(now),
                    t.pieces(),
                    title(t),
                    t.errands().stream()
                        .map(
                            e ->
                                new DryViews.ErrandView(
                                    e.event(),
                                    errand(e),
                                    e.courses().stream()
                                        .map(c -> c.batch().key())
                                        .distinct()
                                        .toList()))
                        .toList()))
        .toList();
  }

  /** Returns what is to be carried now, in a few words, or null. */
  @Nullable Said tripNow() {
    return facts.places().isEmpty()
        ? null
        : Trip.of(facts.withTumbling(plan()), now).stream()
            .filter(t -> !t.at().isAfter(now))
            .filter(t -> !t.onlyTakesIn())
            .findFirst()
            .map(DryingPicture::title)
            .map(words -> Said.of(DryingSaying.TRIP_NOW).with("what", words))
            .orElse(null);
  }

  private static Said title(Trip trip) {
    Trip.Errand first = trip.errands().get(0);
    return trip.errands().size() == 1 && first.courses().size() == 1
        ? errand(first)
        : Said.of(trip.onlyTakesIn() ? DryingSaying.TAKE_IN_PIECES : DryingSaying.CARRY_PIECES)
            .with("pieces", trip.pieces());
  }

  private static Said errand(Trip.Errand errand) {
    return errand.event() == Course.Event.DRY
        ? Said.of(DryingSaying.TAKE_IN).with("what", errand.pieces())
        : Said.of(DryingSaying.CARRY).with("what", errand.pieces()).with("words", errand.words());
  }
}
