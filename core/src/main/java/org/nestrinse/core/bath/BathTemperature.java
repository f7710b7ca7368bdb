package org.nestrinse.core.bath;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;

/**
 * The temperature of a bath over time: it starts from tap water and a load at room temperature,
 * heats to the set point, holds it there; without a heater it cools.
 *
 * @param startC temperature when the bath begins [°C]
 * @param peakC highest temperature [°C]
 * @param endC temperature at the end [°C]
 * @param minutesToSet minutes until the set point, null when it is not reached
 * @param heaterKwh energy of the heater [kWh]
 * @param profile one point a minute, and the moment the set point is reached
 * @see "docs/models.md, section 5"
 */
public record BathTemperature(
    double startC,
    double peakC,
    double endC,
    @Nullable Double minutesToSet,
    double heaterKwh,
    List<TemperaturePoint> profile) {
  /** Power of an ordinary heater [W]. */
  public static final double USUAL_HEATER_W = 2000;

  /** Heat lost to the room per degree of difference [W/K]. */
  public static final double USUAL_LOSS_W_K = 3.5;

  /** Heat that a litre of water takes for each degree [J/(L·K)]. */
  public static final double WATER_J_L_K = 4186;

  /** Heat that a kilogram of dry textile takes for each degree [J/(kg·K)]. */
  public static final double TEXTILE_J_KG_K = 1350;

  /** Heat that a machine's own metal takes up [J/K]. */
  public static final double MACHINE_J_K = 12000;

  /** Heat that a bucket takes up [J/K]. */
  public static final double BUCKET_J_K = 1500;

  /** Heat that a kitchen pot takes up [J/K]. */
  public static final double POT_J_K = 2500;

  private static final double J_PER_KWH = 3.6e6;
  private static final double SECONDS_PER_MINUTE = 60;

  public BathTemperature {
    profile = List.copyOf(profile);
  }

  /**
   * The bath to compute.
   *
   * @param load what is in it
   * @param waterL liquor [L]
   * @param inletC temperature of the tap water [°C]
   * @param roomC temperature of the room, the textile and the machine [°C]
   * @param setC set point [°C]
   * @param minutes how long the bath lasts
   * @param heaterW heater power [W], 0 for none
   * @param lossWK loss to the room [W/K]
   * @param vesselJK heat that the vessel itself takes up [J/K]
   */
  @RecordBuilder
  public record Bath(
      TextileLoad load,
      double waterL,
      double inletC,
      double roomC,
      double setC,
      double minutes,
      double heaterW,
      double lossWK,
      double vesselJK) {
    /** Makes a bath in a machine. */
    public Bath(
        TextileLoad load,
        double waterL,
        double inletC,
        double roomC,
        double setC,
        double minutes,
        double heaterW,
        double lossWK) {
      this(load, waterL, inletC, roomC, setC, minutes, heaterW, lossWK, MACHINE_J_K);
    }

    /** Returns the same bath for so long [min]. */
    Bath lasting(double other) {
      return BathTemperatureBathBuilder.builder(this).minutes(other).build();
    }

    double solidJK() {
      return load.massKg() * TEXTILE_J_KG_K + vesselJK;
    }

    double capacityJK() {
      return waterL * WATER_J_L_K + solidJK();
    }

    public Bath {
      Limits.WATER_L.check("waterL", waterL);
      Limits.WATER_C.check("inletC", inletC);
      Limits.ROOM_C.check("roomC", roomC);
      Limits.WATER_C.check("setC", setC);
      Limits.MINUTES.check("minutes", minutes);
      Limits.HEATER_W.check("heaterW", heaterW);
      Limits.LOSS_W_K.check("lossWK", lossWK);
    }
  }

  /**
   * Returns the course of a bath whose programme lets go of the temperature after a while: it
   * heats, holds for so long, and cools from then on.
   *
   * @param holdMinutes how long it is held at the set point [min]
   */
  public static BathTemperature held(Bath b, double holdMinutes) {
    BathTemperature whole = of(b);
    Double toSet = whole.minutesToSet;
    if (toSet == null || toSet + holdMinutes >= b.minutes) {
      return whole;
    }
    double until = toSet + holdMinutes;
    BathTemperature heated = of(b.lasting(until));
    double capacity = b.capacityJK();
    List<TemperaturePoint> profile = new ArrayList<>(heated.profile);
    for (double minute = Math.floor(until) + 1; minute < b.minutes; minute++) {
      profile.add(
          new TemperaturePoint(minute, exponential(b, b.setC, capacity, 0, minute - until)));
    }
    double end = exponential(b, b.setC, capacity, 0, b.minutes - until);
    profile.add(new TemperaturePoint(b.minutes, end));
    return new BathTemperature(whole.startC, heated.peakC, end, toSet, heated.heaterKwh, profile);
  }

  /** Returns the course of the bath. */
  public static BathTemperature of(Bath b) {
    double capacity = b.capacityJK();
    double start = (b.waterL * WATER_J_L_K * b.inletC + b.solidJK() * b.roomC) / capacity;
    boolean heats = b.heaterW > 0 && b.setC > start;
    Double toSet = heats ? minutesToReach(b, start, capacity) : null;
    if (start >= b.setC && b.heaterW > 0) {
      toSet = 0.0;
    }
    boolean reached = toSet != null && toSet <= b.minutes;

    List<TemperaturePoint> profile = new ArrayList<>();
    for (double minute = 0; minute < b.minutes; minute++) {
      if (reached && heats && minute > toSet && minute - 1 < toSet) {
        profile.add(new TemperaturePoint(toSet, b.setC));
      }
      profile.add(new TemperaturePoint(minute, at(b, start, capacity, toSet, minute)));
    }
    profile.add(new TemperaturePoint(b.minutes, at(b, start, capacity, toSet, b.minutes)));

    double peak = profile.stream().mapToDouble(TemperaturePoint::temperatureC).max().orElse(start);
    double end = profile.get(profile.size() - 1).temperatureC();
    double kwh = heaterKwh(b, start, capacity, heats, toSet);
    return new BathTemperature(start, peak, end, reached ? toSet : null, kwh, profile);
  }

  private static double at(
      Bath b, double start, double capacity, @Nullable Double toSet, double minute) {
    boolean heating = b.heaterW > 0 && b.setC > start;
    if (heating) {
      return toSet != null && minute >= toSet
          ? b.setC
          : exponential(b, start, capacity, b.heaterW, minute);
    }
    double free = exponential(b, start, capacity, 0, minute);
    // Warmer than the set point: it cools until the heater would catch it.
    boolean caught = b.heaterW > 0 && b.setC > b.roomC && free < b.setC;
    return caught ? b.setC : free;
  }

  private static double exponential(
      Bath b, double start, double capacity, double watts, double minute) {
    double seconds = minute * SECONDS_PER_MINUTE;
    if (b.lossWK == 0) {
      return Math.min(100, start + watts * seconds / capacity);
    }
    double limit = b.roomC + watts / b.lossWK;
    double value = limit + (start - limit) * Math.exp(-b.lossWK * seconds / capacity);
    return Math.min(100, value);
  }

  private static @Nullable Double minutesToReach(Bath b, double start, double capacity) {
    if (b.lossWK == 0) {
      return (b.setC - start) * capacity / b.heaterW / SECONDS_PER_MINUTE;
    }
    double limit = b.roomC + b.heaterW / b.lossWK;
    if (limit <= b.setC) {
      return null;
    }
    double seconds = -capacity / b.lossWK * Math.log((limit - b.setC) / (limit - start));
    return seconds / SECONDS_PER_MINUTE;
  }

  private static double heaterKwh(
      Bath b, double start, double capacity, boolean heats, @Nullable Double toSet) {
    if (b.heaterW == 0) {
      return 0;
    }
    double holdW = Math.max(0, b.lossWK * (b.setC - b.roomC));
    if (heats) {
      double heating = toSet == null ? b.minutes : Math.min(toSet, b.minutes);
      double holding = b.minutes - heating;
      return (b.heaterW * heating + holdW * holding) * SECONDS_PER_MINUTE / J_PER_KWH;
    }
    if (b.setC <= b.roomC || b.lossWK == 0) {
      return 0;
    }
    double coolsFor =
        capacity / b.lossWK * Math.log((start - b.roomC) / (b.setC - b.roomC)) / SECONDS_PER_MINUTE;
    return Math.max(0, b.minutes - coolsFor) * holdW * SECONDS_PER_MINUTE / J_PER_KWH;
  }
}
