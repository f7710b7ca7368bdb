package org.nestrinse.core.bath;

import java.util.List;

/**
 * What oxygen whitener kills: it works faster the warmer the bath is, and is used up by warmth and
 * by the catalase of blood, stool, vomit and milk.
 *
 * @see "docs/models.md, section 7"
 */
final class OxygenKill {
  private static final double ACTIVE_OXYGEN_SHARE = 0.13;
  private static final double MG_PER_G = 1000;
  private static final double MINUTES_PER_LOG = 150;
  private static final double REFERENCE_MG_L = 100;
  private static final double REFERENCE_C = 40;
  private static final double PER_10_K = 2.2;
  private static final double ACTIVATOR_FACTOR = 3;
  private static final double ACTIVATOR_FROM_C = 30;
  private static final double ACTIVATOR_MINUTES = 30;

  /** It falls to 1/e in so long at 40 °C, and twice as fast for each 10 K more [min]. */
  private static final double LASTS_MINUTES = 180;

  private static final double EATEN_PER_MINUTE = 0.05;
  private static final double LONGEST_STEP_MIN = 0.25;

  private OxygenKill() {}

  /** Returns the reduction before its limit [log₁₀]; adds a note when there is none for wool. */
  static double log(HygienePhase phase, List<HygieneNote> notes) {
    if (phase.oxygenG() == 0) {
      return 0;
    }
    if (phase.load().masses().stream().anyMatch(m -> m.material().animalFibre())) {
      notes.add(new HygieneNote.NoWhitenerOnWool());
      return 0;
    }
    double active = MG_PER_G * phase.oxygenG() * ACTIVE_OXYGEN_SHARE / phase.waterL();
    double eaten = EATEN_PER_MINUTE * phase.proteinLeft();
    double warmPer10 = Math.log(PER_10_K) / 10;
    double fadePer10 = Math.log(2) / 10;
    double activatorEnds =
        phase.activator() ? activated(phase.profile()) + ACTIVATOR_MINUTES : Double.NaN;
    double sum = 0;
    List<TemperaturePoint> profile = phase.profile();
    for (int i = 1; i < profile.size(); i++) {
      TemperaturePoint from = profile.get(i - 1);
      TemperaturePoint to = profile.get(i);
      double minutes = to.minute() - from.minute();
      int steps = (int) Math.ceil(minutes / LONGEST_STEP_MIN - 1e-9);
      for (int s = 0; s < steps; s++) {
        double middle = (s + 0.5) / steps;
        double celsius = from.temperatureC() + middle * (to.temperatureC() - from.temperatureC());
        double step = minutes / steps;
        double fade = Math.exp(fadePer10 * (celsius - REFERENCE_C)) / LASTS_MINUTES + eaten;
        double before = active;
        active *= Math.exp(-fade * step);
        double mean = (before - active) / (fade * step);
        double at = from.minute() + middle * minutes;
        boolean boosted = at >= activatorEnds - ACTIVATOR_MINUTES && at < activatorEnds;
        sum +=
            mean
                / REFERENCE_MG_L
                * Math.exp(warmPer10 * (celsius - REFERENCE_C))
                * (boosted ? ACTIVATOR_FACTOR : 1)
                * step
                / MINUTES_PER_LOG;
      }
    }
    return sum;
  }

  /** The moment at which the bath is warm enough for the activator [min]; never when it is not. */
  private static double activated(List<TemperaturePoint> profile) {
    if (profile.get(0).temperatureC() >= ACTIVATOR_FROM_C) {
      return profile.get(0).minute();
    }
    for (int i = 1; i < profile.size(); i++) {
      TemperaturePoint a = profile.get(i - 1);
      TemperaturePoint b = profile.get(i);
      if (b.temperatureC() >= ACTIVATOR_FROM_C) {
        double share =
            (ACTIVATOR_FROM_C - a.temperatureC()) / (b.temperatureC() - a.temperatureC());
        return a.minute() + share * (b.minute() - a.minute());
      }
    }
    return Double.NaN;
  }
}
