package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
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
import org.nestrinse.text.EnglishPlural;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/**
 * Every view with its tabs and rows opened: axe-core finds nothing wrong, nothing scrolls sideways,
 * and every word comes from the catalogue of the language. By day and by night, on a laptop and on
 * a phone, in English, in German, and in a language that nobody speaks: in a short run each view in
 * one of these ways, in turn.
 */
class EveryViewTest extends Journey {
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

  /** In a short run axe-core, which takes seconds, looks at each third state. */
  private static final int EVERY = 3;

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

  /** A way to look at a view. */
  private record Way(String language, boolean phone, boolean night) {
    @Override
    public String toString() {
      return language + (phone ? ", phone" : ", laptop") + (night ? ", night" : ", day");
    }
  }

  private static final List<Way> WAYS = ways();

  /** Beginning with ways that differ in everything, for the short run. */
  private static List<Way> ways() {
    List<Way> all = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      for (String language : new String[] {"en", "de", "en-XA"}) {
        int n = all.size();
        all.add(new Way(language, (n + i) % 2 == 1, (n / 2 + i) % 2 == 1));
      }
    }
    return List.copyOf(new java.util.LinkedHashSet<>(all));
  }

  private final Set<String> found = new TreeSet<>();
  private final Set<String> data = new TreeSet<>();
  private Way way = WAYS.get(0);
  private int looked;
  private int checked;

  @Override
  @BeforeEach
  void begin() {
    super.begin();
    browser.open("/gather");
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

  @Test
  void nothingIsWrongInAnyViewInAnyWay() {
    for (String view : VIEWS) {
      inTurn(() -> open(view));
    }
    inTurn(() -> look("/nowhere"));
    sortOneLoad();
    inTurn(
        () -> {
          look("/sort");
          look("/wash");
          opened("/wash planned");
        });
    inTurn(
        () -> {
          browser.open("/wash");
          browser.click("[data-choice='90']");
          browser.see("[role=alert] [data-strength=STOP]");
          check("/wash with a stop");
        });
    inTurn(
        () -> {
          browser.open("/wash");
          browser.click("[data-card]");
          browser.see("[data-wall-card]");
          check("/card");
        });
    speak(WAYS.get(0));
    browser.open("/wash");
    readChecks();
    browser.click("button[data-main]");
    browser.see("[data-running-title]");
    browser.click("button[data-main]");
    browser.text("[data-running-title]", t -> t.equals("First wash"));
    browser.click("button[data-main]");
    browser.see("[data-judgement]");
    inTurn(
        () -> {
          look("/wash");
          opened("/wash running");
        });
    reset();
    assertThat(found).isEmpty();
  }

  private void reset() {
    app.post(
        "/api/v1/record/observations",
        "{\"sign\":\"FEEL\",\"value\":\"greasy\",\"kind\":\"tea towel\"}");
    speak(WAYS.get(0));
    browser.open("/reset");
    browser.click("[data-take='tea towel']");
    browser.see("[data-plan]");
    check("/reset planned");
    browser.tick("[data-plan] [data-strength=CHECK] input");
    browser.click("[data-begin]");
    browser.see("[data-reset-title]");
    inTurn(() -> look("/reset"));
  }

  /** Looks in the next way, or in all of them in a long run. */
  private void inTurn(Runnable look) {
    if (Boolean.getBoolean("nest.endure")) {
      for (Way each : WAYS) {
        speak(each);
        look.run();
      }
    } else {
      speak(WAYS.get(looked++ % WAYS.size()));
      look.run();
    }
  }

  private void speak(Way next) {
    way = next;
    ((JavascriptExecutor) browser.driver())
        .executeScript(
            "localStorage.setItem('nest-rinse-voice', JSON.stringify({language: arguments[0]}))",
            next.language);
    browser.night(next.night);
    browser.viewport(next.phone ? 390 : 1280, next.phone ? 844 : 800);
  }

  private void look(String view) {
    browser.open(view);
    browser.settled();
    check(view);
  }

  /** Opens every tab of a view, and in each the first rows and lists. */
  private void open(String view) {
    look(view);
    int tabs = browser.visible("main [role=tab], main [data-choice]").size();
    for (int i = 0; i < tabs && !view.startsWith("/how"); i++) {
      List<WebElement> now = browser.visible("main [role=tab], main [data-choice]");
      // A choice of language begins the page anew in it; of it there are enough.
      if (i < now.size()
          && now.get(i)
              .findElements(org.openqa.selenium.By.xpath("ancestor::*[@data-voice]"))
              .isEmpty()) {
        ((JavascriptExecutor) browser.driver()).executeScript("arguments[0].click()", now.get(i));
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

  private void check(String view) {
    String where = view + " (" + way + ")";
    // The wall card follows the household; the pages about the models are no catalogue's.
    if (!view.equals("/card") && !(view.startsWith("/how") && way.language.equals("en-XA"))) {
      speaksItsLanguage(where);
    }
    Object wide =
        browser
            .driver()
            .executeScript(
                "return document.documentElement.scrollWidth -"
                    + " document.documentElement.clientWidth");
    if (((Number) wide).intValue() > 0) {
      found.add(where + ": scrolls sideways by " + wide);
    }
    if (!Boolean.getBoolean("nest.endure") && checked++ % EVERY != 0) {
      return;
    }
    for (Rule rule : new AxeBuilder().analyze(browser.driver()).getViolations()) {
      rule.getNodes().stream()
          .limit(3)
          .forEach(
              node ->
                  found.add(
                      where + ": " + rule.getId() + " " + node.getTarget() + " " + node.getHtml()));
    }
  }

  @SuppressWarnings("unchecked")
  private void speaksItsLanguage(String where) {
    if (way.language.equals("en")) {
      return;
    }
    for (String text : (List<String>) browser.driver().executeScript(SHOWN)) {
      if (text.startsWith("http")) {
        continue;
      }
      for (String word : WORD.matcher(text).results().map(m -> m.group()).toList()) {
        if (isForeign(word)) {
          found.add(where + ": “" + word + "” in “" + text.strip() + "”");
        }
      }
    }
  }

  private boolean isForeign(String word) {
    String low = word.toLowerCase(Locale.ROOT);
    return !data.contains(low)
        && !NEEDS_NO_WORDS.contains(word)
        && !NEEDS_NO_WORDS.contains(low)
        && (way.language.equals("de") ? ENGLISH.contains(low) : PLAIN.matcher(word).matches());
  }
}
