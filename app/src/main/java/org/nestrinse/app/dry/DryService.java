package org.nestrinse.app.dry;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.nestrinse.app.kit.BeingRemoved;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.kit.machine.DryerService;
import org.nestrinse.app.kit.place.PlaceService;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.wash.round.RoundWashed;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.dry.plan.Course;
import org.nestrinse.core.dry.plan.DryingBatch;
import org.nestrinse.core.dry.plan.DryingPolicy;
import org.nestrinse.core.dry.plan.HangingPlan;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.household.Stock.Whereabouts;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What hangs, where, what is to be done with it, and by when it is dry. */
@Service
public class DryService {

  private final DryingReader reader;
  private final HangingRepository groups;
  private final PlaceService places;
  private final DryerService dryers;
  private final StockService stock;
  private final Clock clock;

  DryService(
      DryingReader reader,
      HangingRepository groups,
      PlaceService places,
      DryerService dryers,
      StockService stock,
      Clock clock) {
    this.reader = reader;
    this.groups = groups;
    this.places = places;
    this.dryers = dryers;
    this.stock = stock;
    this.clock = clock;
  }

  /** Hangs what was washed as the plan says; what hangs already stays where it is. */
  @EventListener
  @Transactional
  public void hang(RoundWashed washed) {
    DryingNow now = reader.facts(washed.at());
    if (now.places().isEmpty()) {
      throw new StateConflict(DryingSaying.NO_PLACE);
    }
    Map<Kind, Integer> byKind = new LinkedHashMap<>();
    for (SoiledPieces p : washed.pieces().all()) {
      byKind.merge(p.kind(), p.count(), Integer::sum);
    }
    List<DryingBatch> batches = new ArrayList<>();
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
          batches.add(new DryingBatch(-1L - fresh.size(), kind, count, moisture, needed));
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

  /** Does everything that the plan has for now: hangs, carries, divides groups. */
  @Transactional
  public void follow() {
    DryingNow now = reader.facts(clock.instant());
    HangingPlan plan = new DryingPicture(now, null).plan();
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
    HangingEntity e = reader.hanging(id);
    boolean inside = carriedIn && place.sort() == Place.Type.MOVABLE_AIRER;
    if (e.placeId != placeId || e.carriedIn != inside || e.dryerId != null || e.crowded) {
      DryingNow now = reader.facts(clock.instant());
      e.hang(placeId, inside, false, now.now(), now.moistureNow(e));
      groups.saveAndFlush(e);
    }
  }

  /**
   * Puts a group into a dryer, as damp as it is now; throws {@link StateConflict} when these never
   * may be tumbled or are more than it takes.
   */
  @Transactional
  public void tumble(long id, long dryerId) {
    HangingEntity e = reader.hanging(id);
    DryingNow now = reader.facts(clock.instant());
    Kind kind = now.kind(e);
    if (kind.tumble() == DryerHeat.NONE) {
      throw new StateConflict(
          Said.of(kind.oily() ? DryingSaying.OIL_NEVER : DryingSaying.NEVER_TUMBLE)
              .with("kind", kind.plural()));
    }
    dryers.one(dryerId);
    DryerService.View dryer =
        now.dryers().stream().filter(d -> d.id() == dryerId).findFirst().orElseThrow();
    double moisture = now.moistureNow(e);
    var run = GroupPicture.tumbled(dryer, kind, e.pieces, moisture);
    if (run.loads() > 1) {
      throw new StateConflict(
          Said.of(DryingSaying.TOO_HEAVY)
              .with("pieces", kind.counted(e.pieces))
              .with("mass", new Quantity(kind.massKg() * e.pieces, Unit.KILOGRAM, 1))
              .with("dryer", dryer.dryer().name())
              .with("most", new Quantity(dryer.dryer().capacityKg(), Unit.KILOGRAM, 1)));
    }
    e.tumble(dryerId, run.minutes(), now.now(), moisture);
    groups.saveAndFlush(e);
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
      throw new StateConflict(Said.of(DryingSaying.STILL_THERE).with("place", removed.name()));
    }
  }

  /** Forgets what of a round hung and is dry, because the round is forgotten. */
  @Transactional
  public void forget(long roundId) {
    groups.deleteByRoundId(roundId);
  }
}
