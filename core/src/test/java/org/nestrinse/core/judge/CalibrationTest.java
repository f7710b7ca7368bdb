package org.nestrinse.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Simulated households whose people misread now and then: what is stated must come true. */
@Tag("long")
class CalibrationTest {
  private static final int HOUSES = 1500;
  private static final double MISREAD = 0.08;
  private static final CauseTable TABLE = CauseTable.TABLE;
  private static final List<Sign> SIGNS =
      Arrays.stream(Sign.values()).filter(s -> TABLE.tells(s) && s != Sign.SKIN).toList();

  /** What was stated and what was true, over many houses. */
  private record Tally(double gap, double veryLikelyRight, int veryLikely) {}

  private static Tally tally(long seed, double tableOff, double second) {
    Random random = new Random(seed);
    Map<String, Double> off = new HashMap<>();
    double[] stated = new double[10];
    double[] right = new double[10];
    int[] cases = new int[10];
    int sure = 0;
    int sureRight = 0;
    int told = 0;
    while (told < HOUSES) {
      List<Cause> causes = new ArrayList<>(List.of(draw(random)));
      if (random.nextDouble() < second) {
        causes.add(draw(random));
      }
      List<Sign> looked = new ArrayList<>(SIGNS);
      Collections.shuffle(looked, random);
      List<Seen> seen = new ArrayList<>();
      for (Sign sign : looked.subList(0, 6 + random.nextInt(6))) {
        seen.add(new Seen(sign, value(causes, sign, random, tableOff, off), Instant.EPOCH, 1L));
      }
      Diagnosis d = Diagnosis.of(HouseFacts.NONE, seen);
      if (d.causes().isEmpty()) {
        continue;
      }
      told++;
      Diagnosis.Ranked first = d.causes().get(0);
      boolean hit = causes.contains(first.cause());
      int bin = (int) Math.min(9, first.probability() * 10);
      stated[bin] += first.probability();
      right[bin] += hit ? 1 : 0;
      cases[bin]++;
      if (Certainty.of(first.probability()) == Certainty.VERY_LIKELY) {
        sure++;
        sureRight += hit ? 1 : 0;
      }
    }
    double gap = 0;
    for (int bin = 0; bin < 10; bin++) {
      gap += Math.abs(stated[bin] - right[bin]);
    }
    return new Tally(gap / told, (double) sureRight / sure, sure);
  }

  private static Cause draw(Random random) {
    double at = random.nextDouble();
    for (Cause cause : Cause.values()) {
      at -= TABLE.prior(cause);
      if (at <= 0) {
        return cause;
      }
    }
    return Cause.OTHER;
  }

  private static String value(
      List<Cause> causes, Sign sign, Random random, double tableOff, Map<String, Double> off) {
    if (random.nextDouble() < MISREAD) {
      return sign.all().get(random.nextInt(sign.all().size())).id();
    }
    for (Cause cause : causes) {
      double at = random.nextDouble();
      for (Sign.Value v : sign.all()) {
        if (!sign.good(v.id())) {
          String key = cause + "." + sign + "." + v.id();
          double shift = off.computeIfAbsent(key, k -> tableOff * (random.nextBoolean() ? 1 : -1));
          double p = TABLE.likelihood(cause, sign, v.id());
          double odds = p / (1 - p) * Math.exp(shift);
          at -= odds / (1 + odds);
          if (at <= 0) {
            return v.id();
          }
        }
      }
    }
    return sign.all().stream().map(Sign.Value::id).filter(sign::good).findFirst().orElseThrow();
  }

  @Test
  void whatIsStatedComesTrue() {
    Tally t = tally(1, 0, 0);
    assertThat(t.gap).isLessThan(0.05);
    assertThat(t.veryLikely).isGreaterThan(HOUSES / 60);
    assertThat(t.veryLikelyRight).isGreaterThanOrEqualTo(0.8);
  }

  @Test
  void aTableThatIsOffOrASecondCauseIsSurvived() {
    Tally off = tally(2, 0.7, 0);
    Tally two = tally(3, 0, 0.25);
    assertThat(off.veryLikelyRight).isGreaterThanOrEqualTo(0.8);
    assertThat(two.veryLikelyRight).isGreaterThanOrEqualTo(0.8);
  }
}
