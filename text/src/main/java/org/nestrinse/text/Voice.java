package org.nestrinse.text;

import com.ibm.icu.util.Currency;
import com.ibm.icu.util.ULocale;
import java.util.IllformedLocaleException;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Unit;

/**
 * A person's language, measures, clock and money.
 *
 * @param language English, German, or {@code en-XA} for tests
 * @param measures in which figures are shown
 * @param hardness the scale for the hardness of water
 * @param twelveHours whether the clock ends at twelve: "1:05 pm" instead of "13:05"
 * @param currency three letters by ISO 4217, such as EUR
 * @param dialInWords whether the machine's dial says cold, warm and hot
 */
public record Voice(
    Locale language,
    Measures measures,
    HardnessScale hardness,
    boolean twelveHours,
    String currency,
    boolean dialInWords) {
  /** The languages that there are, the first for everybody else. */
  public static final List<Locale> LANGUAGES = List.of(Locale.ENGLISH, Locale.GERMAN);

  private static final String EURO = "EUR";

  /** Returns a language with metric measures, 24 hours and euros. */
  public static Voice of(Locale language) {
    return new Voice(
        language,
        Measures.METRIC,
        language.equals(Locale.GERMAN) ? HardnessScale.GERMAN_DEGREES : HardnessScale.MMOL_PER_L,
        false,
        EURO,
        false);
  }

  /** Returns the nearest language that there is for a tag such as {@code de-AT}. */
  public static Locale language(String tag) {
    try {
      Locale wanted = new Locale.Builder().setLanguageTag(tag).build();
      return wanted.equals(Pseudo.LOCALE)
          ? wanted
          : LANGUAGES.stream()
              .filter(l -> l.getLanguage().equals(wanted.getLanguage()))
              .findFirst()
              .orElse(LANGUAGES.get(0));
    } catch (IllformedLocaleException e) {
      return LANGUAGES.get(0);
    }
  }

  /** Returns whether there is a currency with these three letters. */
  public static boolean isCurrency(String letters) {
    return letters.matches("[A-Z]{3}") && Currency.isAvailable(letters, null, null);
  }

  /** Returns how a unit is shown to this person, or null when as it is. */
  Measures.@Nullable Shown shown(Unit unit) {
    return unit == Unit.MMOL_PER_L ? hardness.shown() : measures.shown(unit);
  }

  /** Returns the place whose way of writing dates, numbers and money is used. */
  ULocale place() {
    return language.equals(Locale.ENGLISH)
        ? measures == Measures.US ? ULocale.US : ULocale.UK
        : ULocale.forLocale(language);
  }
}
