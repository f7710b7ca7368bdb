package org.nestrinse.app.dry;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.DryViews.Choice;
import org.nestrinse.app.dry.DryViews.DryPlan;
import org.nestrinse.app.dry.DryViews.Drying;
import org.nestrinse.app.dry.DryViews.Group;
import org.nestrinse.app.dry.DryViews.Todo;
import org.nestrinse.app.dry.DryViews.Way;
import org.nestrinse.app.kit.DryerService;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.Course;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.dry.DrySpan;
import org.nestrinse.core.dry.DryWords;
import org.nestrinse.core.dry.DryingPolicy;
import org.nestrinse.core.dry.DryingQuestion;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.HangingPlan;
import org.nestrinse.core.dry.Shower;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;

/** One look at all that hangs: the plan, the picture and the reasons. */
final class DryLook {
  private static final Duration PICTURE_BEFORE = Duration.ofHours(1);
  private static final int PICTURE_LEAST_H = 12;
  private static final int PICTURE_MOST_H = 48;

  private final DryingNow facts;
  private final Instant now;
  private final TimeWords words;
  private final Map<String, Why> whys = new LinkedHashMap<>();
  private final List<WeatherHour> ahead;
  private final @Nullable Instant rainAt;

  /**
   * @param rainHour hour of the day at which a shower is supposed, or null for none
   */
  DryLook(DryingNow facts, @Nullable Integer rainHour) {
    this.facts = facts;
    this.now = facts.now();
    this.words = new TimeWords(facts.household().zoneId(), now);
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
            .map(e -> view(e, best))
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
    return new Drying(
        now,
        source,
        from,
        from.plus(Duration.ofHours(length)),
        wetted(facts.weather().from(from, length)),
        shown,
        shown.stream().mapToInt(Group::pieces).sum(),
        allDry ? words.at(last) : null,
        todo(best),
        rainAt == null ? null : rain(best),
        learnt,
        whys);
  }

