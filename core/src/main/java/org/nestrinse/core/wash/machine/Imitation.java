package org.nestrinse.core.wash.machine;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.wash.step.MachineRun;

/**
 * What a routine wants of a machine, imitated by what the machine has: its programmes, their
 * options, and sequences of up to three runs. The nearest that breaks no limit.
 *
 * <p>A sequence washes once or twice, then may rinse, then may spin. How far it is from the wish is
 * counted in minutes: {@link #distance}.
 *
 * @see "docs/models.md, machine imitation"
 */
public final class Imitation {
  /** No sequence is longer. */
  public static final int MOST_RUNS = 3;

  /** A degree too cool weighs as much as this many minutes too short or too long. */
  private static final double PER_DEGREE = 30;

  /** Gentle agitation where rubbing is wanted. */
  private static final double GENTLE = 120;

  private static final double PER_RINSE_MISSING = 40;
  private static final double PER_RINSE_MORE = 10;

  /** A hundred revolutions a minute too few. */
  private static final double PER_100_RPM = 2;

  /** A second washing bath: it is heated and dosed anew. */
  private static final double PER_WASH_MORE = 15;

  /** A further run, since a person must come. */
  private static final double PER_RUN = 25;

  /** A run counts towards the time at temperature when it is no cooler than this below [K]. */
  private static final double SAME_HEAT_K = 5;

  private Imitation() {}

  /**
   * What is wanted.
   *
   * @param celsius temperature of the bath [°C]
   * @param hottestC no setting may be hotter [°C]
   * @param exactly whether only this setting will do
   * @param minutes how long it washes
   * @param use a washing or a wool programme
   * @param rinses rinses after it
   * @param spinRpm final spin [rpm], also the fastest that is allowed
   * @param whitener whether it needs a drawer for whitener
   * @param pauseMinutes a soak-pause within the bath [min], 0 for none
   * @param programme name of the only programme that will do, or null for any
   */
  @RecordBuilder
  public record Want(
      int celsius,
      int hottestC,
      boolean exactly,
      int minutes,
      Programme.Use use,
      int rinses,
      int spinRpm,
      boolean whitener,
      int pauseMinutes,
      @Nullable String programme) {
    /** Returns the same want with other rinses. */
    public Want rinsing(int otherRinses) {
      return ImitationWantBuilder.builder(this).rinses(otherRinses).build();
    }
  }

  /**
   * One thing wanted beside what is planned.
   *
   * @param what what it is about
   * @param wanted as wanted
   * @param planned as planned
   * @param met whether they agree
   */
  public record Difference(Said what, Said wanted, Said planned, boolean met) {}

  /**
   * The nearest sequence.
   *
   * @param runs the runs in order
   * @param distance how far it is from the wish [min]
   * @param differences what is met and what differs
   */
  public record Match(List<MachineRun> runs, double distance, List<Difference> differences) {
    public Match {
      runs = List.copyOf(runs);
      differences = List.copyOf(differences);
    }
  }

  /** A setting of a programme. */
  private record Setting(Programme programme, int celsius) {
    double reachesC() {
      return programme.reachesC(celsius);
    }
  }

  /** One or two washing runs and how far they are from the wish. */
  private record Washes(List<Setting> settings, double distance) {}

  /** Returns the nearest sequence, or nothing when no programme stays within the limit. */
  public static Optional<Match> of(Machine machine, Want want) {
    List<Setting> settings = settings(machine, want);
    List<Programme> rinsers = having(machine, Programme.Use.RINSE);
    List<Programme> spinners = having(machine, Programme.Use.SPIN);
    List<MachineRun> best = List.of();
    double least = Double.POSITIVE_INFINITY;
    for (Washes washes : washes(settings, want)) {
      if (washes.distance >= least) {
        break;
      }
      for (List<MachineRun> runs : endings(washes.settings, rinsers, spinners, want, machine)) {
        double distance = distance(machine, want, runs);
        if (distance < least - 1e-9) {
          least = distance;
          best = runs;
        }
      }
    }
    return best.isEmpty()
        ? Optional.empty()
        : Optional.of(new Match(best, least, differences(machine, want, best)));
  }

