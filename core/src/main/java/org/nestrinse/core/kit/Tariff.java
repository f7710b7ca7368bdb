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
}
