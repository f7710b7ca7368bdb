package org.nestrinse.core.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.YearMonth;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;

class RecordTest {
  private static final Instant START = Instant.parse("2026-04-20T08:00:00Z");
  private static final ZoneId ZONE = ZoneId.of("UTC");

  private static PastRound round(int day, int celsius, double share, int rinses, Seen... seen) {
    return new PastRound(
        day,
        START.plus(Duration.ofDays(day)),
        "Hot and full",
        "Cottons",
        List.of(
            new PastRound.Content("trifold", "Bo", 8, 0.6, 40 + day, false),
            new PastRound.Content("bed pad", "Aurel", 1, 0.3, 20, false),
            new PastRound.Content("hand towel", null, 4, 0.3, 90, true)),
        new RoundFigures(
            13,
            1.2,
            new RoundFigures.Dose(60, share, 1, false, Said.from("1 scoop")),
            new RoundFigures.Bath(celsius, celsius, 20, rinses, 1200, 0.6, 3.1),
            new RoundFigures.Estimate(80, 100, 5, 4, HygieneGoal.LIGHT, true, null, false),
            new RoundFigures.Spent(70, 1.2, 0.90, 150, 15)),
        List.of(seen));
  }

  private static Seen seen(Sign sign, String value) {
    return new Seen(sign, value, START, 1L);
  }

  @Test
  void whatEachTookAddsUpToAll() {
    List<PastRound> rounds = new ArrayList<>();
    for (int day = 0; day < 30; day += 2) {
      rounds.add(round(day, 60, 1, 3));
    }
    Ledger ledger = Ledger.of(rounds, ZONE);
    double money = rounds.stream().mapToDouble(r -> r.spent().money()).sum();
    assertThat(ledger.months().stream().mapToDouble(m -> m.sum().money()).sum())
        .isCloseTo(money, within(1e-9));
    assertThat(ledger.persons().stream().mapToDouble(p -> p.sum().money()).sum())
        .isCloseTo(money, within(1e-9));
    assertThat(ledger.kinds().stream().mapToDouble(p -> p.sum().litres()).sum())
        .isCloseTo(70 * 15, within(1e-9));
    assertThat(ledger.months())
        .extracting(Ledger.Month::month)
        .containsExactly(YearMonth.of(2026, 5), YearMonth.of(2026, 4));
    assertThat(ledger.persons().get(0).name()).isEqualTo("Bo");
    // Bo's 0.6 of 1.2 kg: half of 90 cents for eight uses.
    assertThat(ledger.persons().get(0).sum().moneyPerUse()).isCloseTo(0.45 / 8, within(1e-9));
    assertThat(ledger.kinds().get(0).name()).isEqualTo("bed pad");
    assertThat(Ledger.of(List.of(), ZONE).months()).isEmpty();
  }

  @Test
  void aMonthBeginsByTheHouseholdsClock() {
    Instant late = Instant.parse("2026-04-30T23:30:00Z");
    PastRound r = round(0, 60, 1, 3);
    PastRound moved =
        new PastRound(1, late, r.school(), r.programme(), r.contents(), r.figures(), r.seen());
    assertThat(Ledger.of(List.of(moved), ZoneId.of("Europe/Helsinki")).months().get(0).month())
        .isEqualTo(YearMonth.of(2026, 5));
  }

