package org.nestrinse.app.rhythm;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.DryingReader;
import org.nestrinse.app.dry.WeatherService;
import org.nestrinse.app.kit.DryerService;
import org.nestrinse.app.kit.Household;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.kit.KindService;
import org.nestrinse.app.kit.KindView;
import org.nestrinse.app.kit.MachineService;
import org.nestrinse.app.kit.PlaceService;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.app.wash.PlanViews;
import org.nestrinse.app.wash.RoundService;
import org.nestrinse.app.wash.RoundViews;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.BestPlace;
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.shelf.Cover;
import org.nestrinse.core.shelf.Need;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Until when each need is covered by what is clean, what hangs and what washes, and the cheapest
 * thing to do before something is missing.
 */
@Service
public class CoverService {
  /** A shortage that is farther away than this is nobody's worry yet. */
  private static final Duration AHEAD = Duration.ofHours(48);

  /** A round with its hanging, when none was ever washed here [min]. */
  private static final double ROUND_MINUTES = 240;

  private static final int DRYER_PIECES = 6;

  private final ShelfService shelf;
  private final DryingReader dry;
  private final RoundService rounds;
  private final KindService kinds;
  private final PlaceService places;
  private final DryerService dryers;
  private final MachineService machines;
  private final WeatherService weather;
  private final HouseholdService households;
  private final HouseClock clock;

  CoverService(
      ShelfService shelf,
      DryingReader dry,
      RoundService rounds,
      KindService kinds,
      PlaceService places,
      DryerService dryers,
      MachineService machines,
      WeatherService weather,
      HouseholdService households,
      HouseClock clock) {
    this.shelf = shelf;
    this.dry = dry;
    this.rounds = rounds;
    this.kinds = kinds;
    this.places = places;
    this.dryers = dryers;
    this.machines = machines;
    this.weather = weather;
    this.households = households;
    this.clock = clock;
  }

  /**
   * How each need is covered.
   *
   * @param lines need by need
   * @param whys reasons by need
   */
  public record Covered(List<Lasting> lines, Map<String, Why> whys) {}

  /**
   * How one need is covered.
   *
   * @param need what is used
   * @param name what it is called
   * @param clean how many are clean
   * @param comingBack how many hang or wash
   * @param cleanUntil how long the clean ones last
   * @param until how long they last with what comes back
   * @param words the same, near now
   * @param shortSoon whether one is missing within two days
   * @param remedy the cheapest thing to do about it, or null
   */
  public record Lasting(
      String need,
      Said name,
      int clean,
      int comingBack,
      Instant cleanUntil,
      Instant until,
      Said words,
      boolean shortSoon,
      @Nullable Said remedy) {}

  /** Returns how each need is covered. */
  @Transactional(readOnly = true)
  public Covered covered() {
    Look look = new Look();
    List<Lasting> lines = new ArrayList<>();
    Map<String, Why> whys = new LinkedHashMap<>();
    for (ShelfService.Supply supply : shelf.supplies(look.coming())) {
      Lasting line = look.line(supply);
      lines.add(line);
      whys.put(line.need(), look.why(line, supply));
    }
    return new Covered(lines, whys);
  }

  private final class Look {
    private final Instant now = clock.instant();
    private final Household household = households.current();
    private final ZonedDateTime here = now.atZone(household.zoneId());
    private final TimeWords words = households.timeWords();
    private final Map<Long, KindView> views = new HashMap<>();
    private final List<DryingReader.Hanging> hanging = dry.hanging();

    Look() {
      kinds.all().forEach(k -> views.put(k.id(), k));
    }

