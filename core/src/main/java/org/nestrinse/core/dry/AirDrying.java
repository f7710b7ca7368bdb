package org.nestrinse.core.dry;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * How a hanging piece dries, hour by hour.
 *
 * @param hoursToDry hours until dry, null when it does not dry within 96 h
 * @param clothTemperatureC temperature of the cloth in each given hour [°C]
 * @param moisture at the start and at the end of each hour, until dry [kg water per kg dry]
 * @see "docs/models.md, section 7; saturation pressure: Magnus form after Alduchov and Eskridge,
 *     1996"
 */
public record AirDrying(
    @Nullable Double hoursToDry, List<Double> clothTemperatureC, List<Double> moisture) {
  /** Longest time that is looked at [h]. */
  public static final int LONGEST_H = 96;

  /**
   * A piece counts as dry this far above the moisture it would keep in the air for good [kg/kg].
   */
  public static final double DRY_MARGIN = 0.03;

  private static final double MAGNUS_PA = 610.94;
  private static final double MAGNUS_A = 17.625;
  private static final double MAGNUS_B_C = 243.04;
  private static final double VAPOUR_J_KG_K = 461.5;
  private static final double KELVIN = 273.15;
  private static final double CONVECTION_STILL_W_M2_K = 5.0;
  private static final double CONVECTION_PER_M_S = 4.0;
  private static final double RADIATION_W_M2_K = 4.7;
  private static final double AIR_J_M3_K = 1207;
  private static final double LEWIS = 0.90;
  private static final double EVAPORATION_J_KG = 2.45e6;
  private static final double ABSORBED_SUN = 0.5;

  /** Cloth hangs upright: it catches half of the rain that would fall on it lying. */
  private static final double RAIN_CAUGHT = 0.5;

  private static final double CRITICAL_BASE = 0.15;
  private static final double CRITICAL_PER_500_G_M2 = 0.12;
  private static final Range CRITICAL = new Range(0.15, 0.6, "");
  private static final double REGAIN_RH = 65;
  private static final double REGAIN_EXPONENT = 1.2;
  private static final int NEWTON_STEPS = 8;
  private static final int MINUTES_PER_HOUR = 60;
  private static final double SECONDS_PER_MINUTE = 60;

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

    /**
     * Returns the temperature that wet cloth takes in this air [°C]; Newton's method, from the
     * air's own.
     */
    public double clothTemperatureC() {
      double exchange = convection() + RADIATION_W_M2_K;
      double latent = EVAPORATION_J_KG * massTransfer();
      double sun = ABSORBED_SUN * irradianceWm2;
      double cloth = temperatureC;
      for (int i = 0; i < NEWTON_STEPS; i++) {
        double saturated = saturatedVapourDensity(cloth);
        double gained =
            exchange * (temperatureC - cloth) + sun - latent * (saturated - vapourDensity());
        double slope =
            saturated
                * (MAGNUS_A * MAGNUS_B_C / Math.pow(cloth + MAGNUS_B_C, 2) - 1 / (cloth + KELVIN));
        cloth += gained / (exchange + latent * slope);
      }
      return cloth;
    }

    /** Returns the evaporation from wet cloth [kg per m² and s], never negative. */
    public double evaporation() {
      return evaporationAt(clothTemperatureC());
    }

    private double evaporationAt(double clothC) {
      return Math.max(0, massTransfer() * (saturatedVapourDensity(clothC) - vapourDensity()));
    }

    private double convection() {
      return CONVECTION_STILL_W_M2_K + CONVECTION_PER_M_S * windMs;
    }

    private double massTransfer() {
      return convection() / (AIR_J_M3_K * LEWIS);
    }

    private double vapourDensity() {
      return saturatedVapourDensity(temperatureC) * relativeHumidity / 100;
    }

    private static double saturatedVapourDensity(double celsius) {
      double pressure = MAGNUS_PA * Math.exp(MAGNUS_A * celsius / (celsius + MAGNUS_B_C));
      return pressure / (VAPOUR_J_KG_K * (celsius + KELVIN));
    }
  }

  /**
   * A piece, or one of several equal pieces, as it hangs.
   *
   * @param massKg dry mass [kg]
   * @param areaM2 one face as hung [m²]
   * @param regain moisture of the fibre at 65 % relative humidity [kg/kg]
   * @param exposure share of both faces that the air really reaches, 0.01 to 1
   * @param startMoisture moisture when hung [kg/kg]
   * @param soakedMoisture what it holds dripping wet, the most that rain brings back [kg/kg]
   */
  public record Hung(
      double massKg,
      double areaM2,
      double regain,
      double exposure,
      double startMoisture,
      double soakedMoisture) {
    /** Makes a piece that rain wets at most as it was when hung. */
    public Hung(
        double massKg, double areaM2, double regain, double exposure, double startMoisture) {
      this(massKg, areaM2, regain, exposure, startMoisture, startMoisture);
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
      return CRITICAL.clamp(CRITICAL_BASE + CRITICAL_PER_500_G_M2 * gramsPerM2 / 500);
    }

    /** Returns the moisture that it keeps in this air for good [kg/kg]. */
    public double restingMoisture(double relativeHumidity) {
      return regain * Math.pow(relativeHumidity / REGAIN_RH, REGAIN_EXPONENT);
    }
  }

  /**
   * One hour of the way: how fast wet cloth dries there and what it would keep.
   *
   * @param clothC temperature of wet cloth [°C]
   * @param evaporation from wet cloth [kg per m² and s]
   * @param relativeHumidity of the air [%]
   * @param exposure share of both faces that the air reaches, the household's correction included
   * @param rainMm rain on the cloth within the hour [mm]
   */
  record Stretch(
      double clothC, double evaporation, double relativeHumidity, double exposure, double rainMm) {
    static Stretch of(Air air, double exposure) {
      double cloth = air.clothTemperatureC();
      return new Stretch(
          cloth, air.evaporationAt(cloth), air.relativeHumidity(), exposure, air.rainMm());
    }
  }

  /**
   * Returns how the piece dries.
   *
   * @param hours the air at the cloth, hour by hour; the last one repeats up to 96 h
   */
  public static AirDrying of(Hung piece, List<Air> hours) {
    List<Stretch> way = hours.stream().map(air -> Stretch.of(air, piece.exposure)).toList();
    return along(piece, way, MINUTES_PER_HOUR);
  }

  /**
   * Returns how the piece dries along a way of hours, which may lead through several places.
   *
   * @param way hour by hour; the last one repeats up to 96 h
   * @param firstMinutes how much of the first hour is left [min]
   */
  static AirDrying along(Hung piece, List<Stretch> way, int firstMinutes) {
    if (way.isEmpty()) {
      throw new OutOfRange("hours", "empty", "at least one hour");
    }
    List<Double> cloth = way.stream().map(Stretch::clothC).toList();
    List<Double> moisture = new ArrayList<>(List.of(piece.startMoisture));
    double x = piece.startMoisture;
    double critical = piece.criticalMoisture();
    int gone = 0;
    for (int hour = 0; hour < LONGEST_H; hour++) {
      Stretch here = way.get(Math.min(hour, way.size() - 1));
      double resting = piece.restingMoisture(here.relativeHumidity);
      double dry = resting + DRY_MARGIN;
      double perMinute =
          here.evaporation * 2 * piece.areaM2 * here.exposure / piece.massKg * SECONDS_PER_MINUTE;
      double wetted = RAIN_CAUGHT * here.rainMm * piece.areaM2 / piece.massKg / MINUTES_PER_HOUR;
      int minutes = hour == 0 ? firstMinutes : MINUTES_PER_HOUR;
      for (int minute = 0; minute < minutes; minute++) {
        if (x <= dry) {
          moisture.add(x);
          return new AirDrying((gone + minute) / (double) MINUTES_PER_HOUR, cloth, moisture);
        }
        double slowed =
            x < critical && critical > resting ? (x - resting) / (critical - resting) : 1;
        double next = x - perMinute * Math.min(1, slowed);
        if (wetted > 0) {
          next = Math.max(next, Math.min(piece.soakedMoisture, next + wetted));
        }
        if (next <= dry) {
          double share = (x - dry) / (x - next);
          moisture.add(dry);
          return new AirDrying((gone + minute + share) / MINUTES_PER_HOUR, cloth, moisture);
        }
        x = next;
      }
      gone += minutes;
      moisture.add(x);
    }
    return new AirDrying(null, cloth, moisture);
  }
}
