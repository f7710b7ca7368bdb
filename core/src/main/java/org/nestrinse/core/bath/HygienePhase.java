package org.nestrinse.core.bath;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;

/**
 * One bath, as the hygiene estimate sees it.
 *
 * @param load what is in the bath
 * @param waterL all its water [L]
 * @param drumL drum volume [L]
 * @param profile temperature over time, at least two points, minutes rising
 * @param oxygenG percarbonate in the bath [g]
 * @param activator whether the whitener has an activator (TAED)
 * @param proteinLeft the largest share of blood, stool, vomit or milk left when it begins, 0 to 1
 * @param additive sanitising additive in this bath, or null
 */
public record HygienePhase(
    TextileLoad load,
    double waterL,
    double drumL,
    List<TemperaturePoint> profile,
    double oxygenG,
    boolean activator,
    double proteinLeft,
    @Nullable Additive additive) {
  private static final int LEAST_POINTS = 2;

  public HygienePhase {
    Limits.WATER_L.check("waterL", waterL);
    Limits.DRUM_L.check("drumL", drumL);
    Limits.DOSE_G.check("oxygenG", oxygenG);
    Limits.PHASE_SHARE.check("proteinLeft", proteinLeft);
    if (profile.size() < LEAST_POINTS) {
      throw new OutOfRange(
          "profile",
          Said.of(Allowed.POINTS).with("points", profile.size()),
          BathSaying.AT_LEAST_TWO_POINTS);
    }
    TemperaturePoint.checkRising(profile);
    profile = List.copyOf(profile);
  }
}
