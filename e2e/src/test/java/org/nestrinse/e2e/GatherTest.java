package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.Lives;
import org.openqa.selenium.support.ui.Select;

/** Gathering with little input: normal days, corrections, illness, emptying, new pieces, wipes. */
class GatherTest extends Journey {

  private void panel(String name) {
    browser.open("/gather");
    browser.click("[role=tab]", name);
  }

  private void choose(String css, String words) {
    new Select(browser.see(css)).selectByVisibleText(words);
  }

  @Test
  void fromANormalDayToACleanPail() {
    aNormalDayFillsThePail();
    adviceAtTheMoment();
    anIllnessIsSwitchedOn();
    emptyAndClean();
    newPiecesSoak();
    wipes();
  }

  private void aNormalDayFillsThePail() {
    panel("Usual days");
    choose("[aria-label=Person]", "Linnet");
    choose("[data-field=kindId]", "muslin");
    choose("[data-field=part]", "afternoon");
    choose("[data-field=pailId]", "Linnet's bag");
    browser.click("[data-add-habit]");
    browser.see("[data-habit=muslin]", "Linnet's bag");
    app.forward(Duration.ofHours(6));
    browser.open("/gather");
    browser.click("[data-pail=\"Linnet's bag\"]");
    browser.click("[data-entry=muslin] [data-assumed]");
    browser.see("[data-message]", "Now 1 × muslin");
    browser.gone("[data-entry=muslin] [data-assumed]");
    browser.click("[data-entry=muslin] button[aria-label$='more']");
    browser.see("[data-message]", "Now 2 × muslin");
    assertThat(Lives.pail(app, "Linnet's bag").get("assumed").asInt()).isZero();
  }

  private void adviceAtTheMoment() {
    browser.click("[data-choice=STOOL]");
    browser.click("[data-choice=STILL_ON]");
    browser.see("[data-advice]", "Solids into the toilet first");
    browser.click("[data-choice=LINER]");
    browser.text("[data-advice]", t -> !t.contains("toilet") && t.contains("Cold water only"));
  }

  private void anIllnessIsSwitchedOn() {
    panel("Usual days");
    choose("[aria-label=Person]", "Aurel");
    choose("[data-field=sort]", "is ill");
    browser.click("[data-add-spell]");
    browser.see("[data-spell]", "Now: Aurel is ill");
    browser.click("[data-spell] button", "End it now");
    browser.gone("[data-spell]");
  }

  private void emptyAndClean() {
    browser.open("/gather");
    browser.click("[data-pail=\"Aurel's pads\"]");
    browser.see("[data-pail=\"Aurel's pads\"]", "liner A in");
    browser.click("[role=tab]", "Empty the pail");
    browser.see("[data-cleaning]", "20 mL of pail disinfectant");
    browser.click("button", "Mark as empty and clean");
    browser.see("[data-pail=\"Aurel's pads\"]", "liner B in");
    browser.click("button", "Mark as empty and clean");
    browser.see("[data-message]", "was emptied");
  }

  private void newPiecesSoak() {
    panel("New pieces");
    browser.see("[data-lot='bamboo booster']", "Soaking for");
    browser.click("[data-lot='bamboo booster'] button", "take them out");
    browser.see("[data-lot='bamboo booster']", "1 of 4");
    choose("[data-field=kindId]", "hand towel");
    browser.click("[data-add-lot]");
    browser.see("[data-lot='hand towel']", "0 of 3");
    browser.click("[data-lot='hand towel'] button", "Start the soak");
    browser.see("[data-lot='hand towel']", "Soaking for");
  }

  private void wipes() {
    panel("Wipes");
    choose("[data-field=addition]", "essential oil");
    browser.see("[role=alert]", "poison small children");
    browser.click("[data-box='2'] button");
    browser.see("[data-message]", "Essential oils can make skin sensitive");
    browser.click("[data-message] button", "Close");
    choose("[data-field=addition]", "plain water");
    browser.click("[data-box='2'] button");
    browser.see("[data-box='2']", "good until");
  }
}
