package org.nestrinse.core.bath;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;

/**
 * What a series of rinses leaves.
 *
 * @param concentrationsGL concentration in the main bath and after each rinse [g/L]
 * @param residueMgKg residue after the last rinse and the final spin [mg/kg]
 * @param rinsesNeeded the fewest rinses (0 to 8) that meet the target; null when 8 do not
 * @param sudsVisible whether suds show in the last water
 * @see "docs/models.md, section 4"
 */
public record RinseOutcome(
    List<Double> concentrationsGL,
    double residueMgKg,
    @Nullable Integer rinsesNeeded,
    boolean sudsVisible) {
  public RinseOutcome {
    concentrationsGL = List.copyOf(concentrationsGL);
  }

  /**
   * The rinses to compute.
   *
   * @param load what is rinsed
   * @param doseG product in the main bath [g]
   * @param mainL liquor of the main bath [L]
   * @param rinseL fresh water of each rinse [L]
   * @param rinses how many, 0 to 8
   * @param interimRpm spin between rinses [rpm]
   * @param finalRpm spin at the end [rpm]
   * @param drumRadiusM drum radius [m]
   * @param targetMgKg residue that is good enough [mg/kg]
   */
  @RecordBuilder
  public record Series(
      TextileLoad load,
      double doseG,
      double mainL,
      double rinseL,
      int rinses,
      double interimRpm,
      double finalRpm,
      double drumRadiusM,
      double targetMgKg) {
    public Series {
      Limits.DOSE_G.check("doseG", doseG);
      Limits.WATER_L.check("mainL", mainL);
      Limits.WATER_L.check("rinseL", rinseL);
      Limits.RINSES.check("rinses", rinses);
      Limits.RPM.check("interimRpm", interimRpm);
      Limits.RPM.check("finalRpm", finalRpm);
      Limits.DRUM_RADIUS_M.check("drumRadiusM", drumRadiusM);
      Limits.TARGET_MG_KG.check("targetMgKg", targetMgKg);
    }
  }

  /** Returns what the series leaves. */
  public static RinseOutcome of(Series s) {
    double sorbed = s.load.sorbedL();
    double interim = SpinRetention.of(s.load, s.interimRpm, s.drumRadiusM).retainedL();
    double last = SpinRetention.of(s.load, s.finalRpm, s.drumRadiusM).retainedL();
    Solution solution = Solution.CLEAR.intoBath(0, 0, s.doseG, s.mainL, sorbed);
    List<Double> concentrations = new ArrayList<>(List.of(solution.gramsPerL()));
    Solution end = solution;
    Integer needed = null;
    int most = (int) Limits.RINSES.max();
    for (int n = 0; n <= most; n++) {
      if (n > 0) {
        solution = solution.rinsed(interim, sorbed, s.rinseL);
        if (n <= s.rinses) {
          concentrations.add(solution.gramsPerL());
          end = solution;
        }
      }
      if (needed == null && solution.residueMgKg(last, sorbed, s.load.massKg()) <= s.targetMgKg) {
        needed = n;
      }
    }
    return new RinseOutcome(
        concentrations, end.residueMgKg(last, sorbed, s.load.massKg()), needed, end.sudsVisible());
  }
}
