package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Heard.heard;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.MACHINE;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.textile.CareLimits;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.WashSaying;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.SettingSaying;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** Ten schools, each on a load that fits it, with what is characteristic of it. */
class SchoolsTest {
  private static final List<SoiledPieces> NAPPIES =
      List.of(soiled(TRIFOLD, 16, Soil.STOOL), soiled(SHELL, 12, Soil.WET));
  private static final List<SoiledPieces> TOWELS = List.of(soiled(HAND_TOWEL, 14, Soil.DIRT));
  private static final Programme STEAM =
      new Programme(
          "Steam",
          Programme.Use.STEAM,
          List.of(90),
          0,
          null,
          140,
          Agitation.INTENSIVE,
          3,
          1,
          600,
          1400);
  private static final List<School> ALL = School.ALL;

  private static Routine plan(List<SoiledPieces> first, School school) {
    return WashPlanner.plan(job(first, TOWELS, null), school);
  }

  private static Routine planIn(Machine machine, List<SoiledPieces> first, School school) {
    return WashPlanner.plan(Pieces.in(machine, first), school);
  }

  private static Product detergent(Step step) {
    return step.doses().get(0).product();
  }

  @Test
  void thereAreTenEachWithItsOwnName() {
    assertThat(School.ALL).hasSize(10);
    assertThat(School.ALL.stream().map(School::id).distinct()).hasSize(10);
    assertThat(School.ALL).allMatch(s -> !s.belief().nothing() && !s.finish().drying().nothing());
  }

  @Test
  void sixtyWithSanitiserRinsesWellWithoutEnzymesAndSaysWhatIsMissing() {
    Routine routine = plan(NAPPIES, School.SIXTY_WITH_SANITISER);
    Step main = routine.mainWash();
    assertThat(main.run().temperatureC()).isEqualTo(60);
    assertThat(detergent(main).enzymes()).isFalse();
    assertThat(main.run().rinses()).isGreaterThanOrEqualTo(main.run().programme().rinses() + 2);
    assertThat(routine.bends()).anyMatch(b -> heard(b, WashPhrase.NO_SANITISER_IN_KIT));
  }

  private static final Product SANITISER =
      new Product(
          9,
          "sanitising rinse",
          Product.Purpose.SANITISER,
          Product.Form.LIQUID,
          false,
          false,
          false,
          false,
          new LabelRow(60, 60, 60),
          new LabelRow(60, 60, 60),
          4.5,
          null,
          30.0,
          1.0,
          6,
          1500,
          new Product.Claim(4, 3, 8, 10),
          null);

  private static WashJob withSanitiser(Machine machine) {
    return Pieces.with(Pieces.in(machine, NAPPIES), SANITISER);
  }

  @Test
  void theSanitiserGoesIntoALastRinseAtTheStrengthOfItsLabel() {
    WashJob job = withSanitiser(MACHINE);
    Routine routine = WashPlanner.plan(job, School.SIXTY_WITH_SANITISER);
    Step last =
        routine.steps().stream()
            .filter(s -> !s.doses().isEmpty())
            .reduce((a, b) -> b)
            .orElseThrow();
    assertThat(routine.steps().get(last.number()).title())
        .as("nothing but water stays on skin")
        .isEqualTo(WashPhrase.RINSE_AGAIN.said());
    assertThat(last.title()).isEqualTo(WashPhrase.SANITISING_RINSE.said());
    PlannedDose dose = last.doses().get(0);
    Bath bath =
        routine.outcome().baths().stream()
            .filter(b -> b.step() == last.number())
            .findFirst()
            .orElseThrow();
    assertThat(dose.dose().roundedDoseG()).isGreaterThanOrEqualTo(3 * bath.liquorL() - 1e-9);
    assertThat(routine.outcome().hygiene().additiveLog()).isEqualTo(4);
    assertThat(routine.bends()).noneMatch(b -> heard(b, WashPhrase.NO_SANITISER_IN_KIT));
    assertThat(dose.why().lines()).anyMatch(l -> l.label().saying() == WashSaying.LABEL_AT_LEAST);
    Routine without = planIn(MACHINE, NAPPIES, School.SIXTY_WITH_SANITISER);
    assertThat(routine.outcome().cost()).isGreaterThan(without.outcome().cost());
    assertThat(routine.outcome().litres()).isGreaterThan(without.outcome().litres());
    assertThat(WashPlanner.plan(job, School.HOT_AND_FULL).outcome().hygiene().additiveLog())
        .isZero();
  }

