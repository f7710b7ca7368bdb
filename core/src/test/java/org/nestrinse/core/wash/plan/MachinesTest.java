package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Heard.heard;
import static org.nestrinse.core.Pieces.CAUTIOUS_COVER;
import static org.nestrinse.core.Pieces.COTTONS;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.MACHINE;
import static org.nestrinse.core.Pieces.QUICK_RINSE;
import static org.nestrinse.core.Pieces.SHEET;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.SHORT;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.VEST;
import static org.nestrinse.core.Pieces.WOOL_COVER;
import static org.nestrinse.core.Pieces.soiled;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.MachineBuilder;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.Outcome;

/** Other machines than a front loader with a heater, and machines that were measured. */
class MachinesTest {
  private static final List<SoiledPieces> NAPPIES =
      List.of(soiled(TRIFOLD, 16, Soil.STOOL), soiled(SHELL, 12, Soil.WET));

  private static Machine machine(
      Machine.Type type,
      double heaterW,
      Double hotC,
      List<Double> levels,
      Programme... programmes) {
    return MachineBuilder.builder()
        .name("any")
        .type(type)
        .drumL(54)
        .capacityKg(7)
        .drumRadiusM(0.235)
        .heaterW(heaterW)
        .programmes(List.of(programmes))
        .hotFillC(hotC)
        .levelsL(levels)
        .whitenerDrawer(true)
        .pauses(true)
        .build();
  }