    /** What hangs, and what washes when a round is running. */
    List<ShelfService.Coming> coming() {
      List<ShelfService.Coming> coming = new ArrayList<>();
      for (DryingReader.Hanging h : hanging) {
        if (h.dryBy() != null) {
          Instant at = h.dryBy().isBefore(now) ? now : h.dryBy();
          coming.add(new ShelfService.Coming(h.kindId(), h.pieces(), at));
        }
      }
      RoundViews.Round running = rounds.running();
      if (running != null) {
        Instant out = now.plus(Duration.ofMinutes(Math.round(minutesLeft(running))));
        for (KindView k : views.values()) {
          Instant dryBy = k.stock().washing() == 0 ? null : airDry(k.asKind(), out);
          if (dryBy != null) {
            coming.add(new ShelfService.Coming(k.id(), k.stock().washing(), dryBy));
          }
        }
      }
      return coming;
    }

    private double minutesLeft(RoundViews.Round running) {
      int current = running.currentStep() == null ? Integer.MAX_VALUE : running.currentStep();
      return running.plan().steps().stream()
          .filter(s -> s.number() >= current)
          .mapToDouble(PlanViews.PlanStep::minutes)
          .sum();
    }

    /** When a kind that is hung at a moment is dry in its best place, or null. */
    private @Nullable Instant airDry(Kind kind, Instant hung) {
      if (!machines.isSetUp()) {
        return null;
      }
      return BestPlace.of(
              kind,
              places.all().stream().map(PlaceService.Numbered::place).toList(),
              hung,
              weather.hours(hung, AirDrying.LONGEST_H),
              machines.machine().drumRadiusM())
          .map(best -> best.dryBy(hung))
          .orElse(null);
    }

    Lasting line(ShelfService.Supply supply) {
      Cover.Need need = supply.need();
      Instant cleanUntil = Cover.of(need, here).until().toInstant();
      Instant until = Cover.of(need, here, supply.arrivals()).until().toInstant();
      boolean soon = until.isBefore(now.plus(AHEAD));
      Said remedy =
          soon
              ? Cover.cheapest(need, here, supply.arrivals(), remedies(need))
                  .map(this::remedyWords)
                  .orElse(null)
              : null;
      int back = supply.arrivals().stream().mapToInt(Cover.Arrival::count).sum();
      return new Lasting(
          need.name().name(),
          need.name().said(),
          need.stock(),
          back,
          cleanUntil,
          until,
          words.at(until),
          soon,
          remedy);
    }

    private Said remedyWords(Cover.Remedy r) {
      return Said.of(RhythmSaying.REMEDY_WORDS)
          .with("what", r.words())
          .with("count", r.count())
          .with("ready", words.at(r.ready().toInstant()))
          .with("money", new Quantity(r.cost(), Unit.MONEY, 2));
    }

    private List<Cover.Remedy> remedies(Cover.Need need) {
      List<Cover.Remedy> all = new ArrayList<>();
      inDryer(need).ifPresent(all::add);
      washNow(need).ifPresent(all::add);
      nightByDay(need).ifPresent(all::add);
      return all;
    }

    /** Six of what hangs, finished in the dryer: those of the part that the shelf waits for. */
    private Optional<Cover.Remedy> inDryer(Cover.Need need) {
      List<DryerService.View> free = dryers.all();
      DryingReader.Hanging last =
          hanging.stream()
              .filter(h -> h.mayTumble() && serves(h.kindId(), need))
              .filter(h -> h.dryBy() == null || h.dryBy().isAfter(now))
              .max(
                  Comparator.comparing(
                      DryingReader.Hanging::dryBy, Comparator.nullsLast(Comparator.naturalOrder())))
              .orElse(null);
      if (free.isEmpty() || last == null) {
        return Optional.empty();
      }
      Kind kind = Objects.requireNonNull(views.get(last.kindId())).asKind();
      int pieces = Math.min(DRYER_PIECES, last.pieces());
      TumbleDrying run =
          TumbleDrying.of(
              free.get(0).dryer(), List.of(new TumbleDrying.Damp(kind, pieces, last.moisture())));
      Instant ready = now.plus(Duration.ofMinutes(Math.round(run.minutes())));
      LocalTime time = here.toLocalTime();
      return Optional.of(
          new Cover.Remedy(
              Said.of(RhythmSaying.INTO_DRYER)
                  .with("pieces", kind.counted(pieces))
                  .with("dryer", free.get(0).dryer().name()),
              ready.atZone(household.zoneId()),
              bundles(need, new ShelfService.Coming(kind.id(), pieces, ready)),
              run.kwh() * household.tariff().perKwh(time)));
    }

