package org.nestrinse.app.kit.household;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalTime;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.dry.DryingWishes;
import org.nestrinse.core.gather.NewPieceRule;
import org.nestrinse.core.gather.PailCleaning;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.kit.Water;

/**
 * The facts of the household.
 *
 * @param version counts its changes; send it back when changing it
 * @param name what it is called
 * @param zone its time zone
 * @param hardnessMmolL hardness of the water [mmol/L]
 * @param inletC cold tap [°C]
 * @param roomC the room with the machine [°C]
 * @param dayPerKwh price of a kilowatt hour by day
 * @param nightPerKwh price by night
 * @param nightFrom when the night price begins
 * @param nightTo when it ends
 * @param waterPerM3 price of a cubic metre of water, drain included
 * @param goal the hygiene it wants at least
 * @param trim learned correction of doses, 0.6 to 1.4
 * @param wetHours how long wet pieces may wait [h]
 * @param cleaner what pails are wiped with, or null for water alone
 * @param pretendDevices whether pretend devices are offered
 * @param pretendWeather whether the pretend weather station is its forecast
 * @param boraxLawful whether borax is legal where it lives, and wanted
 * @param drying how it wants to dry
 * @param usualMethod short name of the method that it chose
 * @param newPieces what makes new pieces ready here
 * @param pailsShut whether pails stand shut
 */
@RecordBuilder
public record Household(
    long version,
    String name,
    String zone,
    double hardnessMmolL,
    double inletC,
    double roomC,
    double dayPerKwh,
    double nightPerKwh,
    LocalTime nightFrom,
    LocalTime nightTo,
    double waterPerM3,
    HygieneGoal goal,
    double trim,
    int wetHours,
    PailCleaning.@Nullable Cleaner cleaner,
    boolean pretendDevices,
    boolean pretendWeather,
    boolean boraxLawful,
    DryingWishes drying,
    String usualMethod,
    NewPieceRule newPieces,
    boolean pailsShut) {
  private static final double LITRES_PER_M3 = 1000;

  /** Returns its time zone. */
  public ZoneId zoneId() {
    return ZoneId.of(zone);
  }

  /** Returns its water. */
  public Water water() {
    return new Water(hardnessMmolL, inletC);
  }

  /** Returns its prices. */
  public Tariff tariff() {
    return new Tariff(dayPerKwh, nightPerKwh, nightFrom, nightTo, waterPerM3 / LITRES_PER_M3);
  }
}
