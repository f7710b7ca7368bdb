package org.nestrinse.core.wash.school;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Where people who wash well disagree */
public enum DisagreementSaying implements Saying {
  PRE_RINSE,
  PRE_RINSE_STANDING,
  PRE_RINSE_NONE,
  PRE_RINSE_HALF,
  PRE_RINSE_FULL,
  MAIN_HEAT,
  MAIN_HEAT_STANDING,
  MAIN_HEAT_60,
  MAIN_HEAT_40,
  MAIN_HEAT_COLD,
  STRENGTH,
  STRENGTH_STANDING,
  STRENGTH_LEAN,
  STRENGTH_LABEL,
  STRENGTH_STRONG,
  ENZYMES,
  ENZYMES_STANDING,
  ENZYMES_WANTED,
  ENZYMES_AVOIDED,
  FORM,
  FORM_STANDING,
  FORM_POWDER,
  FORM_LIQUID,
  MICROFIBRE_HEAT,
  MICROFIBRE_HEAT_STANDING,
  MICROFIBRE_HEAT_40,
  MICROFIBRE_HEAT_60,
  SUN,
  SUN_STANDING,
  SUN_LIMITED,
  SUN_FULL,
  SUN_NEVER,
  RHYTHM,
  RHYTHM_STANDING,
  RHYTHM_1,
  RHYTHM_2,
  RHYTHM_3,
  BABY_CLOTHES,
  BABY_CLOTHES_STANDING,
  BABY_CLOTHES_TOGETHER,
  BABY_CLOTHES_ALONE,
  NEW_PIECES,
  NEW_PIECES_STANDING,
  NEW_PIECES_FIBRE,
  NEW_PIECES_SOAK,
  NEW_PIECES_WASHES,
  VINEGAR,
  VINEGAR_STANDING,
  VINEGAR_NO,
  VINEGAR_YES,
  PAIL,
  PAIL_STANDING,
  PAIL_OPEN,
  PAIL_LID,
  SPIN,
  SPIN_STANDING,
  SPIN_HIGH,
  SPIN_LOW;

  private final Set<String> valueNames;

  DisagreementSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
