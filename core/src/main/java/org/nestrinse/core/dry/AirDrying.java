package org.nestrinse.core.dry;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * How a hanging piece dries, hour by hour.
 *
 * @param hoursToDry hours until dry, null when it does not dry within 96 h
 * @param clothTemperatureC temperature of the cloth in each given hour [°C]
 * @param moisture at the start and at the end of each hour, until dry [kg water per kg dry]
 * @see "docs/models.md, section 8; saturation pressure: Magnus form after Alduchov and Eskridge,
 *     1996"
 */
public record AirDrying(
    @Nullable Double hoursToDry, List<Double> clothTemperatureC, List<Double> moisture) {
  /** Longest time that is looked at [h]. */
  public static final int LONGEST_H = 96;

  /** Dry is in balance with air so damp, in which nothing grows [%] … */
  private static final double DRY_RH = 70;

  /** … and so little above it [kg/kg]. */
  private static final double DRY_MARGIN = 0.01;

  private static final double MAGNUS_PA = 610.94;
  private static final double MAGNUS_A = 17.625;
  private static final double MAGNUS_B_C = 243.04;
  private static final double VAPOUR_J_KG_K = 461.5;
  private static final double KELVIN = 273.15;
  private static final double CONVECTION_STILL_W_M2_K = 4.0;
  private static final double CONVECTION_PER_M_S = 3.0;
  private static final double RADIATION_W_M2_K = 4.7;
  private static final double AIR_J_M3_K = 1207;
  private static final double LEWIS = 0.90;
  private static final double EVAPORATION_J_KG = 2.45e6;

  /** Sun that warms the cloth: it hits one of the two faces, and half of that is absorbed. */
  private static final double ABSORBED_SUN = 0.25;

  /** Cloth hangs upright: it catches half of the rain that would fall on it lying. */
  private static final double RAIN_CAUGHT = 0.5;

  private static final double CRITICAL_BASE = 0.15;
  private static final double CRITICAL_PER_500_G_M2 = 0.12;
  private static final Range CRITICAL = new Range(0.15, 0.6);
  private static final double REGAIN_RH = 65;
  private static final double REGAIN_EXPONENT = 1.2;
  private static final int NEWTON_STEPS = 8;
  private static final int MINUTES_PER_HOUR = 60;

  /** A room's air changes slowly: the cloth in it is looked at anew so often [min]. */
  private static final int ROOM_STEP_MINUTES = 5;

  public AirDrying {
    clothTemperatureC = List.copyOf(clothTemperatureC);
    moisture = List.copyOf(moisture);
  }

  /**
   * The air at the cloth during one hour.
   *
   * @param temperatureC air temperature [°C]
   * @param relativeHumidity relative humidity [%]
   * @param windMs air speed at the cloth [m/s]
   * @param irradianceWm2 sun on the cloth [W/m²]
   * @param rainMm rain on the cloth within the hour [mm]
   */
  public record Air(
      double temperatureC,
      double relativeHumidity,
      double windMs,
      double irradianceWm2,
      double rainMm) {
    /** Makes air without rain. */
    public Air(double temperatureC, double relativeHumidity, double windMs, double irradianceWm2) {
      this(temperatureC, relativeHumidity, windMs, irradianceWm2, 0);
    }

    public Air {
      Limits.AIR_C.check("hours.temperatureC", temperatureC);
      Limits.HUMIDITY_PERCENT.check("hours.relativeHumidity", relativeHumidity);
      Limits.WIND_M_S.check("hours.windMs", windMs);
      Limits.IRRADIANCE_W_M2.check("hours.irradianceWm2", irradianceWm2);
    }

    /** Returns the temperature that wet cloth takes in this air [°C]. */
    public double clothTemperatureC() {
      return clothTemperatureC(vapourDensity());
    }

    /** Newton's method, from the air's own temperature; the vapour may be more than its own. */
    double clothTemperatureC(double vapour) {
      double exchange = convection() + RADIATION_W_M2_K;
      double latent = EVAPORATION_J_KG * massTransfer();
      double sun = ABSORBED_SUN * irradianceWm2;
      double cloth = temperatureC;
      for (int i = 0; i < NEWTON_STEPS; i++) {
        double saturated = saturatedVapourDensity(cloth);
        double gained = exchange * (temperatureC - cloth) + sun - latent * (saturated - vapour);
        double slope =
            saturated
                * (MAGNUS_A * MAGNUS_B_C / Math.pow(cloth + MAGNUS_B_C, 2) - 1 / (cloth + KELVIN));
        cloth += gained / (exchange + latent * slope);
      }
      return cloth;
    }

    /** Returns the evaporation from wet cloth [kg per m² and s], never negative. */
    public double evaporation() {
      return evaporation(vapourDensity());
    }

    double evaporation(double vapour) {
      double cloth = clothTemperatureC(vapour);
      return Math.max(0, massTransfer() * (saturatedVapourDensity(cloth) - vapour));
    }

    /** Returns the humidity that the cloth feels, which sun on it makes drier [%]. */
    double feltHumidity(double vapour) {
      double felt = temperatureC + ABSORBED_SUN * irradianceWm2 / (convection() + RADIATION_W_M2_K);
      return Math.min(100, 100 * vapour / saturatedVapourDensity(felt));
    }

    /** Returns whether what hangs in it damp smells in half the time. */
    public boolean warm() {
      return temperatureC > WARM_C;
    }

    private double convection() {
      return CONVECTION_STILL_W_M2_K + CONVECTION_PER_M_S * windMs;
    }

    private double massTransfer() {
      return convection() / (AIR_J_M3_K * LEWIS);
    }

    double vapourDensity() {
      return saturatedVapourDensity(temperatureC) * relativeHumidity / 100;
    }

    double saturation() {
      return saturatedVapourDensity(temperatureC);
    }

    private static double saturatedVapourDensity(double celsius) {
      double pressure = MAGNUS_PA * Math.exp(MAGNUS_A * celsius / (celsius + MAGNUS_B_C));
      return pressure / (VAPOUR_J_KG_K * (celsius + KELVIN));
    }
  }

  /** From this air temperature on damp cloth smells in half the time [°C]. */
  private static final double WARM_C = 25;

  /**
   * A piece, or one of several equal pieces, as it hangs.
   *
   * @param massKg dry mass [kg]
   * @param areaM2 one face as hung [m²]
   * @param material what it is made of
   * @param exposure share of both faces that the air really reaches, 0.01 to 1
   * @param startMoisture moisture when hung [kg/kg]
   * @param soakedMoisture what it holds dripping wet, the most that rain brings back [kg/kg]
   */
  public record Hung(
      double massKg,
      double areaM2,
      Material material,
      double exposure,
      double startMoisture,
      double soakedMoisture) {
    /** Makes a piece that rain wets at most as it was when hung. */
    public Hung(
        double massKg, double areaM2, Material material, double exposure, double startMoisture) {
      this(massKg, areaM2, material, exposure, startMoisture, startMoisture);
    }

    public Hung {
      Limits.PIECE_MASS_KG.check("massKg", massKg);
      Limits.AREA_M2.check("areaM2", areaM2);
      Limits.EXPOSURE.check("exposure", exposure);
      Limits.MOISTURE.check("startMoisture", startMoisture);
      Limits.MOISTURE.check("soakedMoisture", soakedMoisture);
    }

    /** Returns the moisture below which it dries ever more slowly [kg/kg]. */
    double criticalMoisture() {
      double gramsPerM2 = 1000 * massKg / areaM2;
      return CRITICAL.clamp(CRITICAL_BASE + CRITICAL_PER_500_G_M2 * gramsPerM2 / 500)
          * Math.min(1, material.spinFactor());
    }
  }

  /** Returns the moisture that a material keeps in air so damp for good [kg/kg]. */
  static double restingMoisture(Material material, double relativeHumidity) {
    return material.regain() * Math.pow(relativeHumidity / REGAIN_RH, REGAIN_EXPONENT);
  }

  /** Returns the moisture at which a material counts as dry, whatever the air does [kg/kg]. */
  public static double dryMoisture(Material material) {
    return restingMoisture(material, DRY_RH) + DRY_MARGIN;
  }

  /**
   * The air of a room, which takes up what evaporates in it and lets it out with its fresh air.
   *
   * @param key tells one room from another
   * @param volumeM3 its volume [m³]
   * @param freshM3H fresh air [m³/h]
   * @param otherKgH what evaporates there from everything else [kg/h]
   */
  public record Room(long key, double volumeM3, double freshM3H, double otherKgH) {
    /** Volumes of rooms. */
    public static final Range VOLUME_M3 = new Range(0.2, 500, Unit.CUBIC_METRE);

    /** Fresh air, from a shut cupboard to an open window. */
    public static final Range FRESH_M3_H = new Range(0.5, 2000, Unit.CUBIC_METRE_PER_H);

    public Room {
      VOLUME_M3.check("room.volumeM3", volumeM3);
      FRESH_M3_H.check("room.freshAirM3H", freshM3H);
    }

    /** Vapour that settles with nothing of one's own in it [kg/m³]. */
    double settled(double incoming) {
      return incoming + otherKgH / freshM3H;
    }

    /** Vapour after a minute with this much evaporation [kg/m³]. */
    double after(double vapour, double evaporatedKg, Air air) {
      double source = otherKgH + evaporatedKg * MINUTES_PER_HOUR;
      double ends = air.vapourDensity() + source / freshM3H;
      double keeps = Math.exp(-freshM3H / volumeM3 / MINUTES_PER_HOUR);
      return Math.min(air.saturation(), ends + (vapour - ends) * keeps);
    }
  }

  /**
   * One hour of the way.
   *
   * @param air at the cloth; in a room, its temperature and the humidity of the air that comes in
   * @param exposure share of both faces that the air reaches, the household's correction included
   * @param room the room that it shares, or null out of doors
   * @param clothC temperature of wet cloth in that air [°C]
   * @param evaporation from wet cloth in that air [kg per m² and s]
   */
  public record Stretch(
      Air air, double exposure, @Nullable Room room, double clothC, double evaporation) {
    public static Stretch of(Air air, double exposure, @Nullable Room room) {
      double vapour = air.vapourDensity();
      return new Stretch(
          air, exposure, room, air.clothTemperatureC(vapour), air.evaporation(vapour));
    }

    /** Returns it with another share of both faces that the air reaches, in a room or none. */
    public Stretch with(double otherExposure, @Nullable Room otherRoom) {
      return new Stretch(air, otherExposure, otherRoom, clothC, evaporation);
    }
  }

  /**
   * Returns how the piece dries.
   *
   * @param hours the air at the cloth, hour by hour; the last one repeats up to 96 h
   */
  public static AirDrying of(Hung piece, List<Air> hours) {
    return of(piece, 1, null, hours);
  }

  /**
   * Returns how one of several equal pieces dries that hang in a room together.
   *
   * @param pieces how many
   * @param room the room, or null out of doors
   * @param hours its temperature, and the humidity of the air that comes in, hour by hour
   */
  public static AirDrying of(Hung piece, int pieces, @Nullable Room room, List<Air> hours) {
    List<Stretch> way = hours.stream().map(air -> Stretch.of(air, piece.exposure, room)).toList();
    return along(piece, pieces, way, MINUTES_PER_HOUR);
  }

  /**
   * Returns how the piece dries along a way of hours, which may lead through several places.
   *
   * @param pieces how many equal pieces go the same way
   * @param way hour by hour; the last one repeats up to 96 h
   * @param firstMinutes how much of the first hour is left [min]
   */
  public static AirDrying along(Hung piece, int pieces, List<Stretch> way, int firstMinutes) {
    if (way.isEmpty()) {
      throw new OutOfRange("hours", Allowed.EMPTY, Allowed.AT_LEAST_ONE);
    }
    AirDrying walked = along(piece, pieces, way.size(), way::get, firstMinutes);
    return new AirDrying(
        walked.hoursToDry, way.stream().map(Stretch::clothC).toList(), walked.moisture);
  }

  /**
   * Returns how the piece dries along a way whose hours are asked for one after the other, and only
   * until it is dry. The temperature of the cloth is not kept.
   *
   * @param hours how many there are; the last one repeats up to 96 h
   */
  public static AirDrying along(
      Hung piece, int pieces, int hours, IntFunction<Stretch> way, int firstMinutes) {
    return new Walk(piece, pieces, hours, way).hours(firstMinutes);
  }

  /** Returns what rain brings back in a minute [kg/kg]. */
  static double wettedPerMinute(Air air, Hung piece) {
    return RAIN_CAUGHT * air.rainMm * piece.areaM2 / piece.massKg / MINUTES_PER_HOUR;
  }

  /** The way of one piece, minute by minute. */
  private static final class Walk {
    private final DryingPiece drying;
    private final Material material;
    private final int pieces;
    private final int given;
    private final IntFunction<Stretch> way;
    private double vapour;
    private @Nullable Room in;

    Walk(Hung piece, int pieces, int given, IntFunction<Stretch> way) {
      this.drying = new DryingPiece(piece);
      this.material = piece.material;
      this.pieces = pieces;
      this.given = given;
      this.way = way;
    }

    AirDrying hours(int firstMinutes) {
      List<Double> moisture = new ArrayList<>(List.of(drying.moisture()));
      if (drying.isDry()) {
        moisture.add(drying.moisture());
        return new AirDrying(0.0, List.of(), moisture);
      }
      int gone = 0;
      Stretch here = way.apply(0);
      for (int hour = 0; hour < LONGEST_H; hour++) {
        here = hour > 0 && hour < given ? way.apply(hour) : here;
        int minutes = hour == 0 ? firstMinutes : MINUTES_PER_HOUR;
        double dryAfter = hour(here, minutes);
        moisture.add(drying.moisture());
        if (dryAfter >= 0) {
          return new AirDrying((gone + dryAfter) / MINUTES_PER_HOUR, List.of(), moisture);
        }
        gone += minutes;
      }
      return new AirDrying(null, List.of(), moisture);
    }

    /** Walks through an hour; returns after how many minutes it is dry, or -1. */
    private double hour(Stretch here, int minutes) {
      Air air = here.air;
      Room room = here.room;
      enter(room, air);
      double evaporation = here.evaporation;
      double resting = restingMoisture(material, air.feltHumidity(vapour));
      drying.in(air, here.exposure);
      for (int minute = 0; minute < minutes; minute++) {
        if (room != null && minute % ROOM_STEP_MINUTES == 0) {
          evaporation = air.evaporation(vapour);
          resting = restingMoisture(material, air.feltHumidity(vapour));
        }
        double givenKg = drying.minute(evaporation, resting);
        if (room != null) {
          vapour = room.after(vapour, givenKg * pieces, air);
        }
        if (drying.dryAfter() >= 0) {
          return minute + drying.dryAfter();
        }
      }
      return -1;
    }

    /** The air out of doors is as it is; that of a room is as it was left. */
    private void enter(@Nullable Room room, Air air) {
      if (room == null) {
        vapour = air.vapourDensity();
      } else if (in == null || in.key != room.key) {
        vapour = Math.min(air.saturation(), room.settled(air.vapourDensity()));
      }
      in = room;
    }
  }
}
