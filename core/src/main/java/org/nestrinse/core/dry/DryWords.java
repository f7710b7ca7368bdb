package org.nestrinse.core.dry;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.units.Numbers;

/** Everything that Dry says: what to carry where, and why. */
public final class DryWords {
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm", Locale.ROOT);

  private DryWords() {}

  /** What pieces are brought in before. */
  enum Before {
    RAIN("before the rain"),
    DAMP("before the evening damp"),
    NIGHT("before the night");

    private final String words;

    Before(String words) {
      this.words = words;
    }
  }

  static String bringIn(@Nullable Before before, Spot to) {
    return "bring in" + (before == null ? "" : " " + before.words) + ": " + to.words();
  }

  static String out(Spot to) {
    return "take out: " + to.words();
  }

  static String hang(Spot to, boolean again, boolean crowded) {
    return (again ? "move to: " : "hang: ") + to.words() + (crowded ? ", close together" : "");
  }

  static String shade(boolean hot) {
    return hot
        ? "move to the shade, it is above 35°"
        : "move to the shade, 3 h of strong sun are enough";
  }

  static String insideOut() {
    return "turn inside out";
  }

  static String toTheSun() {
    return "turn the thick side to the sun";
  }

  static String dryer(Dryer dryer, TumbleDrying run) {
    return "into %s, %s, %s; clean the lint filter first"
        .formatted(dryer.name(), run.heat().words(), Numbers.duration(run.minutes()));
  }

  /** Returns by what a plan was chosen. */
  public static String weighed(boolean proven) {
    return "Dry before the shelf needs it and before it smells; then as this house wishes; then money and hours together."
        + (proven
            ? " No other way through your places is better."
            : " The best of many thousand ways that were looked at.");
  }

  /** Returns where pieces are that fit nowhere. */
  public static String noRoom() {
    return "no room anywhere: hang it when something is dry";
  }

  /** Returns what stands before the number of pieces that stay damp too long. */
  public static String dampTooLong() {
    return "damp for more than a day, whatever is done";
  }

  /** Returns what becomes of such a piece. */
  public static String willSmell() {
    return "damp so long that it will smell";
  }

  /** Returns an hour of the clock: "14:00". */
  public static String clock(Instant at, ZoneId zone) {
    return CLOCK.format(at.atZone(zone));
  }

  /** Returns that a check of pieces that hang too close teaches nothing. */
  public static String tooClose() {
    return "Kept. They hang too close to tell how fast the place dries.";
  }
}
