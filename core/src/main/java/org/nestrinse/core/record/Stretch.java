package org.nestrinse.core.record;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.units.Numbers;

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

  /** What of it is better. */
  public enum Better {
    LESS,
    MORE,
    /** It only explains the others. */
    NEITHER
  }

  /**
   * One measure.
   *
   * @param name as shown
   * @param mean over the rounds that have it, or null when none has
   * @param of how many rounds have it
   * @param unit its unit; "%" for shares of rounds, "% left" for what is left
   * @param better what of it is better
   */
  public record Measure(String name, @Nullable Double mean, int of, String unit, Better better) {
    /** Returns it in words: "0.4 g", "25 % of 8". */
    public String words() {
      if (mean == null) {
        return "nobody looked";
      }
      if (unit.equals("% left")) {
        return Numbers.percent(mean);
      }
      return unit.equals("%")
          ? Numbers.percent(mean) + " of " + of
          : Numbers.of(mean, mean < 10 ? 1 : 0) + (unit.isEmpty() ? "" : " " + unit);
    }
  }

  private record Column(
      String name, String unit, Better better, Function<PastRound, @Nullable Double> value) {}

  private static final List<Column> COLUMNS =
      List.of(
          new Column("smell", "%", Better.LESS, r -> share(r, Sign.SMELL_WET, Sign.SMELL_DRY)),
          new Column("suds", "%", Better.LESS, r -> share(r, Sign.SUDS, Sign.JAR)),
          new Column("slow to soak", "%", Better.LESS, r -> share(r, Sign.DROP)),
          new Column("leaks", "%", Better.LESS, r -> share(r, Sign.LEAKS)),
          new Column("stains", "%", Better.LESS, r -> share(r, Sign.STAINS)),
          new Column("soil left", "% left", Better.LESS, r -> r.estimate().soilLeft()),
          new Column(
              "hygiene",
              "log",
              Better.MORE,
              r -> Math.min(HygieneEstimate.MOST_CLAIMED, r.estimate().totalLog())),
          new Column("residue", "mg/kg", Better.LESS, r -> r.estimate().residueMgKg()),
          new Column("detergent", "g", Better.NEITHER, r -> r.dose().detergentG()),
          new Column("of the label", "×", Better.NEITHER, r -> r.dose().share()),
          new Column("rinses", "", Better.NEITHER, r -> (double) r.bath().rinses()),
          new Column("reached", "°C", Better.NEITHER, r -> r.bath().peakC()),
          new Column("fill", "drum", Better.NEITHER, r -> r.bath().fill()),
          new Column("waited", "h", Better.NEITHER, PastRound::heldHours),
          new Column("water", "L", Better.LESS, r -> r.spent().litres()),
          new Column("electricity", "kWh", Better.LESS, r -> r.spent().kwh()),
          new Column("cost", "a round", Better.LESS, r -> r.spent().money()));

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
      all.add(new Measure(c.name, of == 0 ? null : Double.valueOf(sum / of), of, c.unit, c.better));
    }
    return new Stretch(washed.size(), all);
  }

  /**
   * How a measure of one stretch compares with the same of another.
   *
   * @param before in the first
   * @param after in the second
   * @param words "better", "worse", "the same", "more", "less", or empty when it cannot be told
   */
  public record Difference(Measure before, Measure after, String words) {}

  private static final double SAME_SHARE = 0.03;

  /** Returns how a later stretch compares, measure by measure. */
  public List<Difference> beside(Stretch later) {
    List<Difference> all = new ArrayList<>();
    for (int i = 0; i < measures.size(); i++) {
      Measure a = measures.get(i);
      Measure b = later.measures.get(i);
      all.add(new Difference(a, b, words(a, b)));
    }
    return all;
  }

  private static String words(Measure a, Measure b) {
    if (a.mean == null || b.mean == null) {
      return "";
    }
    double scale = Math.max(Math.abs(a.mean), Math.abs(b.mean));
    if (Math.abs(b.mean - a.mean) <= SAME_SHARE * scale) {
      return "the same";
    }
    Better way = b.mean > a.mean ? Better.MORE : Better.LESS;
    if (a.better == Better.NEITHER) {
      return way.name().toLowerCase(Locale.ROOT);
    }
    return way == a.better ? "better" : "worse";
  }
}
