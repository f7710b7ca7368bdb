package org.nestrinse.core.dry;

import java.util.List;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;

/**
 * What a run of the dryer takes.
 *
 * @param heat at which it runs: the gentlest that any piece asks for
 * @param waterKg water to remove [kg]
 * @param minutes cooling included [min]
 * @param kwh electricity [kWh]
 * @param loads how many runs, when it is more than the dryer takes at once
 * @see "docs/models.md, section 8"
 */
public record TumbleDrying(DryerHeat heat, double waterKg, double minutes, double kwh, int loads) {
  /** Minutes of the cool-down; it is not stopped before. */
  public static final double COOLING_MINUTES = 8;

  private static final double NORMAL_KG_H = 1.6;
  private static final double LOW_KG_H = 0.9;
  private static final double NO_HEAT_KG_H = 0.35;
  private static final double THIRSTY = 0.85;
  private static final double LOW_MORE = 1.15;
  private static final double NO_HEAT_KWH_KG = 0.12;
  private static final double ROOM_RH = 60;
  private static final double MINUTES_PER_HOUR = 60;

  /**
   * Equal pieces as they go in.
   *
   * @param kind the kind
   * @param count how many
   * @param moisture how damp they are [kg/kg]
   */
  public record Damp(Kind kind, int count, double moisture) {
    public Damp {
      Limits.COUNT.check("count", count);
      Limits.MOISTURE.check("moisture", moisture);
    }
  }

  /**
   * Returns what a run takes.
   *
   * @throws OutOfRange when nothing is given, or something that never may be tumbled
   */
  public static TumbleDrying of(Dryer dryer, List<Damp> pieces) {
    if (pieces.isEmpty()) {
      throw new OutOfRange("pieces", "empty", "at least one group of pieces");
    }
    DryerHeat heat = DryerHeat.NORMAL;
    for (Damp damp : pieces) {
      DryerHeat bears = damp.kind.tumble();
      if (bears == DryerHeat.NONE) {
        throw new OutOfRange(
            "pieces",
            damp.kind.name(),
            "only what may be tumbled: it hangs, waterproof, elastic or oily");
      }
      heat = heat.strictest(bears);
    }
    double water = pieces.stream().mapToDouble(TumbleDrying::waterKg).sum();
    double mass = pieces.stream().mapToDouble(d -> d.kind.massKg() * d.count).sum();
    double thirsty = pieces.stream().mapToDouble(d -> thirstyKg(d.kind) * d.count).sum();
    int loads = (int) Math.max(1, Math.ceil(mass / dryer.capacityKg() - 1e-9));
    double minutes = minutes(heat, water, thirsty / mass, loads);
    return new TumbleDrying(heat, water, minutes, water * kwhPerKg(dryer, heat), loads);
  }

  /** Returns how much of one piece is of a fibre that gives its water slowly [kg]. */
  static double thirstyKg(Kind kind) {
    TextileLoad piece = kind.load(1);
    double share = piece.share(Material.BAMBOO_VISCOSE) + piece.share(Material.HEMP_COTTON);
    return share * kind.massKg();
  }

  /** Returns the minutes for some water at a heat, cooling of each run included. */
  static double minutes(DryerHeat heat, double waterKg, double thirstyShare, int loads) {
    double rate = rate(heat) * (1 - (1 - THIRSTY) * thirstyShare);
    return waterKg / rate * MINUTES_PER_HOUR + loads * COOLING_MINUTES;
  }

  /** Returns the wear of each piece: an hour at normal heat is 1, gentler heat is less. */
  public double wear() {
    double perHour =
        switch (heat) {
          case NORMAL -> 1;
          case LOW -> 0.6;
          case NO_HEAT -> 0.3;
          case NONE -> 0;
        };
    return perHour * minutes / MINUTES_PER_HOUR;
  }

  /** Returns the moisture at which a kind counts as dry in the room [kg/kg]. */
  public static double dryMoisture(Kind kind) {
    TextileLoad piece = kind.load(1);
    double regain = piece.weighted(Material::regain) / piece.massKg();
    return new AirDrying.Hung(piece.massKg(), kind.areaM2(), regain, 1, 0).restingMoisture(ROOM_RH)
        + AirDrying.DRY_MARGIN;
  }

  /**
   * Returns how damp a kind is after a while in the dryer: on a straight line from what it was to
   * dry [kg/kg].
   *
   * @param start moisture when it went in [kg/kg]
   * @param minutes since then
   * @param takes how long the run takes [min]
   */
  public static double moistureAfter(Kind kind, double start, double minutes, double takes) {
    double end = Math.min(start, dryMoisture(kind));
    double share = Math.min(1, Math.max(0, minutes / Math.max(1, takes)));
    return start + share * (end - start);
  }

  /** Returns the water that must leave until these are dry [kg]. */
  private static double waterKg(Damp damp) {
    double excess = Math.max(0, damp.moisture - dryMoisture(damp.kind));
    return excess * damp.kind.massKg() * damp.count;
  }

  private static double rate(DryerHeat heat) {
    return switch (heat) {
      case NORMAL -> NORMAL_KG_H;
      case LOW -> LOW_KG_H;
      case NO_HEAT -> NO_HEAT_KG_H;
      case NONE -> throw new IllegalStateException("nothing may be tumbled");
    };
  }

  private static double kwhPerKg(Dryer dryer, DryerHeat heat) {
    return switch (heat) {
      case NORMAL -> dryer.type().kwhPerKg();
      case LOW -> dryer.type().kwhPerKg() * LOW_MORE;
      case NO_HEAT -> NO_HEAT_KWH_KG;
      case NONE -> throw new IllegalStateException("nothing may be tumbled");
    };
  }
}