  /**
   * Settings within the limit; when all are hotter than wanted, the coolest that the limit allows.
   */
  private static List<Setting> settings(Machine machine, Want want) {
    List<Setting> all =
        having(machine, want.use).stream()
            .filter(p -> want.programme == null || p.name().equals(want.programme))
            .flatMap(p -> p.temperaturesC().stream().map(t -> new Setting(p, t)))
            .filter(s -> want.exactly ? s.celsius == want.celsius : s.celsius <= want.hottestC)
            .toList();
    int cap = Math.min(want.celsius, want.hottestC);
    if (want.exactly || all.stream().anyMatch(s -> s.celsius <= cap)) {
      return all.stream().filter(s -> want.exactly || s.celsius <= cap).toList();
    }
    int coolest = all.stream().mapToInt(Setting::celsius).min().orElse(0);
    return all.stream().filter(s -> s.celsius == coolest).toList();
  }

  private static List<Washes> washes(List<Setting> settings, Want want) {
    List<Washes> all = new ArrayList<>();
    for (Setting once : settings) {
      all.add(new Washes(List.of(once), heatAndTime(List.of(once), want)));
      for (Setting again : settings) {
        List<Setting> two = List.of(once, again);
        all.add(new Washes(two, heatAndTime(two, want) + PER_RUN));
      }
    }
    all.sort(Comparator.comparingDouble(Washes::distance));
    return all;
  }

  private static double heatAndTime(List<Setting> settings, Want want) {
    double reached = settings.stream().mapToDouble(Setting::reachesC).max().orElse(0);
    double tooCool = Math.max(0, Math.min(want.celsius, want.hottestC) - reached);
    int minutes =
        settings.stream()
            .filter(s -> s.reachesC() >= reached - SAME_HEAT_K)
            .mapToInt(s -> s.programme.washMinutes())
            .sum();
    boolean gentle =
        want.use == Programme.Use.WASH
            && settings.stream().anyMatch(s -> s.programme.agitation() == Agitation.GENTLE);
    return tooCool * PER_DEGREE
        + Math.abs(minutes - want.minutes)
        + (gentle ? GENTLE : 0)
        + (settings.size() - 1) * PER_WASH_MORE;
  }

  /** Every way to rinse and spin after these washes in what is left of three runs. */
  private static List<List<MachineRun>> endings(
      List<Setting> washes,
      List<Programme> rinsers,
      List<Programme> spinners,
      Want want,
      Machine machine) {
    List<List<MachineRun>> all = new ArrayList<>();
    Programme last = washes.get(washes.size() - 1).programme;
    for (int extra = 0; extra <= last.extraRinses(); extra++) {
      List<MachineRun> runs = new ArrayList<>();
      for (int i = 0; i < washes.size(); i++) {
        boolean isLast = i == washes.size() - 1;
        runs.add(run(washes.get(i), isLast ? extra : 0, want, i == 0 && machine.pauses()));
      }
      extend(all, runs, rinsers, spinners, want);
    }
    return all;
  }

  private static void extend(
      List<List<MachineRun>> all,
      List<MachineRun> runs,
      List<Programme> rinsers,
      List<Programme> spinners,
      Want want) {
    all.add(List.copyOf(runs));
    if (runs.size() == MOST_RUNS) {
      return;
    }
    for (Programme spinner : spinners) {
      List<MachineRun> more = new ArrayList<>(runs);
      more.add(follow(spinner, want));
      all.add(more);
    }
    for (Programme rinser : rinsers) {
      List<MachineRun> more = new ArrayList<>(runs);
      more.add(follow(rinser, want));
      extend(all, more, rinsers, spinners, want);
    }
  }

  private static MachineRun run(Setting setting, int extra, Want want, boolean pauses) {
    return new MachineRun(
        setting.programme,
        setting.celsius,
        extra,
        Math.min(want.spinRpm, setting.programme.fastestSpinRpm()),
        pauses ? want.pauseMinutes : 0);
  }

  private static MachineRun follow(Programme programme, Want want) {
    return new MachineRun(programme, 0, 0, Math.min(want.spinRpm, programme.fastestSpinRpm()));
  }

  private static List<Programme> having(Machine machine, Programme.Use use) {
    return machine.programmes().stream().filter(p -> p.use() == use).toList();
  }

