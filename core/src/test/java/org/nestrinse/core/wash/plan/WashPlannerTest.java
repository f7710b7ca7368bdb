package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Heard.heard;
import static org.nestrinse.core.Pieces.CAUTIOUS_COVER;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.WOOL_COVER;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.caution.CautionSaying;
import org.nestrinse.core.wash.machine.ProgrammeChoice;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

class WashPlannerTest {
  private static final List<SoiledPieces> NAPPIES =
      List.of(
          soiled(TRIFOLD, 14, Soil.WET),
          soiled(TRIFOLD, 4, Soil.STOOL),
          soiled(SHELL, 12, Soil.WET));
  private static final List<SoiledPieces> TOWELS = List.of(soiled(HAND_TOWEL, 16, Soil.DIRT));

  private static Routine plan(School school) {
    return WashPlanner.plan(job(NAPPIES, TOWELS, null), school);
  }

  private static Caution caution(Routine routine, String key) {
    return routine.cautions().stream().filter(c -> c.key().equals(key)).findFirst().orElseThrow();
  }

  /** The schools that any load may be washed by in this machine. */
  private static List<School> byMachine() {
    return School.ALL.stream().filter(s -> s.main().by() == School.By.MACHINE).toList();
  }

  private static List<String> keys(Routine routine, Caution.Strength strength) {
    return routine.cautions().stream()
        .filter(c -> c.strength() == strength)
        .map(Caution::key)
        .toList();
  }

  @Test
  void hotAndFullWashesShortThenLongAtSixtyWithFullDose() {
    Routine routine = plan(School.HOT_AND_FULL);
    assertThat(routine.steps())
        .extracting(Step::action)
        .startsWith(Step.Action.LOAD, Step.Action.RUN, Step.Action.LOOK, Step.Action.RUN)
        .endsWith(Step.Action.UNLOAD);
    Step first = routine.steps().get(1);
    assertThat(first.wholeLoad()).isFalse();
    assertThat(first.run()).extracting(MachineRun::temperatureC).isEqualTo(40);
    Step main = routine.mainWash();
    assertThat(main.run()).extracting(MachineRun::temperatureC).isEqualTo(60);
    assertThat(main.run()).extracting(r -> r.programme().name()).isEqualTo("Cottons");
    assertThat(main.doses())
        .extracting(d -> d.product().name())
        .containsExactly("bio powder", "oxygen whitener");
    assertThat(main.doses().get(0).basis().strength()).isEqualTo(1.0);
    assertThat(routine.outcome().verdict().met()).isTrue();
    assertThat(routine.outcome().residueMet()).isTrue();
  }

  @Test
  void coolAndSunRinsesColdThenWashesLean() {
    Routine routine = plan(School.COOL_AND_SUN);
    Step first = routine.steps().get(1);
    assertThat(first.doses()).isEmpty();
    assertThat(first.run()).extracting(MachineRun::temperatureC).isEqualTo(0);
    Step main = routine.mainWash();
    assertThat(main.run()).extracting(MachineRun::temperatureC).isEqualTo(40);
    assertThat(main.doses()).singleElement().extracting(d -> d.basis().strength()).isEqualTo(0.6);
    assertThat(routine.lastRun().spinRpm()).isLessThanOrEqualTo(800);
  }

  @Test
  void theSchoolsDifferAsTheyClaim() {
    Outcome hot = plan(School.HOT_AND_FULL).outcome();
    Outcome cool = plan(School.COOL_AND_SUN).outcome();
    assertThat(hot.hygiene().killLog()).isGreaterThan(cool.hygiene().killLog() + 4);
    assertThat(hot.kwh()).isGreaterThan(cool.kwh());
    assertThat(hot.cost()).isGreaterThan(cool.cost());
    assertThat(hot.minutes()).isGreaterThan(cool.minutes());
  }

  @Test
  void theTemperatureBendsToTheWeakestPieceAndSaysSo() {
    List<SoiledPieces> with = new ArrayList<>(NAPPIES);
    with.add(soiled(CAUTIOUS_COVER, 2, Soil.WET));
    Routine routine = WashPlanner.plan(job(with, TOWELS, null), School.HOT_AND_FULL);
    assertThat(routine.mainWash().run()).extracting(MachineRun::temperatureC).isEqualTo(40);
    assertThat(routine.bends())
        .contains(
            Said.of(WashPhrase.ASKED_PLANNED)
                .with("asked", Quantity.celsius(60))
                .with("planned", Quantity.celsius(40))
                .with(
                    "reason",
                    Said.of(WashPhrase.TOLERATES)
                        .with("kind", "delicate covers")
                        .with("celsius", Quantity.celsius(40))));
    assertThat(routine.stop()).isEmpty();
  }

