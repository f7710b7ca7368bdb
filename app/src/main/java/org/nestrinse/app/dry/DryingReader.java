package org.nestrinse.app.dry;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.DryViews.Drying;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindCount;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.machine.DryerService;
import org.nestrinse.app.kit.place.PlaceService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.household.Hanging;
import org.nestrinse.core.household.Supplies;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What hangs or tumbles now, with the weather it dries in, and how it is shown. */
@Service
public class DryingReader {
  private static final Range HOUR = new Range(0, 23);

  private final HangingRepository groups;
  private final DryingFactorRepository factors;
  private final KindService kinds;
  private final PlaceService places;
  private final DryerService dryers;
  private final ShelfService shelf;
  private final HouseholdService households;
  private final WeatherService weather;
  private final Clock clock;

  DryingReader(
      HangingRepository groups,
      DryingFactorRepository factors,
      KindService kinds,
      PlaceService places,
      DryerService dryers,
      ShelfService shelf,
      HouseholdService households,
      WeatherService weather,
      Clock clock) {
    this.groups = groups;
    this.factors = factors;
    this.kinds = kinds;
    this.places = places;
    this.dryers = dryers;
    this.shelf = shelf;
    this.households = households;
    this.weather = weather;
    this.clock = clock;
  }

  /**
   * Returns everything that hangs, with the weather it dries in and the plan for it.
   *
   * @param rainHour hour of the day at which a shower is supposed, or null for none
   */
  @Transactional(readOnly = true)
  public Drying drying(@Nullable Integer rainHour) {
    if (rainHour != null) {
      HOUR.check("rainAt", rainHour.intValue());
    }
    DryingNow now = facts(clock.instant());
    return new DryingPicture(now, rainHour).drying(weather.source(), learnt(now));
  }

  /** Returns the plan beside other ways of drying the same, in the weather that is forecast. */
  @Transactional(readOnly = true)
  public DryViews.Compared compared() {
    return new DryingPicture(facts(clock.instant()), null).compared();
  }

  /** Returns what hangs, in short. */
  @Transactional(readOnly = true)
  public DryViews.Short inShort() {
    DryingNow now = facts(clock.instant());
    TimeWords words = households.timeWords();
    int pieces = 0;
    int ready = 0;
    Instant nextAt = Instant.MAX;
    int next = 0;
    for (HangingEntity e : now.groups()) {
      Instant dryBy = e.tumbleMinutes == null ? now.staying(e).dryBy() : now.tumbledBy(e);
      pieces += e.pieces;
      if (dryBy != null && !dryBy.isAfter(now.now())) {
        ready += e.pieces;
      } else if (dryBy != null && dryBy.isBefore(nextAt)) {
        nextAt = dryBy;
        next = e.pieces;
      }
    }
    return new DryViews.Short(
        pieces,
        ready,
        next,
        next == 0 ? null : words.at(nextAt),
        pieces == 0 || ready > 0 ? null : new DryingPicture(now, null).tripNow());
  }

  /** Returns what hangs, if it stays where it is. */
  @Transactional(readOnly = true)
  public List<Hanging> hanging() {
    DryingNow now = facts(clock.instant());
    return now.groups().stream()
        .map(
            e ->
                new Hanging(
                    e.id,
                    e.kindId,
                    e.pieces,
                    e.tumbleMinutes == null ? now.staying(e).dryBy() : now.tumbledBy(e),
                    now.moistureNow(e),
                    e.tumbleMinutes == null && now.kind(e).tumble() != DryerHeat.NONE))
        .toList();
  }

  /** Returns how many pieces of each kind hang or tumble, by its number. */
  @Transactional(readOnly = true)
  public Map<Long, Integer> hangingByKind() {
    return KindCount.byKind(groups.byKind());
  }

  /** Returns a group that hangs; throws {@link StateConflict} when it is dry already. */
  HangingEntity hanging(long id) {
    HangingEntity e = groups.findById(id).orElseThrow(() -> new NotFound(What.HANGING_GROUP, id));
    if (e.dryAt != null) {
      throw new StateConflict(DryingSaying.DRY_ALREADY);
    }
    return e;
  }

  private List<DryViews.Learnt> learnt(DryingNow now) {
    return factors.findAll().stream()
        .sorted(Comparator.comparing(f -> f.id))
        .map(
            f ->
                new DryViews.Learnt(
                    f.placeId,
                    f.kindId,
                    Said.of(DryingSaying.LEARNT)
                        .with("kind", Objects.requireNonNull(now.kinds().get(f.kindId)).plural())
                        .with("place", now.place(f.placeId).name())
                        .with("factor", new Quantity(f.factor, Unit.TIMES, 2))
                        .with("checks", f.checks)))
        .toList();
  }

  /** The weather, asked for once and not again by every group. */
  private DryingNow.WeatherSource remembered() {
    Map<List<Object>, List<WeatherHour>> known = new HashMap<>();
    return (moment, hours) -> {
      Instant hour = moment.truncatedTo(ChronoUnit.HOURS);
      return known.computeIfAbsent(List.of(hour, hours), k -> weather.hours(hour, hours));
    };
  }

  /** Returns all that is known of what hangs at a moment. */
  DryingNow facts(Instant at) {
    return facts(at, Supplies.of(shelf.stock()).neededBy());
  }

  /** When the shelf runs out takes long to find; what only looks back does without. */
  DryingNow facts(Instant at, Map<Role, Instant> neededBy) {
    Map<DryingNow.Pair, Double> learnt =
        factors.findAll().stream()
            .collect(Collectors.toMap(f -> new DryingNow.Pair(f.placeId, f.kindId), f -> f.factor));
    return DryingNowBuilder.builder()
        .now(at)
        .household(households.current())
        .groups(groups.findByDryAtIsNullOrderByHungAtAscIdAsc())
        .kinds(kinds.byId())
        .places(places.all())
        .dryers(dryers.all())
        .factors(learnt)
        .neededBy(neededBy)
        .weather(remembered())
        .together(new HashMap<>())
        .build();
  }
}
