package org.nestrinse.app.dry;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.DryViews.Drying;
import org.nestrinse.app.kit.BeingRemoved;
import org.nestrinse.app.kit.DryerService;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindCount;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.PlaceService;
import org.nestrinse.app.kit.Stock.Whereabouts;
import org.nestrinse.app.kit.StockService;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.problem.What;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.RoundService;
import org.nestrinse.app.wash.RoundWashed;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.Batch;
import org.nestrinse.core.dry.Course;
import org.nestrinse.core.dry.DryCheck;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.dry.DryingPolicy;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.HangingPlan;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.Range;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What hangs, where, what is to be done with it, and by when it is dry. */
@Service
public class DryService {
  private static final Range HOUR = new Range(0, 23);
  private static final double SECONDS_PER_HOUR = 3600;

  private final HangingRepository groups;
  private final DryingFactorRepository factors;
  private final KindService kinds;
  private final PlaceService places;
  private final DryerService dryers;
  private final StockService stock;
  private final RoundService rounds;
  private final ShelfService shelf;
  private final HouseholdService households;
  private final WeatherService weather;
  private final HouseClock clock;
  private final ApplicationEventPublisher events;

  DryService(
      HangingRepository groups,
      DryingFactorRepository factors,
      KindService kinds,
      PlaceService places,
      DryerService dryers,
      StockService stock,
      RoundService rounds,
      ShelfService shelf,
      HouseholdService households,
      WeatherService weather,
      HouseClock clock,
      ApplicationEventPublisher events) {
    this.groups = groups;
    this.factors = factors;
    this.kinds = kinds;
    this.places = places;
    this.dryers = dryers;
    this.stock = stock;
    this.rounds = rounds;
    this.shelf = shelf;
    this.households = households;
    this.weather = weather;
    this.clock = clock;
    this.events = events;
  }

  /** What a hand felt, and how many pieces are damp still; all of them when not said. */
  public record Check(DryCheck.@Nullable Answer answer, @Nullable Integer damp) {}

  /** Hangs what was washed as the plan says; what hangs already stays where it is. */
  @EventListener
  @Transactional
  public void hang(RoundWashed washed) {
    DryingNow now = facts(washed.at());
    if (now.places().isEmpty()) {
      throw new NotNow(DryingSaying.NO_PLACE);
    }
    Map<Kind, Integer> byKind = new LinkedHashMap<>();
    for (SoiledPieces p : washed.pieces().all()) {
      byKind.merge(p.kind(), p.count(), Integer::sum);
    }
    List<Batch> batches = new ArrayList<>();
    List<HangingEntity> fresh = new ArrayList<>();
    byKind.forEach(
        (kind, count) -> {
          HangingEntity e = new HangingEntity();
          e.roundId = washed.roundId();
          e.kindId = kind.id();
          e.pieces = count;
          double moisture =
              washed.byHand()
                  ? HangingGroup.moistureByHand(kind)
                  : HangingGroup.moistureAfterSpin(kind, washed.spinRpm(), washed.drumRadiusM());
          e.hang(0, false, false, washed.at(), moisture);
          e.dampSince = washed.at();
          Instant needed = now.neededBy().get(kind.role());
          batches.add(new Batch(-1L - fresh.size(), kind, count, moisture, needed));
          fresh.add(e);
        });
    stock.move(washed.pieces().byKind(), Whereabouts.WASHING, Whereabouts.DRYING);
    List<WeatherHour> ahead = now.weather().from(washed.at(), AirDrying.LONGEST_H);
    batches.addAll(now.question(ahead).batches());
    HangingPlan plan = HangingPlan.of(now.question(batches, ahead), DryingPolicy.BEST);
    List<HangingEntity> hanging = new ArrayList<>(now.groups());
    plan.courses().stream()
        .filter(c -> c.batch().key() < 0)
        .sorted(Comparator.comparing(c -> c.legs().get(0).spot() == null))
        .forEach(
            course -> {
              HangingEntity whole = fresh.get((int) (-1 - course.batch().key()));
              boolean all = course.batch().count() == whole.pieces;
              HangingEntity part = all ? whole : whole.part(course.batch().count());
              follow(part, course.legs().get(0), now.spots());
              hanging.add(part);
              part.crowded |= course.legs().get(0).spot() == null && now.overfull(part, hanging);
              groups.save(part);
            });
  }

  /**
   * Hangs a group in the spot of a leg. What goes straight into the dryer, or has no room, waits
   * indoors.
   */
  private static void follow(HangingEntity e, Course.Leg leg, List<Spot> spots) {
    Spot spot =
        leg.spot() != null
            ? leg.spot()
            : spots.stream().filter(s -> !s.outdoors()).findFirst().orElse(spots.get(0));
    e.hang(spot.placeId(), spot.carriedIn(), leg.crowded(), e.hungAt, e.startMoisture);
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
    return new DryLook(now, rainHour).drying(weather.source(), learnt(now));
  }

