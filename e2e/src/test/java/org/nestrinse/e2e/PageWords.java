package org.nestrinse.e2e;

import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.nestrinse.app.running.RunningApp;
import org.nestrinse.text.EnglishPlural;
import org.openqa.selenium.JavascriptExecutor;
import tools.jackson.databind.JsonNode;

/** Finds the words on a page that are of another language; what a household named itself may be. */
final class PageWords {
  private static final Pattern WORD = Pattern.compile("\\p{L}+");

  /** In the language that nobody speaks every vowel of the catalogue has an accent. */
  private static final Pattern PLAIN = Pattern.compile("(?=.*[aeiouyAEIOUY])[A-Za-z]{3,}");

  private static final Set<String> NEEDS_NO_WORDS =
      Set.of(
          "kWh",
          "min",
          "rpm",
          "mmol",
          "CSV",
          "JSON",
          "PDF",
          "UTC",
          "CaCO",
          "mon",
          "tue",
          "wed",
          "thu",
          "fri",
          "sat",
          "sun",
          "jan",
          "feb",
          "mar",
          "apr",
          "may",
          "jun",
          "jul",
          "aug",
          "sep",
          "oct",
          "nov",
          "dec",
          "english",
          "deutsch",
          "gpg",
          "ppm",
          "eur",
          "time",
          "temperature",
          "humidity",
          "percent",
          "wind",
          "irradiance",
          "rain");

  /** Words that stand on many English pages and on no German one. */
  private static final Set<String> ENGLISH =
      Set.of(
          "the",
          "and",
          "of",
          "with",
          "your",
          "you",
          "is",
          "are",
          "to",
          "for",
          "from",
          "wash",
          "washes",
          "rinse",
          "rinses",
          "dry",
          "drying",
          "piece",
          "pieces",
          "load",
          "loads",
          "add",
          "save",
          "close",
          "nothing",
          "clean",
          "water",
          "cost",
          "costs",
          "shelf",
          "pail",
          "pails",
          "waiting",
          "enough",
          "until",
          "today",
          "tomorrow",
          "yesterday",
          "main",
          "first",
          "last",
          "no",
          "not",
          "yes",
          "when",
          "what",
          "why",
          "how",
          "day",
          "days",
          "week",
          "month",
          "left",
          "hot",
          "cold",
          "half",
          "full",
          "empty",
          "mark",
          "done",
          "undo",
          "ready",
          "needs",
          "soil",
          "detergent",
          "whitener",
          "leftover",
          "germs",
          "wear",
          "spin",
          "method",
          "please");

  private static final List<String> NAMES =
      List.of(
          "household.name",
          "household.cleaner_name",
          "product.name",
          "machine.name",
          "programme.name",
          "dryer.name",
          "place.name",
          "pail.name",
          "kind.name",
          "kind.plural",
          "kind_part.name",
          "person.name",
          "person.about",
          "person.rise",
          "person.snaps",
          "observation.note",
          "observation.carer",
          "wash_round.note",
          "wash_round.carer",
          "piece_batch.note",
          "own_school.name");

  private static final String SHOWN =
      """
      const all = []
      const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
      while (walker.nextNode()) {
        const parent = walker.currentNode.parentElement
        if (parent && !['SCRIPT', 'STYLE', 'NOSCRIPT'].includes(parent.tagName) &&
          (parent.tagName === 'OPTION' || parent.checkVisibility())) all.push(walker.currentNode.data)
      }
      for (const e of document.querySelectorAll('[aria-label],[title],[placeholder],[alt]'))
        for (const a of ['aria-label', 'title', 'placeholder', 'alt'])
          if (e.hasAttribute(a)) all.push(e.getAttribute(a))
      return all
      """;

  private final Set<String> data = new HashSet<>();

  PageWords(RunningApp app) {
    for (String column : NAMES) {
      String[] at = column.split("\\.");
      app.database()
          .queryForList("select distinct %s from %s".formatted(at[1], at[0]), String.class)
          .forEach(this::isData);
    }
    for (Month month : Month.values()) {
      isData(month.getDisplayName(TextStyle.FULL, Locale.ENGLISH));
    }
    for (JsonNode preset : app.get("/api/v1/catalogue").json()) {
      isData(preset.get("kind").get("name").asString());
      isData(preset.get("source").asString());
      isData(preset.get("group").asString());
      preset.get("kind").get("parts").forEach(p -> isData(p.get("name").asString()));
    }
    // What the set-up offers has names like a household's own.
    JsonNode sorts = app.get("/api/v1/set-up").json().get("sorts");
    sorts.findValues("name").forEach(n -> isData(n.asString()));
    // A pretend device is made of nothing but its name.
    isData("Pretend");
  }

  private void isData(String name) {
    if (name != null) {
      words(name).forEach(data::add);
      words(EnglishPlural.of(name)).forEach(data::add);
    }
  }

  private static List<String> words(String text) {
    return WORD.matcher(text).results().map(m -> m.group().toLowerCase(Locale.ROOT)).toList();
  }

  /** Returns every word that is foreign on the page, with where it stands. */
  @SuppressWarnings("unchecked")
  List<String> foreign(JavascriptExecutor page, String language) {
    List<String> found = new ArrayList<>();
    for (String text : (List<String>) page.executeScript(SHOWN)) {
      if (text.startsWith("http") || language.equals("en")) {
        continue;
      }
      for (String word : WORD.matcher(text).results().map(m -> m.group()).toList()) {
        if (isForeign(word, language)) {
          found.add("“" + word + "” in “" + text.strip() + "”");
        }
      }
    }
    return found;
  }

  private boolean isForeign(String word, String language) {
    String low = word.toLowerCase(Locale.ROOT);
    return !data.contains(low)
        && !NEEDS_NO_WORDS.contains(word)
        && !NEEDS_NO_WORDS.contains(low)
        && (language.equals("de") ? ENGLISH.contains(low) : PLAIN.matcher(word).matches());
  }
}
