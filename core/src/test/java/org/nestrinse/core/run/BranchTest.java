package org.nestrinse.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.MACHINE;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.plan.Routine;
import org.nestrinse.core.wash.plan.WashPlanner;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** What an answer makes of the steps to come. */
class BranchTest {
  private static final WashJob JOB =
      job(
          List.of(soiled(TRIFOLD, 16, Soil.BLOOD)),
          List.of(soiled(HAND_TOWEL, 14, Soil.DIRT)),
          null);
  private static final Routine ROUTINE = WashPlanner.plan(JOB, School.COOL_THEN_WARM);

  private static int number(Step.Action action) {
    return ROUTINE.steps().stream()
        .filter(s -> s.action() == action)
        .findFirst()
        .orElseThrow()
        .number();
  }

  @ParameterizedTest
  @EnumSource(Judgement.Adds.class)
  void anythingAddedIsDoneBeforeTheCurrentStepAndNothingElseMoves(Judgement.Adds adds) {
    int look = number(Step.Action.LOOK);
    Branch.After after = Branch.of(ROUTINE.steps(), look, adds, MACHINE);
    int more = adds == Judgement.Adds.NOTHING ? 0 : 1;
    assertThat(after.steps()).hasSize(ROUTINE.steps().size() + more);
    assertThat(after.current()).isEqualTo(look);
    assertThat(after.added().nothing()).isEqualTo(more == 0);
    for (int i = 0; i < after.steps().size(); i++) {
      assertThat(after.steps().get(i).number()).isEqualTo(i + 1);
    }
    assertThat(after.steps().get(look - 1 + more).title())
        .isEqualTo(ROUTINE.steps().get(look - 1).title());
  }

  @Test
  void bloodThatIsStillThereSoaksAgainAndTheFiguresFollow() {
    int look = number(Step.Action.LOOK);
    Branch.After after =
        Branch.of(ROUTINE.steps(), look, Judgement.STAINS.answer("many").adds(), MACHINE);
    Step soak = after.steps().get(look - 1);
    assertThat(soak.title())
        .isEqualTo(Said.of(RunSaying.ONCE_MORE).with("step", WashPhrase.COOL_WASH_WITH_SOAK));
    assertThat(soak.run().pauseMinutes()).isPositive();
    Routine going = Routine.rework(JOB, School.COOL_THEN_WARM, after.steps());
    assertThat(going.outcome().minutes()).isEqualTo(ROUTINE.outcome().minutes() + soak.minutes());
    assertThat(going.outcome().hygiene().liftedLog())
        .isGreaterThan(ROUTINE.outcome().hygiene().liftedLog());
  }

  @Test
  void sudsAddARinseThatLeavesLessResidue() {
    int unload = number(Step.Action.UNLOAD);
    Branch.After after =
        Branch.of(ROUTINE.steps(), unload, Judgement.SUDS.answer("yes").adds(), MACHINE);
    Routine going = Routine.rework(JOB, School.COOL_THEN_WARM, after.steps());
    assertThat(going.outcome().residueMgKg()).isLessThan(ROUTINE.outcome().residueMgKg());
    assertThat(going.lastRun().programme()).isEqualTo(Pieces.QUICK_RINSE);
    Machine bare = new Machine("bare", 54, 7, 0.235, 2000, List.of(Pieces.COTTONS));
    assertThat(Branch.of(ROUTINE.steps(), unload, Judgement.Adds.RINSE, bare).added().nothing())
        .isTrue();
  }

  @Test
  void reworkingUnchangedStepsChangesNothing() {
    Routine same = Routine.rework(JOB, School.COOL_THEN_WARM, ROUTINE.steps());
    assertThat(same.outcome().minutes()).isEqualTo(ROUTINE.outcome().minutes());
    assertThat(same.outcome().residueMgKg()).isEqualTo(ROUTINE.outcome().residueMgKg());
  }

  @Test
  void byHandARinseIsPlungedOnceMore() {
    Machine bucket = new Machine("bucket", Machine.Type.BUCKET, 12, 2, 0.15, 0, List.of());
    WashJob job = Pieces.in(bucket, List.of(soiled(TRIFOLD, 6, Soil.WET)));
    Routine routine = WashPlanner.plan(job, School.BUCKET_AND_PLUNGE);
    int last = routine.steps().size();
    Branch.After after = Branch.of(routine.steps(), last, Judgement.Adds.RINSE, bucket);
    Step added = after.steps().get(last - 1);
    assertThat(added.action()).isEqualTo(Step.Action.BY_HAND);
    assertThat(added.run().rinses()).isEqualTo(1);
    Routine going = Routine.rework(job, School.BUCKET_AND_PLUNGE, after.steps());
    assertThat(going.outcome().residueMgKg()).isLessThan(routine.outcome().residueMgKg());
  }

  @Test
  void onlyWhatAWashCanDoWithoutMayBeLeftOut() {
    int main = ROUTINE.mainWash().number();
    for (Step step : ROUTINE.steps()) {
      Said never = Branch.neverLeftOut(ROUTINE.steps(), step.number());
      boolean ends = step.action() == Step.Action.LOAD || step.action() == Step.Action.UNLOAD;
      assertThat(never == null).isEqualTo(!ends && step.number() != main);
    }
    Branch.After twice = Branch.of(ROUTINE.steps(), main + 1, Judgement.Adds.MAIN_AGAIN, MACHINE);
    assertThat(Branch.neverLeftOut(twice.steps(), main)).isNull();
    assertThat(Branch.neverLeftOut(twice.steps(), main + 1)).isNull();
  }

  @ParameterizedTest
  @EnumSource(Judgement.class)
  void everyAnswerThatAddsSomethingSaysSo(Judgement judgement) {
    for (Judgement.Answer answer : judgement.answers()) {
      assertThat(answer.words().saying().name()).startsWith(judgement.name());
    }
    assertThat(judgement.answers().get(0).adds()).isEqualTo(Judgement.Adds.NOTHING);
  }

  @Test
  void eachStepAsksWhatCanBeSeenThere() {
    Step look = ROUTINE.steps().get(number(Step.Action.LOOK) - 1);
    Step unload = ROUTINE.steps().get(number(Step.Action.UNLOAD) - 1);
    assertThat(Judgement.at(look, true, true))
        .containsExactly(Judgement.WATER, Judgement.STUCK, Judgement.STAINS, Judgement.FILL);
    assertThat(Judgement.at(look, false, false)).isEmpty();
    assertThat(Judgement.at(unload, true, true)).containsExactly(Judgement.SUDS, Judgement.SMELL);
    assertThat(Judgement.at(ROUTINE.steps().get(0), true, true)).isEmpty();
    assertThatThrownBy(() -> Judgement.SUDS.answer("perhaps")).hasMessageContaining("no, yes");
  }

  @ParameterizedTest
  @CsvSource({"0, FRESH", "44, FRESH", "45, SOON", "239, SOON", "240, SOUR", "900, SOUR"})
  void theUnloadClockWarnsLongBeforeMould(double minutes, UnloadClock.State state) {
    UnloadClock clock = new UnloadClock(minutes);
    assertThat(clock.state()).isEqualTo(state);
    assertThat(clock.said().values()).containsKey("time");
  }
}