  private static Bath mainBath(Routine routine) {
    return routine.outcome().baths().stream()
        .filter(b -> b.step() == routine.mainWash().number())
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aHotFillMachineStartsHotAndOnlyCools() {
    Machine hot =
        machine(Machine.Type.FRONT_LOADER, 0, 52.0, List.of(), QUICK_RINSE, SHORT, COTTONS);
    Routine routine = WashPlanner.plan(Pieces.in(hot, NAPPIES), School.HOT_AND_FULL);
    Bath main = mainBath(routine);
    double start = main.profile().get(0).temperatureC();
    double end = main.profile().get(main.profile().size() - 1).temperatureC();
    assertThat(start).isBetween(40.0, 52.0);
    assertThat(end).isLessThan(start);
    assertThat(main.heaterKwh()).isZero();
    assertThat(routine.bends())
        .contains(Said.of(WashPhrase.NO_HEATER).with("celsius", Quantity.celsius(52)));
    Machine cold = machine(Machine.Type.FRONT_LOADER, 0, null, List.of(), QUICK_RINSE, COTTONS);
    Routine stays = WashPlanner.plan(Pieces.in(cold, NAPPIES), School.HOT_AND_FULL);
    assertThat(stays.outcome().peakC()).isLessThan(20);
    assertThat(stays.bends()).anyMatch(b -> heard(b, WashPhrase.COLD_FILL));
  }

  @Test
  void aTopLoaderTakesTheLowestLevelThatCoversTheLoad() {
    Machine levels =
        machine(
            Machine.Type.TOP_LOADER, 2000, null, List.of(60.0, 30.0, 45.0), QUICK_RINSE, COTTONS);
    assertThat(levels.levelsL()).containsExactly(30.0, 45.0, 60.0);
    Routine few =
        WashPlanner.plan(
            Pieces.in(levels, List.of(soiled(HAND_TOWEL, 6, Soil.DIRT))), School.HOT_AND_FULL);
    assertThat(mainBath(few).liquorL()).isEqualTo(30);
    Routine many =
        WashPlanner.plan(
            Pieces.in(levels, List.of(soiled(HAND_TOWEL, 30, Soil.DIRT))), School.HOT_AND_FULL);
    assertThat(mainBath(many).liquorL()).isEqualTo(60);
    assertThat(many.outcome().litres()).isGreaterThan(few.outcome().litres());
  }

  @Test
  void aTwinTubNeedsAPersonForEverySpin() {
    Machine twin =
        machine(Machine.Type.TWIN_TUB, 1500, null, List.of(40.0), QUICK_RINSE, SHORT, COTTONS);
    Machine front =
        machine(Machine.Type.FRONT_LOADER, 1500, null, List.of(), QUICK_RINSE, SHORT, COTTONS);
    Outcome two = WashPlanner.plan(Pieces.in(twin, NAPPIES), School.HOT_AND_FULL).outcome();
    Outcome one = WashPlanner.plan(Pieces.in(front, NAPPIES), School.HOT_AND_FULL).outcome();
    assertThat(two.attendedMinutes()).isGreaterThan(one.attendedMinutes() + 9);
  }

  @Test
  void litresThatAProgrammeStatesWin() {
    Programme stated =
        new Programme(
            "Stated",
            Programme.Use.WASH,
            List.of(60),
            0,
            null,
            120,
            org.nestrinse.core.kit.Agitation.NORMAL,
            2,
            1,
            600,
            1400,
            21.0,
            17.5,
            null);
    Machine machine =
        machine(Machine.Type.FRONT_LOADER, 2000, null, List.of(), QUICK_RINSE, stated);
    Routine routine = WashPlanner.plan(Pieces.in(machine, NAPPIES), School.HOT_AND_FULL);
    assertThat(mainBath(routine).liquorL()).isEqualTo(21);
    assertThat(routine.outcome().baths())
        .filteredOn(b -> b.step() == routine.mainWash().number() && b.type() == Bath.Type.RINSE)
        .allMatch(b -> b.freshL() == 17.5);
  }

  @Test
  void whatWasMeasuredIsPlannedWith() {
    Programme seen = COTTONS.with(new Programme.Measured(60, 52.0, 25.0, 1500.0, 0.8));
    Machine machine = machine(Machine.Type.FRONT_LOADER, 2000, null, List.of(), QUICK_RINSE, seen);
    Routine routine = WashPlanner.plan(Pieces.in(machine, NAPPIES), School.HOT_AND_FULL);
    Bath main = mainBath(routine);
    double peak = main.profile().stream().mapToDouble(p -> p.temperatureC()).max().orElseThrow();
    assertThat(peak).isCloseTo(52, within(1e-6));
    assertThat(main.holdMinutes()).isBetween(24.0, 33.0);
    assertThat(main.profile().get(main.profile().size() - 1).temperatureC()).isLessThan(50);
    assertThat(routine.bends())
        .anyMatch(b -> Quantity.celsius(52).equals(b.values().get("reaches")));
    Routine promised = WashPlanner.plan(Pieces.in(MACHINE, NAPPIES), School.HOT_AND_FULL);
    assertThat(routine.outcome().hygiene().heatLog())
        .isLessThan(promised.outcome().hygiene().heatLog());
    assertThat(seen.reachesC(90)).isEqualTo(82);
    assertThat(seen.reachesC(40)).isEqualTo(40);
  }

  /** A routine never breaks a care limit unless a person asks for it, and then it is a stop. */
  @RepeatedTest(80)
  void noRoutineBreaksACareLimit(RepetitionInfo repetition) {
    Random random = new Random(1000 + repetition.getCurrentRepetition());
    List<Kind> kinds =
        List.of(TRIFOLD, SHELL, HAND_TOWEL, WOOL_COVER, GLASS_CLOTH, VEST, CAUTIOUS_COVER, SHEET);
    List<SoiledPieces> pieces = new ArrayList<>();
    for (Kind kind : kinds) {
      if (random.nextInt(3) == 0) {
        pieces.add(
            soiled(
                kind, 1 + random.nextInt(6), Soil.values()[random.nextInt(Soil.values().length)]));
      }
    }
    if (pieces.isEmpty()) {
      pieces.add(soiled(TRIFOLD, 3, Soil.WET));
    }
    List<Programme> programmes = new ArrayList<>(MACHINE.programmes());
    programmes.removeIf(p -> random.nextInt(4) == 0);
    Machine machine =
        machine(
            Machine.Type.values()[random.nextInt(Machine.Type.values().length)],
            random.nextBoolean() ? 2000 : 0,
            random.nextBoolean() ? 55.0 : null,
            List.of(),
            programmes.toArray(Programme[]::new));
    for (School school : School.ALL) {
      try {
        Routine routine = WashPlanner.plan(Pieces.in(machine, pieces), school);
        assertThat(routine.cautions())
            .noneMatch(c -> c.key().equals("too-hot") || c.key().equals("too-fast"));
        // By hand covers have water of their own, unless there is nothing else.
        boolean others = pieces.stream().anyMatch(p -> !p.kind().name().matches(".*(shell|cover)"));
        boolean apart = machine.type().byHand() && others;
        int weakest =
            pieces.stream()
                .filter(p -> !apart || !p.kind().name().matches(".*(shell|cover)"))
                .mapToInt(p -> p.kind().limits().hottestWashC())
                .min()
                .orElseThrow();
        assertThat(routine.steps())
            .filteredOn(s -> s.run() != null && s.run().washes() && s.wholeLoad())
            .allMatch(s -> s.run().temperatureC() <= weakest);
      } catch (CannotPlan e) {
        assertThat(e.getMessage()).isNotBlank();
      }
    }
  }
}
