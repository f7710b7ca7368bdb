package org.nestrinse.core.household;

import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.BestPlace;
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.shelf.Cover;
import org.nestrinse.core.shelf.Need;
import org.nestrinse.core.shelf.StockSaying;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;

/**
 * Until when each need is covered by what is clean, what hangs and what washes, and the cheapest
 * thing to do before something is missing.
 *
 * @see "docs/models.md, enough until"
 */
public final class CoverOutlook {
  /** A shortage that is farther away than this is nobody's worry yet. */
  private static final Duration AHEAD = Duration.ofHours(48);

  /** A round with its hanging, when none was ever washed here [min]. */
  private static final double ROUND_MINUTES = 240;

  /** So many are finished in the dryer at once. */
  private static final int DRYER_PIECES = 6;

  private final HouseholdSnapshot house;
  private final ZonedDateTime now;
  private final Supplies supplies;
  private final List<Supplies.Coming> coming;
  private final Map<Long, StockedKind> kinds = new LinkedHashMap<>();

  private CoverOutlook(HouseholdSnapshot house) {
    this.house = house;
    this.now = house.shelf().now();
    this.supplies = Supplies.of(house.shelf());
    house.shelf().kinds().forEach(k -> kinds.put(k.kind().id(), k));
    this.coming = coming();
  }

  /**
   * How one need is covered.
   *
   * @param supply what is clean of it and what comes back
   * @param cleanUntil how long the clean ones last
   * @param until how long they last with what comes back
   * @param shortSoon whether one is missing within two days
   * @param remedy the cheapest thing to do about it, or null
   */
  public record Lasting(
      Supplies.Supply supply,
      Instant cleanUntil,
      Instant until,
      boolean shortSoon,
      Cover.@Nullable Remedy remedy) {
    /** Returns how many hang or wash. */
    public int comingBack() {
      return supply.arrivals().stream().mapToInt(Cover.Arrival::count).sum();
    }
  }

  /** Returns how each need in daily use is covered. */
  public static List<Lasting> of(HouseholdSnapshot house) {
    CoverOutlook outlook = new CoverOutlook(house);
    return outlook.supplies.supplies(outlook.coming).stream().map(outlook::lasting).toList();
  }

  private Lasting lasting(Supplies.Supply supply) {
    Instant cleanUntil = Cover.of(supply.clean(), now).until().toInstant();
    Instant until = Cover.of(supply.clean(), now, supply.arrivals()).until().toInstant();
    boolean soon = until.isBefore(now.toInstant().plus(AHEAD));
    Cover.Remedy remedy =
        soon
            ? Cover.cheapest(supply.clean(), now, supply.arrivals(), remedies(supply)).orElse(null)
            : null;
    return new Lasting(supply, cleanUntil, until, soon, remedy);
  }

  /** What hangs, and what washes when a round is running. */
  private List<Supplies.Coming> coming() {
    List<Supplies.Coming> coming = new ArrayList<>();
    for (Hanging h : house.hanging()) {
      if (h.dryBy() != null) {
        Instant at = h.dryBy().isBefore(now.toInstant()) ? now.toInstant() : h.dryBy();
        coming.add(new Supplies.Coming(h.kindId(), h.pieces(), at));
      }
    }
    if (house.washing() != null) {
      Instant out = in(house.washing());
      for (StockedKind k : kinds.values()) {
        Instant dryBy = k.stock().washing() == 0 ? null : airDry(k.kind(), out);
        if (dryBy != null) {
          coming.add(new Supplies.Coming(k.kind().id(), k.stock().washing(), dryBy));
        }
      }
    }
    return coming;
  }

  private Instant in(double minutes) {
    return now.toInstant().plus(Duration.ofMinutes(Math.round(minutes)));
  }

  /** When a kind that is hung at a moment is dry in its best place, or null. */
  private @Nullable Instant airDry(Kind kind, Instant hung) {
    Equipment equipment = house.equipment();
    if (equipment.machine() == null) {
      return null;
    }
    return BestPlace.of(
            kind,
            equipment.places(),
            hung,
            house.weather().hours(hung, AirDrying.LONGEST_H),
            equipment.drumRadiusM())
        .map(best -> best.dryBy(hung))
        .orElse(null);
  }

  private List<Cover.Remedy> remedies(Supplies.Supply supply) {
    return Stream.of(inDryer(supply), washNow(supply), nightByDay(supply))
        .flatMap(Optional::stream)
        .toList();
  }

