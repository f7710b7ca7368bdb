package org.nestrinse.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.record.Stretch;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;

class WordingTest {
  private static final Wording ENGLISH = Wording.of(Locale.ENGLISH);

  @ParameterizedTest
  @CsvSource({
    "0.4, GRAM, 1, 0.4 g",
    "1234.5, LITRE, 0, 1235 L",
    "0.125, SHARE, 0, 13 %",
    "60, CELSIUS, 0, 60°",
    "60, DIAL, 0, 60°",
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

  @ParameterizedTest
  @CsvSource({
    "METRIC, 450, 450 mL",
    "US, 240, 1 cup",
    "US, 450, 1¾ cups and 2 tablespoons",
    "US, 195, ¾ cup and 1 tablespoon",
    "IMPERIAL, 450, 15.8 fl oz"
  })
  void whatIsPouredIsToldAsPeoplePourIt(Measures measures, double ml, String words) {
    Voice voice =
        new Voice(Locale.ENGLISH, measures, HardnessScale.GRAINS_PER_GALLON, true, "USD", false);
    assertThat(Wording.of(voice).words(Quantity.of(ml, Unit.POURED))).isEqualTo(words);
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

  private static Voice us() {
    return new Voice(
        Locale.ENGLISH, Measures.US, HardnessScale.GRAINS_PER_GALLON, true, "USD", true);
  }

  @ParameterizedTest
  @CsvSource({
    "60, CELSIUS, 0, 140°F",
    "10, KELVIN, 0, 18°F",
    "5.3, KILOGRAM, 1, 11.7 lb",
    "23, GRAM, 0, 0.8 oz",
    "13, LITRE, 0, 3.4 gal",
    "3.1, MMOL_PER_L, 1, 18.1 gpg",
    "0.9, MONEY, 2, $0.90",
    "1.5, SCOOP, 2, 1½ scoops",
    "2, CAP, 2, 2 caps",
    "20, DIAL, 0, cold (68°F)",
    "40, DIAL, 0, warm (104°F)",
    "60, DIAL, 0, hot (140°F)"
  })
  void figuresAreShownInTheMeasuresOfAPerson(double amount, Unit unit, int digits, String words) {
    assertThat(Wording.of(us()).words(new Quantity(amount, unit, digits))).isEqualTo(words);
  }

  @ParameterizedTest
  @CsvSource({
    "0.4, GRAM, 1, '0,4 g'",
    "1.5, SCOOP, 2, 1½ Messlöffel",
    "2, RINSE, 0, 2 Spülgänge",
    "3.1, MMOL_PER_L, 1, '17,4 °dH'",
    "0.9, MONEY, 2, '0,90 €'"
  })
  void germanHasItsOwnSignsAndPlurals(double amount, Unit unit, int digits, String words) {
    assertThat(Wording.of(Locale.GERMAN).words(new Quantity(amount, unit, digits)))
        .isEqualTo(words);
  }

  @Test
  void aRangeNamesItsUnitOnceAndInTheMeasuresOfAPerson() {
    Range hardness = new Range(0, 10, Unit.MMOL_PER_L);
    assertThat(Wording.of(Locale.ENGLISH).words(hardness.allowed()))
        .isEqualTo("between 0 and 10 mmol/L");
    assertThat(Wording.of(us()).words(hardness.allowed())).isEqualTo("between 0 and 58.4 gpg");
    assertThat(Wording.of(us()).words(new Range(1, 65, Unit.CELSIUS).allowed()))
        .isEqualTo("between 33.8 and 149°F");
  }

  @Test
  void timesFollowTheClockAndDatesTheLanguage() {
    Said at = Said.from(LocalTime.of(13, 5));
    Said on = Said.from(LocalDate.of(2026, 5, 20));
    assertThat(Wording.of(Locale.GERMAN).words(at)).isEqualTo("13:05");
    assertThat(Wording.of(us()).words(at)).isEqualTo("1:05 pm");
    assertThat(Wording.of(us()).words(Said.from(LocalTime.of(0, 30)))).isEqualTo("12:30 am");
    assertThat(Wording.of(Locale.ENGLISH).words(on)).isEqualTo("20 May");
    assertThat(Wording.of(us()).words(on)).isEqualTo("May 20");
    assertThat(Wording.of(Locale.GERMAN).words(on)).isEqualTo("20. Mai");
    assertThat(Wording.of(Locale.GERMAN).words(Said.from(YearMonth.of(2026, 5))))
        .isEqualTo("Mai 2026");
  }

  /** What is entered in other measures and read again is the same; so is what stands in a table. */
  @ParameterizedTest
  @EnumSource(Measures.class)
  void everyMeasureLeadsBackWithoutDrift(Measures measures) {
    for (Unit unit : Unit.values()) {
      Measures.Shown shown = measures.shown(unit);
      if (shown != null) {
        for (double amount : new double[] {0, 0.05, 1, 37.2, 1400}) {
          assertThat(shown.back(shown.of(amount))).isCloseTo(amount, within(1e-9));
        }
      }
    }
  }

  @ParameterizedTest
  @EnumSource(HardnessScale.class)
  void everyScaleOfHardnessLeadsBack(HardnessScale scale) {
    Measures.Shown shown = scale.shown();
    if (shown != null) {
      assertThat(shown.back(shown.of(3.1))).isCloseTo(3.1, within(1e-9));
      assertThat(shown.of(2)).isCloseTo(2 * shown.of(1), within(1e-9));
    }
  }

  @Test
  void temperaturesWithinSentencesAreTurnedToo() {
    Catalogue american = Catalogue.of(Locale.ENGLISH, Measures.US);
    assertThat(american.pattern("wash.wash-saying.heat"))
        .startsWith("At 140°F a tough germ")
        .contains("Each 18°F more");
    assertThat(Catalogue.of(Locale.ENGLISH).pattern("wash.wash-saying.heat"))
        .contains("Each 10° more");
  }

  @Test
  void namesOfTheCatalogueAreGermanWithTheirPlurals() {
    Names german = Names.of(Locale.GERMAN);
    assertThat(german.of("hand towel")).isEqualTo("Handtuch");
    assertThat(german.several("hand towel")).isEqualTo("Handtücher");
    assertThat(german.of("something of our own")).isEqualTo("something of our own");
    assertThat(Names.of(Locale.ENGLISH).all()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"de-AT, de", "de, de", "en-US, en", "fr, en", "en-XA, en-XA", "no good, en"})
  void theNearestLanguageIsSpoken(String tag, String spoken) {
    assertThat(Voice.language(tag).toLanguageTag()).isEqualTo(spoken);
  }
}
