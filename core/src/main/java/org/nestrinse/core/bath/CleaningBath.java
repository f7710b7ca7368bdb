package org.nestrinse.core.bath;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * One bath with the rinses after it, as the cleaning model sees it.
 *
 * @param waterL all its water, what the pieces bring included [L]
 * @param profile temperature over time, at least two points, minutes rising
 * @param speed how the load is moved, {@link Agitation#speed()} or the mean of a bath that rests
 * @param drumFill share of the drum that is full: dry in the first bath, as it lies later on
 * @param byHand whether it is washed by hand, so that fill and hardness do not count
 * @param detergentG detergent put into this bath, in grams of everyday powder [g]
 * @param enzymes whether that detergent has enzymes
 * @param rinses rinses after it, 0 to 8
 * @param rinseL fresh water of each [L]
 * @param retainedL what the pieces keep when it is let out and after each rinse, R [L]
 */
@RecordBuilder
public record CleaningBath(
    double waterL,
    List<TemperaturePoint> profile,
    double speed,
    double drumFill,
    boolean byHand,
    double detergentG,
    boolean enzymes,
    int rinses,
    double rinseL,
    double retainedL) {
  /** How full a drum may be said to be; 1 is full to the top. */
  public static final Range DRUM_FILL = new Range(0, 3);

  private static final Range SPEED = new Range(Agitation.SOAK.speed(), Agitation.PLUNGED.speed());
  private static final int LEAST_POINTS = 2;

  public CleaningBath {
    Limits.WATER_L.check("waterL", waterL);
    SPEED.check("movement", speed);
    DRUM_FILL.check("drumFill", drumFill);
    Limits.DOSE_G.check("detergentG", detergentG);
    Limits.RINSES.check("rinses", rinses);
    Limits.WATER_L.check("rinseL", rinseL);
    if (profile.size() < LEAST_POINTS) {
      throw new OutOfRange(
          "profile",
          Said.of(Allowed.POINTS).with("points", profile.size()),
          BathSaying.AT_LEAST_TWO_POINTS);
    }
    profile = List.copyOf(profile);
    TemperaturePoint.checkRising(profile);
  }

  /** Returns the same bath with another number of rinses after it. */
  public CleaningBath withRinses(int other) {
    return CleaningBathBuilder.builder(this).rinses(other).build();
  }
}
