package org.nestrinse.core.bath;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.Range;

/**
 * What a routine does to germs, as separate contributions in log₁₀. A planning estimate: nothing
 * here says sterile.
 *
 * @param heatLog killed by heat, at most 6
 * @param oxygenLog killed by oxygen whitener, at most 4
 * @param additiveLog killed by a sanitising additive, as its label claims
 * @param removalLog lifted off and rinsed away
 * @param a0 the A₀ index [s at 80 °C], counted from 65 °C
 * @param recognisedHolding whether one bath holds 65 °C for 10 min or 71 °C for 3 min, each with
 *     mixing time
 * @param notes why a contribution is missing or limited
 * @see "docs/models.md, section 6; A₀ after ISO 15883; holdings after UK guidance HTM 01-04"
 */
public record HygieneEstimate(
    double heatLog,
    double oxygenLog,
    double additiveLog,
    double removalLog,
    double a0,
    boolean recognisedHolding,
    List<String> notes) {
  private static final double HEAT_MOST = 6;
  private static final double OXYGEN_MOST = 4;
  private static final double D60_MINUTES = 10;
  private static final double D_REFERENCE_C = 60;
  private static final double Z_K = 10;
  private static final double ACTIVE_OXYGEN_SHARE = 0.13;
  private static final double OXYGEN_PER_MIN_PER_MG_L = 1.0 / 150 / 100;
  private static final double OXYGEN_REFERENCE_C = 40;
  private static final double OXYGEN_PER_10_K = 2.2;
  private static final double ACTIVATOR_FACTOR = 3;
  private static final double A0_REFERENCE_C = 80;
  private static final double A0_FROM_C = 65;
  private static final double SECONDS_PER_MINUTE = 60;
  private static final double NO_DETERGENT_LOSS = 0.08;
  private static final double BAD_FILL_LOSS = 0.05;
  private static final Range GOOD_FILL = new Range(0.4, 0.85, "");
  private static final Range DETACHED = new Range(0.5, 0.98, "");
  private static final double MIXING_MINUTES = 4;
  private static final double CROWDED_MIXING_MINUTES = 8;
  private static final double CROWDED_KG_L = 0.056;

  /** A temperature and how long it must be held, without mixing time. */
  private record Holding(double temperatureC, double minutes) {}

  private static final List<Holding> HOLDINGS = List.of(new Holding(65, 10), new Holding(71, 3));

  public HygieneEstimate {
    notes = List.copyOf(notes);
  }

  /** Returns what kills: heat, oxygen and additive [log₁₀]. */
  public double killLog() {
    return heatLog + oxygenLog + additiveLog;
  }

  /** Returns everything together [log₁₀]. */
  public double totalLog() {
    return killLog() + removalLog;
  }

  /** Returns the estimate of one bath and its rinses. */
  public static HygieneEstimate of(HygienePhase phase) {
    return of(List.of(phase));
  }

  /**
   * Returns the estimate of several baths one after the other: contributions add, each within its
   * limit.
   */
  public static HygieneEstimate of(List<HygienePhase> phases) {
    double heat = 0;
    double oxygen = 0;
    double additive = 0;
    double removal = 0;
    double a0 = 0;
    boolean holding = false;
    List<String> notes = new ArrayList<>();
    for (HygienePhase phase : phases) {
      heat += heatLog(phase.profile());
      oxygen += oxygenLog(phase, notes);
      additive += additiveLog(phase, notes);
      removal += removalLog(phase);
      a0 += a0(phase.profile());
      holding |= holds(phase);
    }
    if (heat > HEAT_MOST) {
      notes.add("Heat is counted up to 6; it would be " + Numbers.of(heat, 2) + ".");
    }
    if (oxygen > OXYGEN_MOST) {
      notes.add("Oxygen is counted up to 4; it would be " + Numbers.of(oxygen, 2) + ".");
    }
    return new HygieneEstimate(
        Math.min(heat, HEAT_MOST),
        Math.min(oxygen, OXYGEN_MOST),
        additive,
        removal,
        a0,
        holding,
        notes);
  }

  /**
   * Returns the reduction by heat before its limit [log₁₀], D(T) = 10 min at 60 °C and a tenth per
   * 10 K more.
   */
  static double heatLog(List<TemperaturePoint> profile) {
    return exponentialIntegral(profile, 10, Z_K, D_REFERENCE_C, -Double.MAX_VALUE) / D60_MINUTES;
  }

  private static double a0(List<TemperaturePoint> profile) {
    return exponentialIntegral(profile, 10, 10, A0_REFERENCE_C, A0_FROM_C) * SECONDS_PER_MINUTE;
  }

  private static double oxygenLog(HygienePhase phase, List<String> notes) {
    if (phase.oxygenG() == 0) {
      return 0;
    }
    if (phase.load().masses().stream().anyMatch(m -> m.material().animalFibre())) {
      notes.add("Oxygen whitener is not used on wool, so it counts for nothing.");
      return 0;
    }
    double activeMgL = 1000 * phase.oxygenG() * ACTIVE_OXYGEN_SHARE / phase.waterL();
    double minutes =
        exponentialIntegral(
            phase.profile(), OXYGEN_PER_10_K, 10, OXYGEN_REFERENCE_C, -Double.MAX_VALUE);
    double factor = phase.activator() ? ACTIVATOR_FACTOR : 1;
    return OXYGEN_PER_MIN_PER_MG_L * activeMgL * minutes * factor;
  }

  private static double additiveLog(HygienePhase phase, List<String> notes) {
    Additive additive = phase.additive();
    if (additive == null) {
      return 0;
    }
    double mlPerL = additive.doseMl() / phase.waterL();
    if (mlPerL < additive.minMlPerL()) {
      notes.add(
          "The additive is diluted to "
              + Numbers.of(mlPerL / additive.minMlPerL(), 2)
              + " of what its label needs.");
      return 0;
    }
    double warmMinutes = totalAtOrAbove(phase.profile(), additive.minC());
    if (warmMinutes < additive.minMinutes()) {
      notes.add(
          "The additive needs %s min at %s °C or more; this bath gives %s."
              .formatted(
                  Numbers.plain(additive.minMinutes()),
                  Numbers.plain(additive.minC()),
                  Numbers.of(warmMinutes, 0)));
      return 0;
    }
    return additive.claimLog();
  }

  private static double removalLog(HygienePhase phase) {
    double detached = phase.agitation().detached();
    if (!phase.detergent()) {
      detached -= NO_DETERGENT_LOSS;
    }
    if (phase.fill() < GOOD_FILL.min() || phase.fill() > GOOD_FILL.max()) {
      detached -= BAD_FILL_LOSS;
    }
    detached = DETACHED.clamp(detached);
    double retained =
        SpinRetention.of(phase.load(), phase.interimRpm(), phase.drumRadiusM()).retainedL();
    double ratio = retained / (retained + Solution.MIXING * phase.rinseL());
    return removalLog(detached, ratio, phase.rinses());
  }

  /** Returns −log₁₀((1−e) + e·rⁿ), the soil that is lifted off and not rinsed back [log₁₀]. */
  static double removalLog(double detached, double ratio, int rinses) {
    return -Math.log10(1 - detached + detached * Math.pow(ratio, rinses));
  }

  private static boolean holds(HygienePhase phase) {
    boolean crowded = phase.load().massKg() / phase.drumL() > CROWDED_KG_L;
    double mixing = crowded ? CROWDED_MIXING_MINUTES : MIXING_MINUTES;
    return HOLDINGS.stream()
        .anyMatch(h -> longestAtOrAbove(phase.profile(), h.temperatureC) >= h.minutes + mixing);
  }

  /**
   * Returns ∫ base^((T − reference)/step) dt in minutes, over the time that T is at least {@code
   * from}. Exact for straight lines between the points.
   */
  private static double exponentialIntegral(
      List<TemperaturePoint> profile, double base, double step, double reference, double from) {
    double rate = Math.log(base) / step;
    double sum = 0;
    for (int i = 1; i < profile.size(); i++) {
      Segment s = Segment.between(profile.get(i - 1), profile.get(i)).above(from);
      double low = Math.exp(rate * (s.fromC - reference));
      double high = Math.exp(rate * (s.toC - reference));
      double exponent = rate * (s.toC - s.fromC);
      sum += Math.abs(exponent) < 1e-9 ? s.minutes * low : s.minutes * (high - low) / exponent;
    }
    return sum;
  }

  private static double totalAtOrAbove(List<TemperaturePoint> profile, double from) {
    double sum = 0;
    for (int i = 1; i < profile.size(); i++) {
      sum += Segment.between(profile.get(i - 1), profile.get(i)).above(from).minutes;
    }
    return sum;
  }

  private static double longestAtOrAbove(List<TemperaturePoint> profile, double from) {
    double longest = 0;
    double run = 0;
    for (int i = 1; i < profile.size(); i++) {
      TemperaturePoint a = profile.get(i - 1);
      TemperaturePoint b = profile.get(i);
      double minutes = Segment.between(a, b).above(from).minutes;
      run = a.temperatureC() >= from ? run + minutes : minutes;
      longest = Math.max(longest, run);
      if (b.temperatureC() < from) {
        run = 0;
      }
    }
    return longest;
  }

  /** A straight piece of a temperature profile. */
  private record Segment(double minutes, double fromC, double toC) {
    static Segment between(TemperaturePoint a, TemperaturePoint b) {
      return new Segment(b.minute() - a.minute(), a.temperatureC(), b.temperatureC());
    }

    /** Returns the piece of it at or above a temperature, with no length when there is none. */
    Segment above(double limitC) {
      if (fromC >= limitC && toC >= limitC) {
        return this;
      }
      if (fromC < limitC && toC < limitC) {
        return new Segment(0, limitC, limitC);
      }
      double share = (Math.max(fromC, toC) - limitC) / Math.abs(toC - fromC);
      return fromC < toC
          ? new Segment(minutes * share, limitC, toC)
          : new Segment(minutes * share, fromC, limitC);
    }
  }
}
