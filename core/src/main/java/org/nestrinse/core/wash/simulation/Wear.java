package org.nestrinse.core.wash.simulation;

import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.wash.step.MachineRun;

/**
 * How hard a run is on the fibres, as a multiple of an ordinary hour at 40. A house scale for
 * comparing routines, not a laboratory figure: rubbing time counts by its root, since most lint
 * comes early; heat doubles it every 25 K; a fast spin and chlorine add.
 *
 * @see "docs/models.md, wear of a wash"
 */
final class Wear {
  private static final double REFERENCE_MINUTES = 60;
  private static final double REFERENCE_C = 40;
  private static final double DOUBLES_EACH_K = 25;
  private static final double PER_RINSE = 0.05;
  private static final double SPIN_FROM_RPM = 800;
  private static final double PER_1000_RPM = 0.2;
  private static final double CHLORINE = 1;

  private Wear() {}

  /**
   * Returns the wear of one run.
   *
   * @param run the run
   * @param peakC the hottest that its baths become [°C]
   * @param chlorine whether chlorine bleach is in it
   */
  static double of(MachineRun run, double peakC, boolean chlorine) {
    Programme programme = run.programme();
    double rubbing =
        rub(programme.agitation()) * Math.sqrt(programme.washMinutes() / REFERENCE_MINUTES);
    double heat = Math.pow(2, (peakC - REFERENCE_C) / DOUBLES_EACH_K);
    double spin = Math.max(0, run.spinRpm() - SPIN_FROM_RPM) / 1000 * PER_1000_RPM;
    return rubbing * heat + run.rinses() * PER_RINSE + spin + (chlorine ? CHLORINE : 0);
  }

  private static double rub(Agitation agitation) {
    return switch (agitation) {
      case SOAK -> 0.1;
      case PLUNGED -> 0.6;
      case GENTLE -> 0.5;
      case NORMAL -> 1;
      case INTENSIVE -> 1.3;
    };
  }
}
