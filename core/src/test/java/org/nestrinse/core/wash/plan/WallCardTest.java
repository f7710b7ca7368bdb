package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Heard.heard;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.SettingSaying;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** The card for the other carer. */
class WallCardTest {
  private static final List<School> ALL = School.ALL;
  private static final WashJob JOB =
      job(
          List.of(soiled(TRIFOLD, 16, Soil.BLOOD)),
          List.of(soiled(HAND_TOWEL, 14, Soil.DIRT)),
          null);

  @ParameterizedTest
  @FieldSource("ALL")
  void theCardHasEveryStepAndEveryDose(School school) {
    Routine routine;
    try {
      routine = WashPlanner.plan(JOB, school);
    } catch (CannotPlan e) {
      return;
    }
    WallCard card = WallCard.of(JOB, routine, Said.from("nappies"));
    assertThat(card.steps()).hasSameSizeAs(routine.steps());
    for (int i = 0; i < card.steps().size(); i++) {
      Step step = routine.steps().get(i);
      WallCard.Line line = card.steps().get(i);
      assertThat(line.yours()).isEqualTo(step.attended());
      assertThat(line.doses()).hasSameSizeAs(step.doses());
      if (step.action() == Step.Action.RUN) {
        assertThat(line.how().toString()).contains(step.run().programme().name());
        assertThat(line.how().toString())
            .contains(Quantity.of(step.run().spinRpm(), Unit.RPM).toString());
      }
    }
    assertThat(card.summary().values())
        .containsEntry("pieces", 30)
        .containsEntry("method", school.name());
    assertThat(card.minds()).hasSizeBetween(1, 5);
  }

  @Test
  void aSoakTellsWhenToPauseAndWhenToGoOn() {
    Routine routine = WashPlanner.plan(JOB, School.COOL_THEN_WARM);
    assertThat(WallCard.of(JOB, routine, Said.NOTHING).steps().get(1).how())
        .satisfies(how -> assertThat(heard(how, SettingSaying.PAUSE_AND_RESTART)).isTrue());
  }
}
