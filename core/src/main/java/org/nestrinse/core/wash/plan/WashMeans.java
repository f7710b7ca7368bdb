package org.nestrinse.core.wash.plan;

import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.WashJob;

/** Washing by hand or by steam needs the equipment, and pieces that can take it. */
final class WashMeans {
  private WashMeans() {}

  /** Throws {@link CannotPlan} when a machine cannot do what a method wants with this load. */
  static void check(WashJob job, School school) {
    if (school.main().by() == School.By.HAND) {
      throw new CannotPlan(
          Said.of(WashPhrase.BY_HAND_ONLY)
              .with("method", school.name())
              .with("machine", job.machine().name()));
    }
    if (school.main().by() != School.By.STEAM) {
      return;
    }
    job.all().stream()
        .map(SoiledPieces::kind)
        .filter(k -> !k.parts().stream().allMatch(WashMeans::bearsSteam))
        .findFirst()
        .ifPresent(
            k -> {
              throw new CannotPlan(Said.of(WashPhrase.STEAM_ONLY_PLAIN).with("kind", k.plural()));
            });
  }

  private static boolean bearsSteam(Part part) {
    boolean plain = part.material() == Material.COTTON || part.material() == Material.LINEN;
    return plain && !part.elastic();
  }
}