  /** Returns the plan beside other ways of drying the same, in the weather that is forecast. */
  @Transactional(readOnly = true)
  public DryViews.Compared compared() {
    return new DryLook(facts(clock.instant()), null).compared();
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
    return new DryViews.Short(pieces, ready, next, next == 0 ? null : words.at(nextAt));
  }

  /**
   * What hangs or tumbles, and when it is dry if it stays.
   *
   * @param id number of the group
   * @param kindId the kind
   * @param pieces how many
   * @param dryBy when, or null when not within four days
   * @param moisture how damp it is now [kg/kg]
   * @param mayTumble whether a dryer could finish it
   */
  public record Hanging(
      long id,
      long kindId,
      int pieces,
      @Nullable Instant dryBy,
      double moisture,
      boolean mayTumble) {}

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

  /** Does everything that the plan has for now: hangs, carries, divides groups. */
  @Transactional
  public void follow() {
    DryingNow now = facts(clock.instant());
    HangingPlan plan = new DryLook(now, null).plan();
    for (HangingEntity e : now.groups()) {
      List<Course> ways = plan.courses().stream().filter(c -> c.batch().key() == e.id).toList();
      double moisture = now.moistureNow(e);
      Spot spot = now.spot(e);
      // Copied before anything is done to it, so that what stays is left as it hangs.
      HangingEntity before = e.part(e.pieces);
      for (int i = 0; i < ways.size(); i++) {
        Course.Leg leg = ways.get(i).legs().get(0);
        int pieces = ways.get(i).batch().count();
        HangingEntity part = i == 0 ? e : before.part(pieces);
        part.pieces = pieces;
        if (leg.tumble() != null) {
          part.tumble(leg.tumble().dryerId(), leg.tumble().minutes(), now.now(), moisture);
        } else if (!ways.get(i).noRoom()
            && (!spot.equals(leg.spot()) || leg.crowded() != before.crowded)) {
          Spot to = Objects.requireNonNull(leg.spot());
          part.hang(to.placeId(), to.carriedIn(), leg.crowded(), now.now(), moisture);
        }
        groups.save(part);
      }
    }
    groups.flush();
  }

  /** Moves a group to another place, as damp as it is now. */
  @Transactional
  public void move(long id, long placeId, boolean carriedIn) {
    Place place = places.one(placeId);
    HangingEntity e = hanging(id);
    boolean inside = carriedIn && place.sort() == Place.Sort.MOVABLE_AIRER;
    if (e.placeId != placeId || e.carriedIn != inside || e.dryerId != null || e.crowded) {
      DryingNow now = facts(clock.instant());
      e.hang(placeId, inside, false, now.now(), now.moistureNow(e));
      groups.saveAndFlush(e);
    }
  }

  /**
   * Puts a group into a dryer, as damp as it is now; throws {@link NotNow} when these never may be
   * tumbled or are more than it takes.
   */
  @Transactional
  public void tumble(long id, long dryerId) {
    HangingEntity e = hanging(id);
    DryingNow now = facts(clock.instant());
    Kind kind = now.kind(e);
    if (kind.tumble() == DryerHeat.NONE) {
      throw new NotNow(
          Said.of(kind.oily() ? DryingSaying.OIL_NEVER : DryingSaying.NEVER_TUMBLE)
              .with("kind", kind.plural()));
    }
    dryers.one(dryerId);
    DryerService.View dryer =
        now.dryers().stream().filter(d -> d.id() == dryerId).findFirst().orElseThrow();
    double moisture = now.moistureNow(e);
    var run = DryLook.tumbled(dryer, kind, e.pieces, moisture);
    if (run.loads() > 1) {
      throw new NotNow(
          Said.of(DryingSaying.TOO_HEAVY)
              .with("pieces", kind.counted(e.pieces))
              .with("mass", new Quantity(kind.massKg() * e.pieces, Unit.KILOGRAM, 1))
              .with("dryer", dryer.dryer().name())
              .with("most", new Quantity(dryer.dryer().capacityKg(), Unit.KILOGRAM, 1)));
    }
    e.tumble(dryerId, run.minutes(), now.now(), moisture);
    groups.saveAndFlush(e);
  }

  /**
   * Takes what a hand felt: teaches the place, puts what is dry on the shelf and lets the rest hang
   * on, damp as it feels. Returns what was learnt.
   */
  @Transactional
  public Said check(long id, Check check) {
    DryCheck.Answer answer = Given.choice("answer", check.answer, DryCheck.Answer.class);
    HangingEntity e = hanging(id);
    int damp =
        answer == DryCheck.Answer.DRY
            ? 0
            : check.damp == null
                ? e.pieces
                : new Range(1, e.pieces, Unit.PIECE).check("damp", check.damp.intValue());
    Said words = learn(e, answer);
    if (damp < e.pieces && damp > 0) {
      HangingEntity dry = e.part(e.pieces - damp);
      e.pieces = damp;
      dry(groups.saveAndFlush(dry).id);
    } else if (damp == 0) {
      dry(id);
      return words;
    }
    DryingNow now = facts(clock.instant());
    if (answer == DryCheck.Answer.SEAM) {
      events.publishEvent(new DampFound(e.roundId, now.kind(e).name()));
    }
    double moisture = Math.max(now.moistureNow(e), answer.moisture(now.kind(e)));
    e.hang(e.placeId, e.carriedIn, e.crowded, now.now(), moisture);
    groups.saveAndFlush(e);
    return words;
  }

