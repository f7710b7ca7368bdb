package org.nestrinse.core.reset;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.safety.Caution.Strength;

/** What to take care of in a reset. */
final class ResetCautions {
  private ResetCautions() {}

  static List<Caution> of(ResetRecipe recipe) {
    List<Caution> all = new ArrayList<>();
    if (recipe.boils()) {
      all.add(check("simmer-pot", CareSaying.SIMMER_POT_TITLE, CareSaying.SIMMER_POT));
      all.add(note("soda", CareSaying.SODA_TITLE, CareSaying.SODA));
    }
    if (recipe == ResetRecipe.SIMMER_POT_BORAX) {
      all.add(check("borax", CareSaying.BORAX_TITLE, CareSaying.BORAX));
    }
    if (recipe == ResetRecipe.OVERNIGHT_DETERGENT
        || recipe == ResetRecipe.OVERNIGHT_ACID
        || recipe == ResetRecipe.MINERAL_SOAK) {
      all.add(check("bucket", CareSaying.BUCKET_TITLE, CareSaying.BUCKET));
    }
    if (recipe == ResetRecipe.MINERAL_SOAK || recipe == ResetRecipe.RINSE_OUT) {
      all.add(note("hot-water", CareSaying.HOT_WATER_TITLE, CareSaying.HOT_WATER));
    }
    if (recipe == ResetRecipe.OVERNIGHT_ACID) {
      all.add(note("acid", CareSaying.ACID_TITLE, CareSaying.ACID));
    }
    if (recipe == ResetRecipe.CHLORINE_SOAK) {
      all.add(check("chlorine", CareSaying.CHLORINE_TITLE, CareSaying.CHLORINE));
    }
    return all;
  }

  private static Caution check(String key, CareSaying title, CareSaying sentence) {
    return new Caution(Strength.CHECK, "reset-" + key, title.said(), sentence.said(), 1);
  }

  private static Caution note(String key, CareSaying title, CareSaying sentence) {
    return new Caution(Strength.NOTE, "reset-" + key, title.said(), sentence.said(), 1);
  }
}