  private Drying empty(WeatherService.Source source, List<DryViews.Learnt> learnt) {
    Instant from = now.truncatedTo(ChronoUnit.HOURS);
    return new Drying(
        now,
        source,
        from,
        from.plus(Duration.ofHours(PICTURE_LEAST_H)),
        List.of(),
        List.of(),
        0,
        null,
        List.of(),
        null,
        learnt,
        whys);
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
                                m.sort() == Course.Sort.BRING_IN
                                    && !m.at().isAfter(Objects.requireNonNull(rainAt))))
            .map(c -> c.batch().kind().counted(c.batch().count()))
            .toList();
    Said carried =
        fetched.isEmpty()
            ? DryingSaying.FETCH_NOTHING.said()
            : Said.of(DryingSaying.FETCH).with("pieces", fetched);
    Said when = dryWords(wet.allDry());
    Said without = dryWords(dry.allDry());
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
              dryWords(plan.allDry()),
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
                .with("when", dryWords(plan.allDry())),
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
          dryWords(c));
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

  private List<Todo> todo(HangingPlan plan) {
    List<Todo> all = new ArrayList<>();
    // Of what is done at the same time, the slowest to dry comes first.
    List<Course> slowestFirst =
        plan.courses().stream()
            .sorted(
                Comparator.comparing(
                    Course::dryBy, Comparator.nullsFirst(Comparator.reverseOrder())))
            .toList();
    for (Course c : slowestFirst) {
      for (Course.Mark m : c.marks()) {
        if (m.sort() != Course.Sort.DRY) {
          all.add(
              new Todo(
                  c.batch().key(),
                  c.batch().count(),
                  m.at(),
                  words.at(m.at()),
                  !m.at().isAfter(now),
                  m.sort(),
                  c.batch().kind().counted(c.batch().count()),
                  m.words()));
        }
      }
    }
    all.sort(Comparator.comparing(Todo::at).thenComparing(Todo::sort));
    return all;
  }

  private Group view(HangingEntity e, HangingPlan plan) {
    Kind kind = facts.kind(e);
    double moistureNow = facts.moistureNow(e);
    boolean tumbling = e.tumbleMinutes != null;
    List<Way> ways = tumbling ? List.of(tumblingWay(e)) : ways(e, plan);
    HangingGroup staying = tumbling ? null : facts.staying(e);
    Instant foundDry = staying == null ? facts.tumbledBy(e) : staying.dryBy();
    boolean ready = foundDry != null && !foundDry.isAfter(now);
    Instant dryBy = ready ? foundDry : latest(ways);
    whys.put(
        "group." + e.id,
        staying == null ? tumbleWhy(e, kind, dryBy) : staying.why(dryWords(foundDry)));
    Instant needed = facts.neededBy().get(kind.role());
    return new Group(
        e.id,
        e.version,
        kind.name(),
        kind.counted(e.pieces),
        e.pieces,
        e.placeId,
        tumbling ? dryerName(e.dryerId) : crowded(facts.spot(e), e.crowded),
        e.hungAt,
        words.at(e.hungAt),
        past(e, staying, moistureNow),
        moistureNow,
        ways,
        dryBy,
        ways.size() == 1 && !ready ? ways.get(0).dryWords() : dryWords(dryBy),
        ready,
        needed == null ? null : words.at(needed),
        choices(e, tumbling, moistureNow),
        tumbles(e, kind, moistureNow),
        tumbling);
  }

  private List<HangingGroup.Point> past(
      HangingEntity e, @Nullable HangingGroup staying, double moistureNow) {
    List<HangingGroup.Point> past = new ArrayList<>();
    if (staying == null) {
      past.add(new HangingGroup.Point(e.hungAt, e.startMoisture));
    } else {
      staying.points().stream().filter(p -> p.at().isBefore(now)).forEach(past::add);
    }
    past.add(new HangingGroup.Point(now, moistureNow));
    return past;
  }

  private static @Nullable Instant latest(List<Way> ways) {
    if (ways.stream().anyMatch(w -> w.dryBy() == null)) {
      return null;
    }
    return ways.stream().map(Way::dryBy).max(Comparator.naturalOrder()).orElse(null);
  }

  private List<Way> ways(HangingEntity e, HangingPlan plan) {
    return plan.courses().stream()
        .filter(c -> c.batch().key() == e.id)
        .map(
            c ->
                new Way(
                    c.batch().count(),
                    where(c),
                    c.points(),
                    c.marks(),
                    c.dryBy(),
                    dryWords(c),
                    c.late()))
        .toList();
  }

  private static Said crowded(Spot spot, boolean crowded) {
    return crowded ? Said.of(DryingSaying.CROWDED).with("place", spot.said()) : spot.said();
  }

  private static Said where(Course c) {
    if (c.noRoom()) {
      return DrySaying.NO_ROOM.said();
    }
    Spot first = c.legs().get(0).spot();
    return first == null
        ? Said.from(Objects.requireNonNull(c.tumble()).dryer().name())
        : crowded(first, c.legs().get(0).crowded());
  }

  private Way tumblingWay(HangingEntity e) {
    Instant end = Objects.requireNonNull(facts.tumbledBy(e));
    double takes = Objects.requireNonNull(e.tumbleMinutes);
    List<HangingGroup.Point> points =
        List.of(
            new HangingGroup.Point(now, facts.moistureNow(e)),
            new HangingGroup.Point(end.isBefore(now) ? now : end, facts.tumbledFor(e, takes)));
    return new Way(e.pieces, dryerName(e.dryerId), points, List.of(), end, words.at(end), false);
  }

  private List<Choice> choices(HangingEntity e, boolean tumbling, double moistureNow) {
    return facts.spots().stream()
        .map(
            spot -> {
              boolean stays = !tumbling && spot.equals(facts.spot(e));
              Instant by =
                  stays
                      ? facts.staying(e).dryBy()
                      : facts.in(e, spot, false, now, moistureNow).dryBy();
              return new Choice(spot.placeId(), spot.carriedIn(), spot.said(), dryWords(by), stays);
            })
        .toList();
  }

  private List<DryViews.Tumble> tumbles(HangingEntity e, Kind kind, double moistureNow) {
    double perKwh =
        facts.household().tariff().perKwh(now.atZone(facts.household().zoneId()).toLocalTime());
    return facts.dryers().stream()
        .map(
            d -> {
              boolean may = kind.tumble() != DryerHeat.NONE;
              boolean here = Objects.equals(e.dryerId, d.id());
              Said what =
                  (kind.oily() ? DryingSaying.NEVER_OIL : DryingSaying.NEVER_WATERPROOF).said();
              if (may) {
                TumbleDrying t = tumbled(d, kind, e.pieces, moistureNow);
                boolean many = t.loads() > 1;
                what =
                    Said.of(many ? DryingSaying.TUMBLE_TOO_MANY : DryingSaying.TUMBLE)
                        .with("time", Quantity.of(t.minutes(), Unit.DURATION))
                        .with("kwh", new Quantity(t.kwh(), Unit.KILOWATT_HOUR, 2))
                        .with("money", new Quantity(t.kwh() * perKwh, Unit.MONEY, 2));
                what = many ? what.with("runs", t.loads()) : what;
              }
              return new DryViews.Tumble(d.id(), d.dryer().name(), what, may, here);
            })
        .toList();
  }

  static TumbleDrying tumbled(DryerService.View dryer, Kind kind, int pieces, double moisture) {
    return TumbleDrying.of(dryer.dryer(), List.of(new TumbleDrying.Damp(kind, pieces, moisture)));
  }

  private Said dryerName(@Nullable Long dryerId) {
    return facts.dryers().stream()
        .filter(d -> Objects.equals(d.id(), dryerId))
        .map(d -> Said.from(d.dryer().name()))
        .findFirst()
        .orElse(DryingSaying.A_DRYER_ONCE.said());
  }

  private Why tumbleWhy(HangingEntity e, Kind kind, @Nullable Instant dryBy) {
    DryerService.View in =
        facts.dryers().stream()
            .filter(d -> Objects.equals(d.id(), e.dryerId))
            .findFirst()
            .orElseThrow();
    TumbleDrying t = tumbled(in, kind, e.pieces, e.startMoisture);
    return Why.of(
            Said.of(DryingSaying.DRYER_TITLE)
                .with("kind", kind.name())
                .with("when", dryWords(dryBy)),
            DryingSaying.DRYER)
        .line(DryingSaying.WENT_IN, new Quantity(e.startMoisture, Unit.KG_PER_KG, 2))
        .line(DryingSaying.DRY_AT, new Quantity(TumbleDrying.dryMoisture(kind), Unit.KG_PER_KG, 2))
        .line(DryingSaying.WATER, new Quantity(t.waterKg(), Unit.KILOGRAM, 2))
        .line(DryingSaying.HEAT, t.heat().said())
        .line(DryingSaying.COOL_DOWN, Quantity.of(TumbleDrying.COOLING_MINUTES, Unit.MINUTE))
        .total(DryingSaying.TAKES, Quantity.of(t.minutes(), Unit.DURATION))
        .line(DryingSaying.ELECTRICITY, new Quantity(t.kwh(), Unit.KILOWATT_HOUR, 2))
        .by(Model.DRYER);
  }

  /** A span to the half hour, and that it will smell where nothing can prevent it. */
  private Said dryWords(Course c) {
    DrySpan span = c.span(checked(c));
    if (span == null) {
      return dryWords(c.dryBy());
    }
    LocalTime to =
        LocalTime.ofInstant(span.to(), facts.household().zoneId()).truncatedTo(ChronoUnit.MINUTES);
    Said told =
        span.from().isBefore(now)
            ? Said.of(DryingSaying.BY).with("time", words.at(span.to()))
            : Said.of(DryingSaying.FROM_TO).with("from", words.at(span.from())).with("to", to);
    return c.dampTooLong()
        ? Said.of(DryingSaying.BUT_SMELLS).with("when", told).with("smell", DrySaying.WILL_SMELL)
        : told;
  }

  /** Whether touch checks have taught the place where it ends. */
  private boolean checked(Course c) {
    Spot last = c.legs().get(c.legs().size() - 1).spot();
    return last != null && facts.factor(last.placeId(), c.batch().kind().id()) != 1;
  }

  private Said dryWords(@Nullable Instant by) {
    return by == null ? DryingSaying.NOT_IN_FOUR_DAYS.said() : words.at(by);
  }
}
