package org.nestrinse.core.wash.simulation;

import org.nestrinse.core.wash.step.WashJob;

/** Electricity that is drawn while a routine runs, at the price of each minute. */
final class EnergyMeter {
  private static final double RUNNING_KW = 0.10;
  private static final double SPIN_KWH = 0.02;
  private static final double MINUTES_PER_HOUR = 60;

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

  /** Returns the electricity of a run besides its heater [kWh]. */
  static double runningKwh(double minutes, int rinses) {
    return RUNNING_KW * minutes / MINUTES_PER_HOUR + SPIN_KWH * (rinses + 1);
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
