package org.nestrinse.app.dry;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.DryViews.Choice;
import org.nestrinse.app.dry.DryViews.Group;
import org.nestrinse.app.dry.DryViews.Way;
import org.nestrinse.app.kit.machine.DryerService;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.dry.plan.Course;
import org.nestrinse.core.dry.plan.HangingPlan;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;

/** Groups that hang or tumble, as they are shown, with what else could be done with them. */
final class GroupPicture {
  private final DryingNow facts;
  private final Instant now;
  private final TimeWords words;
  private final DryTimes times;

  GroupPicture(DryingNow facts) {
    this.facts = facts;
    this.now = facts.now();
    this.words = new TimeWords(facts.household().zoneId(), now);
    this.times = new DryTimes(facts);
  }

  /**
   * Returns a group.
   *
   * @param plan what is planned for it
   * @param whys takes its reason
   */
  Group of(HangingEntity e, HangingPlan plan, Map<String, Why> whys) {
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
        staying == null ? tumbleWhy(e, kind, dryBy) : staying.why(times.of(foundDry)));
    Instant needed = facts.neededBy().get(kind.role());
    return DryViewsGroupBuilder.builder()
        .id(e.id)
        .version(e.version)
        .kind(kind.name())
        .words(kind.counted(e.pieces))
        .pieces(e.pieces)
        .placeId(e.placeId)
        .place(tumbling ? dryerName(e.dryerId) : crowded(facts.spot(e), e.crowded))
        .hungAt(e.hungAt)
        .hungWords(words.at(e.hungAt))
        .points(past(e, staying, moistureNow))
        .moistureNow(moistureNow)
        .ways(ways)
        .dryBy(dryBy)
        .dryWords(ways.size() == 1 && !ready ? ways.get(0).dryWords() : times.of(dryBy))
        .ready(ready)
        .neededWords(needed == null ? null : words.at(needed))
        .choices(choices(e, tumbling, moistureNow))
        .dryers(tumbles(e, kind, moistureNow))
        .tumbling(tumbling)
        .build();
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
                    times.of(c),
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
              return new Choice(spot.placeId(), spot.carriedIn(), spot.said(), times.of(by), stays);
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
                .with("when", times.of(dryBy)),
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
}
