package org.nestrinse.core.wash.plan;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.WashJob;

/**
 * The method that a load opens on: the household's usual one for what lies there, once it has one;
 * before that by what lies there; else the one that it chose.
 *
 * @param school short name of the method
 * @param because why it is offered first
 * @see "docs/models.md, which method is offered first"
 */
public record OfferedMethod(String school, Because because) {
  /** Why a method is offered first. */
  public enum Because {
    USUAL,
    MICROFIBRE,
    BUCKET,
    BLOOD,
    DELICATE,
    CHOSEN,
    /** The one that would be offered cannot wash this load here. */
    ONLY_OTHERS
  }

  /**
   * Returns the method to offer first among those that can wash a load here.
   *
   * @param usual short name of the method last used for these kinds, or null
   * @param chosen short name of the method that the household chose
   * @param possible short names of the methods that can; all of them when empty
   */
  public static OfferedMethod of(
      WashJob job, @Nullable String usual, String chosen, List<String> possible) {
    return Stream.of(of(job, usual, chosen), of(job, null, chosen))
        .filter(m -> possible.isEmpty() || possible.contains(m.school))
        .findFirst()
        .orElseGet(() -> new OfferedMethod(possible.get(0), Because.ONLY_OTHERS));
  }

  /**
   * Returns the method to offer first, whether or not it can wash this load here.
   *
   * @param usual short name of the method last used for these kinds, or null
   * @param chosen short name of the method that the household chose
   */
  static OfferedMethod of(WashJob job, @Nullable String usual, String chosen) {
    if (usual != null) {
      return new OfferedMethod(usual, Because.USUAL);
    }
    if (job.mostlyMicrofibreCloths()) {
      return new OfferedMethod(School.SOFT_FIBRE.id(), Because.MICROFIBRE);
    }
    if (job.machine().type().byHand()) {
      return new OfferedMethod(School.BUCKET_AND_PLUNGE.id(), Because.BUCKET);
    }
    if (job.first().stream().anyMatch(p -> p.soil() == Soil.BLOOD)) {
      return new OfferedMethod(School.COOL_THEN_WARM.id(), Because.BLOOD);
    }
    if (mostly(job, OfferedMethod::delicate)) {
      return new OfferedMethod(School.GENTLE_SKIN.id(), Because.DELICATE);
    }
    return new OfferedMethod(chosen, Because.CHOSEN);
  }

  private static boolean delicate(SoiledPieces p) {
    boolean skin = p.needs().contains(SkinNeed.NEWBORN) || p.needs().contains(SkinNeed.SENSITIVE);
    return p.kind().role() == Role.CLOTHES && skin;
  }

  private static boolean mostly(WashJob job, Predicate<SoiledPieces> which) {
    int some = job.first().stream().filter(which).mapToInt(SoiledPieces::count).sum();
    int all = job.first().stream().mapToInt(SoiledPieces::count).sum();
    return some * 2 > all;
  }

  /** Returns why it is offered first. */
  public Said said() {
    return WashPhrase.valueOf("OFFERED_" + because).said();
  }
}
