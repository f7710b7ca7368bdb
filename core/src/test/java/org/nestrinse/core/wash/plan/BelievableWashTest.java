package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.ArrayList;
import java.util.List;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.bath.Cleanness;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.MachineBuilder;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.kit.ProgrammeBuilder;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.CareLimits;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.simulation.Simulation;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** Figures at which somebody who has washed for years nods. */
class BelievableWashTest {
  /** Seven kilograms. */
  private static final WashJob FULL =
      job(List.of(soiled(HAND_TOWEL, 46, Soil.DIRT)), List.of(), null);

  private static Programme plain(Programme.Label label) {
    return ProgrammeBuilder.builder()
        .name("Plain cottons")
        .use(Programme.Use.WASH)
        .temperaturesC(List.of(40, 60))
        .shortfallC(0)
        .measuredPeakC(null)
        .washMinutes(80)
        .agitation(Agitation.NORMAL)
        .rinses(3)
        .extraRinses(0)
        .interimRpm(600)
        .fastestSpinRpm(1400)
        .mainL(null)
        .rinseL(null)
        .measured(null)
        .label(label)
        .build();
  }

  private static Outcome outcome(Programme programme) {
    MachineRun run = new MachineRun(programme, 60, 0, 1400);
    Step step =
        new Step(
            1,
            Step.Action.RUN,
            Said.from("run"),
            Said.NOTHING,
            true,
            run,
            List.of(),
            run.minutes(),
            Said.NOTHING);
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

  /** So short that hardly any washing comes before the steam. */
  private static final Programme SHORT_STEAM =
      new Programme(
          "Short steam",
          Programme.Use.STEAM,
          List.of(90),
          0,
          null,
          40,
          Agitation.GENTLE,
          2,
          1,
          600,
          1400);

  private static final Machine BUCKET =
      MachineBuilder.builder()
          .name("12 L bucket")
          .type(Machine.Type.BUCKET)
          .drumL(12)
          .capacityKg(2)
          .drumRadiusM(0.15)
          .heaterW(0)
          .programmes(List.of())
          .hotFillC(50.0)
          .levelsL(List.of())
          .whitenerDrawer(false)
          .pauses(true)
          .build();

  private static final Kind WHITE_TOWEL =
      new Kind(
          77,
          "white towel",
          Role.TOWEL,
          Bin.HOUSE,
          List.of(new Part("body", Material.COTTON, 0.15, false)),
          0.3,
          true,
          new CareLimits(95, 1600, DryerHeat.NORMAL));

  /** A method on the load and in the machine that it is made for. */
  private static WashJob jobOf(School school) {
    if (school == School.HYGIENE_STEAM) {
      List<Programme> programmes = new ArrayList<>(Pieces.MACHINE.programmes());
      programmes.add(STEAM);
      return Pieces.in(
          new Machine("steamer", 54, 7, 0.235, 2000, programmes),
          List.of(soiled(WHITE_TOWEL, 26, Soil.DIRT)));
    }
    if (school == School.BUCKET_AND_PLUNGE) {
      return aFew(school, Soil.WET);
    }
    if (school == School.SOFT_FIBRE) {
      return job(List.of(soiled(GLASS_CLOTH, 40, Soil.DIRT)), List.of(), null);
    }
    if (school == School.GENTLE_SKIN) {
      return job(
          List.of(soiled(TRIFOLD, 16, Soil.WET, SkinNeed.SENSITIVE)),
          List.of(soiled(HAND_TOWEL, 14, Soil.DIRT)),
          null);
    }
    if (school == School.DAILY_CONCENTRATE) {
      return aFew(school, Soil.WET);
    }
    Soil soil = school == School.COOL_THEN_WARM ? Soil.BLOOD : Soil.STOOL;
    return job(
        List.of(soiled(TRIFOLD, 16, soil), soiled(SHELL, 16, Soil.WET)),
        List.of(soiled(HAND_TOWEL, 14, Soil.DIRT)),
        null);
  }

  /** What one day leaves. */
  private static WashJob aFew(School school, Soil soil) {
    return Pieces.in(
        school == School.BUCKET_AND_PLUNGE ? BUCKET : Pieces.MACHINE,
        List.of(soiled(TRIFOLD, 6, soil), soiled(SHELL, 5, Soil.WET)));
  }

  private static double worst(Routine routine) {
    return routine.outcome().worstSoil().orElseThrow().soilLeft();
  }

  @ParameterizedTest
  @MethodSource("schools")
  void everyMethodComesOutCleanOnTheLoadItIsMadeForAndReachesItsGoal(School school) {
    WashJob job = jobOf(school);
    Routine routine = WashPlanner.plan(job, school);
    Cleanness clean = routine.outcome().worstSoil().orElseThrow().cleanness();
    assertThat(clean)
        .as(school.id() + " " + routine.outcome().worstSoil())
        .isIn(Cleanness.CLEAN, Cleanness.NEARLY_CLEAN);
    assertThat(routine.outcome().residueMgKg()).isLessThan(600);
    assertThat(routine.outcome().sudsVisible()).isFalse();
    assertThat(routine.outcome().verdict().met())
        .as(school.id() + ": " + routine.outcome().verdict().said())
        .isTrue();
    assertThat(routine.cautions()).noneMatch(c -> c.strength() == Caution.Strength.STOP);
    Routine without = WashPlanner.plan(Pieces.without(job), school);
    assertThat(worst(without)).as("no detergent is worse").isGreaterThan(worst(routine));
  }

  static List<School> lean() {
    return List.of(School.BUCKET_AND_PLUNGE, School.DAILY_CONCENTRATE);
  }

  /** With stool the two leanest ways come to traces at most, and say so in one calm sentence. */
  @ParameterizedTest
  @MethodSource("lean")
  void theLeanestWaysComeToTracesAtMost(School school) {
    Routine routine = WashPlanner.plan(aFew(school, Soil.STOOL), school);
    assertThat(routine.outcome().worstSoil().orElseThrow().cleanness())
        .isIn(Cleanness.CLEAN, Cleanness.NEARLY_CLEAN, Cleanness.TRACES);
    assertThat(routine.outcome().verdict().missing()).isEqualTo(HygieneGoal.Missing.TOTAL);
    assertThat(routine.outcome().verdict().goal()).isEqualTo(HygieneGoal.EVERYDAY);
    assertThat(routine.cautions()).noneMatch(c -> c.strength() == Caution.Strength.STOP);
  }

  /** Blood, vomit and milk straight into a hot bath, steam too, are never planned silently. */
  @ParameterizedTest
  @EnumSource(
      value = Soil.class,
      names = {"BLOOD", "VOMIT", "MILK"})
  void steamOnProteinIsAlwaysSaidBefore(Soil soil) {
    List<Programme> programmes = new ArrayList<>(Pieces.MACHINE.programmes());
    programmes.add(SHORT_STEAM);
    Machine steamer = new Machine("steamer", 54, 7, 0.235, 2000, programmes);
    Routine routine =
        WashPlanner.plan(
            Pieces.in(steamer, List.of(soiled(WHITE_TOWEL, 26, soil))), School.HYGIENE_STEAM);
    assertThat(routine.cautions())
        .anyMatch(c -> c.key().equals("protein-heat") && c.strength() == Caution.Strength.CHECK);
  }
}
