package org.nestrinse.core.gather;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dose.Dilution;
import org.nestrinse.core.units.Numbers;

/**
 * What to do when a pail is emptied, in order.
 *
 * @param steps one sentence each
 * @param mix the water to wipe it with, or null when the household has no cleaner for it
 */
public record PailCleaning(List<String> steps, @Nullable Dilution mix) {
  /** A litre wipes a pail. */
  public static final double WIPE_L = 1;

  /**
   * What the household cleans its pails with.
   *
   * @param name what it is called
   * @param percent strength by its label [%], {@link Dilution#PERCENT}
   * @param targetMgL strength of the mix by its label [mg/L], {@link Dilution#TARGET_MG_L}
   * @param chlorine whether it is or has chlorine bleach, which must not meet urine
   */
  public record Cleaner(String name, double percent, double targetMgL, boolean chlorine) {
    public Cleaner {
      Dilution.of(percent, targetMgL, WIPE_L);
    }
  }

  public PailCleaning {
    steps = List.copyOf(steps);
  }

  /**
   * Returns what to do.
   *
   * @param style the sort of pail
   * @param cleaner what to wipe it with, or null for water alone
   * @param otherLiner the liner that goes in now, in words; null when there is none
   */
  public static PailCleaning of(
      PailStyle style, @Nullable Cleaner cleaner, @Nullable String otherLiner) {
    List<String> steps = new ArrayList<>();
    steps.add(
        switch (style) {
          case MESH_BUCKET ->
              "Lift the mesh liner out whole and turn it over into the drum; it goes along.";
          case OPEN_BAG, OUT_BAG ->
              "Turn the bag inside out over the drum; it goes along, open side out.";
          case SORTED_BIN, BASKET, NEW_PIECES, DRY_PAIL ->
              "Tip everything straight into the drum; nobody needs to touch it.";
        });
    if (style == PailStyle.BASKET || style == PailStyle.NEW_PIECES) {
      steps.add("Wash hands.");
      return new PailCleaning(steps, null);
    }
    Dilution mix = null;
    if (cleaner == null) {
      steps.add("Rinse it with cold water, wipe it, let it dry with the lid off.");
    } else {
      mix = Dilution.of(cleaner.percent(), cleaner.targetMgL(), WIPE_L);
      if (cleaner.chlorine()) {
        steps.add(
            "Rinse it twice with clear water first: chlorine on urine makes a poisonous gas. Open the window.");
      }
      steps.add(
          "Wipe it with %s mL of %s in %s L of water, gloves on; let it dry open."
              .formatted(Numbers.of(mix.productMl(), 1), cleaner.name(), Numbers.of(WIPE_L, 0)));
    }
    steps.add("Leave no water standing in it: a child can drown in a bucket.");
    if (otherLiner != null) {
      steps.add("Put " + otherLiner + " in.");
    }
    steps.add("Wash hands last.");
    return new PailCleaning(steps, mix);
  }
}
