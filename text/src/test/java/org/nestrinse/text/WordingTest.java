package org.nestrinse.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.record.Stretch;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

class WordingTest {
  private static final Wording ENGLISH = Wording.of(Locale.ENGLISH);

  @ParameterizedTest
  @CsvSource({
    "0.4, GRAM, 1, 0.4 g",
    "1234.5, LITRE, 0, 1235 L",
    "0.125, SHARE, 0, 13 %",
    "60, CELSIUS, 0, 60°",
    "1.2, TIMES, 1, × 1.2",
    "2, TIMES, 1, × 2",
    "0.9, MONEY, 2, €0.90",
    "2.25, KILOWATT_HOUR, 1, 2.3 kWh",
    "0.04, LOG, 1, 0 log",
    "5, DURATION, 0, 5 min",
    "60, DURATION, 0, 1 h",
    "155, DURATION, 0, 2 h 35",
    "61, DURATION, 0, 1 h 01",
    "0, SCOOP, 2, no scoop",
    "0.25, SCOOP, 2, ¼ scoop",
    "1, SCOOP, 2, 1 scoop",
    "1.5, SCOOP, 2, 1½ scoops",
    "5.25, TABLESPOON, 2, 5¼ tablespoons",
    "0.5, TAB, 2, ½ tab"
  })
  void figuresHaveTheirUnits(double amount, Unit unit, int digits, String words) {
    assertThat(ENGLISH.words(new Quantity(amount, unit, digits))).isEqualTo(words);
  }

  @Test
  void wordsWithoutValues() {
    assertThat(ENGLISH.words(Stretch.Measured.SLOW_TO_SOAK)).isEqualTo("slow to soak up");
    assertThat(ENGLISH.words(Stretch.Verdict.UNKNOWN)).isEmpty();
  }

  @Test
  void oneAndSeveral() {
    Stretch.Measure seen =
        new Stretch.Measure(Stretch.Measured.SUDS, 1.0, 1, Unit.SHARE, Stretch.Better.LESS);
    assertThat(ENGLISH.words(seen.value())).isEqualTo("100 % of 1 round");
    Stretch.Measure more =
        new Stretch.Measure(Stretch.Measured.SUDS, 0.25, 8, Unit.SHARE, Stretch.Better.LESS);
    assertThat(ENGLISH.words(more.value())).isEqualTo("25 % of 8 rounds");
  }

  @Test
  void whatNoSentenceHasIsRefused() {
    assertThatThrownBy(() -> Said.of(Stretch.Verdict.BETTER).with("rinses", 1))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(Set.copyOf(Stretch.Verdict.BETTER.valueNames())).isEmpty();
    assertThatThrownBy(() -> Quantity.of(Double.NaN, Unit.GRAM))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(List.of(Stretch.Verdict.values())).hasSize(6);
  }

  @Test
  void theLanguageOfTestsDrawsWordsOutAndKeepsValues() {
    assertThat(Pseudo.of("{rounds, plural, one {# round} other {# rounds}} of {kind}, it''s {x}"))
        .isEqualTo("{rounds, plural, one {# róóúúnd} other {# róóúúnds}} óóf {kind}, íít''s {x}");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "wash cloth | wash cloths",
        "brush | brushes",
        "nappy | nappies",
        "overlay | overlays",
        "training pants | training pants",
        "wet bag, small | small wet bags"
      })
  void severalOfAKindThatSaysNothingElse(String name, String several) {
    assertThat(EnglishPlural.of(name)).isEqualTo(several);
  }
}
