package org.nestrinse.core.bath;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * How much of a soil is left after some baths, as shares of what came in: bound to the fibre, easy
 * or hard to take off; set by heat; and loose in the water. Temperature, time, detergent and
 * movement stand in for each other.
 *
 * @param soil the soil
 * @param easy bound, and easy to take off
 * @param hard bound, and hard to take off
 * @param set bound for good by heat, but for a little that detergent takes
 * @param loose loose in the water that the pieces keep
 * @param before what was there when each bath began, bound and loose together
 * @param baths what each bath and its rinses left
 * @see "docs/models.md, section 6; Sinner's circle, any textbook of textile care"
 */
public record Cleaning(
    SoilType soil,
    double easy,
    double hard,
    double set,
    double loose,
    List<Double> before,
    List<After> baths) {
  /** Hours that soil may have waited. */
  public static final Range AGE_H = new Range(0, 1000, Unit.HOUR);

  /** How old soil is taken to be when nobody says [h]. */
  public static final double USUAL_AGE_H = 24;

  /** Detergent of a middling bath at which it has three quarters of its effect [g/L]. */
  private static final double HALF_EFFECT_G_L = 2;

  private static final double FULL_EFFECT = 1.5;
  private static final double MOST_EFFECT = 1.1;

  /** Detergent that each mmol/L takes for itself [g/L]. */
  private static final double TAKEN_BY_HARDNESS = 0.5;

  private static final double HARD_SHARE = 1.0 / 4;
  private static final double SET_SHARE = 1.0 / 20;
  private static final double SETS_ABOVE_C = 50;
  private static final double REFERENCE_C = 40;
  private static final double NO_FASTER_ABOVE_C = 60;
  private static final Range ENZYMES_WORK_C = new Range(15, 60, Unit.CELSIUS);
  private static final double ENZYMES_END_C = 65;

  private static final double FIRST_FULL_ENOUGH = 0.4;
  private static final double LATER_FULL_ENOUGH = 0.25;
  private static final double STILL_TURNS = 0.85;

  /** Steps of the integration are no longer than this [min]. */
  private static final double LONGEST_STEP_MIN = 0.5;

  /** Where a bath warms or cools past the point at which protein sets, it is followed closer. */
  private static final double STEP_WHERE_IT_SETS_MIN = 0.05;

  /** The smallest share of germs that washing out is credited with leaving. */
  private static final double LEAST_GERMS = 0.003;

  private static final double WHITENER_PALES = 0.3;
  private static final double SUN_PALES = 0.8;

  public Cleaning {
    before = List.copyOf(before);
    baths = List.copyOf(baths);
  }

  /**
   * What a bath and its rinses left.
   *
   * @param effectiveGL detergent that works, the hardness taken off [g/L]
   * @param boundLeft bound, easy, hard and set together
   * @param setLeft of it set by heat
   * @param looseLeft loose in the water that is kept
   */
  public record After(double effectiveGL, double boundLeft, double setLeft, double looseLeft) {}

  /**
   * What is cleaned.
   *
   * @param ageHours how long ago it was soiled [h]
   * @param hardnessMmolL hardness of the water [mmol/L]
   * @param baths the baths in order; at least one
   */
  public record Question(double ageHours, double hardnessMmolL, List<CleaningBath> baths) {
    public Question {
      AGE_H.check("ageHours", ageHours);
      Limits.HARDNESS_MMOL_L.check("hardnessMmolL", hardnessMmolL);
      if (baths.isEmpty()) {
        throw new OutOfRange("baths", Allowed.EMPTY, BathSaying.AT_LEAST_ONE_BATH);
      }
      baths = List.copyOf(baths);
    }
  }

  /** Returns what is left of a soil. */
  public static Cleaning of(SoilType soil, Question q) {
    SoilType.Rates rates = soil.rates();
    double bound = 1 - rates.loose();
    Walk walk = new Walk(rates, bound * (1 - rates.hardShare()), bound * rates.hardShare());
    walk.loose = rates.loose();
    double age = ageFactor(q.ageHours);
    List<Double> before = new ArrayList<>();
    List<After> after = new ArrayList<>();
    for (int n = 0; n < q.baths.size(); n++) {
      CleaningBath bath = q.baths.get(n);
      double effective = effectiveGL(bath, q.hardnessMmolL);
      before.add(walk.left());
      walk.bath(bath, effective, age * fillFactor(bath, n == 0));
      walk.rinse(bath);
      after.add(new After(effective, walk.bound(), walk.set, walk.loose));
    }
    return new Cleaning(soil, walk.easy, walk.hard, walk.set, walk.loose, before, after);
  }

  /** Returns everything that is left, 0 to 1. */
  public double soilLeft() {
    return boundLeft() + loose;
  }

  /** Returns what is left on the fibre, 0 to 1. */
  public double boundLeft() {
    return easy + hard + set;
  }

  /** Returns what is left in words. */
  public Cleanness cleanness() {
    return Cleanness.of(soilLeft(), set);
  }

  /**
   * Returns the colour that is left, 0 to 1, or null for a soil that leaves none.
   *
   * @param oxygenLog what oxygen whitener did, in log₁₀ of germs
   * @param wetSunKwhM2 sun on the cloth while it was wet [kWh/m²]
   */
  public @Nullable Double stainLeft(double oxygenLog, double wetSunKwhM2) {
    return soil.stains()
        ? Math.sqrt(boundLeft())
            * Math.pow(10, -WHITENER_PALES * oxygenLog - SUN_PALES * wetSunKwhM2)
        : null;
  }

  /** Returns how many germs are washed away [log₁₀], or null for any soil but germs. */
  public @Nullable Double liftedLog() {
    return soil == SoilType.GERMS ? -Math.log10(Math.max(LEAST_GERMS, soilLeft())) : null;
  }

  /** Returns the detergent that is left for the soil once the hardness has taken its part [g/L]. */
  public static double effectiveGL(CleaningBath bath, double hardnessMmolL) {
    double gramsPerL = bath.detergentG() / bath.waterL();
    boolean nothingTaken = bath.byHand() || gramsPerL == 0;
    return nothingTaken
        ? gramsPerL
        : gramsPerL * gramsPerL / (gramsPerL + TAKEN_BY_HARDNESS * hardnessMmolL);
  }

  /** Returns what detergent does, 0 for none and 1.1 at most. */
  static double detergentEffect(double effectiveGL) {
    return Math.min(MOST_EFFECT, FULL_EFFECT * effectiveGL / (effectiveGL + HALF_EFFECT_G_L));
  }

  static double ageFactor(double hours) {
    if (hours <= 12) {
      return 1.2;
    }
    if (hours <= 24) {
      return 1.2 - 0.2 * (hours - 12) / 12;
    }
    return hours < 72 ? 1 - 0.2 * (hours - 24) / 48 : 0.8;
  }

  /** Too few pieces do not rub each other, too many do not turn over. */
  static double fillFactor(CleaningBath bath, boolean first) {
    if (bath.byHand()) {
      return 1;
    }
    double enough = first ? FIRST_FULL_ENOUGH : LATER_FULL_ENOUGH;
    double fill = bath.drumFill();
    if (fill < enough) {
      return Math.max(0.6, 1 - 0.4 * (enough - fill) / 0.3);
    }
    return fill > STILL_TURNS ? Math.max(0.25, 1 - 0.75 * (fill - STILL_TURNS) / 0.25) : 1;
  }

  private static double enzymeFactor(double factor, double celsius) {
    if (celsius < ENZYMES_WORK_C.min() || celsius >= ENZYMES_END_C) {
      return 1;
    }
    double fades =
        Math.max(0, celsius - ENZYMES_WORK_C.max()) / (ENZYMES_END_C - ENZYMES_WORK_C.max());
    return factor + (1 - factor) * fades;
  }

  /** The shares while they walk from bath to bath. */
  private static final class Walk {
    private final SoilType.Rates rates;
    private double easy;
    private double hard;
    private double set;
    private double loose;

    Walk(SoilType.Rates rates, double easy, double hard) {
      this.rates = rates;
      this.easy = easy;
      this.hard = hard;
    }

    double bound() {
      return easy + hard + set;
    }

    double left() {
      return bound() + loose;
    }

    void bath(CleaningBath bath, double effectiveGL, double slowed) {
      double effect = detergentEffect(effectiveGL);
      boolean enzymes = bath.enzymes() && bath.detergentG() > 0;
      double per10 = Math.log(rates.per10K()) / 10;
      List<TemperaturePoint> profile = bath.profile();
      for (int i = 1; i < profile.size(); i++) {
        TemperaturePoint from = profile.get(i - 1);
        TemperaturePoint to = profile.get(i);
        double minutes = to.minute() - from.minute();
        boolean crosses =
            rates.setting() > 0
                && Math.min(from.temperatureC(), to.temperatureC()) < SETS_ABOVE_C
                && Math.max(from.temperatureC(), to.temperatureC()) > SETS_ABOVE_C;
        double longest = crosses ? STEP_WHERE_IT_SETS_MIN : LONGEST_STEP_MIN;
        int steps = (int) Math.ceil(minutes / longest - 1e-9);
        for (int s = 0; s < steps; s++) {
          double share = (s + 0.5) / steps;
          double celsius = from.temperatureC() + share * (to.temperatureC() - from.temperatureC());
          double speed =
              rates.perMinuteAt40()
                  * Math.exp(per10 * (Math.min(celsius, NO_FASTER_ABOVE_C) - REFERENCE_C))
                  * (enzymes ? enzymeFactor(rates.enzymes(), celsius) : 1)
                  * bath.speed()
                  * slowed;
          double setting = rates.setting() * Math.max(0, celsius - SETS_ABOVE_C) / 10;
          step(speed, effect, setting, minutes / steps);
        }
      }
    }

    /** One step at even speed, in closed form but for what sets within it. */
    private void step(double speed, double effect, double setting, double minutes) {
      double off = rates.withoutDetergent() + (1 - rates.withoutDetergent()) * effect;
      double setsNow =
          leave(easy, speed * off, setting, minutes)
              + leave(hard, speed * effect * HARD_SHARE, setting, minutes);
      double before = easy + hard + set;
      easy *= Math.exp(-(speed * off + setting) * minutes);
      hard *= Math.exp(-(speed * effect * HARD_SHARE + setting) * minutes);
      double setRate = speed * effect * SET_SHARE;
      set = set * Math.exp(-setRate * minutes) + setsNow * Math.exp(-setRate * minutes / 2);
      loose += Math.max(0, before - easy - hard - set);
    }

    /** Returns what of a share sets while it also leaves. */
    private static double leave(double share, double off, double setting, double minutes) {
      return setting == 0
          ? 0
          : share * setting / (off + setting) * (1 - Math.exp(-(off + setting) * minutes));
    }

    void rinse(CleaningBath bath) {
      double retainedL = bath.retainedL();
      loose *= Math.min(1, retainedL / bath.waterL());
      for (int n = 0; n < bath.rinses(); n++) {
        loose *= retainedL / (retainedL + Solution.MIXING * bath.rinseL());
      }
    }
  }
}
