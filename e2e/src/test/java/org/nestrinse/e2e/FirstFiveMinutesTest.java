package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.openqa.selenium.Keys.ARROW_RIGHT;
import static org.openqa.selenium.Keys.ENTER;
import static org.openqa.selenium.Keys.SPACE;
import static org.openqa.selenium.Keys.TAB;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/** From an empty house to a first wash that runs: few taps and few fields, or keys alone. */
class FirstFiveMinutesTest extends EmptyHouse {
  private static final int MOST_TAPS = 50;
  private static final int MOST_FIELDS = 40;

  private int taps;
  private int fields;

  private void tap(String css) {
    browser.click(css);
    taps++;
  }

  /** Goes on from a step of the set-up, and counts what it showed to fill in. */
  private void next(String then) {
    seen();
    tap("button[data-main]");
    browser.see(then);
  }

  private void seen() {
    fields += browser.visible("main input, main select, main textarea").size();
  }

  @Test
  void fewTapsOnAPhone() {
    browser.viewport(390, 844);
    browser.open("/");
    browser.see("[data-set-up=who]");
    tap("[data-add-person=baby]");
    browser.see("main input[type=text]");
    next("[data-set-up=own]");
    tap("[data-set=pockets]");
    browser.see("[data-count='pocket shell']");
    next("[data-set-up=washes]");
    tap("[data-washer=FRONT_LOADER]");
    next("[data-set-up=put-in]");
    tap("[data-product='powder with enzymes']");
    next("[data-set-up=water]");
    tap("[data-choice=KETTLE_CRUST_WITHIN_DAYS]");
    tap("[data-dries='airer indoors']");
    next("[data-pail]");
    browser.see("[data-message]", "Pail is ready");

    tap("[data-add='pocket shell']");
    browser.text("h1", t -> t.contains("1 piece"));
    tap("[data-add='bamboo trifold']");
    browser.text("h1", t -> t.contains("2 pieces"));
    tap("[data-choice=STOOL]");
    tap("[data-add='bamboo trifold']");
    browser.text("h1", t -> t.contains("3 pieces"));
    seen();
    tap("[data-wash-now]");
    browser.see("[data-verdicts]");
    seen();
    int checks = browser.visible("[data-checks] input").size();
    browser.tick("[data-checks] input");
    taps += checks;
    tap("button[data-main]");
    browser.see("[data-running-title]", "Load");
    assertThat(taps).isLessThanOrEqualTo(MOST_TAPS);
    assertThat(fields).isLessThanOrEqualTo(MOST_FIELDS);
  }

  @Test
  @Tag("long")
  void byKeysAloneOnALaptop() {
    browser.open("/");
    browser.see("[data-set-up=who]");
    walkAndPress("[data-add-person=baby]");
    browser.see("main input[type=text]");
    walkAndPress("button[data-main]");
    browser.see("[data-set-up=own]");
    walkAndPress("[data-set=flats]");
    browser.see("[data-count='muslin flat nappy']");
    walkAndPress("button[data-main]");
    browser.see("[data-set-up=washes]");
    walkAndPress("[data-washer=BUCKET]");
    walkAndPress("button[data-main]");
    browser.see("[data-set-up=put-in]");
    walkAndPress("[data-product='powder without enzymes']");
    walkAndPress("button[data-main]");
    browser.see("[data-set-up=water]");
    walkAndPress("[data-dries='line outdoors']");
    walkAndPress("button[data-main]");
    browser.see("[data-pail]");

    walkAndPress("[data-add='muslin flat nappy']");
    browser.text("h1", t -> t.contains("1 piece"));
    walkAndPress("[data-wash-now]");
    browser.see("[data-verdicts]");
    for (WebElement check : browser.visible("[data-checks] input")) {
      browser.walkTo("[data-checks] input:not(:checked)", TAB);
      browser.press(SPACE);
      assertThat(check.isSelected()).isTrue();
    }
    browser.press("m", ENTER);
    browser.see("[data-running-title]", "Lay out");
  }

  private void walkAndPress(String css) {
    browser.see(css);
    browser.walkTo(css, TAB);
    browser.press(ENTER);
  }

  @Test
  @Tag("long")
  void whatCannotBeIsSaidBesideItAndNothingIsLost() {
    browser.open("/set-up/own");
    browser.click("[data-set=pockets]");
    String wipes = "[data-count='cotton wipe'] ";
    browser.type(wipes + "input", "a lot");
    browser.press(TAB);
    browser.see(wipes + "[role=alert]", "A whole number from 0 to 1000");
    browser.click("button[data-main]");
    browser.see("[data-set-up=own]");
    browser.type(wipes + "input", "30");
    browser.click("button[data-main]");
    browser.see("[data-set-up=washes]");

    browser.open("/set-up/put-in");
    browser.click("[data-product='powder with enzymes']");
    browser.type("[data-field$='.scoopMl'] input", "5000");
    browser.click("button[data-main]");
    browser.see("[data-field$='.scoopMl'] [role=alert]", "between 1 and 1000 mL");
    browser.type("[data-field$='.scoopMl'] input", "55");
    browser.click("button[data-main]");
    browser.see("[data-set-up=water]");

    browser.type("[data-field=inletC] input", "54");
    browser.click("button[data-main]");
    browser.see("[data-asked]", "Did you mean 54 °F, that is 12.2 °C?");
    browser.click("[data-asked] button", "Yes");
    browser.gone("[data-asked]");
    browser.click("[data-choice=FIGURE]");
    browser.type("[data-field=hardnessMmolL] input", "seventeen");
    browser.click("button[data-main]");
    browser.see("[data-field=hardnessMmolL] [role=alert]", "must be a number");
    browser.type("[data-field=hardnessMmolL] input", "3,1");
    browser.click("button[data-main]");
    browser.see("[data-pail]");
    JsonNode house = app.get("/api/v1/household").json();
    assertThat(house.get("hardnessMmolL").asDouble()).isEqualTo(3.1);
    assertThat(house.get("inletC").asDouble()).isEqualTo(12.2);
  }

  @Test
  @Tag("long")
  void whatIsLeftHalfWayIsThereLater() {
    browser.open("/");
    tap("[data-add-person=toddler]");
    browser.see("main input[type=text]");
    next("[data-set-up=own]");
    tap("[data-set=cloths]");
    next("[data-set-up=washes]");
    app.restart();
    browser.open("/");
    browser.see("[data-step-tag=who]", "toddler");
    browser.see("[data-step-tag=own]", "24 pieces");
    browser.click("[data-step-tag=own]");
    browser.see("[data-count='dish cloth']");
    browser.click("[data-later]");
    browser.see("[data-pail='Cloth bin']");
    browser.open("/");
    browser.see("[data-pail]");
    browser.walkTo("[data-pail]", ARROW_RIGHT);
  }
}
