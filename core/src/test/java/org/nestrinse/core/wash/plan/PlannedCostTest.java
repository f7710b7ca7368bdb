package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

class PlannedCostTest {
  private static final List<SoiledPieces> NAPPIES =
      List.of(
          soiled(TRIFOLD, 14, Soil.WET),
          soiled(TRIFOLD, 4, Soil.STOOL),
          soiled(SHELL, 12, Soil.WET));
  private static final List<SoiledPieces> TOWELS = List.of(soiled(HAND_TOWEL, 16, Soil.DIRT));

  @Test
  void timesAndUsesAddUp() {
    for (School school : School.ALL) {
      if (school.main().by() != School.By.MACHINE) {
        continue;
      }
      Routine routine = WashPlanner.plan(job(NAPPIES, TOWELS, null), school);
      Outcome outcome = routine.outcome();
      int byStep = routine.steps().stream().mapToInt(Step::minutes).sum();
      assertThat(outcome.minutes()).isEqualTo(byStep);
      double fresh = outcome.baths().stream().mapToDouble(Bath::freshL).sum();
      assertThat(outcome.litres()).isCloseTo(fresh, within(1e-9));
      assertThat(outcome.cost())
          .isCloseTo(
              outcome.energyCost() + outcome.waterCost() + outcome.productCost(), within(1e-9));
      double clock = 0;
      for (Bath bath : outcome.baths()) {
        assertThat(bath.startMinute()).isGreaterThanOrEqualTo(clock);
        clock = bath.startMinute() + bath.minutes();
      }
    }
  }

  @Test
  void atNightTheSameWashCostsLess() {
    WashJob day = job(NAPPIES, TOWELS, null);
    WashJob night =
        new WashJob(
            day.first(),
            day.bulkers(),
            day.machine(),
            day.water(),
            19,
            day.products(),
            day.tariff(),
            day.houseGoal(),
            1,
            day.now(),
            LocalTime.of(0, 45),
            null);
    Outcome byNight = WashPlanner.plan(night, School.HOT_AND_FULL).outcome();
    Outcome byDay = WashPlanner.plan(day, School.HOT_AND_FULL).outcome();
    assertThat(byNight.energyCost()).isCloseTo(byDay.energyCost() / 2, within(0.01));
    assertThat(byNight.kwh()).isEqualTo(byDay.kwh());
  }
}
