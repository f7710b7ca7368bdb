package org.nestrinse.core.wash.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.MachineBuilder;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.wash.step.MachineRun;

/** The nearest sequence of runs, against trying everything. */
class ImitationTest {
  private static Imitation.Want want(int celsius, int hottest, int minutes, int rinses, int rpm) {
    return ImitationWantBuilder.builder()
        .celsius(celsius)
        .hottestC(hottest)
        .exactly(false)
        .minutes(minutes)
        .use(Programme.Use.WASH)
        .rinses(rinses)
        .spinRpm(rpm)
        .whitener(false)
        .pauseMinutes(0)
        .programme(null)
        .build();
  }

  private static Programme programme(
      String name,
      Programme.Use use,
      List<Integer> at,
      int minutes,
      int rinses,
      int extra,
      int rpm) {
    return new Programme(
        name, use, at, 0, null, minutes, Agitation.NORMAL, rinses, extra, 600, rpm);
  }

  @RepeatedTest(60)
  void equalsTryingEveryOrderOfUpToThreeRuns(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    Machine machine = randomMachine(random);
    int hottest = List.of(30, 40, 60, 95).get(random.nextInt(4));
    Imitation.Want want =
        want(
            List.of(20, 30, 40, 60, 90).get(random.nextInt(5)),
            hottest,
            20 + random.nextInt(160),
            random.nextInt(6),
            600 + 200 * random.nextInt(5));
    Optional<Imitation.Match> match = Imitation.of(machine, want);
    double best = tryEverything(machine, want);
    assertThat(match.map(Imitation.Match::distance).orElse(Double.POSITIVE_INFINITY))
        .isEqualTo(best);
    match.ifPresent(
        m -> {
          assertThat(m.runs()).hasSizeLessThanOrEqualTo(3);
          assertThat(m.runs()).allMatch(r -> r.temperatureC() <= hottest);
          assertThat(m.runs()).allMatch(r -> r.spinRpm() <= want.spinRpm());
        });
  }

  private static Machine randomMachine(Random random) {
    List<Programme> programmes = new ArrayList<>();
    int washes = 1 + random.nextInt(3);
    for (int i = 0; i < washes; i++) {
      List<Integer> at =
          List.of(List.of(20, 40), List.of(30, 60), List.of(40, 60, 90)).get(random.nextInt(3));
      Agitation agitation = random.nextInt(4) == 0 ? Agitation.GENTLE : Agitation.NORMAL;
      programmes.add(
          new Programme(
              "w" + i,
              Programme.Use.WASH,
              at,
              random.nextInt(3) == 0 ? 8 : 0,
              null,
              15 + random.nextInt(120),
              agitation,
              1 + random.nextInt(2),
              random.nextInt(3),
              600,
              800 + 200 * random.nextInt(4)));
    }
    if (random.nextBoolean()) {
      programmes.add(
          programme("r", Programme.Use.RINSE, List.of(0), 0, 1 + random.nextInt(2), 0, 1200));
    }
    if (random.nextBoolean()) {
      programmes.add(programme("s", Programme.Use.SPIN, List.of(0), 0, 0, 0, 1400));
    }
    return new Machine("any", 54, 7, 0.235, 2000, programmes);
  }

  /** Every ordered sequence of settings, kept when it washes first, rinses then and spins last. */
  private static double tryEverything(Machine machine, Imitation.Want want) {
    List<MachineRun> all = new ArrayList<>();
    int cap = Math.min(want.celsius(), want.hottestC());
    int coolest =
        machine.programmes().stream()
            .filter(p -> p.use() == Programme.Use.WASH)
            .flatMap(p -> p.temperaturesC().stream())
            .min(Integer::compare)
            .orElse(0);
    int allowed = coolest <= cap ? cap : coolest <= want.hottestC() ? coolest : -1;
    for (Programme p : machine.programmes()) {
      for (int t : p.temperaturesC()) {
        for (int extra = 0; extra <= p.extraRinses(); extra++) {
          if (p.use() != Programme.Use.WASH || t <= allowed) {
            all.add(new MachineRun(p, t, extra, Math.min(want.spinRpm(), p.fastestSpinRpm())));
          }
        }
      }
    }
    double best = Double.POSITIVE_INFINITY;
    for (MachineRun a : all) {
      best = Math.min(best, distance(machine, want, List.of(a)));
      for (MachineRun b : all) {
        best = Math.min(best, distance(machine, want, List.of(a, b)));
        for (MachineRun c : all) {
          best = Math.min(best, distance(machine, want, List.of(a, b, c)));
        }
      }
    }
    return best;
  }

