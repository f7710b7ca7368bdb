package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A morning in the made-up house, from a pail to the shelf, in few taps. */
@Tag("long")
class MorningOfTheHouseTest extends Journey {
  private static final int MOST_TAPS = 15;

  private int taps;

  private void tap(String css) {
    browser.click(css);
    taps++;
  }

  @Test
  void gatherSortWashDryShelfInFewTaps() {
    browser.open("/gather");
    browser.click("[data-pail='Nursery pail']");
    browser.see("[data-pail='Nursery pail'][aria-pressed=true]");
    tap("[data-add='bamboo trifold']");
    browser.see("[data-message]", "bamboo trifold");
    tap("[data-wash-now]");
    browser.see("[data-verdicts]");
    int checks = browser.visible("[data-checks] input").size();
    browser.tick("[data-checks] input");
    taps += checks;
    tap("button[data-main]");
    String title = browser.see("[data-running-title]").getText();
    while (!title.equals("Take everything out")) {
      String before = title;
      tap("button[data-main]");
      title = browser.text("[data-running-title]", now -> !now.equals(before));
    }
    tap("button[data-main]");
    browser.see("h1", "drying");
    tap("button[data-main]");
    browser.see("[data-message]");
    tap("[data-peg=shelf]");
    browser.see("h1", "On the shelf");
    assertThat(taps).isLessThanOrEqualTo(MOST_TAPS);
  }
}