  @Test
  void stretchesAreComparedByWhatWasLookedAt() {
    Stretch bad =
        Stretch.of(
            List.of(
                round(0, 40, 0.6, 2, seen(Sign.SMELL_WET, "ammonia")),
                round(2, 40, 0.6, 2, seen(Sign.SMELL_WET, "fresh")),
                round(4, 40, 0.6, 2)));
    Stretch good =
        Stretch.of(
            List.of(
                round(6, 60, 1, 3, seen(Sign.SMELL_WET, "fresh")),
                round(8, 60, 1, 3, seen(Sign.SMELL_DRY, "fresh"))));
    List<Stretch.Difference> all = bad.beside(good);
    Stretch.Difference smell = all.get(0);
    assertThat(smell.before().mean()).isEqualTo(0.5);
    assertThat(smell.before().of()).isEqualTo(2);
    assertThat(smell.before().value().values())
        .isEqualTo(Map.of("share", Quantity.share(0.5), "rounds", 2));
    assertThat(smell.verdict()).isEqualTo(Stretch.Verdict.BETTER);
    assertThat(good.beside(bad).get(0).verdict()).isEqualTo(Stretch.Verdict.WORSE);
    assertThat(named(all, Stretch.Measured.SUDS).verdict()).isEqualTo(Stretch.Verdict.UNKNOWN);
    assertThat(named(all, Stretch.Measured.SUDS).before().mean()).isNull();
    assertThat(named(all, Stretch.Measured.RINSES).verdict()).isEqualTo(Stretch.Verdict.MORE);
    assertThat(named(all, Stretch.Measured.COST).verdict()).isEqualTo(Stretch.Verdict.SAME);
    assertThat(Stretch.of(List.of()).measures()).allMatch(m -> m.mean() == null);
  }

  @Test
  void soilLeftIsAShareAndGermsAreNeverClaimedBeyondFive() {
    PastRound r = round(0, 60, 1, 3);
    PastRound clean =
        new PastRound(
            2,
            START,
            r.school(),
            r.programme(),
            r.contents(),
            r.figures()
                .with(
                    new RoundFigures.Estimate(
                        80, 100, 6, 5, HygieneGoal.LIGHT, true, 0.023, false)),
            r.seen());
    List<Stretch.Difference> all = Stretch.of(List.of(clean)).beside(Stretch.of(List.of(r)));
    assertThat(named(all, Stretch.Measured.SOIL_LEFT).before().value().values())
        .containsEntry("amount", Quantity.share(0.023));
    assertThat(named(all, Stretch.Measured.SOIL_LEFT).after().mean()).isNull();
    assertThat(named(all, Stretch.Measured.HYGIENE).before().mean()).isEqualTo(5);
  }

  private static Stretch.Difference named(List<Stretch.Difference> all, Stretch.Measured what) {
    return all.stream().filter(d -> d.before().what() == what).findFirst().orElseThrow();
  }

  @Test
  void whatWasChangedIsTold() {
    PastRound before = round(0, 40, 0.6, 2);
    assertThat(Changes.between(before, round(2, 40, 0.65, 2), Said::from)).isEmpty();
    assertThat(Changes.between(before, round(2, 60, 1.0, 3), Said::from))
        .extracting(Said::saying)
        .containsExactly(Change.TEMPERATURE, Change.DOSE, Change.MORE_RINSES);
    assertThat(Changes.between(round(2, 60, 1.0, 4), before, Said::from))
        .contains(Said.of(Change.FEWER_RINSES).with("rinses", 2));
  }

  @Test
  void bulkersDoNotCountAsWaiting() {
    assertThat(round(3, 60, 1, 3).heldHours()).isEqualTo(43);
  }

  @ParameterizedTest
  @CsvSource({
    // rounds, celsius, days since maintained (-1 never), due
    "31, 40, 20, true",
    "29, 40, 20, false",
    "31, 60, 20, false",
    "3, 60, 31, true",
    "3, 60, -1, false"
  })
  void theMachineIsDueByDaysAndByCoolRoundsInARow(
      int rounds, int celsius, int daysAgo, boolean due) {
    Instant now = START.plus(Duration.ofDays(20));
    List<PastRound> all = new ArrayList<>();
    for (int i = 0; i < rounds; i++) {
      PastRound r = round(0, celsius, 1, 3);
      all.add(
          new PastRound(
              i,
              now.minus(Duration.ofHours(12L * (rounds - i))),
              r.school(),
              r.programme(),
              r.contents(),
              r.figures(),
              r.seen()));
    }
    Instant maintained = daysAgo < 0 ? null : now.minus(Duration.ofDays(daysAgo));
    Maintenance m = Maintenance.of(all, maintained, now);
    assertThat(m.due()).isEqualTo(due);
    assertThat(m.says().values()).containsEntry("rounds", m.rounds());
  }
}
