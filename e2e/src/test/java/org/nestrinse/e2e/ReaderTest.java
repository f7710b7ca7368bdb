package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.openqa.selenium.Keys.ARROW_LEFT;
import static org.openqa.selenium.Keys.HOME;
import static org.openqa.selenium.Keys.TAB;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/**
 * Checks that axe-core cannot make, for people who use a screen reader or only the keyboard. Tab
 * goes through a page in order, a screen reader hears changes and nothing more, and arrow keys read
 * the pictures. Also: pages at 200 % fit the screen, and printed pages have no buttons.
 */
class ReaderTest extends Journey {
  private static final String TABBED =
      """
      window.tabbed = [...document.querySelectorAll(
          'a[href], button, input, select, textarea, summary, [tabindex]')]
        .filter((e) => e.checkVisibility({ visibilityProperty: true }) && !e.disabled
            && e.tabIndex >= 0 && (e.type !== 'radio' || e.checked));
      window.reached = [];
      document.addEventListener('focusin', (e) => window.reached.push(e.target));
      document.activeElement.blur();
      // A day or a time has a stop for each of its parts.
      const parts = window.tabbed.filter((e) => e.type === 'date' || e.type === 'time').length;
      return window.tabbed.length + 4 * parts
      """;
  private static final String MISSED =
      """
      const at = window.reached.map((e) => window.tabbed.indexOf(e)).filter((i) => i >= 0);
      const wrong = window.tabbed.filter((e) => !window.reached.includes(e))
        .map((e) => 'never reached: ' + e.outerHTML.slice(0, 120));
      at.slice(0, window.tabbed.length).forEach((i, n) => {
        if (n > 0 && i < at[n - 1]) {
          wrong.push('out of order: ' + window.tabbed[i].outerHTML.slice(0, 120));
        }
      });
      return wrong
      """;

  /** A few of the views in a short run, all of them in a long one. */
  private static List<String> views() {
    return Boolean.getBoolean("nest.endure")
        ? VIEWS
        : List.of("/gather", "/sort", "/wash", "/dry", "/week", "/record", "/kit/products");
  }

  @Test
  void everythingIsReachedByTabInTheOrderOfThePage() {
    List<String> wrong = new ArrayList<>();
    for (String view : views()) {
      browser.open(view);
      browser.settled();
      int all = ((Number) browser.driver().executeScript(TABBED)).intValue();
      assertThat(all).isGreaterThan(10);
      Actions tabs = new Actions(browser.driver());
      // A box that scrolls is a stop of its own.
      Collections.nCopies(all + 5, TAB).forEach(tabs::sendKeys);
      tabs.perform();
      ((List<?>) browser.driver().executeScript(MISSED)).forEach(w -> wrong.add(view + " " + w));
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void whatIsNewIsToldAndNothingElse() {
    browser.open("/gather");
    browser.see("[data-pail]");
    browser.click("[data-peg=sort]");
    browser.see("button[data-main]", "Accept all");
    assertThat(browser.text("[data-page-said]", t -> !t.isEmpty())).isEqualTo("Sort");
    assertThat(focused()).isEqualTo("work");
    browser.click("button[data-main]");
    browser.see("[role=status] [data-message]", "loads are ready");
    browser.open("/wash");
    readChecks();
    browser.click("button[data-main]");
    String first = browser.see("[data-running-title]").getText();
    browser.click("button[data-main]");
    browser.text("[data-running-title]", t -> !t.equals(first));
    browser.see("[data-running-title]:focus");
    // What counts every second is in no part of the page that is read out by itself.
    String loud = ":is([aria-live=polite], [aria-live=assertive], [role=status], [role=alert])";
    assertThat(browser.visible(loud + " [role=timer]")).isEmpty();
    assertThat(browser.visible(loud + " [data-running-title]")).isEmpty();
  }

  @Test
  void aRoundOfTheRecordIsReadByKey() {
    browser.open("/record");
    browser.walkTo("[role=slider][data-reader]", TAB);
    browser.press(ARROW_LEFT);
    String newest = browser.see("[data-selected] a").getText();
    browser.press(ARROW_LEFT);
    String before = browser.text("[data-selected] a", t -> !t.equals(newest));
    assertThat(browser.see("[role=slider]").getAttribute("aria-valuetext"))
        .startsWith(before.substring(0, before.indexOf(',')));
    browser.press(HOME);
    browser.text("[data-selected] a", t -> !t.equals(before));
    assertThat(browser.see("[role=slider]").getAttribute("aria-valuenow")).isEqualTo("1");
    browser.press(".");
    browser.see("[data-judge]");
    browser.press(",");
    browser.see("[role=slider][data-reader]");
  }

  /** A laptop at 200 % has half as many pixels each way. */
  @Test
  @Tag("long")
  void aPageAtTwiceItsSizeStillFits() {
    browser.viewport(640, 400);
    List<String> wrong = new ArrayList<>();
    for (String view : VIEWS) {
      browser.open(view);
      browser.settled();
      Object wide =
          browser
              .driver()
              .executeScript("return document.documentElement.scrollWidth - window.innerWidth");
      if (((Number) wide).intValue() > 0) {
        wrong.add(view + " scrolls sideways by " + wide);
      }
    }
    assertThat(wrong).isEmpty();
    browser.open("/sort");
    browser.see("button[data-main]");
    browser.press("m");
    browser.see("[data-main]:focus");
    browser.press(Keys.ENTER);
    browser.see("[data-ready]");
  }

  @Test
  @Tag("long")
  void paperShowsNoButtons() {
    for (String view : List.of("/week", "/shelf", "/shelf/stock", "/record", "/record/5")) {
      browser.open(view);
      browser.settled();
      browser.driver().executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", "print"));
      // A number that opens its reason is a number on paper.
      List<String> shown =
          browser.visible(":is(button:not(.figure), select, input, nav, header)").stream()
              .map(e -> e.getAttribute("outerHTML"))
              .toList();
      assertThat(shown).as(view).isEmpty();
      assertThat(browser.see("h1").isDisplayed()).isTrue();
      browser.driver().executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", ""));
    }
  }

  private String focused() {
    return (String) browser.driver().executeScript("return document.activeElement.id");
  }
}
