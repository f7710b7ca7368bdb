package org.nestrinse.core.wash.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.MACHINE;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.bath.ResidueTarget;
import org.nestrinse.core.bath.Solution;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.WashSaying;
import org.nestrinse.core.wash.plan.Routine;
import org.nestrinse.core.wash.plan.RoutineWhys;
import org.nestrinse.core.wash.plan.WashPlanner;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

class SimulationTest {
  private static final List<SoiledPieces> NAPPIES =
      List.of(soiled(TRIFOLD, 16, Soil.STOOL), soiled(SHELL, 12, Soil.WET));
  private static final List<SoiledPieces> TOWELS = List.of(soiled(HAND_TOWEL, 14, Soil.DIRT));

  static List<School> schools() {
    return School.ALL.stream().filter(s -> s.main().by() == School.By.MACHINE).toList();
  }

  private static List<Bath> washesOf(Routine routine, int step) {
    return routine.outcome().baths().stream()
        .filter(b -> b.step() == step && b.type() == Bath.Type.WASH)
        .toList();
  }

  @ParameterizedTest
  @MethodSource("schools")
  void bathsFollowEachOtherWithoutOverlap(School school) {
    Outcome outcome = WashPlanner.plan(job(NAPPIES, TOWELS, null), school).outcome();
    double clock = 0;
    for (Bath bath : outcome.baths()) {
      assertThat(bath.startMinute()).isGreaterThanOrEqualTo(clock - 1e-9);
      assertThat(bath.liquorL()).isPositive();
      assertThat(bath.freshL()).isBetween(0.0, bath.liquorL() + 1e-9);
      clock = bath.startMinute() + bath.minutes();
    }
    assertThat(clock).isLessThanOrEqualTo(outcome.minutes());
  }

  @ParameterizedTest
  @MethodSource("schools")
  void detergentFallsWithEveryRinse(School school) {
    Routine routine = WashPlanner.plan(job(NAPPIES, TOWELS, null), school);
    List<Bath> fromMain =
        routine.outcome().baths().stream()
            .filter(b -> b.step() >= routine.mainWash().number() && b.type() != Bath.Type.SPIN)
            .toList();
    for (int i = 1; i < fromMain.size(); i++) {
      assertThat(fromMain.get(i).type()).isEqualTo(Bath.Type.RINSE);
      assertThat(fromMain.get(i).detergentGL()).isLessThan(fromMain.get(i - 1).detergentGL());
    }
  }

  /**
   * What the first wash leaves on the textile is in the main bath, with the dose, and nothing else.
   */
  @Test
  void theMainBathHoldsItsDoseAndTheCarryOver() {
    WashJob job = job(NAPPIES, TOWELS, null);
    Routine routine = WashPlanner.plan(job, School.HOT_AND_FULL);
    Step first = routine.steps().get(1);
    Bath lastRinse =
        routine.outcome().baths().stream()
            .filter(b -> b.step() == first.number() && b.type() == Bath.Type.RINSE)
            .reduce((a, b) -> b)
            .orElseThrow();
    double retained =
        SpinRetention.of(job.firstLoad(), first.run().spinRpm(), MACHINE.drumRadiusM()).retainedL();
    double carriedG = lastRinse.detergentGL() * (retained + job.firstLoad().sorbedL());
    double doseG =
        routine.mainWash().doses().stream()
            .filter(d -> d.product().purpose() == Product.Purpose.DETERGENT)
            .mapToDouble(d -> d.dose().roundedDoseG())
            .sum();
    Bath main = washesOf(routine, routine.mainWash().number()).get(0);
    double inBathG = main.detergentGL() * (main.liquorL() + job.wholeLoad().sorbedL());
    assertThat(inBathG).isCloseTo(doseG + carriedG, within(1e-6));
    assertThat(main.freshL()).isCloseTo(main.liquorL() - retained, within(1e-9));
  }

  @Test
  void residueIsWhatTheLastWaterLeaves() {
    WashJob job = job(NAPPIES, TOWELS, null);
    Routine routine = WashPlanner.plan(job, School.HOT_AND_FULL);
    double last =
        routine.outcome().baths().stream()
            .filter(b -> b.type() == Bath.Type.RINSE)
            .reduce((a, b) -> b)
            .orElseThrow()
            .detergentGL();
    double held =
        SpinRetention.of(job.wholeLoad(), routine.lastRun().spinRpm(), MACHINE.drumRadiusM())
            .retainedL();
    double expected =
        new Solution(last).residueMgKg(held, job.wholeLoad().sorbedL(), job.wholeLoad().massKg());
    assertThat(routine.outcome().residueMgKg()).isCloseTo(expected, within(1e-9));
  }

  @Test
  void energyIsHeaterRunningAndSpins() {
    Routine routine = WashPlanner.plan(job(NAPPIES, TOWELS, null), School.COOL_AND_SUN);
    Outcome outcome = routine.outcome();
    double heater = outcome.baths().stream().mapToDouble(Bath::heaterKwh).sum();
    double runHours =
        routine.steps().stream().filter(s -> s.run() != null).mapToDouble(Step::minutes).sum() / 60;
    long spins =
        outcome.baths().stream()
            .filter(b -> b.type() == Bath.Type.RINSE || b.type() == Bath.Type.SPIN)
            .count();
    assertThat(outcome.kwh()).isCloseTo(heater + 0.10 * runHours + 0.02 * spins, within(1e-9));
  }

