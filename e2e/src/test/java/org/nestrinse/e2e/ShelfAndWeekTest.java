package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.Select;

/** Bundles until a part runs short, how often to wash, and a round that is moved. */
@Tag("long")
class ShelfAndWeekTest extends Journey {

  @Test
  void bundlesAreWishedForUntilAPartRunsShortAndTheRhythmIsRead() {
    browser.open("/shelf");
    browser.see("[data-missing]", "Short of");
    int days = count("day");
    browser.click("[data-wishes] summary");
    wish("nap", "2");
    browser.see("[data-bundle=nap] [data-count]", "2");
    assertThat(count("day")).isLessThan(days);
    browser.click("[data-bundle=nap] button");
    browser.see("[data-why]", "quick insert");
    wish("nap", "99");
    browser.see("[data-message]", "between 0 and 60 bundles");
    browser.see("[data-settings]", "rise 2, snaps third");

    browser.click("[data-cover='DAYS'] button");
    browser.see("[data-why]", "comes back");
    browser.click("[data-page=stock]");
    browser.click("[data-rhythm-row='DAYS.1'] button");
    browser.see("[data-why]", "water a year");
    browser.click("[data-rhythm-row='DAYS.0'] button");
    browser.see("[data-why]", "when a run is full");

    browser.click("[data-page=wear]");
    browser.click("[data-batch='nappy cover'] button");
    browser.type("[data-batch='nappy cover'] [data-field=note] input", "leg elastic tired");
    browser.click("[data-batch='nappy cover'] button[type=submit]");
    browser.see("[data-batch='nappy cover']", "“leg elastic tired”");
    browser.see("[data-prep]", "bamboo boosters");
  }

  @Test
  void whatStayedMarkedIsLookedAtAgain() {
    browser.open("/shelf");
    browser.click("[data-noticed] summary");
    browser.click("[data-first=stains]");
    new Select(browser.see("[data-noticed-kind]")).selectByValue("bib");
    browser.click("[data-keep-noticed]");
    browser.see("[data-marked=bib]", "marked since");
    browser.click("[data-marked=bib] [data-still]");
    browser.see("[data-message]", "next wash");
    browser.click("[data-marked=bib] [data-gone]");
    browser.gone("[data-marked=bib]");
    browser.click("[data-message] button", "Undo");
    browser.see("[data-marked=bib]");
  }

  private int count(String recipe) {
    return Integer.parseInt(
        browser.text("[data-bundle='" + recipe + "'] [data-count]", t -> t.matches("\\d+")));
  }

  private void wish(String recipe, String wanted) {
    String field = "[data-wish=" + recipe + "] [data-wanted]";
    browser.type(field, wanted);
    browser.see(field).sendKeys(Keys.TAB);
  }

  @Test
  void aRoundIsMovedTheCostIsSaidAndItGoesBack() {
    browser.open("/shelf");
    browser.click("[data-page=week]");
    browser.see("h1", "The week");
    int rounds = browser.visible("[data-round]").size();
    assertThat(rounds).isBetween(3, 7);
    browser.click("[data-round] [data-wash]");
    new Select(browser.see("[data-move-hour]")).selectByVisibleText("23:00");
    browser.click("[data-move]");
    browser.see("[data-message]", "The rest is planned around it");
    browser.see("[data-move-cost]", "more than the plan’s own");
    browser.see("section", "nobody is there to start it");
    browser.see("[data-why]", "drawback");
    browser.click("[data-free]");
    browser.gone("[data-move-cost]");
    browser.click("[data-row='Quiet hours and household loads'] button");
    browser.see("form");
    assertThat(browser.see("[data-ics]").getAttribute("href")).endsWith("/api/v1/week/rounds.ics");
  }
}