    /** How many bundles of a need some pieces make with what is clean. */
    private int bundles(Cover.Need need, ShelfService.Coming coming) {
      return shelf.supplies(List.of(coming)).stream()
          .filter(s -> s.need().name().equals(need.name()))
          .flatMap(s -> s.arrivals().stream())
          .mapToInt(Cover.Arrival::count)
          .sum();
    }

    /** All that waits, washed now and hung in its best place. */
    private Optional<Cover.Remedy> washNow(Cover.Need need) {
      List<RoundViews.Summary> done = rounds.page(0, 1).rounds();
      RoundViews.Summary last = done.isEmpty() ? null : done.get(0);
      double minutes = last == null ? ROUND_MINUTES : last.figures().spent().minutes();
      Instant out = now.plus(Duration.ofMinutes(Math.round(minutes)));
      Instant ready = out;
      List<Cover.Part> parts = new ArrayList<>();
      for (Role role : shelf.roles(need.name())) {
        int clean = 0;
        int drying = 0;
        int washable = 0;
        for (KindView k : views.values()) {
          if (k.role() == role) {
            Instant dryBy = k.stock().waiting() == 0 ? null : airDry(k.asKind(), out);
            clean += k.stock().clean();
            drying += k.stock().drying();
            washable += dryBy == null ? 0 : k.stock().waiting();
            ready = dryBy != null && dryBy.isAfter(ready) ? dryBy : ready;
          }
        }
        parts.add(new Cover.Part(clean, drying, washable));
      }
      int more = Cover.moreWhenWashed(parts, need.stock());
      return more <= 0
          ? Optional.empty()
          : Optional.of(
              new Cover.Remedy(
                  RhythmSaying.WASH_NOW.said(),
                  ready.atZone(household.zoneId()),
                  more,
                  last == null ? 0 : last.figures().spent().money()));
    }

    /** Nights that are to spare serve by day: two-part nights beyond tonight's. */
    private Optional<Cover.Remedy> nightByDay(Cover.Need need) {
      return need.name() == Need.DAYS
          ? shelf.supplies(List.of()).stream()
              .map(ShelfService.Supply::need)
              .filter(n -> n.name() == Need.NIGHTS && Cover.nightsToSpare(n) > 0)
              .map(
                  n ->
                      new Cover.Remedy(
                          RhythmSaying.NIGHT_BY_DAY.said(), here, Cover.nightsToSpare(n), 0))
              .findFirst()
          : Optional.empty();
    }

    private boolean serves(long kindId, Cover.Need need) {
      KindView view = views.get(kindId);
      return view != null
          && shelf.roles(need.name()).contains(view.role())
          && view.asKind().tumble() != DryerHeat.NONE;
    }

    Why why(Lasting line, ShelfService.Supply supply) {
      Why.Builder why =
          Why.of(
                  Said.of(RhythmSaying.UNTIL).with("need", line.name()).with("when", line.words()),
                  RhythmSaying.COVER)
              .line(RhythmSaying.CLEAN_NOW, line.clean())
              .line(RhythmSaying.NORMAL_DAY, supply.need().perDay())
              .line(RhythmSaying.CLEAN_UNTIL, words.at(line.cleanUntil()));
      for (Cover.Arrival a : supply.arrivals()) {
        why.line(
            Said.of(RhythmSaying.COMES_BACK).with("when", words.at(a.at().toInstant())), a.count());
      }
      why.total(RhythmSaying.MISSING_FROM, line.words());
      if (line.remedy() != null) {
        why.line(RhythmSaying.REMEDY, line.remedy());
      }
      return why.by(Model.ENOUGH_UNTIL);
    }
  }
}
