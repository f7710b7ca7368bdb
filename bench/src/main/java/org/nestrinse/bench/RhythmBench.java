package org.nestrinse.bench;

import java.util.Arrays;
import java.util.concurrent.TimeUnit;
import org.nestrinse.core.shelf.Rhythm;
import org.nestrinse.core.shelf.RhythmSettingBuilder;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A year of using, washing and drying, lived two hundred times. Budget: under 300 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class RhythmBench {
  private static final double[] A_DAY_OR_TWO = {0.1, 0.7, 0.2, 0, 0};

  private final Rhythm.Setting setting =
      RhythmSettingBuilder.builder()
          .pieces(24)
          .usesPerDay(6)
          .everyDays(2)
          .perRun(30)
          .dryingDays(everyMonth())
          .illWeeksPerYear(3)
          .awayWeeksPerYear(2)
          .longestDays(2)
          .years(200)
          .seed(20)
          .build();

  private static double[][] everyMonth() {
    double[][] months = new double[12][];
    Arrays.fill(months, A_DAY_OR_TWO);
    return months;
  }

  /** Returns what two hundred years were like. */
  @Benchmark
  public Rhythm twoHundredYears() {
    return Rhythm.of(setting);
  }
}