  /** Six of what hangs, finished in the dryer: those of the part that the shelf waits for. */
  private Optional<Cover.Remedy> inDryer(Supplies.Supply supply) {
    Hanging last =
        house.hanging().stream()
            .filter(h -> h.mayTumble() && serves(h.kindId(), supply.need()))
            .filter(h -> h.dryBy() == null || h.dryBy().isAfter(now.toInstant()))
            .max(
                Comparator.comparing(
                    Hanging::dryBy, Comparator.nullsLast(Comparator.naturalOrder())))
            .orElse(null);
    if (house.equipment().dryers().isEmpty() || last == null) {
      return Optional.empty();
    }
    Dryer dryer = house.equipment().dryers().get(0);
    Kind kind = Objects.requireNonNull(kinds.get(last.kindId())).kind();
    int pieces = Math.min(DRYER_PIECES, last.pieces());
    TumbleDrying run =
        TumbleDrying.of(dryer, List.of(new TumbleDrying.Damp(kind, pieces, last.moisture())));
    Instant ready = in(run.minutes());
    // These no longer come back when they would have dried on the line.
    List<Supplies.Coming> then = new ArrayList<>(coming);
    if (last.dryBy() != null) {
      then.remove(new Supplies.Coming(kind.id(), last.pieces(), last.dryBy()));
      then.add(new Supplies.Coming(kind.id(), last.pieces() - pieces, last.dryBy()));
    }
    then.add(new Supplies.Coming(kind.id(), pieces, ready));
    List<Cover.Arrival> arrivals = supplies.arrivals(supply.need(), then);
    return Optional.of(
        new Cover.Remedy(
            Said.of(StockSaying.INTO_DRYER)
                .with("pieces", kind.counted(pieces))
                .with("dryer", dryer.name()),
            ready.atZone(now.getZone()),
            count(arrivals, ready) - count(supply.arrivals(), ready),
            run.kwh() * house.equipment().tariff().perKwh(now.toLocalTime()),
            arrivals));
  }

  private static int count(List<Cover.Arrival> arrivals, Instant until) {
    return arrivals.stream()
        .filter(a -> !a.at().toInstant().isAfter(until))
        .mapToInt(Cover.Arrival::count)
        .sum();
  }

  /** All that waits, washed now and hung in its best place. */
  private Optional<Cover.Remedy> washNow(Supplies.Supply supply) {
    RoundFigures.Spent last = house.past().last();
    Instant out = in(last == null ? ROUND_MINUTES : last.minutes());
    List<Supplies.Coming> then = new ArrayList<>(coming);
    Instant ready = out;
    for (StockedKind k : kinds.values()) {
      Instant dryBy =
          k.stock().waiting() > 0 && supplies.roles(supply.need()).contains(k.kind().role())
              ? airDry(k.kind(), out)
              : null;
      if (dryBy != null) {
        then.add(new Supplies.Coming(k.kind().id(), k.stock().waiting(), dryBy));
        ready = dryBy.isAfter(ready) ? dryBy : ready;
      }
    }
    List<Cover.Arrival> arrivals = supplies.arrivals(supply.need(), then);
    int more = count(arrivals, Instant.MAX) - count(supply.arrivals(), Instant.MAX);
    return more <= 0
        ? Optional.empty()
        : Optional.of(
            new Cover.Remedy(
                StockSaying.WASH_NOW.said(),
                ready.atZone(now.getZone()),
                more,
                last == null ? 0 : last.money(),
                arrivals));
  }

  /** Nights that are to spare serve by day: two-part nights beyond tonight's. */
  private Optional<Cover.Remedy> nightByDay(Supplies.Supply supply) {
    int spare =
        supply.need() != Need.DAYS
            ? 0
            : supplies.supplies().stream()
                .filter(s -> s.need() == Need.NIGHTS)
                .mapToInt(s -> Cover.nightsToSpare(s.clean()))
                .sum();
    if (spare == 0) {
      return Optional.empty();
    }
    List<Cover.Arrival> then = new ArrayList<>(supply.arrivals());
    then.add(new Cover.Arrival(now, spare));
    return Optional.of(new Cover.Remedy(StockSaying.NIGHT_BY_DAY.said(), now, spare, 0, then));
  }

  private boolean serves(long kindId, Need need) {
    StockedKind stocked = kinds.get(kindId);
    return stocked != null
        && supplies.roles(need).contains(stocked.kind().role())
        && stocked.kind().tumble() != DryerHeat.NONE;
  }
}
