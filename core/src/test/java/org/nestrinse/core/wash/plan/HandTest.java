package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Heard.heard;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.WOOL_COVER;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.MachineBuilder;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.WashSaying;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;

/** Washing in a bucket or a basin. */
class HandTest {
  private static final Machine BUCKET =
      MachineBuilder.builder()
          .name("12 L bucket")
          .type(Machine.Type.BUCKET)
          .drumL(12)
          .capacityKg(2)
          .drumRadiusM(0.15)
          .heaterW(0)
          .programmes(List.of())
          .hotFillC(55.0)
          .levelsL(List.of())
          .whitenerDrawer(false)
          .pauses(true)
          .build();
  private static final List<SoiledPieces> DAY =
      List.of(soiled(TRIFOLD, 6, Soil.WET), soiled(SHELL, 5, Soil.WET));

  private static Routine plan(List<SoiledPieces> pieces, School school) {
    return WashPlanner.plan(Pieces.in(BUCKET, pieces), school);
  }

  @Test
  void followsTheOrderOfTheTrade() {
    Routine routine = plan(DAY, School.BUCKET_AND_PLUNGE);
    assertThat(routine.steps())
        .extracting(s -> s.title().saying())
        .containsExactly(
            WashPhrase.LAY_OUT,
            WashPhrase.TWO_RINSES,
            WashPhrase.LOOK_WATER,
            WashPhrase.PLUNGE,
            WashPhrase.RINSE_CLEAR,
            WashPhrase.COVERS_ALONE,
            WashPhrase.EMPTY_BUCKET);
    assertThat(routine.steps()).allMatch(Step::attended);
    Step wash = routine.mainWash();
    assertThat(wash.run().pauseMinutes()).isBetween(20, 30);
    assertThat(wash.run().spinRpm()).isZero();
    assertThat(routine.outcome().attendedMinutes())
        .isLessThan(routine.outcome().minutes() - wash.run().pauseMinutes() + 1e-9);
    assertThat(routine.outcome().kwh()).isZero();
  }

  @Test
  void theDoseGoesByTheLitresAndTheHardness() {
    PlannedDose dose = plan(DAY, School.BUCKET_AND_PLUNGE).mainWash().doses().get(0);
    // 8 L at 1 g/L, times the label at 3.1 mmol/L over the label at 2.0: 80/60.
    assertThat(dose.dose().doseG()).isCloseTo(8 * 1.0 * 80 / 60, within(1e-9));
    assertThat(dose.measure()).isEqualTo(Said.from(new Quantity(2.75, Unit.TEASPOON, 2)));
    assertThat(dose.why().lines()).anyMatch(l -> l.label().saying() == WashSaying.IN_BATH);
  }

  @Test
  void rinsesUntilClearAndToTheTargetAndNotOnceMore() {
    Routine routine = plan(DAY, School.BUCKET_AND_PLUNGE);
    assertThat(routine.outcome().sudsVisible()).isFalse();
    assertThat(routine.outcome().residueMet()).isTrue();
    MachineRun rinse = routine.lastRun();
    assertThat(rinse.rinses()).isGreaterThanOrEqualTo(2);
  }

  @Test
  void wringingLeavesWhatTheModelSays() {
    TextileLoad cotton = TextileLoad.of(Material.COTTON, 1);
    assertThat(SpinRetention.wrung(cotton).retainedL()).isCloseTo(1.3, within(1e-9));
  }

  @Test
  void aLargeLoadTakesSeveralFillingsAndLonger() {
    Routine one = plan(DAY, School.BUCKET_AND_PLUNGE);
    Routine many = plan(List.of(soiled(TRIFOLD, 40, Soil.WET)), School.BUCKET_AND_PLUNGE);
    assertThat(one.bends()).noneMatch(b -> heard(b, WashPhrase.FILLINGS));
    Routine withCovers =
        plan(
            List.of(soiled(TRIFOLD, 6, Soil.WET), soiled(SHELL, 30, Soil.WET)),
            School.BUCKET_AND_PLUNGE);
    assertThat(withCovers.bends())
        .as("covers are washed with the rest")
        .anyMatch(b -> heard(b, WashPhrase.FILLINGS));
    assertThat(many.bends()).anyMatch(b -> "12 L bucket".equals(b.values().get("machine")));
    assertThat(many.outcome().minutes()).isGreaterThan(one.outcome().minutes());
    assertThat(many.outcome().litres()).isGreaterThan(one.outcome().litres());
  }

  @Test
  void otherSchoolsAreDoneByHandTooWithinWhatTapAndPieceGive() {
    Routine hot = plan(DAY, School.HOT_AND_FULL);
    assertThat(hot.mainWash().run().temperatureC()).isEqualTo(55);
    assertThat(hot.bends())
        .contains(
            Said.of(WashPhrase.ASKED_PLANNED)
                .with("asked", Quantity.celsius(60))
                .with("planned", Quantity.celsius(55))
                .with("reason", WashPhrase.TAP_NO_HOTTER));
    assertThat(hot.cautions())
        .anyMatch(c -> c.key().equals("hot-hands") && c.strength() == Caution.Strength.CHECK);
    Routine wool = plan(List.of(soiled(WOOL_COVER, 2, Soil.WET)), School.BUCKET_AND_PLUNGE);
    assertThat(wool.mainWash().run().temperatureC()).isEqualTo(30);
    assertThat(wool.cautions()).noneMatch(c -> c.key().equals("hot-hands"));
    assertThat(wool.cautions()).anyMatch(c -> c.key().equals("bucket-child"));
    assertThat(wool.steps()).noneMatch(Step::apart);
  }

  @Test
  void theResidueTargetIsThatOfTheLastWaterAndNotOfTheCoversBath() {
    Routine routine = plan(DAY, School.BUCKET_AND_PLUNGE);
    Outcome o = routine.outcome();
    Bath covers = o.baths().get(o.baths().size() - 1);
    assertThat(covers.detergentGL()).isZero();
    double last = 0;
    for (Bath bath : o.baths()) {
      boolean apart = routine.steps().get(bath.step() - 1).apart();
      last = bath.type() == Bath.Type.RINSE && !apart ? bath.detergentGL() : last;
    }
    assertThat(o.targetGL() / last)
        .isCloseTo(o.residueTarget().mgKg() / o.residueMgKg(), within(1e-9));
    assertThat(routine.careMarginK(Pieces.in(BUCKET, DAY))).isEqualTo(60 - 50);
  }

  @Test
  void coldFirstForProtein() {
    Routine routine = plan(List.of(soiled(TRIFOLD, 6, Soil.STOOL)), School.BUCKET_AND_PLUNGE);
    assertThat(routine.steps().get(1).run().temperatureC()).isLessThan(20);
    double peak =
        routine.outcome().baths().get(0).profile().stream()
            .mapToDouble(p -> p.temperatureC())
            .max()
            .orElseThrow();
    assertThat(peak).isLessThan(30);
  }
}
