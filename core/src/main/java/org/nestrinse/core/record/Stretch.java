package org.nestrinse.core.record;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;

/**
 * A stretch of rounds in means, for putting beside another.
 *
 * @param rounds how many
 * @param measures each measure, always the same ones in the same order
 */
public record Stretch(int rounds, List<Measure> measures) {
  public Stretch {
    measures = List.copyOf(measures);
  }

  /** Which direction is better. */
  public enum Better {
    LESS,
    MORE,
    /** It only explains the others. */
    NEITHER
  }

  /** What is compared. */
  public enum Measured implements Saying {
    SMELL(true),
    SUDS(true),
    SLOW_TO_SOAK(true),
    LEAKS(true),
    STAINS(true),
    SOIL_LEFT,
    HYGIENE,
    LEFTOVER,
    DETERGENT,
    OF_THE_LABEL,
    RINSES,
    REACHED,
    FILL,
    WAITED,
    WATER,
    ELECTRICITY,
    COST;

    /** Whether it is the share of rounds of which somebody saw it, and no mean. */
    private final boolean seen;

    Measured() {
      this(false);
    }

    Measured(boolean seen) {
      this.seen = seen;
    }
  }

  /** How a measure is put. */
  private enum MeasureValue implements Saying {
    NOBODY_LOOKED,
    SHARE_OF_ROUNDS("share", "rounds"),
    MEAN("amount"),
    A_ROUND("amount");

    private final Set<String> valueNames;

    MeasureValue(String... valueNames) {
      this.valueNames = Set.of(valueNames);
    }

    @Override
    public Set<String> valueNames() {
      return valueNames;
    }
  }

  /**
   * One measure.
   *
   * @param what it is
   * @param mean over the rounds that have it, or null when none has
   * @param of how many rounds have it
   * @param unit its unit
   * @param better which direction is better
   */
  public record Measure(Measured what, @Nullable Double mean, int of, Unit unit, Better better) {
    private static final double FEW = 10;

    /** Returns its mean as it is shown. */
    public Said value() {
      if (mean == null) {
        return Said.of(MeasureValue.NOBODY_LOOKED);
      }
      if (what.seen) {
        return Said.of(MeasureValue.SHARE_OF_ROUNDS)
            .with("share", Quantity.share(mean))
            .with("rounds", of);
      }
      int digits = mean < FEW && unit != Unit.SHARE ? 1 : 0;
      return Said.of(what == Measured.COST ? MeasureValue.A_ROUND : MeasureValue.MEAN)
          .with("amount", new Quantity(mean, unit, unit == Unit.MONEY ? 2 : digits));
    }
  }

  private record Column(
      Measured what, Unit unit, Better better, Function<PastRound, @Nullable Double> value) {}

  private static final List<Column> COLUMNS =
      List.of(
          seen(Measured.SMELL, Sign.SMELL_WET, Sign.SMELL_DRY),
          seen(Measured.SUDS, Sign.SUDS, Sign.JAR),
          seen(Measured.SLOW_TO_SOAK, Sign.DROP),
          seen(Measured.LEAKS, Sign.LEAKS),
          seen(Measured.STAINS, Sign.STAINS),
          new Column(Measured.SOIL_LEFT, Unit.SHARE, Better.LESS, r -> r.estimate().soilLeft()),
          new Column(
              Measured.HYGIENE,
              Unit.LOG,
              Better.MORE,
              r -> Math.min(HygieneEstimate.MOST_CLAIMED, r.estimate().totalLog())),
          new Column(
              Measured.LEFTOVER, Unit.MG_PER_KG, Better.LESS, r -> r.estimate().residueMgKg()),
          new Column(Measured.DETERGENT, Unit.GRAM, Better.NEITHER, r -> r.dose().detergentG()),
          new Column(Measured.OF_THE_LABEL, Unit.SHARE, Better.NEITHER, r -> r.dose().share()),
          new Column(Measured.RINSES, Unit.NONE, Better.NEITHER, r -> (double) r.bath().rinses()),
          new Column(Measured.REACHED, Unit.CELSIUS, Better.NEITHER, r -> r.bath().peakC()),
          new Column(Measured.FILL, Unit.SHARE, Better.NEITHER, r -> r.bath().fill()),
          new Column(Measured.WAITED, Unit.HOUR, Better.NEITHER, PastRound::heldHours),
          new Column(Measured.WATER, Unit.LITRE, Better.LESS, r -> r.spent().litres()),
          new Column(Measured.ELECTRICITY, Unit.KILOWATT_HOUR, Better.LESS, r -> r.spent().kwh()),
          new Column(Measured.COST, Unit.MONEY, Better.LESS, r -> r.spent().money()));

  private static Column seen(Measured what, Sign... signs) {
    return new Column(what, Unit.SHARE, Better.LESS, r -> share(r, signs));
  }

  private static @Nullable Double share(PastRound round, Sign... signs) {
    Boolean bad = round.bad(signs);
    return bad == null ? null : Double.valueOf(bad ? 1 : 0);
  }

  /** Returns a stretch of rounds in means; resets do not count. */
  public static Stretch of(List<PastRound> rounds) {
    List<PastRound> washed = rounds.stream().filter(PastRound::washed).toList();
    List<Measure> all = new ArrayList<>();
    for (Column c : COLUMNS) {
      double sum = 0;
      int of = 0;
      for (PastRound r : washed) {
        Double value = c.value.apply(r);
        if (value != null) {
          sum += value;
          of++;
        }
      }
      all.add(new Measure(c.what, of == 0 ? null : Double.valueOf(sum / of), of, c.unit, c.better));
    }
    return new Stretch(washed.size(), all);
  }

  /** How a measure compares with the same of an earlier stretch. */
  public enum Verdict implements Saying {
    BETTER,
    WORSE,
    SAME,
    MORE,
    LESS,
    /** Nobody looked, so it is unknown. */
    UNKNOWN
  }

  /**
   * How a measure of one stretch compares with the same of another.
   *
   * @param before in the first
   * @param after in the second
   * @param verdict how they compare
   */
  public record Difference(Measure before, Measure after, Verdict verdict) {}

  private static final double SAME_SHARE = 0.03;

  /** Returns how a later stretch compares, measure by measure. */
  public List<Difference> beside(Stretch later) {
    List<Difference> all = new ArrayList<>();
    for (int i = 0; i < measures.size(); i++) {
      Measure a = measures.get(i);
      Measure b = later.measures.get(i);
      all.add(new Difference(a, b, verdict(a, b)));
    }
    return all;
  }

  private static Verdict verdict(Measure a, Measure b) {
    if (a.mean == null || b.mean == null) {
      return Verdict.UNKNOWN;
    }
    double scale = Math.max(Math.abs(a.mean), Math.abs(b.mean));
    if (Math.abs(b.mean - a.mean) <= SAME_SHARE * scale) {
      return Verdict.SAME;
    }
    Better way = b.mean > a.mean ? Better.MORE : Better.LESS;
    if (a.better == Better.NEITHER) {
      return way == Better.MORE ? Verdict.MORE : Verdict.LESS;
    }
    return way == a.better ? Verdict.BETTER : Verdict.WORSE;
  }
}
