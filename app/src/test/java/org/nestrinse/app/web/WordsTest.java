package org.nestrinse.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;
import org.nestrinse.text.Catalogue;
import org.nestrinse.text.Voice;
import org.nestrinse.text.Wording;

/** Every sentence has its words, with the values that it is given, and none is left over. */
class WordsTest {
  private static final List<Saying> SAYINGS = sayings();

  static Stream<Locale> languages() {
    return Voice.LANGUAGES.stream();
  }

  private static List<JavaClass> lists() {
    return new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("org.nestrinse")
            .stream()
            .filter(c -> c.isEnum() && c.isAssignableTo(Saying.class))
            .toList();
  }

  private static List<Saying> sayings() {
    return lists().stream()
        .map(JavaClass::reflect)
        .flatMap(c -> Arrays.stream(c.getEnumConstants()))
        .map(Saying.class::cast)
        .toList();
  }

  /** But for the lists whose entries are looked up by their names. */
  @Test
  void everySentenceIsSaidSomewhere() {
    assertThat(
            lists().stream()
                .filter(list -> list.getSimpleName().matches(".*(Saying|Phrase|Refusal|Reason)"))
                .filter(list -> !isLookedUpByName(list))
                .flatMap(list -> list.getFields().stream())
                .filter(field -> field.getRawType().equals(field.getOwner()))
                .filter(field -> !isUsedOutside(field))
                .map(JavaField::getFullName))
        .isEmpty();
  }

  private static boolean isLookedUpByName(JavaClass list) {
    return Stream.of(list.getMethod("values"), list.getMethod("valueOf", String.class))
        .flatMap(method -> method.getCallsOfSelf().stream())
        .anyMatch(call -> !call.getOriginOwner().equals(list));
  }

  private static boolean isUsedOutside(JavaField constant) {
    return constant.getAccessesToSelf().stream()
        .anyMatch(access -> !access.getOriginOwner().equals(constant.getOwner()));
  }

  @Test
  void keysAreTold() {
    assertThat(SAYINGS).hasSizeGreaterThan(30);
    assertThat(SAYINGS.stream().map(Saying::key)).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @MethodSource("languages")
  void noWordsAreMissingAndNoneUnused(Locale language) {
    Set<String> wanted = new TreeSet<>();
    SAYINGS.forEach(s -> wanted.add(s.key()));
    for (Unit unit : Unit.values()) {
      wanted.add(Wording.unitKey(unit));
    }
    assertThat(Catalogue.of(language).keys()).containsExactlyInAnyOrderElementsOf(wanted);
  }

  @ParameterizedTest
  @MethodSource("languages")
  void aSentenceHasTheValuesThatItIsGiven(Locale language) {
    Catalogue catalogue = Catalogue.of(language);
    for (Saying s : SAYINGS) {
      assertThat(catalogue.values(s.key()))
          .as(s.key())
          .containsExactlyInAnyOrderElementsOf(s.valueNames());
    }
  }

  /** Turns that no native would use, and words of the trade that stay in the code. */
  private static final Pattern BANNED =
      Pattern.compile(
          "\\b(is told|is said|so many|bears?|goes over|otherwise than|to look at is|school|residue"
              + "|liquor|bulk(ing|ers?)?|trim)\\b",
          Pattern.CASE_INSENSITIVE);

  private static final int LONGEST_SENTENCE = 15;

  /** German says in more words what English says in few; still no more than one idea. */
  private static final int LONGEST_GERMAN = 20;

  private static final Pattern ENGLISH_OR_FORMAL =
      Pattern.compile(
          "\\b(the|and|with|your|pieces?|wash|shelf|pail|rinse|nothing|Ihnen|Ihrem|Sie (haben|k"
              + "önnen|sollten))\\b");

  @Test
  void theGermanIsGermanAndSaysDu() {
    Catalogue german = Catalogue.of(Locale.GERMAN);
    for (String key : german.keys()) {
      String words = german.pattern(key).replaceAll("\\{\\w+", "{X").replace("Nest Rinse", "");
      assertThat(ENGLISH_OR_FORMAL.matcher(words).find()).as(key + ": " + words).isFalse();
      for (String sentence :
          words.replaceAll("\\{[^{}]*(\\{[^{}]*}[^{}]*)*}", "X").split("[.:;]")) {
        assertThat(sentence.trim().split("\\s+").length)
            .as(key + ": " + sentence)
            .isLessThanOrEqualTo(LONGEST_GERMAN);
      }
    }
  }

  @Test
  void theWordsAreThoseOfTheKitchenTable() {
    Catalogue english = Catalogue.of(Locale.ENGLISH);
    for (String key : english.keys()) {
      String words = english.pattern(key).replaceAll("\\{\\w+", "{X");
      assertThat(BANNED.matcher(words).find()).as(key + ": " + words).isFalse();
      for (String sentence :
          words.replaceAll("\\{[^{}]*(\\{[^{}]*}[^{}]*)*}", "X").split("[.:;]")) {
        assertThat(sentence.trim().split("\\s+").length)
            .as(key + ": " + sentence)
            .isLessThanOrEqualTo(LONGEST_SENTENCE);
      }
    }
  }
}
