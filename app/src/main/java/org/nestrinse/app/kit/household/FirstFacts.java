package org.nestrinse.app.kit.household;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.units.Limits;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a new house is asked first, and whether it has been. */
@Service
public class FirstFacts {
  private final HouseholdService household;

  FirstFacts(HouseholdService household) {
    this.household = household;
  }

  /** Returns whether the set-up is over. */
  @Transactional(readOnly = true)
  public boolean setUpDone() {
    return household.entity().setUpDone;
  }

  /** Ends the set-up. */
  @Transactional
  public void endSetUp() {
    household.entity().setUpDone = true;
  }

  /** Returns whether somebody told of the water; a new house only guesses. */
  @Transactional(readOnly = true)
  public boolean waterTold() {
    return household.entity().waterTold;
  }

  /**
   * Keeps what is known of the water; what is null stays as it is.
   *
   * @param hardnessMmolL its hardness [mmol/L]
   * @param inletC how cold it comes [°C]
   */
  @Transactional
  public void tellWater(@Nullable Double hardnessMmolL, @Nullable Double inletC) {
    HouseholdEntity e = household.entity();
    if (hardnessMmolL != null) {
      e.hardnessMmolL = Limits.HARDNESS_MMOL_L.check("hardnessMmolL", hardnessMmolL.doubleValue());
    }
    if (inletC != null) {
      e.inletC = HouseholdService.INLET_C.check("inletC", inletC.doubleValue());
    }
    e.waterTold = true;
  }
}
