package org.nestrinse.core.wash.plan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.SettingSaying;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/**
 * A routine on one page, in plain words, for the other carer.
 *
 * @param title what is washed
 * @param summary one line: how hot, how long, with whom
 * @param steps what to do, in order
 * @param minds what to mind
 */
public record WallCard(Said title, Said summary, List<Line> steps, List<Said> minds) {
  private static final int MOST_MINDS = 5;

  public WallCard {
    steps = List.copyOf(steps);
    minds = List.copyOf(minds);
  }

  /**
   * One thing to do.
   *
   * @param number counted from 1
   * @param what to do
   * @param how the buttons to press, or how it is done
   * @param doses what goes in, in scoops
   * @param minutes how long
   * @param yours whether a person does it
   */
  public record Line(
      int number, Said what, Said how, List<Said> doses, Said minutes, boolean yours) {
    public Line {
      doses = List.copyOf(doses);
    }
  }

  /** Returns the card of a routine. */
  public static WallCard of(WashJob job, Routine routine, Said title) {
    List<Line> steps = new ArrayList<>();
    for (Step s : routine.steps()) {
      boolean machine = s.action() == Step.Action.RUN && s.run() != null;
      steps.add(
          new Line(
              s.number(),
              s.title(),
              machine ? buttons(s.run()) : s.detail(),
              s.doses().stream().map(d -> dose(d, s.run())).toList(),
              Said.from(Quantity.of(s.minutes(), Unit.DURATION)),
              s.attended()));
    }
    int pieces = job.all().stream().mapToInt(SoiledPieces::count).sum();
    Said summary =
        Said.of(SettingSaying.CARD_SUMMARY)
            .with("pieces", pieces)
            .with("time", Quantity.of(routine.outcome().minutes(), Unit.DURATION))
            .with("yours", Quantity.of(routine.outcome().attendedMinutes(), Unit.DURATION))
            .with("method", routine.school().name());
    List<Said> minds =
        routine.cautions().stream()
            .sorted(java.util.Comparator.comparing(Caution::strength))
            .map(
                c ->
                    Said.of(SettingSaying.MIND)
                        .with("title", c.title())
                        .with("sentence", c.sentence()))
            .distinct()
            .limit(MOST_MINDS)
            .toList();
    return new WallCard(title, summary, steps, minds);
  }

  private static Said buttons(MachineRun run) {
    List<Said> presses = new ArrayList<>();
    presses.add(Said.of(SettingSaying.DIAL).with("programme", run.programme().name()));
    if (run.washes()) {
      presses.add(
          run.temperatureC() == 0
              ? SettingSaying.COLD.said()
              : Said.from(Quantity.of(run.temperatureC(), Unit.DIAL)));
    }
    if (run.extraRinses() > 0) {
      presses.add(Said.of(SettingSaying.EXTRA_RINSE_ON).with("times", run.extraRinses()));
    }
    presses.add(Said.of(SettingSaying.SPIN).with("speed", Quantity.of(run.spinRpm(), Unit.RPM)));
    presses.add(SettingSaying.START.said());
    if (run.pauseMinutes() > 0) {
      presses.add(
          Said.of(SettingSaying.PAUSE_AND_RESTART)
              .with("after", Quantity.of(MachineRun.PAUSE_AFTER_MINUTES, Unit.MINUTE))
              .with("minutes", Quantity.of(run.pauseMinutes(), Unit.MINUTE)));
    }
    return Said.row(presses);
  }

  private static Said dose(PlannedDose dose, @Nullable MachineRun run) {
    boolean drawer = dose.inSoftenerDrawer(run);
    return Said.of(drawer ? SettingSaying.DOSE_IN_SOFTENER_DRAWER : SettingSaying.DOSE)
        .with("measure", dose.measure())
        .with("product", dose.product().name());
  }
}
