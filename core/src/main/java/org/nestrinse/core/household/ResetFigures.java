package org.nestrinse.core.household;

import java.util.List;
import java.util.Map;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.reset.ResetStep;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;

/** What is known in figures of a reset that was done. */
public final class ResetFigures {
  private ResetFigures() {}

  /**
   * A reset that was done.
   *
   * @param recipe by which
   * @param pieces what was in it
   * @param steps what was done
   * @param rinses how many rinses followed
   * @param rpm the last spin [rpm]
   * @param litres water [L]
   * @param kwh electricity [kWh]
   * @param minutes how long it took [min]
   */
  public record Done(
      ResetRecipe recipe,
      Map<Kind, Integer> pieces,
      List<ResetStep> steps,
      int rinses,
      int rpm,
      double litres,
      double kwh,
      double minutes) {}

  /**
   * Returns its figures: as warm and as long as its recipe, with no claim about germs.
   *
   * @param trim the learned correction of doses
   * @param hardnessMmolL hardness of the water [mmol/L]
   * @param money what it cost
   * @param amounts what went in, in words
   */
  public static RoundFigures of(
      Done done, double trim, double hardnessMmolL, double money, Said amounts) {
    double peak = done.recipe.temper().peakC();
    return new RoundFigures(
        done.pieces.values().stream().mapToInt(Integer::intValue).sum(),
        done.pieces.entrySet().stream()
            .mapToDouble(p -> p.getKey().load(p.getValue()).massKg())
            .sum(),
        new RoundFigures.Dose(0, null, trim, false, amounts),
        new RoundFigures.Bath(
            (int) peak, peak, done.recipe.minutes(), done.rinses, done.rpm, 0, hardnessMmolL),
        new RoundFigures.Estimate(0, 0, 0, 0, HygieneGoal.LIGHT, true, null, false),
        new RoundFigures.Spent(
            done.litres,
            done.kwh,
            money,
            done.minutes,
            done.steps.stream().filter(ResetStep::attended).mapToInt(ResetStep::minutes).sum()));
  }
}