  @Test
  void aMachineWithoutARinseProgrammeSaysSo() {
    Machine bare = new Machine("bare", 54, 7, 0.235, 2000, List.of(Pieces.COTTONS));
    assertThat(WashPlanner.plan(withSanitiser(bare), School.SIXTY_WITH_SANITISER).bends())
        .filteredOn(b -> heard(b, WashPhrase.NO_SANITISING_RINSE))
        .hasSize(1);
  }

  @Test
  void aClaimIsChecked() {
    assertThatThrownBy(() -> new Product.Claim(-1, 3, 8, 10)).hasMessageContaining("claim.log");
    assertThatThrownBy(() -> new Product.Claim(3, 0, 8, 10))
        .hasMessageContaining("claim.minMlPerL");
  }

  @Test
  void alternateDaysWashesLongAtForty() {
    Step main = plan(NAPPIES, School.ALTERNATE_DAYS).mainWash();
    assertThat(main.run().temperatureC()).isEqualTo(40);
    assertThat(main.run().programme().washMinutes()).isGreaterThanOrEqualTo(100);
  }

  @Test
  void dailyConcentrateDosesTheLeastOfAll() {
    double daily = doseG(School.DAILY_CONCENTRATE);
    for (School other : List.of(School.HOT_AND_FULL, School.COOL_AND_SUN, School.GENTLE_SKIN)) {
      assertThat(daily).isLessThan(doseG(other));
    }
    assertThat(plan(NAPPIES, School.DAILY_CONCENTRATE).mainWash().run().temperatureC())
        .isEqualTo(30);
  }

  private static double doseG(School school) {
    return plan(NAPPIES, school).mainWash().doses().get(0).dose().doseG();
  }

  @Test
  void aMachineWithNothingCoolerBendsTheSchoolAndSaysSo() {
    Machine hotOnly =
        new Machine("hot only", 54, 7, 0.235, 2000, List.of(Pieces.QUICK_RINSE, Pieces.COTTONS));
    Routine routine = planIn(hotOnly, NAPPIES, School.DAILY_CONCENTRATE);
    assertThat(routine.mainWash().run().temperatureC()).isEqualTo(40);
    assertThat(heard(routine.bends(), WashPhrase.NOTHING_COOLER)).isTrue();
  }

  @Test
  void gentleSkinLoadsAllAtOnceWithoutEnzymesAndRinsesToTheTarget() {
    Routine routine = plan(NAPPIES, School.GENTLE_SKIN);
    assertThat(routine.steps())
        .extracting(Step::action)
        .startsWith(Step.Action.LOAD, Step.Action.RUN)
        .doesNotContain(Step.Action.LOOK);
    assertThat(routine.steps().get(0).detail().values()).containsEntry("pieces", 42);
    assertThat(detergent(routine.mainWash()).enzymes()).isFalse();
    assertThat(routine.outcome().residueMet()).isTrue();
  }

  @Test
  void coolThenWarmSoaksInOxygenBeforeItWarms() {
    List<SoiledPieces> blood = List.of(soiled(TRIFOLD, 16, Soil.BLOOD));
    Routine routine = plan(blood, School.COOL_THEN_WARM);
    Step soak = routine.steps().get(1);
    assertThat(soak.run().pauseMinutes()).isBetween(45, 60);
    assertThat(soak.run().temperatureC()).isLessThanOrEqualTo(30);
    assertThat(heard(soak.run().settings(), SettingSaying.PAUSE)).isTrue();
    assertThat(soak.doses())
        .singleElement()
        .matches(d -> d.product().purpose() == Product.Purpose.OXYGEN_WHITENER);
    assertThat(soak.minutes())
        .isEqualTo(soak.run().programme().minutes(soak.run().rinses()) + soak.run().pauseMinutes());
    assertThat(routine.outcome().baths().get(0).minutes()).isEqualTo(soak.run().bathMinutes());
    assertThat(routine.mainWash().run().temperatureC()).isEqualTo(40);
  }

  @Test
  void softFibreTakesLiquidForMicrofibreAndBendsForWhatAbsorbs() {
    Routine cloths = plan(List.of(soiled(GLASS_CLOTH, 60, Soil.DIRT)), School.SOFT_FIBRE);
    assertThat(detergent(cloths.mainWash()).form()).isEqualTo(Product.Form.LIQUID);
    assertThat(cloths.bends()).noneMatch(b -> heard(b, WashPhrase.FORM_INSTEAD));
    Routine nappies = plan(NAPPIES, School.SOFT_FIBRE);
    assertThat(detergent(nappies.mainWash()).form()).isEqualTo(Product.Form.POWDER);
    assertThat(nappies.bends()).anyMatch(b -> heard(b, WashPhrase.FORM_INSTEAD));
  }

