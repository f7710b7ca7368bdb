package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import org.nestrinse.text.EnglishPlural;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/**
 * Every view in a language that nobody speaks: whatever is still plain English comes from no
 * catalogue, and words two fifths longer still fit.
 */
class PseudoLanguageTest extends Journey {
  private static final Pattern WORD = Pattern.compile("\\p{L}+");
  private static final Pattern PLAIN = Pattern.compile("(?=.*[aeiouyAEIOUY])[A-Za-z]{3,}");
  private static final Set<String> NEEDS_NO_WORDS =
      Set.of(
          "kWh", "min", "rpm", "mmol", "CSV", "JSON", "PDF", "UTC", "CaCO", "mon", "tue", "wed",
          "thu", "fri", "sat", "sun", "jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep",
          "oct", "nov", "dec");
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
      const shown = (e) => e.checkVisibility() && !e.closest('.sr-only')
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

  private final Set<String> found = new TreeSet<>();
  private final Set<String> data = new TreeSet<>();

  @Override
  @BeforeEach
  void begin() {
    app = RunningApp.demo(DemoApp.MOMENT, "--nest.language=en-XA");
    browser = new Browser(app.address());
    browser.open("/gather");
    ((JavascriptExecutor) browser.driver())
        .executeScript("localStorage.setItem('nest-rinse-language', 'en-XA')");
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
      preset.get("kind").get("parts").forEach(p -> isData(p.get("name").asString()));
    }
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

  @Test
  void everyViewHasItsWordsFromTheCatalogueAndRoomForLongerOnes() {
    for (String view : VIEWS) {
      // The pages about the models are documents in one language.
      if (!view.startsWith("/how")) {
        look(view);
        open(view);
      }
    }
    look("/nowhere");
    sortOneLoad();
    toTheWash();
    opened("/wash planned");
    browser.viewport(390, 844);
    check("/wash planned, on a phone");
    browser.viewport(1280, 800);
    browser.click("[data-card]");
    browser.see("[data-wall-card]");
    check("/card");
    browser.open("/wash");
    readChecks();
    browser.click("button[data-main]");
    browser.see("[data-running-title]");
    opened("/wash running");
    look("/wash");
    assertThat(found).isEmpty();
  }

  private void look(String view) {
    browser.open(view);
    browser.settled();
    check(view);
    browser.viewport(390, 844);
    check(view + " on a phone");
    browser.viewport(1280, 800);
  }

  /** Opens every tab of a view, and in each the first rows and lists. */
  private void open(String view) {
    int tabs = browser.visible("main [role=tab], main [data-choice]").size();
    for (int i = 0; i < tabs; i++) {
      List<WebElement> now = browser.visible("main [role=tab], main [data-choice]");
      if (i < now.size()) {
        now.get(i).click();
        browser.settled();
        opened(view + " tab " + i);
      }
    }
  }

  private void opened(String where) {
    for (WebElement each : new ArrayList<>(browser.visible("main [data-row] > button"))) {
      ((JavascriptExecutor) browser.driver()).executeScript("arguments[0].click()", each);
    }
    ((JavascriptExecutor) browser.driver())
        .executeScript("document.querySelectorAll('main details').forEach(d => d.open = true)");
    browser.settled();
    check(where);
  }

  @SuppressWarnings("unchecked")
  private void check(String where) {
    JavascriptExecutor page = browser.driver();
    for (String text : (List<String>) page.executeScript(SHOWN)) {
      if (text.startsWith("http")) {
        continue;
      }
      for (String word : WORD.matcher(text).results().map(m -> m.group()).toList()) {
        String low = word.toLowerCase(Locale.ROOT);
        if (PLAIN.matcher(word).matches()
            && !data.contains(low)
            && !NEEDS_NO_WORDS.contains(word)
            && !NEEDS_NO_WORDS.contains(low)) {
          found.add(where + ": “" + word + "” in “" + text.strip() + "”");
        }
      }
    }
    Object wide =
        page.executeScript(
            "return document.documentElement.scrollWidth - document.documentElement.clientWidth");
    if (((Number) wide).intValue() > 0) {
      found.add(where + ": scrolls sideways by " + wide);
    }
  }
}