  private static double distance(Machine machine, Imitation.Want want, List<MachineRun> runs) {
    List<Integer> order =
        runs.stream()
            .map(
                r ->
                    List.of(Programme.Use.WASH, Programme.Use.RINSE, Programme.Use.SPIN)
                        .indexOf(r.programme().use()))
            .toList();
    boolean ordered = order.equals(order.stream().sorted().toList());
    long washes = order.stream().filter(o -> o == 0).count();
    long spins = order.stream().filter(o -> o == 2).count();
    boolean valid = ordered && washes >= 1 && washes <= 2 && spins <= 1;
    return valid ? Imitation.distance(machine, want, runs) : Double.POSITIVE_INFINITY;
  }

  @Test
  void aShortMachineWashesTwiceForALongWish() {
    Machine shortOnly =
        new Machine(
            "short only",
            54,
            7,
            0.235,
            2000,
            List.of(programme("Short", Programme.Use.WASH, List.of(40, 60), 45, 2, 1, 1400)));
    Imitation.Match match = Imitation.of(shortOnly, want(60, 60, 150, 2, 1400)).orElseThrow();
    assertThat(match.runs()).hasSize(2).allMatch(r -> r.temperatureC() == 60);
    assertThat(match.differences())
        .anyMatch(
            d ->
                d.what().saying() == DifferenceSaying.WASHING_TIME
                    && d.planned().equals(Said.from(Quantity.of(90, Unit.DURATION)))
                    && !d.met())
        .anyMatch(d -> d.what().saying() == DifferenceSaying.RUNS);
    assertThat(Imitation.of(shortOnly, want(60, 60, 50, 2, 1400)).orElseThrow().runs()).hasSize(1);
  }

  @Test
  void rinsesComeFromTheOptionFirstAndARinseRunAfterThat() {
    Machine machine =
        new Machine(
            "plain",
            54,
            7,
            0.235,
            2000,
            List.of(
                programme("Wash", Programme.Use.WASH, List.of(60), 100, 2, 1, 1000),
                programme("Rinse", Programme.Use.RINSE, List.of(0), 0, 1, 0, 1400),
                programme("Spin", Programme.Use.SPIN, List.of(0), 0, 0, 0, 1400)));
    assertThat(Imitation.of(machine, want(60, 60, 100, 3, 1000)).orElseThrow().runs())
        .singleElement()
        .matches(r -> r.extraRinses() == 1);
    List<MachineRun> four = Imitation.of(machine, want(60, 60, 100, 4, 1000)).orElseThrow().runs();
    assertThat(four).hasSize(2);
    assertThat(four.get(1).programme().name()).isEqualTo("Rinse");
  }

  @Test
  void whatTheMachineLacksIsTold() {
    Machine plain =
        MachineBuilder.builder()
            .name("plain")
            .type(Machine.Type.FRONT_LOADER)
            .drumL(54)
            .capacityKg(7)
            .drumRadiusM(0.235)
            .heaterW(2000)
            .programmes(List.of(Pieces.SHORT))
            .hotFillC(null)
            .levelsL(List.of())
            .whitenerDrawer(false)
            .pauses(false)
            .build();
    Imitation.Want want =
        ImitationWantBuilder.builder()
            .celsius(30)
            .hottestC(60)
            .exactly(false)
            .minutes(35)
            .use(Programme.Use.WASH)
            .rinses(1)
            .spinRpm(1200)
            .whitener(true)
            .pauseMinutes(50)
            .programme(null)
            .build();
    Imitation.Match match = Imitation.of(plain, want).orElseThrow();
    assertThat(match.runs().get(0).pauseMinutes()).isZero();
    assertThat(match.differences())
        .filteredOn(d -> !d.met())
        .extracting(d -> d.what().saying())
        .contains(DifferenceSaying.WHITENER, DifferenceSaying.SOAK_PAUSE);
    assertThat(Imitation.of(Pieces.MACHINE, want).orElseThrow().runs().get(0).pauseMinutes())
        .isEqualTo(50);
  }

  @Test
  void aSaverThatFallsShortIsPassedOverForAnHonestProgramme() {
    Imitation.Match match = Imitation.of(Pieces.MACHINE, want(60, 60, 150, 3, 1400)).orElseThrow();
    assertThat(match.runs().get(0).programme()).isEqualTo(Pieces.COTTONS);
    Programme measured = Pieces.COTTONS.with(new Programme.Measured(60, 45.0, 20.0, null, null));
    Machine disappointing =
        new Machine("front loader", 54, 7, 0.235, 2000, List.of(measured, Pieces.ECO));
    assertThat(
            Imitation.of(disappointing, want(60, 60, 150, 3, 1400))
                .orElseThrow()
                .runs()
                .get(0)
                .programme())
        .isEqualTo(Pieces.ECO);
  }
}