  @Test
  void steamIsForCottonThatBearsItAndNothingElse() {
    List<Programme> programmes = new ArrayList<>(MACHINE.programmes());
    programmes.add(STEAM);
    Machine machine = new Machine("steamer", 54, 7, 0.235, 2000, programmes);
    Kind white =
        new Kind(
            70,
            "white towel",
            HAND_TOWEL.role(),
            HAND_TOWEL.bin(),
            HAND_TOWEL.parts(),
            0.3,
            true,
            new CareLimits(95, 1600, DryerHeat.NORMAL));
    Routine routine = planIn(machine, List.of(soiled(white, 40, Soil.VOMIT)), School.HYGIENE_STEAM);
    assertThat(routine.mainWash().run().programme().use()).isEqualTo(Programme.Use.STEAM);
    assertThat(routine.outcome().peakC()).isGreaterThan(85);
    assertThatThrownBy(() -> planIn(machine, NAPPIES, School.HYGIENE_STEAM))
        .isInstanceOf(CannotPlan.class)
        .hasMessageContaining("steam-only-plain");
    assertThatThrownBy(
            () -> planIn(machine, List.of(soiled(HAND_TOWEL, 9, Soil.DIRT)), School.HYGIENE_STEAM))
        .hasMessageContaining("steam-too-hot");
    assertThatThrownBy(() -> plan(List.of(soiled(white, 9, Soil.DIRT)), School.HYGIENE_STEAM))
        .isInstanceOf(CannotPlan.class);
  }

  @Test
  void bucketAndPlungeWantsABucket() {
    assertThatThrownBy(() -> plan(NAPPIES, School.BUCKET_AND_PLUNGE))
        .isInstanceOf(CannotPlan.class)
        .hasMessageContaining("by-hand-only");
    Machine bucket = new Machine("bucket", Machine.Type.BUCKET, 14, 2, 0.2, 0, List.of());
    Routine routine =
        planIn(bucket, List.of(soiled(TRIFOLD, 6, Soil.WET)), School.BUCKET_AND_PLUNGE);
    assertThat(routine.mainWash().run().programme().agitation()).isEqualTo(Agitation.PLUNGED);
    assertThat(routine.mainWash().run().spinRpm()).isZero();
  }

  @ParameterizedTest
  @FieldSource("ALL")
  void everySchoolIsPlannedOrSaysWhyNot(School school) {
    try {
      Routine routine = plan(NAPPIES, school);
      assertThat(routine.school()).isSameAs(school);
      assertThat(routine.stop()).isEmpty();
      assertThat(RoutineWhys.of(job(NAPPIES, TOWELS, null), routine)).isNotEmpty();
    } catch (CannotPlan e) {
      assertThat(school.main().by()).isNotEqualTo(School.By.MACHINE);
      assertThat(e.getMessage()).isNotBlank();
    }
  }

  @Test
  void whatIsDominatedIsWorseInSomethingAndBetterInNothing() {
    List<Routine> routines =
        School.ALL.stream()
            .filter(s -> s.main().by() == School.By.MACHINE)
            .map(s -> plan(NAPPIES, s))
            .toList();
    int dominated = 0;
    for (Routine routine : routines) {
      Optional<Routine> by = Dominance.by(routine, routines);
      assertThat(by).isNotEqualTo(Optional.of(routine));
      if (by.isPresent()) {
        dominated++;
        Outcome better = by.get().outcome();
        Outcome worse = routine.outcome();
        assertThat(better.hygiene().totalLog())
            .isGreaterThanOrEqualTo(worse.hygiene().totalLog() * 0.99);
        assertThat(better.cost()).isLessThanOrEqualTo(worse.cost() * 1.01);
        assertThat(better.minutes()).isLessThanOrEqualTo(worse.minutes() * 1.01);
        assertThat(Dominance.by(by.get(), List.of(routine))).isEmpty();
      }
    }
    assertThat(dominated).isLessThan(routines.size());
    assertThat(Dominance.by(routines.get(0), List.of(routines.get(0)))).isEmpty();
  }
}
