package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.Lives;
import org.openqa.selenium.support.ui.Select;

/** The rare deep treatment: needed, refused, planned, and run with its timer. */
@Tag("long")
class ResetTest extends Journey {

  private void saw(String sign, String value, String kind) {
    app.post(
        "/api/v1/record/observations",
        "{\"sign\":\"%s\",\"value\":\"%s\",\"kind\":\"%s\"}".formatted(sign, value, kind));
  }

  @Test
  void aSimmerPotForTwoBatchesRunsWithItsTimer() {
    saw("FEEL", "greasy", "tea towel");
    browser.open("/record");
    browser.click("a", "Reset");
    browser.see("[data-need='tea towel']", "simmer pot");
    browser.click("[data-take='tea towel']");
    browser.type("[data-count='tea towel']", "10");
    browser.see("[data-plan]", "2 batches");
    browser.see("[data-amount]", "5¼ tablespoons");
    assertThat(browser.see("[data-begin]").isEnabled()).isFalse();
    browser.tick("[data-plan] [data-strength=CHECK] input");
    browser.click("[data-begin]");

    browser.see("[data-reset-title]", "Fill 1 of 2");
    next("Bring it to the boil");
    next("Put batch 1 of 2 in");
    next("At the boil");
    browser.see("[data-stir]", "Stir in");
    browser.see("[data-timer]", "15 min left");
    app.forward(Duration.ofMinutes(11));
    browser.reload();
    browser.see("[data-timer]", "4 min left");
    next("Take them out and look at the water");
    browser.click("[data-water=grey]");
    browser.see("[data-reset-title]", "Fill 2 of 2");
    next("Bring it to the boil");
    next("Put batch 2 of 2 in");
    next("At the boil");
    next("Take them out and look at the water");
    browser.click("[data-water=clear]");
    browser.see("[data-reset-title]", "Closing wash");
    next("Hang them");
    browser.click("[data-reset-done]");
    browser.see("[data-message]", "drying now");
    browser.see("[data-past-reset]", "clear water");
    assertThat(Lives.stock(app, "tea towel").get("drying").asInt()).isGreaterThanOrEqualTo(10);
    browser.open("/record");
    browser.click("[data-page=rounds]");
    browser.see("[data-round]", "Reset: 10 tea towels");
    browser.click("[data-round] a");
    browser.see("[data-figures-only]", "washing soda");
  }

  private void next(String title) {
    browser.click("[data-reset-done]");
    browser.see("[data-reset-title]", title);
  }

  @Test
  void whatMayNotIsRefusedWithWhatItMayHaveInstead() {
    browser.open("/reset");
    browser.click("[data-anyway]");
    new Select(browser.see("[data-recipe]")).selectByValue("SIMMER_POT");
    browser.type("[data-count='glass cloth']", "2");
    browser.see("[data-stop='glass cloth']", "Boiling ruins");
    browser.gone("[data-begin]");
    browser.click("[data-instead]");
    browser.see("[data-plan]", "overnight soak with cloth detergent");
    browser.type("[data-count='wool cover']", "1");
    browser.see("[data-stop='wool cover']", "wool");
    browser.type("[data-count='wool cover']", "0");
    browser.see("[data-plan]");
    new Select(browser.see("[data-recipe]")).selectByValue("SIMMER_POT_BORAX");
    browser.see("[data-refused]", "legal here");
    new Select(browser.see("[data-recipe]")).selectByValue("OVERNIGHT_DETERGENT");
    browser.type("[data-vessel]", "0");
    browser.see("[data-refused]", "1 and 300");
  }
}
