package org.nestrinse.core.reset;

import java.util.List;
import org.nestrinse.core.bath.BathWater;
import org.nestrinse.core.bath.Solution;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;

/**
 * How many rinses without detergent it takes until no suds show, by the rinse model, corrected by
 * how many it took before.
 *
 * @param rinses how many, {@link #RINSES}
 * @param concentrationsGL in the water of each [g/L]
 * @param residueMgKg what was reckoned to be in the pieces [mg/kg]
 * @see "docs/models.md, sections 4 and 11"
 */
public record RinseOut(int rinses, List<Double> concentrationsGL, double residueMgKg) {
  /** How many can be predicted or counted. */
  public static final Range RINSES = new Range(1, 8, Unit.RINSE);

  /** What can be in a piece [mg/kg]. */
  public static final Range RESIDUE_MG_KG = new Range(0, 50_000, Unit.MG_PER_KG);

  /**
   * Suds in a jar: a piece of 60 g makes visible suds, 0.2 g/L, in 0.7 L, so that it holds so much
   * [mg/kg].
   */
  private static final double JAR_MG_KG = 2300;

  private static final double MG_PER_G = 1000;
  private static final double LEAST_FACTOR = 0.25;
  private static final double MOST_FACTOR = 8;

  public RinseOut {
    concentrationsGL = List.copyOf(concentrationsGL);
  }

  /**
   * What it depends on.
   *
   * @param load what is rinsed
   * @param residueMgKg the estimate of the last round [mg/kg], {@link #RESIDUE_MG_KG}
   * @param sudsSeen whether suds were seen, so that the estimate is too low
   * @param rpm spin between the rinses [rpm]
   * @param drumRadiusM radius of the drum [m]
   * @param factor what earlier counts have taught, 1 when there were none
   */
  public record Question(
      TextileLoad load,
      double residueMgKg,
      boolean sudsSeen,
      double rpm,
      double drumRadiusM,
      double factor) {
    public Question {
      RESIDUE_MG_KG.check("residueMgKg", residueMgKg);
      Limits.RPM.check("rpm", rpm);
      Limits.DRUM_RADIUS_M.check("drumRadiusM", drumRadiusM);
    }
  }

  /** Returns the prediction. */
  public static RinseOut of(Question q) {
    double residue = Math.max(q.residueMgKg, q.sudsSeen ? JAR_MG_KG : 0) * q.factor;
    double water = BathWater.rinseL(q.load);
    double sorbed = q.load.sorbedL();
    double kept = SpinRetention.of(q.load, q.rpm, q.drumRadiusM).retainedL();
    double grams = residue * q.load.massKg() / MG_PER_G;
    Solution solution = Solution.CLEAR.intoBath(0, 0, grams, water, sorbed);
    List<Double> course = new java.util.ArrayList<>(List.of(solution.gramsPerL()));
    int rinses = 1;
    while (solution.sudsVisible() && rinses < RINSES.max()) {
      solution = solution.rinsed(kept, sorbed, water);
      course.add(solution.gramsPerL());
      rinses++;
    }
    return new RinseOut(rinses, course, residue);
  }

  /**
   * Returns what a count teaches: the factor by which more, or less, was in the pieces, half of the
   * way from what was believed.
   *
   * @param before the factor until now
   * @param predicted rinses that were predicted
   * @param counted rinses that it took, {@link #RINSES}
   * @param oneRinse by how much one rinse thins, such as 5
   */
  public static double learnt(double before, int predicted, int counted, double oneRinse) {
    RINSES.check("counted", counted);
    double wanted = before * Math.pow(oneRinse, (counted - predicted) / 2.0);
    return Math.min(MOST_FACTOR, Math.max(LEAST_FACTOR, wanted));
  }

  /** Returns by how much one rinse of this load thins what is in it. */
  public static double oneRinse(TextileLoad load, double rpm, double drumRadiusM) {
    double kept = SpinRetention.of(load, rpm, drumRadiusM).retainedL();
    return 1 / new Solution(1).rinsed(kept, load.sorbedL(), BathWater.rinseL(load)).gramsPerL();
  }
}
