package org.nestrinse.core.wash;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.DISH_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.assertj.core.api.Assertions;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.core.bath.Cleanness;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Programme;

/** Figures at which somebody who has washed for years nods. */
class BelievableWashTest {
  /** Seven kilograms. */
  private static final WashJob FULL =
      job(List.of(soiled(HAND_TOWEL, 46, Soil.DIRT)), List.of(), null);

  private static Programme plain(Programme.Label label) {
    return new Programme(
        "Plain cottons",
        Programme.Use.WASH,
        List.of(40, 60),
        0,
        null,
        80,
        Agitation.NORMAL,
        3,
        0,
        600,
        1400,
        null,
        null,
        null,
        label);
  }

  private static Outcome outcome(Programme programme) {
    MachineRun run = new MachineRun(programme, 60, 0, 1400);
    Step step = new Step(1, Step.Action.RUN, "run", "", true, run, List.of(), run.minutes(), "");
    return Simulation.of(FULL, Step.numbered(List.of(step)));
  }

  @Test
  void aFullPlainSixtyTakesWhatSuchProgrammesTake() {
    Outcome o = outcome(plain(null));
    assertThat(o.kwh()).isBetween(0.9, 1.9);
    assertThat(o.litres()).isBetween(45.0, 70.0);
  }

  @Test
  void aProgrammeWithItsLabelsFiguresTakesThem() {
    double loadKg = 46 * 0.15;
    Outcome o = outcome(plain(new Programme.Label(1.15, 52, loadKg, 60)));
    assertThat(o.kwh()).isCloseTo(1.15, Percentage.withPercentage(5));
    assertThat(o.litres()).isCloseTo(52, Percentage.withPercentage(5));
  }

  static List<School> schools() {
    return School.ALL;
  }

  /** What each method is made for. */
  private static List<SoiledPieces> loadOf(School school) {
    if (school == School.HYGIENE_STEAM) {
      return List.of(soiled(HAND_TOWEL, 20, Soil.DIRT), soiled(DISH_CLOTH, 20, Soil.FOOD));
    }
    if (school == School.SOFT_FIBRE) {
      return List.of(soiled(TRIFOLD, 14, Soil.WET), soiled(HAND_TOWEL, 10, Soil.DIRT));
    }
    int count = school == School.DAILY_CONCENTRATE || school == School.BUCKET_AND_PLUNGE ? 6 : 16;
    return List.of(soiled(TRIFOLD, count, Soil.STOOL), soiled(SHELL, count, Soil.WET));
  }

  @ParameterizedTest
  @MethodSource("schools")
  void everyMethodComesOutCleanOnTheLoadItIsMadeFor(School school) {
    List<SoiledPieces> first = loadOf(school);
    List<SoiledPieces> bulk =
        first.get(0).count() >= 16
            ? List.of(soiled(HAND_TOWEL, 14, Soil.DIRT))
            : List.<SoiledPieces>of();
    Routine routine;
    try {
      routine = WashPlanner.plan(job(first, bulk, null), school);
    } catch (CannotPlan not) {
      Assertions.assertThat(school.id())
          .as(not.getMessage())
          .isIn("hygiene-steam", "bucket-and-plunge");
      return;
    }
    Cleanness clean = routine.outcome().worstSoil().orElseThrow().cleanness();
    boolean lenient = school == School.BUCKET_AND_PLUNGE || school == School.DAILY_CONCENTRATE;
    assertThat(clean)
        .as(school.id() + " " + routine.outcome().worstSoil())
        .isIn(
            lenient
                ? List.of(Cleanness.CLEAN, Cleanness.NEARLY_CLEAN, Cleanness.TRACES)
                : List.of(Cleanness.CLEAN, Cleanness.NEARLY_CLEAN));
    assertThat(routine.outcome().residueMgKg()).isLessThan(600);
    assertThat(routine.outcome().sudsVisible()).isFalse();
  }
}
