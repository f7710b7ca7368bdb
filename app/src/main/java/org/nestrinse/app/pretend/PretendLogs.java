package org.nestrinse.app.pretend;

import java.util.Locale;
import java.util.Random;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.bath.BathWater;
import org.nestrinse.core.bath.TemperatureCurve;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Component;

/**
 * A pretend probe in the drum and a pretend plug: they write the logs that a real one would, of a
 * programme that keeps its word or of one that falls short. The same log for the same run, always.
 */
@Component
class PretendLogs {
  static final Range SHORT_BY_K = new Range(0, 30, Unit.CELSIUS);

  private static final double INLET_C = 12;
  private static final double ROOM_C = 19;
  private static final double HALF = 0.5;
  private static final int COLD_MINUTES = 20;
  private static final double PROBE_NOISE_K = 0.15;
  private static final double MOTOR_W = 110;
  private static final double SPIN_W = 380;
  private static final double PULSE_MINUTES = 9;

  private final MachineService machines;

  PretendLogs(MachineService machines) {
    this.machines = machines;
  }

  /** Returns what a probe in the drum writes: a line each minute. */
  String probe(long machineId, String programme, int chosenC, double shortByK) {
    Programme p = programme(machineId, programme, chosenC);
    BathTemperature bath = bath(machineId, p, chosenC - shortByK);
    Random noise = new Random(programme.hashCode() * 31L + chosenC);
    StringBuilder csv = new StringBuilder("time,°C\n");
    int minute = 0;
    for (; minute < p.washMinutes(); minute++) {
      line(
          csv,
          minute,
          TemperatureCurve.at(bath.profile(), minute) + noise.nextGaussian() * PROBE_NOISE_K);
    }
    for (int rinse = 0; rinse < COLD_MINUTES; rinse++, minute++) {
      line(csv, minute, INLET_C + 2 + noise.nextGaussian() * PROBE_NOISE_K);
    }
    return csv.toString();
  }

  /** Returns what a plug writes: a line each minute. */
  String plug(long machineId, String programme, int chosenC, double shortByK) {
    Programme p = programme(machineId, programme, chosenC);
    Machine machine = machines.one(machineId).machine();
    BathTemperature bath = bath(machineId, p, chosenC - shortByK);
    Random noise = new Random(programme.hashCode() * 31L + chosenC + 1);
    StringBuilder csv = new StringBuilder("time,W\n");
    double toSet = bath.minutesToSet() == null ? p.washMinutes() : bath.minutesToSet();
    int minute = 0;
    for (; minute < p.washMinutes(); minute++) {
      boolean heats = minute > 1 && minute <= toSet + 2;
      boolean pulse = minute > toSet + 2 && minute % PULSE_MINUTES == 0;
      double heater = heats || pulse ? machine.heaterW() : 0;
      line(csv, minute, heater + MOTOR_W + noise.nextInt(20));
    }
    int rest = p.minutes(p.rinses()) - p.washMinutes();
    for (int i = 0; i < rest; i++, minute++) {
      boolean spins = i >= rest - Programme.SPIN_MINUTES;
      line(csv, minute, (spins ? SPIN_W : MOTOR_W) + noise.nextInt(20));
    }
    return csv.toString();
  }

  private Programme programme(long machineId, String name, int chosenC) {
    Programme found =
        machines.one(machineId).machine().programmes().stream()
            .filter(p -> p.name().equals(name) && p.washMinutes() > 0)
            .findFirst()
            .orElseThrow(() -> new OutOfRange("programme", name, KitRefusal.WASHING_PROGRAMME));
    if (!found.temperaturesC().contains(chosenC)) {
      throw OutOfRange.noneOf(
          "chosenC", chosenC, found.temperaturesC().stream().map(String::valueOf).toList());
    }
    return found;
  }

  private BathTemperature bath(long machineId, Programme p, double setC) {
    Machine machine = machines.one(machineId).machine();
    TextileLoad load = TextileLoad.of(Material.COTTON, machine.capacityKg() * HALF);
    return BathTemperature.of(
        new BathTemperature.Bath(
            load,
            BathWater.mainL(load),
            INLET_C,
            ROOM_C,
            setC,
            p.washMinutes(),
            machine.heaterW(),
            BathTemperature.USUAL_LOSS_W_K));
  }

  private static void line(StringBuilder csv, int minute, double value) {
    csv.append(String.format(Locale.ROOT, "%02d:%02d,%.1f%n", minute / 60, minute % 60, value));
  }
}
