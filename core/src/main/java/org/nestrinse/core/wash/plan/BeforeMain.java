package org.nestrinse.core.wash.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.machine.Imitation;
import org.nestrinse.core.wash.machine.ImitationWantBuilder;
import org.nestrinse.core.wash.machine.ProgrammeChoice;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.HeatLimit;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** What comes before the main wash: loading, a rinse or a short wash, and a look. */
final class BeforeMain {
  private static final int LOAD_MINUTES = 5;
  private static final int LOOK_MINUTES = 10;
  private static final int SHORT_WASH_MINUTES = 35;

  /** Up to this no protein sets [°C]. */
  private static final int PROTEIN_SAFE_C = 40;

  /** Above this protein sets, and a cold rinse comes first [°C]. */
  private static final int PROTEIN_SETS_C = 50;

  /** A soak-pause lasts so long [min]; 45 to 60 are usual. */
  private static final int SOAK_PAUSE_MINUTES = 50;

  private final WashJob job;
  private final School school;
  private final BathDoses doses;
  private final int spinRpm;
  private final List<Said> bends = new ArrayList<>();

  /**
   * Plans the beginning of one wash.
   *
   * @param school the school, bent to the person's wishes
   * @param spinRpm the fastest spin that the pieces tolerate [rpm]
   */
  BeforeMain(WashJob job, School school, BathDoses doses, int spinRpm) {
    this.job = job;
    this.school = school;
    this.doses = doses;
    this.spinRpm = spinRpm;
  }

  /** Returns, in words, what the machine or the pieces did not allow. */
  List<Said> bends() {
    return bends;
  }

  /** Protein never goes straight into heat: a school that begins hot begins cold then. */
  private boolean coldRinseForProtein(int mainC) {
    return school.first().before() == School.Before.NOTHING
        && job.hasProtein()
        && mainC > PROTEIN_SETS_C
        && ProgrammeChoice.rinse(job.machine().programmes()).isPresent();
  }

  /**
   * Returns the steps.
   *
   * @param mainC temperature of the main wash that follows [°C]
   */
  List<Step> steps(int mainC) {
    List<Step> steps = new ArrayList<>();
    boolean coldFirst = coldRinseForProtein(mainC);
    boolean atOnce = school.first().before() == School.Before.NOTHING && !coldFirst;
    List<SoiledPieces> loaded = atOnce ? job.all() : job.first();
    int pieces = loaded.stream().mapToInt(p -> p.count()).sum();
    steps.add(
        new Step(
            1,
            Step.Action.LOAD,
            (atOnce ? WashPhrase.LOAD_ALL : WashPhrase.LOAD_FIRST).said(),
            Said.of(WashPhrase.LOAD_DETAIL).with("pieces", pieces),
            atOnce,
            null,
            List.of(),
            LOAD_MINUTES,
            (atOnce ? WashPhrase.LOAD_ALL_REASON : WashPhrase.LOAD_FIRST_REASON).said()));
    if (atOnce) {
      return steps;
    }
    if (coldFirst) {
      bends.add(WashPhrase.COLD_RINSE_FOR_PROTEIN.said());
    }
    steps.addAll(firstRuns(coldFirst));
    steps.add(look(steps.size() + 1));
    return steps;
  }

  private List<Step> firstRuns(boolean coldFirst) {
    if (coldFirst || school.first().before() == School.Before.COLD_RINSE) {
      Optional<Programme> rinse = ProgrammeChoice.rinse(job.machine().programmes());
      if (rinse.isEmpty()) {
        bends.add(WashPhrase.NO_RINSE_FIRST.said());
      }
      return rinse.stream()
          .map(
              p ->
                  WashPlanner.runStep(
                      2,
                      Said.of(WashPhrase.COLD_RINSE),
                      false,
                      new MachineRun(p, 0, 0, Math.min(spinRpm, p.fastestSpinRpm())),
                      List.of(),
                      Said.of(WashPhrase.COLD_RINSE_REASON)))
          .toList();
    }
    boolean soak = school.first().before() == School.Before.SOAK_PAUSE;
    int limit = HeatLimit.of(job, job.first());
    boolean wool = job.first().stream().anyMatch(p -> p.kind().animalFibre());
    Programme picked = WashPlanner.picked(job, school.picked().firstProgramme(), wool, bends);
    Optional<Imitation.Match> match =
        Imitation.of(
            job.machine(),
            ImitationWantBuilder.builder()
                .celsius(school.first().celsius())
                .hottestC(limit)
                .exactly(false)
                .minutes(picked == null ? SHORT_WASH_MINUTES : picked.washMinutes())
                .use(picked == null ? ProgrammeChoice.use(wool) : picked.use())
                .rinses(1)
                .spinRpm(spinRpm)
                .whitener(school.first().whitenerScoops() > 0)
                .pauseMinutes(soak ? SOAK_PAUSE_MINUTES : 0)
                .programme(picked == null ? null : picked.name())
                .build());
    if (match.isEmpty()) {
      bends.add(Said.of(WashPhrase.NO_SHORT_WASH).with("celsius", Quantity.celsius(limit)));
      return List.of();
    }
    if (soak && !job.machine().pauses()) {
      bends.add(WashPhrase.NO_PAUSE.said());
    }
    // One run is enough to begin with; what the nearest sequence adds comes with the main wash.
    MachineRun run = match.get().runs().get(0);
    return List.of(
        WashPlanner.runStep(
            2,
            (run.pauseMinutes() > 0 ? WashPhrase.COOL_WASH_WITH_SOAK : WashPhrase.FIRST_WASH)
                .said(),
            false,
            run,
            doses.first(),
            firstReason(run)));
  }

  private Said firstReason(MachineRun run) {
    if (run.pauseMinutes() > 0) {
      return WashPhrase.SOAK_REASON.said();
    }
    boolean cool = job.hasProtein() && run.temperatureC() <= PROTEIN_SAFE_C;
    return (cool ? WashPhrase.SHORT_PROTEIN_REASON : WashPhrase.SHORT_REASON).said();
  }

  private Step look(int number) {
    int bulkers = job.bulkers().stream().mapToInt(p -> p.count()).sum();
    return new Step(
        number,
        Step.Action.LOOK,
        (bulkers == 0 ? WashPhrase.LOOK_FLUFF : WashPhrase.LOOK_ADD).said(),
        bulkers == 0
            ? Said.of(WashPhrase.LOOK_DETAIL).with("pieces", 0)
            : Said.of(WashPhrase.LOOK_ADDING).with("kinds", SoiledPieces.counted(job.bulkers())),
        true,
        null,
        List.of(),
        LOOK_MINUTES,
        Said.of(WashPhrase.LOOK_REASON));
  }
}
