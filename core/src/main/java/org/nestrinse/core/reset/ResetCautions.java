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
      all.add(
          check(
              "simmer-pot",
              "A pot at the boil",
              "Back burner, handle in, two thirds full at most, never alone, children out of the kitchen. Pieces in"
                  + " one by one with tongs; air the room; let it cool before it is carried or poured."));
      all.add(
          note(
              "soda",
              "Washing soda bites",
              "Gloves and glasses; do not breathe the powder. Acid does not go into the same pot."));
    }
    if (recipe == ResetRecipe.SIMMER_POT_BORAX) {
      all.add(
          check(
              "borax",
              "Borax",
              "Harmful to reproduction, and restricted in many places. Not with children near, not when pregnant; a"
                  + " pot used with it is not used for food again."));
    }
    if (recipe == ResetRecipe.OVERNIGHT_DETERGENT
        || recipe == ResetRecipe.OVERNIGHT_ACID
        || recipe == ResetRecipe.MINERAL_SOAK) {
      all.add(
          check(
              "bucket",
              "Water that stands for hours",
              "A small child drowns in a bucket without a sound. A room with a shut door, or a vessel up high with a"
                  + " lid."));
    }
    if (recipe == ResetRecipe.MINERAL_SOAK || recipe == ResetRecipe.RINSE_OUT) {
      all.add(
          note(
              "hot-water",
              "Hot water",
              "Above 45 it scalds hands in seconds, a child's sooner: cold water first, hot after."));
    }
    if (recipe == ResetRecipe.OVERNIGHT_ACID) {
      all.add(
          note(
              "acid",
              "Acid",
              "Never with chlorine bleach: it makes a poisonous gas. Rinse before soda or whitener."));
    }
    if (recipe == ResetRecipe.CHLORINE_SOAK) {
      all.add(
          check(
              "chlorine",
              "Chlorine bleach",
              "In cold water, window open, gloves. Only clean, rinsed pieces: with urine it makes a gas, with acid"
                  + " another. Two full rinses before anything else goes in. Septic tanks dislike it."));
    }
    return all;
  }

  private static Caution check(String key, String title, String sentence) {
    return new Caution(Strength.CHECK, "reset-" + key, title, sentence, 1);
  }

  private static Caution note(String key, String title, String sentence) {
    return new Caution(Strength.NOTE, "reset-" + key, title, sentence, 1);
  }
}
