package org.nestrinse.core.bath;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Range;

/**
 * What a routine does to germs, as separate contributions in log₁₀. A planning estimate: nothing
 * here says sterile.
 *
 * @param heatLog killed by heat, at most 6
 * @param oxygenLog killed by oxygen whitener, at most 4
 * @param additiveLog killed by a sanitising additive, as its label claims
 * @param liftedLog washed away, from the cleaning model
 * @param a0 the A₀ index [s at 80 °C], counted from 65 °C
 * @param recognisedHolding whether one bath holds 65 °C for 10 min or 71 °C for 3 min, each with
 *     mixing time
 * @param notes why a contribution is missing or limited
 * @see "docs/models.md, section 7; A₀ after ISO 15883; holdings after UK guidance HTM 01-04"
 */
public record HygieneEstimate(
    double heatLog,
    double oxygenLog,
    double additiveLog,
    double liftedLog,
    double a0,
    boolean recognisedHolding,
    List<HygieneNote> notes) {
  /** What is counted at most, of what kills and of everything together [log₁₀]. */
  private static final double MOST = 6;

  /** What is ever claimed: a drum, hands and a shelf bring some back [log₁₀]. */
  public static final double MOST_CLAIMED = 5;

  private static final double HEAT_MOST = 6;
  private static final double OXYGEN_MOST = 4;

  /** How far the lifted part may lie off either way [log₁₀]. */
  private static final double LIFTED_SPREAD = 0.3;

  private static final double HEAT_AT_LEAST = 0.5;
  private static final double HEAT_AT_MOST = 2;
  private static final double OXYGEN_AT_LEAST = 0.5;
  private static final double OXYGEN_AT_MOST = 1.5;
  private static final double ADDITIVE_AT_LEAST = 0.75;

  private static final double D60_MINUTES = 10;
  private static final double D_REFERENCE_C = 60;
  private static final double Z_K = 10;
  private static final double A0_REFERENCE_C = 80;
  private static final double A0_FROM_C = 65;
  private static final double SECONDS_PER_MINUTE = 60;
  private static final double MIXING_MINUTES = 4;
  private static final double CROWDED_MIXING_MINUTES = 8;
  private static final double CROWDED_KG_L = 0.056;
  private static final Range KILLED = new Range(0, MOST);

  /** A temperature and how long it must be held, without mixing time. */
  private record Holding(double temperatureC, double minutes) {}

  private static final List<Holding> HOLDINGS = List.of(new Holding(65, 10), new Holding(71, 3));

  public HygieneEstimate {
    notes = List.copyOf(notes);
  }

  /** Returns what kills: heat, oxygen and additive, at most 6 [log₁₀]. */
  public double killLog() {
    return KILLED.clamp(heatLog + oxygenLog + additiveLog);
  }

  /** Returns everything together, at most 6 [log₁₀]. */
  public double totalLog() {
    return Math.min(MOST, heatLog + oxygenLog + additiveLog + liftedLog);
  }

  /** Returns the least that is likely, at most 5 [log₁₀]. */
  public double lowLog() {
    return Math.min(
        MOST_CLAIMED,
        Math.max(0, liftedLog - LIFTED_SPREAD)
            + HEAT_AT_LEAST * heatLog
            + OXYGEN_AT_LEAST * oxygenLog
            + ADDITIVE_AT_LEAST * additiveLog);
  }

  /** Returns the most that is likely, at most 6 [log₁₀]. */
  public double highLog() {
    return Math.min(
        MOST,
        liftedLog
            + LIFTED_SPREAD
            + Math.min(HEAT_MOST, HEAT_AT_MOST * heatLog)
            + Math.min(OXYGEN_MOST, OXYGEN_AT_MOST * oxygenLog)
            + additiveLog);
  }

  /** Returns what is left in a plain sentence. */
  public Said said() {
    return GermsLeft.of(this).said();
  }

  /** Returns the estimate of one bath. */
  public static HygieneEstimate of(HygienePhase phase, double liftedLog) {
    return of(List.of(phase), liftedLog);
  }

  /**
   * Returns the estimate of several baths one after the other: what kills adds up, each within its
   * limit.
   *
   * @param liftedLog washed away by all of them together [log₁₀]
   */
  public static HygieneEstimate of(List<HygienePhase> phases, double liftedLog) {
    double heat = 0;
    double oxygen = 0;
    double additive = 0;
    double a0 = 0;
    boolean holding = false;
    List<HygieneNote> notes = new ArrayList<>();
    for (HygienePhase phase : phases) {
      heat += heatLog(phase.profile());
      oxygen += OxygenKill.log(phase, notes);
      additive += additiveLog(phase, notes);
      a0 += a0(phase.profile());
      holding |= holds(phase);
    }
    if (heat > HEAT_MOST) {
      notes.add(new HygieneNote.HeatCapped(heat, HEAT_MOST));
    }
    if (oxygen > OXYGEN_MOST) {
      notes.add(new HygieneNote.OxygenCapped(oxygen, OXYGEN_MOST));
    }
    return new HygieneEstimate(
        Math.min(heat, HEAT_MOST),
        Math.min(oxygen, OXYGEN_MOST),
        additive,
        liftedLog,
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

  /** A label's claim counts only when its strength, minutes and warmth are all met. */
  private static double additiveLog(HygienePhase phase, List<HygieneNote> notes) {
    Additive additive = phase.additive();
    if (additive == null) {
      return 0;
    }
    double share = additive.freeMl() / phase.waterL() / additive.minMlPerL();
    if (share < 1 - 1e-9) {
      boolean spent = additive.freeMl() < additive.doseMl();
      notes.add(
          spent ? new HygieneNote.AdditiveSpent(share) : new HygieneNote.AdditiveTooThin(share));
      return 0;
    }
    double warmMinutes = totalAtOrAbove(phase.profile(), additive.minC());
    if (warmMinutes < additive.minMinutes()) {
      notes.add(
          new HygieneNote.AdditiveTooShort(additive.minMinutes(), additive.minC(), warmMinutes));
      return 0;
    }
    return additive.claimLog();
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
