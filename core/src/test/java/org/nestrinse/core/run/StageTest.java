package org.nestrinse.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.wash.plan.Routine;
import org.nestrinse.core.wash.plan.WashPlanner;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.Step;

class StageTest {
  private static final Machine BUCKET =
      new Machine("bucket", Machine.Type.BUCKET, 12, 2, 0.15, 0, List.of());

  private static Routine byHand(int pieces) {
    return WashPlanner.plan(
        Pieces.in(BUCKET, List.of(soiled(TRIFOLD, pieces, Soil.WET))), School.BUCKET_AND_PLUNGE);
  }

  private static long minutes(List<Stage> stages) {
    return stages.stream().mapToLong(Stage::seconds).sum() / 60;
  }

  @Test
  void aSoakPauseIsThreePartsThatMakeUpTheRun() {
    Routine blood =
        WashPlanner.plan(
            job(List.of(soiled(TRIFOLD, 16, Soil.BLOOD)), List.of(), null), School.COOL_THEN_WARM);
    Step paused =
        blood.steps().stream()
            .filter(s -> s.run() != null && s.run().pauseMinutes() > 0)
            .findFirst()
            .orElseThrow();
    List<Stage> stages = Stage.of(paused, 0);
    assertThat(stages)
        .extracting(Stage::type)
        .containsExactly(Stage.Type.START, Stage.Type.PAUSE, Stage.Type.GO_ON);
    assertThat(minutes(stages)).isEqualTo(paused.minutes());
    List<Stage> longer = Stage.of(paused, 10);
    assertThat(longer.get(1).seconds() - stages.get(1).seconds()).isEqualTo(600);
    assertThat(longer.get(2)).isEqualTo(stages.get(2));
  }

  @Test
  void byHandEveryPartOfEveryStepIsCounted() {
    for (int pieces : new int[] {3, 14}) {
      for (Step step : byHand(pieces).steps()) {
        List<Stage> stages = Stage.of(step, 0);
        if (step.run() == null) {
          assertThat(stages).isEmpty();
        } else {
          assertThat(minutes(stages)).as(step.title().toString()).isEqualTo(step.minutes());
        }
      }
    }
  }

  @Test
  void thePlungeComesBeforeAndAfterTheSoak() {
    Step wash =
        byHand(3).steps().stream()
            .filter(s -> s.run() != null && s.run().washes())
            .findFirst()
            .orElseThrow();
    assertThat(Stage.of(wash, 0))
        .extracting(Stage::type)
        .containsExactly(
            Stage.Type.PLUNGE, Stage.Type.SOAK, Stage.Type.PLUNGE_AGAIN, Stage.Type.WRING);
  }

  @Test
  void anOrdinaryRunIsOneThing() {
    Routine plain =
        WashPlanner.plan(
            job(List.of(soiled(TRIFOLD, 16, Soil.WET)), List.of(), null), School.HOT_AND_FULL);
    assertThat(plain.steps()).allMatch(s -> Stage.of(s, 5).isEmpty());
  }
}
