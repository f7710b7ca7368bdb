package org.nestrinse.core.bath;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;

/**
 * One bath and the rinses after it, as the hygiene estimate sees them.
 *
 * @param load what is in the bath
 * @param waterL liquor [L]
 * @param drumL drum volume [L]
 * @param fill share of the drum that is full
 * @param profile temperature over time, at least two points, minutes rising
 * @param oxygenG oxygen whitener in the bath [g]
 * @param activator whether the whitener has an activator (TAED)
 * @param agitation how the load is moved
 * @param detergent whether there is detergent in it
 * @param rinses rinses after it, 0 to 8
 * @param rinseL fresh water of each [L]
 * @param interimRpm spin between rinses [rpm]
 * @param drumRadiusM drum radius [m]
 * @param additive sanitising additive in this bath, or null
 */
public record HygienePhase(
    TextileLoad load,
    double waterL,
    double drumL,
    double fill,
    List<TemperaturePoint> profile,
    double oxygenG,
    boolean activator,
    Agitation agitation,
    boolean detergent,
    int rinses,
    double rinseL,
    double interimRpm,
    double drumRadiusM,
    @Nullable Additive additive) {
  private static final int LEAST_POINTS = 2;

  public HygienePhase {
    Limits.WATER_L.check("waterL", waterL);
    Limits.DRUM_L.check("drumL", drumL);
    Limits.DOSE_G.check("oxygenG", oxygenG);
    Limits.RINSES.check("rinses", rinses);
    Limits.WATER_L.check("rinseL", rinseL);
    Limits.RPM.check("interimRpm", interimRpm);
    Limits.DRUM_RADIUS_M.check("drumRadiusM", drumRadiusM);
    if (profile.size() < LEAST_POINTS) {
      throw new OutOfRange("profile", profile.size() + " point(s)", "at least two points");
    }
    for (int i = 1; i < profile.size(); i++) {
      if (profile.get(i).minute() < profile.get(i - 1).minute()) {
        throw new OutOfRange(
            "profile.minute", profile.get(i).minute(), "no earlier than the point before it");
      }
    }
    profile = List.copyOf(profile);
  }
}
