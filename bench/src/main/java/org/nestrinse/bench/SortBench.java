package org.nestrinse.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.sort.Offered;
import org.nestrinse.core.sort.SortSolver;
import org.nestrinse.core.sort.Sorted;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Sorting 200 pieces of 40 kinds into loads. Budget: under 50 ms warm. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class SortBench {
  private static final int KINDS = 40;
  private static final int PIECES_OF_EACH = 5;
  private static final Instant NOW = Instant.parse("2026-05-20T09:00:00Z");

  private final Machine machine = new Machine("front loader", 54, 7, 0.235, 2000, List.of());
  private final List<Offered> offered = offered();
  private final List<Offered> many = many();

  /** Returns the loads. */
  @Benchmark
  public Sorted sort() {
    return SortSolver.solve(offered, machine, NOW);
  }

  /** Returns the loads of four hundred pieces of each of three kinds. */
  @Benchmark
  public Sorted sortTwelveHundred() {
    return SortSolver.solve(many, machine, NOW);
  }

  private static List<Offered> many() {
    List<Offered> all = new ArrayList<>();
    Role[] roles = {Role.FLAT, Role.TOWEL, Role.CLOTH};
    Soil[] soils = {Soil.STOOL, Soil.DIRT, Soil.FOOD};
    for (int i = 0; i < roles.length; i++) {
      Part part = new Part("body", Material.COTTON, 0.04 + 0.03 * i, false);
      Kind kind =
          new Kind(90 + i, "kind " + i, roles[i], Bin.HOUSE, List.of(part), 0.1, true, null);
      Instant since = NOW.minus(Duration.ofDays(20));
      for (int half = 0; half < 2; half++) {
        SoiledPieces pieces = new SoiledPieces(kind, 200, soils[i], true, since, Set.of());
        all.add(new Offered(90 + 2 * i + half, pieces, false));
      }
    }
    return all;
  }

  private static List<Offered> offered() {
    Random random = new Random(40);
    List<Offered> all = new ArrayList<>();
    for (int i = 0; i < KINDS; i++) {
      Role role = Role.values()[random.nextInt(Role.values().length)];
      Bin bin = Bin.values()[random.nextInt(Bin.values().length)];
      Material material = Material.values()[random.nextInt(Material.values().length)];
      Part part = new Part("body", material, 0.02 + random.nextDouble() * 0.3, false);
      boolean small = random.nextBoolean();
      Kind kind = new Kind(i + 1, "kind " + i, role, bin, List.of(part), 0.1, small, null);
      Soil soil = Soil.values()[random.nextInt(Soil.values().length)];
      Set<SkinNeed> needs =
          random.nextInt(6) == 0 ? Set.of(SkinNeed.values()[random.nextInt(3)]) : Set.of();
      SoiledPieces pieces =
          new SoiledPieces(
              kind,
              PIECES_OF_EACH,
              soil,
              true,
              NOW.minus(Duration.ofHours(random.nextInt(60))),
              needs);
      all.add(new Offered(i + 1, pieces, small && bin == Bin.HOUSE));
    }
    return all;
  }
}
