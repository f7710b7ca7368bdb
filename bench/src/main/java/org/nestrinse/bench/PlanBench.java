package org.nestrinse.bench;

import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.kit.Water;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.wash.plan.Routine;
import org.nestrinse.core.wash.plan.RoutineWhys;
import org.nestrinse.core.wash.plan.WashPlanner;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.WashJob;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Planning a load by every school, with the reason of every number. Budget: under 20 ms warm. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class PlanBench {
  private final WashJob job = job();

  /** Returns the routines of all schools with their reasons. */
  @Benchmark
  public List<Object> compareAllSchools() {
    return School.ALL.stream()
        .filter(school -> school.main().by() == School.By.MACHINE)
        .map(
            school -> {
              Routine routine = WashPlanner.plan(job, school);
              return (Object) List.of(routine, RoutineWhys.of(job, routine));
            })
        .toList();
  }

  private static WashJob job() {
    Instant now = Instant.parse("2026-05-20T09:00:00Z");
    Kind insert = kind(1, Role.INSERT, new Part("body", Material.BAMBOO_VISCOSE, 0.055, false));
    Kind shell = kind(2, Role.SHELL, new Part("shell", Material.LAMINATE, 0.05, true));
    Kind towel = kind(3, Role.TOWEL, new Part("body", Material.COTTON, 0.14, false));
    List<SoiledPieces> first =
        List.of(
            new SoiledPieces(insert, 16, Soil.STOOL, true, now, Set.of()),
            new SoiledPieces(shell, 12, Soil.WET, true, now, Set.of()));
    List<SoiledPieces> bulkers =
        List.of(new SoiledPieces(towel, 14, Soil.DIRT, true, now, Set.of()));
    return new WashJob(
        first,
        bulkers,
        machine(),
        new Water(3.1, 11),
        19,
        List.of(powder()),
        new Tariff(0.31, 0.17, LocalTime.of(0, 30), LocalTime.of(5, 30), 0.0046),
        HygieneGoal.LIGHT,
        1,
        now,
        LocalTime.of(9, 0),
        null);
  }

  private static Kind kind(long id, Role role, Part part) {
    return new Kind(id, role.name(), role, Bin.BODY, List.of(part), 0.1, true, null);
  }

  private static Machine machine() {
    return new Machine(
        "front loader",
        54,
        7,
        0.235,
        2000,
        List.of(
            programme("Quick rinse", Programme.Use.RINSE, List.of(0), 0, 1, 0),
            programme("Short", Programme.Use.WASH, List.of(30, 40, 60), 20, 1, 1),
            programme("Cottons", Programme.Use.WASH, List.of(40, 60, 90), 130, 2, 2)));
  }

  private static Programme programme(
      String name, Programme.Use use, List<Integer> celsius, int minutes, int rinses, int extra) {
    return new Programme(
        name, use, celsius, 0, null, minutes, Agitation.NORMAL, rinses, extra, 600, 1400);
  }

  private static Product powder() {
    LabelRow row = new LabelRow(60, 75, 95);
    return new Product(
        1,
        "bio powder",
        Product.Purpose.DETERGENT,
        Product.Form.POWDER,
        true,
        false,
        false,
        false,
        row,
        row,
        4.5,
        170.0,
        60.0,
        0.75,
        8.4,
        2000);
  }
}