  @Test
  void harderWaterGetsMoreAndSofterLess() {
    WashJob hard = job(NAPPIES, TOWELS, null);
    WashJob soft = withHardness(hard, 0.5);
    assertThat(dose(soft)).isLessThan(dose(hard));
  }

  private static double dose(WashJob job) {
    return WashPlanner.plan(job, School.HOT_AND_FULL).mainWash().doses().get(0).dose().doseG();
  }

  private static WashJob withHardness(WashJob j, double hardness) {
    return new WashJob(
        j.first(),
        j.bulkers(),
        j.machine(),
        new org.nestrinse.core.kit.Water(hardness, 11),
        j.roomC(),
        j.products(),
        j.tariff(),
        j.houseGoal(),
        j.trim(),
        j.now(),
        j.start(),
        j.askedC());
  }

  private static final List<SoiledPieces> FEW = List.of(soiled(TRIFOLD, 5, Soil.STOOL));

  @Test
  void bulkersImproveTheLiftingAndCostWater() {
    Outcome without = WashPlanner.plan(job(FEW, List.of(), null), School.COOL_AND_SUN).outcome();
    Outcome with = WashPlanner.plan(job(FEW, TOWELS, null), School.COOL_AND_SUN).outcome();
    assertThat(with.hygiene().liftedLog()).isGreaterThan(without.hygiene().liftedLog());
    assertThat(with.litres()).isGreaterThan(without.litres());
  }

  @ParameterizedTest
  @CsvSource({"WET, bio powder, false", "STOOL, bio powder, true", "BLOOD, bio powder, true"})
  void heavyRowsFollowTheSoil(Soil soil, String product, boolean heavy) {
    Routine routine =
        WashPlanner.plan(
            job(List.of(soiled(TRIFOLD, 16, soil)), TOWELS, null), School.HOT_AND_FULL);
    PlannedDose dose = routine.mainWash().doses().get(0);
    assertThat(dose.basis().label()).isEqualTo(heavy ? Pieces.BIO.heavy() : Pieces.BIO.normal());
  }

  @Test
  void theMostDemandingPieceSetsTheResidueTarget() {
    assertThat(target(soiled(TRIFOLD, 4, Soil.WET))).isEqualTo(ResidueTarget.ABSORBENT);
    assertThat(target(soiled(SHELL, 4, Soil.WET))).isEqualTo(ResidueTarget.ORDINARY);
    assertThat(target(soiled(Pieces.VEST, 4, Soil.DIRT))).isEqualTo(ResidueTarget.ORDINARY);
    assertThat(target(soiled(SHELL, 4, Soil.WET, SkinNeed.SENSITIVE)))
        .isEqualTo(ResidueTarget.GENTLE);
  }

  private static ResidueTarget target(SoiledPieces pieces) {
    return job(List.of(pieces), List.of(), null).residueTarget();
  }

  @Test
  void whenNothingIsCoolEnoughItSaysSo() {
    WashJob usual = job(List.of(soiled(Pieces.WOOL_COVER, 2, Soil.WET)), List.of(), null);
    WashJob job =
        new WashJob(
            usual.first(),
            usual.bulkers(),
            new org.nestrinse.core.kit.Machine("m", 54, 7, 0.235, 2000, List.of(Pieces.COTTONS)),
            usual.water(),
            19,
            usual.products(),
            usual.tariff(),
            usual.houseGoal(),
            1,
            usual.now(),
            usual.start(),
            null);
    assertThatThrownBy(() -> WashPlanner.plan(job, School.HOT_AND_FULL))
        .isInstanceOf(CannotPlan.class)
        .hasMessageContaining("no-wool-so-cool")
        .hasMessageContaining("amount=30.0");
  }

  @Test
  void schoolsAreFoundByTheirNameAndUnknownOnesRefused() {
    for (School school : School.ALL) {
      assertThat(School.of(school.id())).isSameAs(school);
    }
    assertThatThrownBy(() -> School.of("scrubbing"))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("hot-and-full, cool-and-sun");
  }

  @Test
  void aJobNeedsPiecesAndASaneTrim() {
    assertThatThrownBy(() -> job(List.of(), TOWELS, null)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> job(NAPPIES, TOWELS, 400)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void everyFigureInAReasonIsTheFigureOfTheOutcome() {
    WashJob job = job(NAPPIES, TOWELS, null);
    Routine routine = WashPlanner.plan(job, School.HOT_AND_FULL);
    var whys = RoutineWhys.of(job, routine);
    Outcome o = routine.outcome();
    assertThat(whys.get("residue").title())
        .isEqualTo(Said.from(Quantity.of(o.residueMgKg(), Unit.MG_PER_KG)));
    assertThat(whys.get("litres").title())
        .isEqualTo(Said.from(Quantity.of(o.litres(), Unit.LITRE)));
    assertThat(whys.get("cost").title())
        .isEqualTo(Said.from(new Quantity(o.cost(), Unit.MONEY, 2)));
    assertThat(whys.get("dose.2.0").lines())
        .anyMatch(l -> l.total() && l.label().saying() == WashSaying.DOSE);
    double parts =
        whys.get("hygiene").lines().stream()
            .limit(4)
            .mapToDouble(l -> ((Quantity) l.value().values().get("value")).amount())
            .sum();
    assertThat(Math.min(6, parts)).isCloseTo(o.hygiene().totalLog(), within(1e-9));
  }
}
