package org.nestrinse.core.kit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;

/**
 * A programme of the household's machine.
 *
 * @param name as it is written on the machine
 * @param use what it is for
 * @param temperaturesC the temperatures that can be chosen [°C]; 0 is cold
 * @param shortfallC how much cooler the drum stays than the chosen temperature [K], 0 for an honest
 *     programme
 * @param measuredPeakC the peak that the household measured at its hottest setting [°C], or null
 * @param washMinutes minutes of the washing bath, 0 for a rinse or spin programme
 * @param agitation how it moves the load
 * @param rinses rinses of its own
 * @param extraRinses rinses that its option can add at most
 * @param interimRpm spin between rinses [rpm]
 * @param fastestSpinRpm fastest final spin [rpm]
 */
public record Programme(
    String name,
    Use use,
    List<Integer> temperaturesC,
    double shortfallC,
    @Nullable Double measuredPeakC,
    int washMinutes,
    Agitation agitation,
    int rinses,
    int extraRinses,
    int interimRpm,
    int fastestSpinRpm) {
  /** Minutes of one rinse, filling and draining included. */
  public static final int RINSE_MINUTES = 9;

  /** Minutes of the final spin. */
  public static final int SPIN_MINUTES = 9;

  /** What a programme is for. */
  public enum Use {
    RINSE,
    WASH,
    WOOL,
    STEAM,
    SPIN
  }

  public Programme {
    if (temperaturesC.isEmpty()) {
      throw new OutOfRange("temperaturesC", "empty", "at least one temperature");
    }
    temperaturesC.forEach(t -> Limits.WATER_C.check("temperaturesC", t.doubleValue()));
    Limits.MINUTES.check("washMinutes", washMinutes);
    Limits.RINSES.check("rinses", rinses);
    Limits.RINSES.check("extraRinses", extraRinses);
    Limits.RPM.check("interimRpm", interimRpm);
    Limits.RPM.check("fastestSpinRpm", fastestSpinRpm);
    temperaturesC = List.copyOf(temperaturesC);
  }

  /** Returns the temperature that the drum reaches when {@code chosenC} is chosen [°C]. */
  public double reachesC(int chosenC) {
    double byName = chosenC - shortfallC;
    return measuredPeakC == null ? byName : Math.min(byName, measuredPeakC);
  }

  /**
   * Returns the warmest setting that is no hotter than {@code limitC}, or null when every one is.
   */
  public @Nullable Integer warmestUpTo(int limitC) {
    return temperaturesC.stream().filter(t -> t <= limitC).max(Integer::compare).orElse(null);
  }

  /** Returns how long it runs with this many rinses in all [min]. */
  public int minutes(int rinsesInAll) {
    return washMinutes + rinsesInAll * RINSE_MINUTES + SPIN_MINUTES;
  }
}