  @Test
  void askingForMoreThanAPieceBearsIsAStopWithTheNearestPlan() {
    List<SoiledPieces> with = new ArrayList<>(NAPPIES);
    with.add(soiled(CAUTIOUS_COVER, 2, Soil.WET));
    Routine routine = WashPlanner.plan(job(with, TOWELS, 60), School.HOT_AND_FULL);
    Caution stop = routine.stop().orElseThrow();
    assertThat(stop.step()).isEqualTo(routine.mainWash().number());
    assertThat(stop.sentence())
        .satisfies(
            said -> {
              assertThat(heard(said, CautionSaying.TOO_HOT)).isTrue();
              assertThat(heard(said, CautionSaying.FITS)).isTrue();
            });
    assertThat(stop.nearestC()).as("its button does what its words say").isEqualTo(40);
  }

  @Test
  void ninetyOnTheDialIsAStopForElastic() {
    Routine routine = WashPlanner.plan(job(NAPPIES, TOWELS, 90), School.HOT_AND_FULL);
    assertThat(routine.stop()).isPresent();
  }

  @Test
  void aTemperatureThatTheMachineDoesNotHaveIsRefused() {
    assertThatThrownBy(() -> WashPlanner.plan(job(NAPPIES, TOWELS, 55), School.HOT_AND_FULL))
        .isInstanceOf(CannotPlan.class)
        .hasMessageContaining("55");
  }

  @Test
  void sensitiveSkinGetsNoEnzymesAndMoreRinses() {
    List<SoiledPieces> sensitive = List.of(soiled(TRIFOLD, 18, Soil.STOOL, SkinNeed.SENSITIVE));
    Routine routine = WashPlanner.plan(job(sensitive, TOWELS, null), School.HOT_AND_FULL);
    assertThat(routine.mainWash().doses().get(0).product()).isEqualTo(Pieces.NON_BIO);
    assertThat(routine.outcome().residueMgKg()).isLessThanOrEqualTo(150);
  }

  @Test
  void microfibreGetsLiquid() {
    List<SoiledPieces> cloths = List.of(soiled(GLASS_CLOTH, 30, Soil.DIRT));
    Routine routine = WashPlanner.plan(job(cloths, List.of(), null), School.COOL_AND_SUN);
    assertThat(routine.mainWash().doses().get(0).product()).isEqualTo(Pieces.CLOTH_LIQUID);
    assertThat(routine.mainWash().run()).extracting(MachineRun::temperatureC).isEqualTo(40);
  }

  @Test
  void woolGoesIntoTheWoolProgrammeWithoutOxygen() {
    List<SoiledPieces> wool = List.of(soiled(WOOL_COVER, 6, Soil.WET));
    Routine routine = WashPlanner.plan(job(wool, List.of(), null), School.HOT_AND_FULL);
    assertThat(routine.mainWash().run()).extracting(r -> r.programme().name()).isEqualTo("Wool");
    assertThat(routine.mainWash().doses())
        .noneMatch(d -> d.product().purpose() == Product.Purpose.OXYGEN_WHITENER);
    assertThat(routine.lastRun().spinRpm()).isLessThanOrEqualTo(800);
  }

  @Test
  void woolIsNeverMovedByAnotherProgrammeEvenWhenAsked() {
    List<SoiledPieces> wool = List.of(soiled(WOOL_COVER, 6, Soil.WET));
    WashJob job = job(wool, List.of(), 30);
    assertThat(ProgrammeChoice.temperatures(job)).containsExactly(20, 30);
    Routine routine = WashPlanner.plan(job, School.HOT_AND_FULL);
    assertThat(routine.mainWash().run()).extracting(r -> r.programme().name()).isEqualTo("Wool");
    assertThatThrownBy(() -> WashPlanner.plan(job(wool, List.of(), 40), School.HOT_AND_FULL))
        .isInstanceOf(CannotPlan.class)
        .hasMessageContaining("wool-cannot-be-set");
  }

  @Test
  void aSavingProgrammeIsPlannedWithWhatItReaches() {
    Machine onlySaver =
        new Machine("front loader", 54, 7, 0.235, 2000, List.of(Pieces.QUICK_RINSE, Pieces.ECO));
    WashJob usual = job(NAPPIES, TOWELS, 60);
    WashJob job =
        new WashJob(
            usual.first(),
            usual.bulkers(),
            onlySaver,
            usual.water(),
            19,
            usual.products(),
            usual.tariff(),
            usual.houseGoal(),
            1,
            usual.now(),
            usual.start(),
            null);
    Routine routine = WashPlanner.plan(job, School.HOT_AND_FULL);
    assertThat(routine.outcome().peakC()).isCloseTo(52, within(0.01));
    assertThat(routine.bends())
        .anyMatch(b -> Quantity.celsius(52).equals(b.values().get("reaches")));
  }

  @Test
  void extraRinsesGoOnInRinseRunsWhenTheOptionIsUsedUp() {
    Machine noOption =
        new Machine("front loader", 54, 7, 0.235, 2000, List.of(Pieces.QUICK_RINSE, Pieces.SHORT));
    List<SoiledPieces> sensitive = List.of(soiled(TRIFOLD, 20, Soil.WET, SkinNeed.SENSITIVE));
    WashJob usual = job(sensitive, TOWELS, null);
    WashJob job =
        new WashJob(
            usual.first(),
            usual.bulkers(),
            noOption,
            usual.water(),
            19,
            usual.products(),
            usual.tariff(),
            usual.houseGoal(),
            1,
            usual.now(),
            usual.start(),
            null);
    Routine routine = WashPlanner.plan(job, School.HOT_AND_FULL);
    assertThat(routine.steps()).anyMatch(s -> s.title().saying() == WashPhrase.RINSE_AGAIN);
    assertThat(routine.outcome().residueMet()).isTrue();
  }

