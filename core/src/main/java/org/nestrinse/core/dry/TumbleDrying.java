package org.nestrinse.core.dry;

import java.util.List;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Allowed;
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
 * @see "docs/models.md, section 9"
 */
public record TumbleDrying(DryerHeat heat, double waterKg, double minutes, double kwh, int loads) {
  /** Minutes of the cool-down; it is not stopped before. */
  public static final double COOLING_MINUTES = 8;

  /** Minutes until it is warm. */
  public static final double WARM_UP_MINUTES = 6;

  /** No run is shorter [min]. */
  private static final double LEAST_MINUTES = 20;

  private static final double NORMAL_KG_H = 1.6;
  private static final double HEAT_PUMP_KG_H = 1.2;
  private static final double LOW_KG_H = 0.9;
  private static final double NO_HEAT_KG_H = 0.35;
  private static final double THIRSTY_SLOWER = 0.15;
  private static final double LOW_MORE = 1.10;
  private static final double NO_HEAT_KW = 0.20;
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
      throw new OutOfRange("pieces", Allowed.EMPTY, Allowed.AT_LEAST_ONE);
    }
    DryerHeat heat = DryerHeat.NORMAL;
    for (Damp damp : pieces) {
      DryerHeat bears = damp.kind.tumble();
      if (bears == DryerHeat.NONE) {
        throw new OutOfRange("pieces", damp.kind.name(), DrySaying.ONLY_WHAT_TUMBLES);
      }
      heat = heat.strictest(bears);
    }
    double water = pieces.stream().mapToDouble(TumbleDrying::waterKg).sum();
    double mass = pieces.stream().mapToDouble(d -> d.kind.massKg() * d.count).sum();
    double thirsty = pieces.stream().mapToDouble(d -> thirstyKg(d.kind) * d.count).sum();
    int loads = (int) Math.max(1, Math.ceil(mass / dryer.capacityKg() - 1e-9));
    double minutes = minutes(dryer, heat, water, thirsty / mass, loads);
    return new TumbleDrying(heat, water, minutes, kwh(dryer, heat, water, minutes), loads);
  }

  /** Returns how much of one piece is of a fibre that gives its water slowly [kg]. */
  public static double thirstyKg(Kind kind) {
    TextileLoad piece = kind.load(1);
    double share = piece.share(Material.BAMBOO_VISCOSE) + piece.share(Material.HEMP_COTTON);
    return share * kind.massKg();
  }

  /**
   * Returns the run of a load by materials, all equally damp.
   *
   * @param moisture how damp it is [kg/kg]
   * @param heat normal, low or none
   */
  public static TumbleDrying of(Dryer dryer, TextileLoad load, double moisture, DryerHeat heat) {
    Limits.MOISTURE.check("startMoisture", moisture);
    double water = 0;
    double thirsty = 0;
    for (TextileLoad.MaterialMass m : load.masses()) {
      water += Math.max(0, moisture - AirDrying.dryMoisture(m.material())) * m.massKg();
      boolean slow =
          m.material() == Material.BAMBOO_VISCOSE || m.material() == Material.HEMP_COTTON;
      thirsty += slow ? m.massKg() : 0;
    }
    double minutes = minutes(dryer, heat, water, thirsty / load.massKg(), 1);
    return new TumbleDrying(heat, water, minutes, kwh(dryer, heat, water, minutes), 1);
  }

  /** Returns the minutes for some water at a heat, warming up and cooling of each run included. */
  public static double minutes(
      Dryer dryer, DryerHeat heat, double waterKg, double thirstyShare, int loads) {
    double rate = rate(dryer, heat) * (1 - THIRSTY_SLOWER * thirstyShare);
    double whole = waterKg / rate * MINUTES_PER_HOUR + loads * (WARM_UP_MINUTES + COOLING_MINUTES);
    return Math.max(loads * LEAST_MINUTES, whole);
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

  /** Returns the moisture at which a kind counts as dry, all its parts together [kg/kg]. */
  public static double dryMoisture(Kind kind) {
    TextileLoad piece = kind.load(1);
    return piece.weighted(AirDrying::dryMoisture) / piece.massKg();
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

  private static double rate(Dryer dryer, DryerHeat heat) {
    return switch (heat) {
      case NORMAL -> dryer.type() == Dryer.Type.HEAT_PUMP ? HEAT_PUMP_KG_H : NORMAL_KG_H;
      case LOW -> LOW_KG_H;
      case NO_HEAT -> NO_HEAT_KG_H;
      case NONE -> throw new IllegalStateException(heat.name());
    };
  }

  private static double kwh(Dryer dryer, DryerHeat heat, double waterKg, double minutes) {
    return switch (heat) {
      case NORMAL -> waterKg * dryer.type().kwhPerKg();
      case LOW -> waterKg * dryer.type().kwhPerKg() * LOW_MORE;
      case NO_HEAT -> NO_HEAT_KW * minutes / MINUTES_PER_HOUR;
      case NONE -> throw new IllegalStateException(heat.name());
    };
  }
}
