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
          both(Chemical.CHLORINE, Chemical.ACID, Strength.STOP, "That makes chlorine gas."),
          both(
              Chemical.CHLORINE,
              Chemical.AMMONIA,
              Strength.STOP,
              "Unrinsed urine with chlorine makes chloramine gas."),
          both(
              Chemical.CHLORINE,
              Chemical.PEROXIDE,
              Strength.STOP,
              "They release oxygen violently and both are spent."),
          both(
              Chemical.CHLORINE,
              Chemical.PHENOLIC,
              Strength.STOP,
              "That makes toxic organochlorines."),
          both(
              Chemical.CHLORINE,
              Chemical.UNKNOWN,
              Strength.STOP,
              "Nobody knows what is in it, and with chlorine it may be toxic."),
          new Meeting(
              Chemical.ACID,
              Chemical.PEROXIDE,
              Strength.STOP,
              Strength.CHECK,
              "Together they make peracetic acid, which is corrosive."),
          new Meeting(
              Chemical.ACID, Chemical.ALKALI, Strength.NOTE, null, "They fizz and cancel out."),
          both(
              Chemical.CATIONIC,
              Chemical.ANIONIC,
              Strength.CHECK,
              "The two cancel out and leave a sticky film."),
          both(
              Chemical.ENZYME,
              Chemical.CHLORINE,
              Strength.NOTE,
              "Chlorine destroys enzymes, so they do nothing."));

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
      String what) {}

  private static Meeting both(Chemical one, Chemical other, Strength strength, String what) {
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
