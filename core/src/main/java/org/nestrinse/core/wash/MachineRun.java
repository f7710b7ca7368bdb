package org.nestrinse.core.wash;

import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.units.Numbers;

/**
 * One run of the machine, as it is set.
 *
 * @param programme the programme
 * @param temperatureC the temperature chosen [°C], 0 for cold
 * @param extraRinses rinses added by the option
 * @param spinRpm final spin chosen [rpm]
 * @param pauseMinutes how long a person pauses it while the bath stands [min], 0 for not at all
 */
public record MachineRun(
    Programme programme, int temperatureC, int extraRinses, int spinRpm, int pauseMinutes) {
  /** A soak-pause begins so long after the start [min]. */
  public static final int PAUSE_AFTER_MINUTES = 12;

  /** Makes a run without a pause. */
  public MachineRun(Programme programme, int temperatureC, int extraRinses, int spinRpm) {
    this(programme, temperatureC, extraRinses, spinRpm, 0);
  }

  /** Returns how long the washing bath stands in the drum, a pause included [min]. */
  public int bathMinutes() {
    return programme.washMinutes() + pauseMinutes;
  }

  /** Returns all rinses of the run. */
  public int rinses() {
    return programme.rinses() + extraRinses;
  }

  /** Returns how long it runs [min]. */
  public int minutes() {
    return programme.minutes(rinses()) + pauseMinutes;
  }

  /** Returns whether it has a washing bath, and does not only rinse. */
  public boolean washes() {
    return programme.washMinutes() > 0;
  }

  /** Returns how to set the machine, in words. */
  public String settings() {
    String heat = temperatureC == 0 ? "cold" : "at " + temperatureC;
    String option =
        extraRinses == 0
            ? "extra rinse off"
            : "extra rinse on, " + Numbers.count(extraRinses, "time");
    String rinse = programme.extraRinses() == 0 ? "" : ", " + option;
    String pause =
        pauseMinutes == 0
            ? ""
            : "; pause it " + PAUSE_AFTER_MINUTES + " min in, for " + pauseMinutes + " min";
    return heat + rinse + ", spin " + spinRpm + pause;
  }
}
