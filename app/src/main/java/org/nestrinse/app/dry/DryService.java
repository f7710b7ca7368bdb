package org.nestrinse.app.dry;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.DryViews.Choice;
import org.nestrinse.app.dry.DryViews.Drying;
import org.nestrinse.app.dry.DryViews.Group;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.PlaceService;
import org.nestrinse.app.kit.Stock.Whereabouts;
import org.nestrinse.app.kit.StockService;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.RoundService;
import org.nestrinse.app.wash.RoundWashed;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.why.Why;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What hangs, where, and by when it is dry. */
@Service
public class DryService {
  private static final Duration PICTURE_BEFORE = Duration.ofHours(1);
  private static final int PICTURE_LEAST_H = 12;
  private static final int PICTURE_MOST_H = 48;

  private final HangingRepository groups;
  private final KindService kinds;
  private final PlaceService places;
  private final StockService stock;
  private final RoundService rounds;
  private final HouseholdService households;
  private final WeatherStation station;
  private final HouseClock clock;
  private final ApplicationEventPublisher events;

  DryService(
      HangingRepository groups,
      KindService kinds,
      PlaceService places,
      StockService stock,
      RoundService rounds,
      HouseholdService households,
      WeatherStation station,
      HouseClock clock,
      ApplicationEventPublisher events) {
    this.groups = groups;
    this.kinds = kinds;
    this.places = places;
    this.stock = stock;
    this.rounds = rounds;
    this.households = households;
    this.station = station;
    this.clock = clock;
    this.events = events;
  }

  /** Hangs what was washed, each kind where it dries first. */
  @EventListener
  @Transactional
  public void hang(RoundWashed washed) {
    List<PlaceService.Numbered> all = places.all();
    if (all.isEmpty()) {
      throw new NotNow("There is no place to hang anything. Kit is the place for it.");
    }
    Map<Kind, Integer> byKind = new LinkedHashMap<>();
    for (SoiledPieces p : washed.pieces().all()) {
      byKind.merge(p.kind(), p.count(), Integer::sum);
    }
    List<WeatherHour> weather = weather(washed.at());
    byKind.forEach(
        (kind, count) -> {
          double moisture =
              HangingGroup.moistureAfterSpin(kind, washed.spinRpm(), washed.drumRadiusM());
          HangingEntity e = new HangingEntity();
          e.roundId = washed.roundId();
          e.kindId = kind.id();
          e.placeId = bestPlace(all, kind, washed.at(), moisture, weather);
          e.pieces = count;
          e.hungAt = washed.at();
          e.startMoisture = moisture;
          stock.move(kind.id(), count, Whereabouts.WASHING, Whereabouts.DRYING);
          groups.save(e);
        });
  }

  /** Returns everything that hangs, with the weather it dries in. */
  @Transactional(readOnly = true)
  public Drying drying() {
    return new Look().drying();
  }

  /** Moves a group to another place, as damp as it is now. */
  @Transactional
  public void move(long id, long placeId) {
    places.one(placeId);
    HangingEntity e = hanging(id);
    if (e.placeId != placeId) {
      HangingGroup group = new Look().group(e, e.placeId);
      e.startMoisture = moistureAt(group, clock.instant());
      e.hungAt = clock.instant();
      e.placeId = placeId;
      groups.saveAndFlush(e);
    }
  }

  /**
   * Marks a group as dry; its pieces are clean again. The round is back on the shelf with its last
   * group.
   */
  @Transactional
  public void dry(long id) {
    HangingEntity e = hanging(id);
    e.dryAt = clock.instant();
    groups.saveAndFlush(e);
    stock.move(e.kindId, e.pieces, Whereabouts.DRYING, Whereabouts.CLEAN);
    events.publishEvent(new GroupDried(e.roundId, e.kindId, true));
    if (!groups.existsByRoundIdAndDryAtIsNull(e.roundId)) {
      rounds.shelve(e.roundId);
    }
  }

  /** Hangs a group back that was marked as dry by mistake. */
  @Transactional
  public void notDry(long id) {
    HangingEntity e = groups.findById(id).orElseThrow(() -> new NotFound("hanging group", id));
    if (e.dryAt == null) {
      return;
    }
    e.dryAt = null;
    groups.saveAndFlush(e);
    events.publishEvent(new GroupDried(e.roundId, e.kindId, false));
    stock.move(e.kindId, e.pieces, Whereabouts.CLEAN, Whereabouts.DRYING);
    rounds.unshelve(e.roundId);
  }

  private HangingEntity hanging(long id) {
    HangingEntity e = groups.findById(id).orElseThrow(() -> new NotFound("hanging group", id));
    if (e.dryAt != null) {
      throw new NotNow("These are dry already.");
    }
    return e;
  }

