package org.nestrinse.core.wash.step;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

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

  /** Returns how to set the machine. */
  public Said settings() {
    List<Said> all = new ArrayList<>();
    all.add(heat());
    if (programme.extraRinses() > 0) {
      all.add(
          extraRinses == 0
              ? SettingSaying.EXTRA_RINSE_OFF.said()
              : Said.of(SettingSaying.EXTRA_RINSE_ON).with("times", extraRinses));
    }
    all.add(Said.of(SettingSaying.SPIN).with("speed", Quantity.of(spinRpm, Unit.RPM)));
    if (pauseMinutes > 0) {
      all.add(
          Said.of(SettingSaying.PAUSE)
              .with("after", Quantity.of(PAUSE_AFTER_MINUTES, Unit.MINUTE))
              .with("minutes", Quantity.of(pauseMinutes, Unit.MINUTE)));
    }
    return Said.row(all);
  }

  private Said heat() {
    return temperatureC == 0
        ? SettingSaying.COLD.said()
        : Said.of(SettingSaying.AT).with("celsius", Quantity.of(temperatureC, Unit.DIAL));
  }
}
