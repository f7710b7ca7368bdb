package org.nestrinse.core.wash;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.units.Numbers;

/**
 * A routine on one page, in plain words, for the other carer.
 *
 * @param title what is washed
 * @param summary one line: how hot, how long, with whom
 * @param steps what to do, in order
 * @param minds what to mind
 */
public record WallCard(String title, String summary, List<Line> steps, List<String> minds) {
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
      int number, String what, String how, List<String> doses, String minutes, boolean yours) {
    public Line {
      doses = List.copyOf(doses);
    }
  }

  /** Returns the card of a routine. */
  public static WallCard of(WashJob job, Routine routine, String title) {
    List<Line> steps = new ArrayList<>();
    for (Step s : routine.steps()) {
      boolean machine = s.action() == Step.Action.RUN && s.run() != null;
      steps.add(
          new Line(
              s.number(),
              s.title(),
              machine ? buttons(s.run()) : s.detail(),
              s.doses().stream().map(d -> dose(d, s.run())).toList(),
              Numbers.duration(s.minutes()),
              s.attended()));
    }
    int pieces = job.all().stream().mapToInt(SoiledPieces::count).sum();
    String summary =
        "%s, %s in all, %s with you there. %s."
            .formatted(
                Numbers.count(pieces, "piece"),
                Numbers.duration(routine.outcome().minutes()),
                Numbers.duration(routine.outcome().attendedMinutes()),
                routine.school().name());
    List<String> minds =
        routine.cautions().stream()
            .sorted(java.util.Comparator.comparing(Caution::strength))
            .map(c -> c.title() + ". " + c.sentence())
            .distinct()
            .limit(MOST_MINDS)
            .toList();
    return new WallCard(title, summary, steps, minds);
  }

  private static String buttons(MachineRun run) {
    List<String> presses = new ArrayList<>();
    presses.add("dial to " + run.programme().name());
    if (run.washes()) {
      presses.add(run.temperatureC() == 0 ? "cold" : String.valueOf(run.temperatureC()) + "°");
    }
    if (run.extraRinses() > 0) {
      presses.add(
          "extra rinse on" + (run.extraRinses() > 1 ? " " + run.extraRinses() + " times" : ""));
    }
    presses.add("spin " + run.spinRpm());
    presses.add("start");
    if (run.pauseMinutes() > 0) {
      presses.add(
          "pause after %d min, start again %d min later"
              .formatted(MachineRun.PAUSE_AFTER_MINUTES, run.pauseMinutes()));
    }
    return String.join(", ", presses);
  }

  private static String dose(PlannedDose dose, @Nullable MachineRun run) {
    String where = dose.inSoftenerDrawer(run) ? " into the softener drawer" : "";
    return dose.measure() + " of " + dose.product().name() + where;
  }
}