  /** Teaches the place what was felt; a dryer is not taught. */
  private Said learn(HangingEntity e, DryCheck.Answer answer) {
    if (e.tumbleMinutes != null) {
      return DryingSaying.OUT_OF_THE_DRYER.said();
    }
    DryingNow now = facts(clock.instant());
    double before = now.factor(e.placeId, e.kindId);
    double hung = Duration.between(e.hungAt, now.now()).toSeconds() / SECONDS_PER_HOUR;
    DryCheck check = DryCheck.of(answer, before, hung, now.staying(e).drying().hoursToDry());
    if (e.crowded) {
      return DrySaying.TOO_CLOSE.said();
    }
    if (check.learnt()) {
      DryingFactorEntity f =
          factors.findByPlaceIdAndKindId(e.placeId, e.kindId).orElseGet(DryingFactorEntity::new);
      f.placeId = e.placeId;
      f.kindId = e.kindId;
      f.factor = check.factor();
      f.checks++;
      factors.saveAndFlush(f);
    }
    return check.words();
  }

  @EventListener
  @Transactional
  void needed(BeingRemoved removed) {
    boolean hangs =
        groups.findByDryAtIsNullOrderByHungAtAscIdAsc().stream()
            .anyMatch(
                e ->
                    switch (removed.thing()) {
                      case PLACE -> e.dryerId == null && e.placeId == removed.id();
                      case DRYER -> e.dryerId != null && e.dryerId == removed.id();
                      default -> false;
                    });
    if (hangs) {
      throw new NotNow(Said.of(DryingSaying.STILL_THERE).with("place", removed.name()));
    }
  }

  /** Forgets what of a round hung and is dry, because the round is forgotten. */
  @Transactional
  public void forget(long roundId) {
    groups.deleteByRoundId(roundId);
  }

  /** Forgets what dry checks have taught about a place and a kind. */
  @Transactional
  public void forget(long placeId, long kindId) {
    factors.delete(
        factors
            .findByPlaceIdAndKindId(placeId, kindId)
            .orElseThrow(() -> new NotNow(DryingSaying.NOTHING_LEARNT)));
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

  private DryingNow facts(Instant at) {
    return facts(at, shelf.neededBy());
  }

  /** When the shelf runs out takes long to find; what only looks back does without. */
  private DryingNow facts(Instant at, Map<Role, Instant> neededBy) {
    Map<DryingNow.Pair, Double> learnt =
        factors.findAll().stream()
            .collect(Collectors.toMap(f -> new DryingNow.Pair(f.placeId, f.kindId), f -> f.factor));
    return new DryingNow(
        at,
        households.current(),
        groups.findByDryAtIsNullOrderByHungAtAscIdAsc(),
        kinds.byId(),
        places.all(),
        dryers.all(),
        learnt,
        neededBy,
        remembered(),
        new HashMap<>());
  }

  /**
   * Marks a group as dry; its pieces are clean again. The round is back on the shelf with its last
   * group.
   */
  @Transactional
  public void dry(long id) {
    HangingEntity e = hanging(id);
    rounds.hold(e.roundId);
    e.dryAt = clock.instant();
    groups.saveAndFlush(e);
    stock.move(e.kindId, e.pieces, Whereabouts.DRYING, Whereabouts.CLEAN);
    events.publishEvent(dried(e, true));
    if (!groups.existsByRoundIdAndDryAtIsNull(e.roundId)) {
      rounds.shelve(e.roundId);
    }
  }

  /** Hangs a group back that was marked as dry by mistake. */
  @Transactional
  public void notDry(long id) {
    HangingEntity e = groups.findById(id).orElseThrow(() -> new NotFound(What.HANGING_GROUP, id));
    if (e.dryAt == null) {
      return;
    }
    rounds.hold(e.roundId);
    GroupDried takenBack = dried(e, false);
    e.dryAt = null;
    groups.saveAndFlush(e);
    events.publishEvent(takenBack);
    stock.move(e.kindId, e.pieces, Whereabouts.CLEAN, Whereabouts.DRYING);
    rounds.unshelve(e.roundId);
  }

  /** What drying did to a group: the strong sun since it hangs there, or its time in the dryer. */
  private GroupDried dried(HangingEntity e, boolean dry) {
    double tumbled = e.tumbleMinutes == null ? 0 : e.tumbleMinutes / 60;
    Instant until = e.dryAt == null ? clock.instant() : e.dryAt;
    int sun = facts(until, Map.of()).strongSunH(e, until);
    return new GroupDried(e.roundId, e.kindId, e.pieces, sun, tumbled, dry);
  }

  private HangingEntity hanging(long id) {
    HangingEntity e = groups.findById(id).orElseThrow(() -> new NotFound(What.HANGING_GROUP, id));
    if (e.dryAt != null) {
      throw new NotNow(DryingSaying.DRY_ALREADY);
    }
    return e;
  }
}
