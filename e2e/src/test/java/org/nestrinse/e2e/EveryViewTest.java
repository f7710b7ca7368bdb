package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/**
 * Every view with its tabs and rows opened: axe-core finds nothing wrong, nothing scrolls sideways,
 * and every word comes from the catalogue of the language. By day and by night, on a laptop and on
 * a phone, in English, in German, and in a language that nobody speaks: in a short run each view in
 * one of these ways, in turn.
 */
@Order(1)
class EveryViewTest extends Journey {
  /** In a short run axe-core, which takes seconds, looks at each fifth state. */
  private static final int EVERY = 5;

  private final Set<String> found = new TreeSet<>();
  private PageWords words;
  private Way way = Way.ALL.get(0);
  private int looked;
  private int checked;

  @Override
  @BeforeEach
  void begin() {
    super.begin();
    browser.open("/gather");
    words = new PageWords(app);
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
          for (String fold : List.of("methods", "change", "more")) {
            browser.fold(fold);
            opened("/wash planned, " + fold);
          }
        });
    inTurn(
        () -> {
          browser.open("/wash");
          browser.fold("change");
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
    speak(Way.ALL.get(0));
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
  }

  /** Also when a step before could not be taken, so that what was seen until then is known. */
  @AfterEach
  void nothingWasFound() {
    assertThat(found).isEmpty();
  }

  private void reset() {
    app.post(
        "/api/v1/record/observations",
        "{\"sign\":\"FEEL\",\"value\":\"greasy\",\"kind\":\"tea towel\"}");
    speak(Way.ALL.get(0));
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
      for (Way each : Way.ALL) {
        speak(each);
        look.run();
      }
    } else {
      speak(Way.ALL.get(looked++ % Way.ALL.size()));
      look.run();
    }
  }

  private void speak(Way next) {
    way = next;
    ((JavascriptExecutor) browser.driver())
        .executeScript(
            "localStorage.setItem('nest-rinse-voice', JSON.stringify({language: arguments[0]}))",
            next.language());
    browser.night(next.night());
    browser.viewport(next.phone() ? 390 : 1280, next.phone() ? 844 : 800);
  }

  private void look(String view) {
    browser.open(view);
    browser.settled();
    check(view);
    if (!way.language().equals("en-XA")) {
      PageLength.of(browser).forEach(w -> found.add(view + " (" + way + "): " + w));
    }
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
    // On a phone the reason of a number is a sheet over the page.
    if (!browser.visible("[role=dialog]").isEmpty()) {
      browser.press(Keys.ESCAPE);
      browser.gone("[role=dialog]");
    }
  }

  private void check(String view) {
    String where = view + " (" + way + ")";
    // The wall card follows the household; the pages about the models are no catalogue's.
    if (!view.equals("/card") && !(view.startsWith("/how") && way.language().equals("en-XA"))) {
      words.foreign(browser.driver(), way.language()).forEach(w -> found.add(where + ": " + w));
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
    // What axe-core sees does not hang on the language: in a long run it looks at the English ways.
    boolean now =
        Boolean.getBoolean("nest.endure") ? way.language().equals("en") : checked++ % EVERY == 0;
    if (!now) {
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
}
