package org.nestrinse.core.record;

import java.time.YearMonth;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * What rounds took: by month, by person, and for a use. A round's takings are divided among what
 * was in it by dry mass.
 *
 * @param months each month, newest first
 * @param persons each person, the dearest first; the household's own under an empty name
 * @param kinds each kind, the dearest use first
 */
public record Ledger(List<Month> months, List<Share> persons, List<Share> kinds) {
  public Ledger {
    months = List.copyOf(months);
    persons = List.copyOf(persons);
    kinds = List.copyOf(kinds);
  }

  /**
   * What was taken.
   *
   * @param rounds how many rounds
   * @param uses pieces washed
   * @param litres water [L]
   * @param kwh electricity [kWh]
   * @param detergentG detergent [g]
   * @param money in the household's currency
   * @param hours of a person's work [h]
   */
  public record Sum(
      double rounds,
      double uses,
      double litres,
      double kwh,
      double detergentG,
      double money,
      double hours) {
    static final Sum NOTHING = new Sum(0, 0, 0, 0, 0, 0, 0);
    private static final double MINUTES_PER_HOUR = 60;

    static Sum of(PastRound r) {
      return new Sum(
          1,
          r.pieces(),
          r.spent().litres(),
          r.spent().kwh(),
          r.dose().detergentG(),
          r.spent().money(),
          r.spent().attendedMinutes() / MINUTES_PER_HOUR);
    }

    Sum plus(Sum o) {
      return new Sum(
          rounds + o.rounds,
          uses + o.uses,
          litres + o.litres,
          kwh + o.kwh,
          detergentG + o.detergentG,
          money + o.money,
          hours + o.hours);
    }

    Sum times(double share, int pieces) {
      return new Sum(
          rounds * share,
          pieces,
          litres * share,
          kwh * share,
          detergentG * share,
          money * share,
          hours * share);
    }

    /** Returns the money for one use; 0 when nothing was used. */
    public double moneyPerUse() {
      return uses == 0 ? 0 : money / uses;
    }
  }

  /** A month with what it took. */
  public record Month(YearMonth month, Sum sum) {}

  /** A person or a kind with what it took. */
  public record Share(String name, Sum sum) {}

  /** Returns the ledger of these rounds; months are those of a time zone. */
  public static Ledger of(List<PastRound> rounds, ZoneId zone) {
    Map<YearMonth, Sum> months = new TreeMap<>(Comparator.reverseOrder());
    for (PastRound r : rounds) {
      months.merge(YearMonth.from(r.startedAt().atZone(zone)), Sum.of(r), Sum::plus);
    }
    List<Month> all = new ArrayList<>();
    months.forEach((month, sum) -> all.add(new Month(month, sum)));
    return new Ledger(
        all,
        shares(rounds, c -> c.person() == null ? "" : c.person(), s -> -s.sum.money()),
        shares(rounds, PastRound.Content::kind, s -> -s.sum.moneyPerUse()));
  }

  private static List<Share> shares(
      List<PastRound> rounds,
      Function<PastRound.Content, String> by,
      Function<Share, Double> order) {
    Map<String, Sum> sums = new TreeMap<>();
    for (PastRound r : rounds) {
      double mass = r.contents().stream().mapToDouble(PastRound.Content::massKg).sum();
      for (PastRound.Content c : r.contents()) {
        double share = mass == 0 ? 0 : c.massKg() / mass;
        sums.merge(by.apply(c), Sum.of(r).times(share, c.pieces()), Sum::plus);
      }
    }
    List<Share> all = new ArrayList<>();
    sums.forEach((name, sum) -> all.add(new Share(name, sum)));
    all.sort(Comparator.comparing(order));
    return all;
  }
}
