package org.nestrinse.core.gather;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dose.Dilution;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/**
 * What to do when a pail is emptied, in order.
 *
 * @param steps what to do
 * @param mix the water to wipe it with, or null when the household has no cleaner for it
 */
public record PailCleaning(List<Said> steps, @Nullable Dilution mix) {
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
    List<Said> steps = new ArrayList<>();
    steps.add(
        Said.of(
            switch (style) {
              case MESH_BUCKET -> EmptyingSaying.MESH_LINER;
              case OPEN_BAG, OUT_BAG -> EmptyingSaying.BAG;
              case SORTED_BIN, BASKET, NEW_PIECES, DRY_PAIL -> EmptyingSaying.TIP;
            }));
    if (style == PailStyle.BASKET || style == PailStyle.NEW_PIECES) {
      steps.add(Said.of(EmptyingSaying.WASH_HANDS));
      return new PailCleaning(steps, null);
    }
    Dilution mix = null;
    if (cleaner == null) {
      steps.add(Said.of(EmptyingSaying.RINSE_COLD));
    } else {
      mix = Dilution.of(cleaner.percent(), cleaner.targetMgL(), WIPE_L);
      if (cleaner.chlorine()) {
        steps.add(Said.of(EmptyingSaying.RINSE_TWICE));
      }
      steps.add(
          Said.of(EmptyingSaying.WIPE)
              .with("amount", new Quantity(mix.productMl(), Unit.MILLILITRE, 1))
              .with("cleaner", cleaner.name())
              .with("water", Quantity.of(WIPE_L, Unit.LITRE)));
    }
    steps.add(Said.of(EmptyingSaying.NO_STANDING_WATER));
    if (otherLiner != null) {
      steps.add(Said.of(EmptyingSaying.LINER_IN).with("liner", otherLiner));
    }
    steps.add(Said.of(EmptyingSaying.WASH_HANDS_LAST));
    return new PailCleaning(steps, mix);
  }
}
