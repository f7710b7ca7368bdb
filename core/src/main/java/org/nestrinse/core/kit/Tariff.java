package org.nestrinse.core.kit;

import java.time.LocalTime;

/**
 * What electricity and water cost, in the household's currency.
 *
 * @param dayPerKwh price by day
 * @param nightPerKwh price between {@code nightFrom} and {@code nightTo}
 * @param nightFrom when the night price begins
 * @param nightTo when it ends
 * @param waterPerL price of a litre of water, drain included
 */
public record Tariff(
    double dayPerKwh,
    double nightPerKwh,
    LocalTime nightFrom,
    LocalTime nightTo,
    double waterPerL) {

  /** Returns the price of a kilowatt hour at this time of day. */
  public double perKwh(LocalTime time) {
    boolean night =
        nightFrom.isBefore(nightTo)
            ? !time.isBefore(nightFrom) && time.isBefore(nightTo)
            : !time.isBefore(nightFrom) || time.isBefore(nightTo);
    return night ? nightPerKwh : dayPerKwh;
  }

  /**
   * Returns what electricity costs that is drawn evenly over some minutes, each minute at the price
   * of its hour.
   *
   * @param kwh electricity [kWh]
   * @param start when it begins
   * @param minutes how long it is drawn [min]
   */
  public double cost(double kwh, LocalTime start, double minutes) {
    int whole = (int) Math.max(1, Math.ceil(minutes - 1e-9));
    double sum = 0;
    for (int minute = 0; minute < whole; minute++) {
      sum += perKwh(start.plusMinutes(minute));
    }
    return kwh * sum / whole;
  }
}
