package org.nestrinse.core.wash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Heard.heard;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.FieldSource;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/** The card for the other carer, and how hard a run is on the fibres. */
class CardAndWearTest {
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

  private static MachineRun run(Agitation agitation, int minutes, int rinses, int rpm) {
    return new MachineRun(
        new Programme(
            "p",
            Programme.Use.WASH,
            List.of(40),
            0,
            null,
            minutes,
            agitation,
            rinses,
            0,
            600,
            1600),
        40,
        0,
        rpm);
  }

  @Test
  void anOrdinaryHourAtFortyIsOne() {
    assertThat(Wear.of(run(Agitation.NORMAL, 60, 0, 800), 40, false)).isCloseTo(1, within(1e-9));
    assertThat(Wear.of(run(Agitation.NORMAL, 60, 0, 800), 65, false)).isCloseTo(2, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    "NORMAL, 60, 2, 800, 40, INTENSIVE, 60, 2, 800, 40",
    "GENTLE, 60, 2, 800, 40, NORMAL, 60, 2, 800, 40",
    "NORMAL, 60, 2, 800, 40, NORMAL, 120, 2, 800, 40",
    "NORMAL, 60, 2, 800, 40, NORMAL, 60, 3, 800, 40",
    "NORMAL, 60, 2, 800, 40, NORMAL, 60, 2, 1400, 40",
    "NORMAL, 60, 2, 800, 40, NORMAL, 60, 2, 800, 60"
  })
  void rougherLongerHotterAndFasterWearMore(
      Agitation a1, int m1, int r1, int s1, int c1, Agitation a2, int m2, int r2, int s2, int c2) {
    double less = Wear.of(run(a1, m1, r1, s1), c1, false);
    double more = Wear.of(run(a2, m2, r2, s2), c2, false);
    assertThat(more).isGreaterThan(less);
    assertThat(Wear.of(run(a1, m1, r1, s1), c1, true)).isGreaterThan(less);
  }
}
