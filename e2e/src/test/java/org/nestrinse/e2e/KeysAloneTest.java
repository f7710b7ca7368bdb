package org.nestrinse.e2e;

import static org.openqa.selenium.Keys.ARROW_RIGHT;
import static org.openqa.selenium.Keys.ENTER;
import static org.openqa.selenium.Keys.ESCAPE;
import static org.openqa.selenium.Keys.SPACE;
import static org.openqa.selenium.Keys.TAB;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The whole round without a pointer: digits jump, arrows walk, Enter and Space do. */
@Tag("long")
class KeysAloneTest extends Journey {

  @Test
  void fromThePailToTheRecordByKeys() {
    browser.open("/gather");
    browser.see("[data-pail]");
    browser.walkTo("[data-pail='Nursery pail']", ARROW_RIGHT);
    browser.press(ENTER);
    browser.see("[data-pail='Nursery pail'][aria-pressed=true]");
    browser.press("n");
    browser.walkTo("[data-add]", ARROW_RIGHT);
    browser.press(ENTER);
    browser.see("[data-message]", "Nursery pail");
    browser.press("u");
    browser.gone("[data-message]");

    browser.press(ESCAPE, "2");
    browser.see("button[data-main]", "Accept all");
    browser.walkTo("[data-drum='1'] [data-piece]", ARROW_RIGHT);
    browser.press(ENTER);
    browser.see("[data-pick-bar]");
    browser.walkTo("[data-move=stays]", ARROW_RIGHT);
    browser.press(ENTER);
    browser.see("[data-message]", "moved");
    browser.press(ESCAPE);
    browser.gone("[data-message]");
    browser.press("m", ENTER);
    browser.see("[data-ready] [data-fill]");

    browser.press(ESCAPE, "3");
    browser.see("[data-step='1']");
    while (browser.visible("[data-strength=CHECK] input:not(:checked)").size() > 0) {
      browser.walkTo("[data-strength=CHECK] input:not(:checked)", TAB);
      browser.press(SPACE);
    }
    browser.press("m", SPACE);
    String title = browser.see("[data-running-title]").getText();
    while (!title.equals("Take everything out")) {
      String before = title;
      browser.press("m", SPACE);
      title = browser.text("[data-running-title]", now -> !now.equals(before));
    }
    browser.press("m", SPACE);
    browser.see("h1", "drying");

    browser.walkTo("[data-hangs]", ARROW_RIGHT);
    browser.press(ENTER);
    browser.see("[data-group]");
    int hang = browser.visible("[data-group]").size();
    browser.walkTo("[data-group] button[data-dry]", ARROW_RIGHT);
    browser.press(ENTER);
    browser.text("main", t -> browser.visible("[data-group]").size() < hang);
    browser.press("5");
    browser.see("h1", "On the shelf");
    browser.press("9");
    browser.see("h1", "32 rounds");
    browser.press("?");
    browser.see("[role=dialog]", "arrows");
    browser.press(ESCAPE);
    browser.gone("[role=dialog]");
  }
}