  private List<WeatherHour> weather(Instant from) {
    return station.hours(from, AirDrying.LONGEST_H, households.current().zoneId());
  }

  private static long bestPlace(
      List<PlaceService.Numbered> all,
      Kind kind,
      Instant at,
      double moisture,
      List<WeatherHour> weather) {
    return all.stream()
        .min(
            Comparator.comparing(
                p ->
                    Optional.ofNullable(
                            HangingGroup.of(kind, p.place(), at, moisture, weather).dryBy())
                        .orElse(Instant.MAX)))
        .orElseThrow()
        .id();
  }

  /** Returns the moisture at a moment, on a straight line between the hours [kg/kg]. */
  private static double moistureAt(HangingGroup group, Instant moment) {
    List<Double> moisture = group.drying().moisture();
    double hours = Duration.between(group.hungAt(), moment).toSeconds() / 3600.0;
    int before = (int) Math.floor(hours);
    if (before >= moisture.size() - 1) {
      return moisture.get(moisture.size() - 1);
    }
    double share = hours - before;
    return moisture.get(before) * (1 - share) + moisture.get(before + 1) * share;
  }

  /** One look at all that hangs. */
  private final class Look {
    private final Instant now = clock.instant();
    private final ZoneId zone = households.current().zoneId();
    private final TimeWords words = new TimeWords(zone, now);
    private final Map<Long, Kind> kindById = kinds.byId();
    private final List<PlaceService.Numbered> allPlaces = places.all();
    private final Map<String, Why> whys = new LinkedHashMap<>();
    private final Map<Instant, List<WeatherHour>> weatherFrom = new LinkedHashMap<>();

    Drying drying() {
      List<Group> shown =
          groups.findByDryAtIsNullOrderByHungAtAscIdAsc().stream()
              .map(this::view)
              .sorted(
                  Comparator.comparing(
                      Group::dryBy, Comparator.nullsLast(Comparator.naturalOrder())))
              .toList();
      Instant first =
          shown.stream()
              .map(Group::hungAt)
              .min(Comparator.naturalOrder())
              .filter(t -> t.isBefore(now))
              .orElse(now);
      Instant last =
          shown.stream()
              .map(Group::dryBy)
              .filter(Objects::nonNull)
              .max(Comparator.naturalOrder())
              .orElse(now);
      Instant from = first.minus(PICTURE_BEFORE).truncatedTo(ChronoUnit.HOURS);
      long hours =
          Math.min(
              PICTURE_MOST_H,
              Math.max(PICTURE_LEAST_H, Duration.between(from, last).toHours() + 2));
      Instant to = from.plus(Duration.ofHours(hours));
      boolean allDry = !shown.isEmpty() && shown.stream().allMatch(g -> g.dryBy() != null);
      return new Drying(
          now,
          station.name(),
          from,
          to,
          station.hours(from, (int) hours, zone),
          shown,
          shown.stream().mapToInt(Group::pieces).sum(),
          allDry ? words.at(last) : null,
          whys);
    }

    HangingGroup group(HangingEntity e, long placeId) {
      return group(e, placeId, e.hungAt, e.startMoisture);
    }

    private HangingGroup group(HangingEntity e, long placeId, Instant since, double moisture) {
      Place place =
          allPlaces.stream().filter(p -> p.id() == placeId).findFirst().orElseThrow().place();
      List<WeatherHour> hours = weatherFrom.computeIfAbsent(since, DryService.this::weather);
      return HangingGroup.of(kindById.get(e.kindId), place, since, moisture, hours);
    }

    private Group view(HangingEntity e) {
      HangingGroup here = group(e, e.placeId);
      double moistureNow = moistureAt(here, now);
      Instant dryBy = here.dryBy();
      whys.put("group." + e.id, here.why(dryWords(dryBy)));
      List<Choice> choices =
          allPlaces.stream()
              .map(
                  p -> {
                    boolean stays = p.id() == e.placeId;
                    Instant by = stays ? dryBy : group(e, p.id(), now, moistureNow).dryBy();
                    return new Choice(p.id(), p.place().name(), dryWords(by), stays);
                  })
              .toList();
      return new Group(
          e.id,
          e.version,
          here.kind().name(),
          Numbers.count(e.pieces, here.kind().name()),
          e.pieces,
          e.placeId,
          here.place().name(),
          e.hungAt,
          words.at(e.hungAt),
          here.drying().moisture(),
          moistureNow,
          dryBy,
          dryWords(dryBy),
          dryBy != null && !dryBy.isAfter(now),
          choices);
    }

    private String dryWords(@Nullable Instant by) {
      return by == null ? "not within four days" : words.at(by);
    }
  }
}
