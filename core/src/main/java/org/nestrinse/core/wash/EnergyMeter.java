package org.nestrinse.core.wash;

/** Electricity that is drawn while a routine runs, at the price of each minute. */
final class EnergyMeter {
  private final WashJob job;
  private double kwh;
  private double cost;

  EnergyMeter(WashJob job) {
    this.job = job;
  }

  /**
   * Counts electricity that is drawn evenly.
   *
   * @param more how much [kWh]
   * @param fromMinute of the routine [min]
   * @param minutes for how long [min]
   */
  void draws(double more, double fromMinute, double minutes) {
    kwh += more;
    cost += job.tariff().cost(more, job.start().plusMinutes(Math.round(fromMinute)), minutes);
  }

  /** Returns all of it [kWh]. */
  double kwh() {
    return kwh;
  }

  /** Returns what it costs. */
  double cost() {
    return cost;
  }
}
