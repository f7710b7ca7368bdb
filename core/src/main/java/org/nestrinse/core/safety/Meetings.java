package org.nestrinse.core.safety;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.safety.Caution.Strength;

/**
 * Which chemical classes must not meet, and how strongly that is meant, in one bath and by what the
 * textile carries over.
 *
 * @see "docs/models.md, products that must not meet"
 */
public final class Meetings {
  /**
   * Two products meet when more than this share of the first one's starting concentration is left
   * in the bath that gets the second.
   */
  public static final double MEETS_ABOVE = 0.02;

  /** Full rinses needed between urine and chlorine. */
  public static final int RINSES_AFTER_URINE = 2;

  /** Full rinses needed after a chlorine soak, before anything else. */
  public static final int RINSES_AFTER_CHLORINE = 2;

  private static final List<Meeting> TABLE =
      List.of(
          both(Chemical.CHLORINE, Chemical.ACID, Strength.STOP, MeetingSaying.CHLORINE_GAS),
          both(Chemical.CHLORINE, Chemical.AMMONIA, Strength.STOP, MeetingSaying.CHLORAMINE),
          both(Chemical.CHLORINE, Chemical.PEROXIDE, Strength.STOP, MeetingSaying.OXYGEN_BURST),
          both(Chemical.CHLORINE, Chemical.PHENOLIC, Strength.STOP, MeetingSaying.ORGANOCHLORINES),
          both(Chemical.CHLORINE, Chemical.UNKNOWN, Strength.STOP, MeetingSaying.MAY_BE_TOXIC),
          new Meeting(
              Chemical.ACID,
              Chemical.PEROXIDE,
              Strength.STOP,
              Strength.CHECK,
              MeetingSaying.PERACETIC_ACID),
          new Meeting(Chemical.ACID, Chemical.ALKALI, Strength.NOTE, null, MeetingSaying.FIZZ),
          both(Chemical.CATIONIC, Chemical.ANIONIC, Strength.CHECK, MeetingSaying.STICKY_FILM),
          both(Chemical.ENZYME, Chemical.CHLORINE, Strength.NOTE, MeetingSaying.ENZYMES_DESTROYED));

  private Meetings() {}

  /**
   * What happens when two classes meet.
   *
   * @param one a class
   * @param other the other
   * @param inOneBath how strongly it is meant in one bath
   * @param carriedOver how strongly when the first is carried into the bath of the other, or null
   * @param what what happens
   */
  public record Meeting(
      Chemical one,
      Chemical other,
      Strength inOneBath,
      @Nullable Strength carriedOver,
      MeetingSaying what) {}

  private static Meeting both(Chemical one, Chemical other, Strength strength, MeetingSaying what) {
    return new Meeting(one, other, strength, strength, what);
  }

  /** Returns what happens when these two meet, in whichever order, or nothing when they may. */
  public static Optional<Meeting> of(Chemical one, Chemical other) {
    return TABLE.stream()
        .filter(m -> (m.one == one && m.other == other) || (m.one == other && m.other == one))
        .findFirst();
  }

  /** Returns every pair that must not meet. */
  public static List<Meeting> all() {
    return TABLE;
  }
}
