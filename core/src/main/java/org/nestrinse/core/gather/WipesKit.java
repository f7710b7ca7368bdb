package org.nestrinse.core.gather;

import java.time.Duration;
import java.time.Instant;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Range;

/**
 * Wet wipes in two boxes that take turns: enough for two days, in plain water.
 *
 * @param pieces wipes for one box
 * @param waterMl water for it, to the marker [mL]
 */
public record WipesKit(int pieces, int waterMl) {
  /** Wet wipes keep so long; then what is left is washed and the box filled anew. */
  public static final Duration KEEPS = Duration.ofDays(2);

  /** Boxes in turn. */
  public static final int BOXES = 2;

  /** What a day may use. */
  public static final Range PER_DAY = new Range(1, 60, Unit.WIPE_A_DAY);

  /**
   * Damp, not dripping: water for each gram of dry cotton, by its absorbency [mL/g]; house figure.
   */
  private static final double WATER_ML_G = 1.8;

  private static final int MARKER_ML = 10;

  /** What may be in the water. */
  public enum Addition implements Saying {
    PLAIN,
    MILD_SOAP,
    OIL;

    /** Returns what must be read before it is used, or nothing. */
    public Said caution() {
      return this == OIL ? PrepSaying.OILS_SENSITISE.said() : Said.NOTHING;
    }
  }

  /**
   * Returns one box for two days.
   *
   * @param wipe the kind of wipe
   * @param perDay wipes used on a normal day, {@link #PER_DAY}
   */
  public static WipesKit of(Kind wipe, int perDay) {
    PER_DAY.check("perDay", perDay);
    int pieces = perDay * (int) KEEPS.toDays();
    double dryG = wipe.massKg() * 1000 * pieces;
    double absorbency = wipe.load(1).weighted(m -> m.absorbency()) / wipe.massKg();
    double ml = dryG * WATER_ML_G * absorbency;
    return new WipesKit(pieces, (int) Math.round(ml / MARKER_ML) * MARKER_ML);
  }

  /** Returns until when a box that was filled then is good. */
  public static Instant goodUntil(Instant filled) {
    return filled.plus(KEEPS);
  }
}
