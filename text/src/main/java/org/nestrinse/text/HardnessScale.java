package org.nestrinse.text;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Unit;

/** The scales for water hardness that packs and water works use. */
public enum HardnessScale {
  MMOL_PER_L,
  /** °dH: 1 mmol/L is 5.6. */
  GERMAN_DEGREES,
  /** °fH: 1 mmol/L is 10. */
  FRENCH_DEGREES,
  /** °e, also called Clark: 1 mmol/L is 7. */
  ENGLISH_DEGREES,
  /** gpg: 1 mmol/L is 5.8. */
  GRAINS_PER_GALLON,
  /** ppm, or mg/L of calcium carbonate: 1 mmol/L is 100. */
  PARTS_PER_MILLION;

  /** Returns how mmol/L is shown on this scale, or null when as it is. */
  public Measures.@Nullable Shown shown() {
    return Measures.shown(this, Unit.MMOL_PER_L);
  }
}