  @Test
  void oneRinseLessWouldMissTheTargetOrTheSchoolsWish() {
    Routine routine = plan(School.HOT_AND_FULL);
    MachineRun main = routine.mainWash().run();
    assertThat(main.rinses()).isGreaterThanOrEqualTo(main.programme().rinses() + 1);
  }

  @Test
  void illnessBringsGlovesAndItsGoal() {
    List<SoiledPieces> ill = List.of(soiled(TRIFOLD, 16, Soil.STOOL, SkinNeed.ILL));
    Routine routine = WashPlanner.plan(job(ill, TOWELS, null), School.HOT_AND_FULL);
    assertThat(routine.outcome().goal()).isEqualTo(HygieneGoal.ILLNESS);
    assertThat(keys(routine, Caution.Strength.CHECK)).contains("illness");
    assertThat(routine.outcome().verdict().met()).isTrue();
    Routine cool = WashPlanner.plan(job(ill, TOWELS, null), School.COOL_AND_SUN);
    assertThat(cool.outcome().verdict().met()).isFalse();
  }

  @Test
  void cautionsStandAtTheirStep() {
    List<SoiledPieces> raw =
        List.of(
            new SoiledPieces(
                TRIFOLD,
                16,
                Soil.STOOL,
                false,
                Pieces.NOW.minusSeconds(80 * 3600),
                java.util.Set.of()));
    Routine routine = WashPlanner.plan(job(raw, List.of(), null), School.HOT_AND_FULL);
    assertThat(caution(routine, "solids").step()).isEqualTo(1);
    assertThat(caution(routine, "held-too-long").strength()).isEqualTo(Caution.Strength.CHECK);
    assertThat(caution(routine, "under-full").step()).isEqualTo(routine.mainWash().number());
    assertThat(caution(routine, "scald").step()).isEqualTo(routine.mainWash().number());
  }

  @Test
  void noDetergentOnTheShelfIsSaid() {
    WashJob usual = job(NAPPIES, TOWELS, null);
    WashJob job =
        new WashJob(
            usual.first(),
            usual.bulkers(),
            usual.machine(),
            usual.water(),
            19,
            List.of(),
            usual.tariff(),
            usual.houseGoal(),
            1,
            usual.now(),
            usual.start(),
            null);
    Routine routine = WashPlanner.plan(job, School.HOT_AND_FULL);
    assertThat(keys(routine, Caution.Strength.CHECK)).contains("no-detergent");
    assertThat(routine.outcome().residueMgKg()).isZero();
  }

  @Test
  void everyNumberShownHasItsReason() {
    Routine routine = plan(School.HOT_AND_FULL);
    var whys = RoutineWhys.of(job(NAPPIES, TOWELS, null), routine);
    assertThat(whys)
        .containsKeys(
            "dose.2.0",
            "dose.4.0",
            "dose.4.1",
            "fill",
            "temperature",
            "heat",
            "oxygen",
            "lifted",
            "soil",
            "hygiene",
            "residue",
            "litres",
            "kwh",
            "cost",
            "minutes");
    assertThat(whys.values())
        .allSatisfy(
            why -> {
              assertThat(why.title()).isNotNull();
              assertThat(why.lines()).isNotEmpty();
              assertThat(why.source()).isNotNull();
            });
  }

  /** Whatever is in the drum, an unasked plan never runs hotter or faster than a piece bears. */
  @Test
  void aRoutineNeverBreaksACareLimitOnRandomLoads() {
    Random random = new Random(7);
    List<Kind> kinds = List.of(TRIFOLD, SHELL, HAND_TOWEL, WOOL_COVER, CAUTIOUS_COVER, GLASS_CLOTH);
    List<Soil> soils = java.util.Arrays.stream(Soil.values()).filter(s -> s != Soil.OIL).toList();
    for (int i = 0; i < 200; i++) {
      List<SoiledPieces> first = new ArrayList<>();
      for (int n = 0; n <= random.nextInt(4); n++) {
        first.add(
            soiled(
                kinds.get(random.nextInt(kinds.size())),
                1 + random.nextInt(10),
                soils.get(random.nextInt(soils.size()))));
      }
      for (School school : byMachine()) {
        Routine routine = WashPlanner.plan(job(first, List.of(), null), school);
        Predicate<MachineRun> withinLimits =
            run ->
                first.stream()
                    .allMatch(
                        p ->
                            run.temperatureC() <= p.kind().limits().hottestWashC()
                                && run.spinRpm() <= p.kind().limits().fastestSpinRpm());
        assertThat(routine.steps().stream().map(Step::run).filter(r -> r != null))
            .allMatch(withinLimits);
        assertThat(routine.stop()).isEmpty();
      }
    }
  }
}