  /**
   * Returns how far a sequence is from the wish [min]: 30 for each degree too cool, a minute for a
   * minute at temperature too short or too long, 120 for gentle where rubbing is wanted, 40 for a
   * rinse missing and 10 for one more, 2 for 100 rpm too few, 25 for each further run and 15 more
   * when it washes.
   */
  static double distance(Machine machine, Want want, List<MachineRun> runs) {
    List<Setting> settings =
        runs.stream()
            .filter(MachineRun::washes)
            .map(r -> new Setting(r.programme(), r.temperatureC()))
            .toList();
    int rinses = runs.stream().mapToInt(MachineRun::rinses).sum() - earlier(runs);
    int missing = Math.max(0, want.rinses - rinses);
    int more = Math.max(0, rinses - want.rinses);
    int spin = runs.get(runs.size() - 1).spinRpm();
    double noPause = want.pauseMinutes > 0 && !machine.pauses() ? want.pauseMinutes : 0;
    return heatAndTime(settings, want)
        + missing * PER_RINSE_MISSING
        + more * PER_RINSE_MORE
        + Math.max(0, want.spinRpm - spin) / 100.0 * PER_100_RPM
        + (runs.size() - 1) * PER_RUN
        + noPause;
  }

  /** Rinses before the last washing bath: they carry nothing away of what comes after. */
  private static int earlier(List<MachineRun> runs) {
    List<MachineRun> washes = runs.stream().filter(MachineRun::washes).toList();
    return washes.stream().limit(washes.size() - 1L).mapToInt(MachineRun::rinses).sum();
  }

  private static List<Difference> differences(Machine machine, Want want, List<MachineRun> runs) {
    List<MachineRun> washes = runs.stream().filter(MachineRun::washes).toList();
    double reached =
        washes.stream().mapToDouble(r -> r.programme().reachesC(r.temperatureC())).max().orElse(0);
    int minutes =
        washes.stream()
            .filter(r -> r.programme().reachesC(r.temperatureC()) >= reached - SAME_HEAT_K)
            .mapToInt(r -> r.programme().washMinutes())
            .sum();
    int rinses = runs.stream().mapToInt(MachineRun::rinses).sum() - earlier(runs);
    int spin = runs.get(runs.size() - 1).spinRpm();
    boolean gentle = washes.stream().anyMatch(r -> r.programme().agitation() == Agitation.GENTLE);
    boolean rub = want.use == Programme.Use.WASH;
    List<Difference> all = new ArrayList<>();
    all.add(
        new Difference(
            DifferenceSaying.TEMPERATURE.said(),
            Said.from(Quantity.celsius(want.celsius)),
            Said.from(Quantity.celsius(reached)),
            Math.abs(reached - want.celsius) < 1));
    all.add(
        new Difference(
            DifferenceSaying.WASHING_TIME.said(),
            duration(want.minutes),
            duration(minutes),
            Math.abs(minutes - want.minutes) <= want.minutes / 5));
    all.add(
        new Difference(
            DifferenceSaying.MOVEMENT.said(), movement(!rub), movement(gentle), gentle != rub));
    all.add(
        new Difference(
            DifferenceSaying.RINSES.said(),
            Said.from(want.rinses),
            Said.from(rinses),
            rinses >= want.rinses));
    all.add(
        new Difference(
            DifferenceSaying.SPIN.said(),
            Said.from(want.spinRpm),
            Said.from(spin),
            spin >= want.spinRpm));
    all.addAll(equipment(machine, want, runs));
    return all;
  }

  /** What the machine has for it, or has not. */
  private static List<Difference> equipment(Machine machine, Want want, List<MachineRun> runs) {
    List<Difference> all = new ArrayList<>();
    if (want.whitener) {
      boolean drawer = machine.whitenerDrawer();
      all.add(
          new Difference(
              DifferenceSaying.WHITENER.said(),
              DifferenceSaying.IN_ITS_DRAWER.said(),
              (drawer ? DifferenceSaying.IN_ITS_DRAWER : DifferenceSaying.IN_THE_DRUM).said(),
              drawer));
    }
    if (want.pauseMinutes > 0) {
      all.add(
          new Difference(
              DifferenceSaying.SOAK_PAUSE.said(),
              duration(want.pauseMinutes),
              machine.pauses()
                  ? duration(want.pauseMinutes)
                  : DifferenceSaying.DOES_NOT_PAUSE.said(),
              machine.pauses()));
    }
    if (runs.size() > 1) {
      all.add(
          new Difference(
              DifferenceSaying.RUNS.said(), Said.from(1), Said.from(runs.size()), false));
    }
    return all;
  }

  private static Said duration(int minutes) {
    return Said.from(Quantity.of(minutes, Unit.DURATION));
  }

  private static Said movement(boolean gentle) {
    return (gentle ? Agitation.GENTLE : Agitation.NORMAL).said();
  }
}
