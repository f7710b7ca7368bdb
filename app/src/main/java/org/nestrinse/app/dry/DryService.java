package org.nestrinse.app.dry;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
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
import org.nestrinse.app.kit.DryerService;
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
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.DryerHeat;
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
  private final DryerService dryers;
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
      DryerService dryers,
      StockService stock,
      RoundService rounds,
      HouseholdService households,
      WeatherStation station,
      HouseClock clock,
      ApplicationEventPublisher events) {
    this.groups = groups;
    this.kinds = kinds;
    this.places = places;
    this.dryers = dryers;
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
    if (e.placeId != placeId || e.dryerId != null) {
      e.startMoisture = new Look().moistureNow(e);
      e.hungAt = clock.instant();
      e.placeId = placeId;
      e.dryerId = null;
      e.tumbleMinutes = null;
      groups.saveAndFlush(e);
    }
  }

  /**
   * Puts a group into a dryer, as damp as it is now; throws {@link NotNow} when these never may be
   * tumbled.
   */
  @Transactional
  public void tumble(long id, long dryerId) {
    HangingEntity e = hanging(id);
    Kind kind = kinds.byId().get(e.kindId);
    if (kind.limits().dryer() == DryerHeat.NONE) {
      throw new NotNow(
          "Stop. " + kind.name() + " never goes into a dryer: it is waterproof or elastic.");
    }
    double moisture = new Look().moistureNow(e);
    TumbleDrying tumbled = tumbled(dryers.one(dryerId), kind, e.pieces, moisture);
    e.startMoisture = moisture;
    e.hungAt = clock.instant();
    e.dryerId = dryerId;
    e.tumbleMinutes = tumbled.minutes();
    groups.saveAndFlush(e);
  }

  private static TumbleDrying tumbled(Dryer dryer, Kind kind, int pieces, double moisture) {
    return TumbleDrying.of(dryer, List.of(new TumbleDrying.Damp(kind, pieces, moisture)));
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
    private final List<DryerService.View> allDryers = dryers.all();
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

    /** How damp it is now [kg/kg]; in a dryer it falls on a straight line. */
    double moistureNow(HangingEntity e) {
      if (e.tumbleMinutes == null) {
        return moistureAt(group(e, e.placeId), now);
      }
      double minutes = Duration.between(e.hungAt, now).toSeconds() / 60.0;
      return tumbledFor(e, minutes);
    }

    private double tumbledFor(HangingEntity e, double minutes) {
      double takes = e.tumbleMinutes == null ? 0 : e.tumbleMinutes;
      return TumbleDrying.moistureAfter(kindById.get(e.kindId), e.startMoisture, minutes, takes);
    }

    private List<Double> tumbleCurve(HangingEntity e) {
      double takes = e.tumbleMinutes == null ? 0 : e.tumbleMinutes;
      List<Double> curve = new ArrayList<>();
      for (int minute = 0; minute < takes; minute += 60) {
        curve.add(tumbledFor(e, minute));
      }
      curve.add(tumbledFor(e, takes));
      return curve;
    }

    private List<DryViews.Tumble> tumbles(HangingEntity e, Kind kind, double moistureNow) {
      LocalTime at = now.atZone(zone).toLocalTime();
      double perKwh = households.current().tariff().perKwh(at);
      return allDryers.stream()
          .map(
              d -> {
                boolean may = kind.limits().dryer() != DryerHeat.NONE;
                boolean here = Objects.equals(e.dryerId, d.id());
                String words = "never: waterproof or elastic";
                if (may) {
                  TumbleDrying t = tumbled(d.dryer(), kind, e.pieces, moistureNow);
                  words =
                      "%s, %s kWh, %s"
                          .formatted(
                              Numbers.duration(t.minutes()),
                              Numbers.fixed(t.kwh(), 2),
                              Numbers.fixed(t.kwh() * perKwh, 2));
                }
                return new DryViews.Tumble(d.id(), d.dryer().name(), words, may, here);
              })
          .toList();
    }

    private Group view(HangingEntity e) {
      HangingGroup here = group(e, e.placeId);
      double moistureNow = moistureNow(e);
      boolean tumbling = e.tumbleMinutes != null;
      Instant dryBy =
          tumbling
              ? e.hungAt.plus(Duration.ofSeconds(Math.round(e.tumbleMinutes * 60)))
              : here.dryBy();
      whys.put(
          "group." + e.id, tumbling ? tumbleWhy(e, here.kind(), dryBy) : here.why(dryWords(dryBy)));
      List<Choice> choices =
          allPlaces.stream()
              .map(
                  p -> {
                    boolean stays = p.id() == e.placeId && !tumbling;
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
          tumbling ? dryerName(e.dryerId) : here.place().name(),
          e.hungAt,
          words.at(e.hungAt),
          tumbling ? tumbleCurve(e) : here.drying().moisture(),
          moistureNow,
          dryBy,
          dryWords(dryBy),
          dryBy != null && !dryBy.isAfter(now),
          choices,
          tumbles(e, here.kind(), moistureNow),
          tumbling);
    }

    private String dryerName(@Nullable Long dryerId) {
      return allDryers.stream()
          .filter(d -> Objects.equals(d.id(), dryerId))
          .map(d -> d.dryer().name())
          .findFirst()
          .orElse("a dryer");
    }

    private Why tumbleWhy(HangingEntity e, Kind kind, Instant dryBy) {
      DryerService.View in =
          allDryers.stream()
              .filter(d -> Objects.equals(d.id(), e.dryerId))
              .findFirst()
              .orElseThrow();
      TumbleDrying t = tumbled(in.dryer(), kind, e.pieces, e.startMoisture);
      return Why.of(
              "%s, %s".formatted(kind.name(), dryWords(dryBy)),
              "The water to remove over what the dryer takes out in an hour, and the cool-down, which is not cut short."
                  + " Clean the lint filter first.")
          .line("when it went in", Numbers.of(e.startMoisture, 2) + " kg/kg")
          .line("counts as dry at", Numbers.of(TumbleDrying.dryMoisture(kind), 2) + " kg/kg")
          .line("water to remove", Numbers.of(t.waterKg(), 2) + " kg")
          .line("heat", t.heat().words())
          .line("cool-down", Numbers.of(TumbleDrying.COOLING_MINUTES, 0) + " min")
          .total("takes", Numbers.duration(t.minutes()))
          .line("electricity", Numbers.of(t.kwh(), 2) + " kWh")
          .section(8);
    }

    private String dryWords(@Nullable Instant by) {
      return by == null ? "not within four days" : words.at(by);
    }
  }
}
