package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** The person beside the machine: what they see changes what is done. */
@Tag("long")
class RunTest extends Journey {

  /** Puts blood-soiled pieces into the nursery pail, and makes a load of it. */
  private void bloodLoad() {
    long pail = named(app.get("/api/v1/pails").json().get("pails"), "Nursery pail");
    long kind = named(app.get("/api/v1/kinds").json(), "cotton prefold");
    app.post(
        "/api/v1/pails/" + pail + "/entries",
        "{\"kindId\":%d,\"count\":2,\"soil\":\"BLOOD\"}".formatted(kind));
    assertThat(app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(pail)).status())
        .isEqualTo(201);
  }

  private static long named(JsonNode list, String name) {
    for (JsonNode each : list) {
      if (each.get("name").asString().equals(name)) {
        return each.get("id").asLong();
      }
    }
    throw new AssertionError(name);
  }

  @Test
  void bloodThatIsStillThereSoaksAgain() {
    bloodLoad();
    browser.open("/wash");
    browser.fold("change");
    browser.click("[data-choice='cool-then-warm']");
    browser.see("[data-pause]");
    browser.see("[data-step='2']", "pause after 12 min");
    browser.click("[data-reader]");
    browser.press(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT);
    browser.text("[data-reading]", t -> t.contains("in: "));
    readChecks();
    browser.click("button[data-main]", "Start this wash");
    browser.see("[data-running-title]", "Load the first set");
    browser.click("button[data-main]");
    browser.see("[data-running-title]", "Cool wash with a soak");
    browser.click("[data-share='0.5']");
    browser.click("button[data-main]");
    browser.see("[data-running-title]", "Look");
    String before = browser.see("[data-ready-at]").getText();

    browser.click("[data-judgement=STAINS] [data-answer=many]");
    browser.see("[data-running-title]", "Cool wash with a soak, once more");
    browser.text("[data-ready-at]", t -> !t.equals(before));
    browser.reload();
    browser.see("[data-running-title]", "Cool wash with a soak, once more");
    browser.click("[data-events] summary");
    browser.see("[data-events]", "50 % of");
    browser.see("[data-events]", "added: Cool wash with a soak, once more");

    browser.click("[data-hold]");
    browser.click("[data-hold-why='power cut']");
    browser.see("[role=timer]", "paused: power cut");
    browser.click("[data-resume]");
    browser.text("[role=timer]", t -> t.contains("left"));
    browser.click("[data-skip]");
    browser.type("[data-skip-why]", "it is out already");
    browser.click("[data-skip-do]");
    browser.see("[data-running-title]", "Look");
    tickAll();
    long id = app.get("/api/v1/record").json().get("rounds").get(0).get("id").asLong();
    browser.open("/record/" + id);
    browser.click("[data-events] summary");
    browser.see("[data-events]", "it is out already");
  }

  @Test
  void aDaysPiecesAreWashedByHand() {
    sortOneLoad();
    toTheWash();
    browser.fold("change");
    browser.click("[data-choice='bucket-and-plunge']");
    browser.see("[data-step='4']", "spoon");
    browser.see("[data-strength=CHECK]", "Never leave it within a child's reach");
    readChecks();
    browser.click("button[data-main]", "Start this wash");
    for (String title :
        new String[] {
          "Lay out the pieces",
          "Two rinses, plunged",
          "Look at the water",
          "Wash, plunge and soak",
          "Rinse until clear",
          "Last rinse for the covers",
          "Empty the bucket, hang everything"
        }) {
      browser.see("[data-running-title]", title);
      browser.click("button[data-main]");
    }
    browser.see("h1", "drying");
  }

  @Test
  void whatMustNotMeetCannotBeStartedAndWhatIsChosenIsKept() {
    sortOneLoad();
    toTheWash();
    // A reason of another method is asked for when somebody opens it; the plan stays.
    browser.fold("methods");
    browser.click("[data-row=uses][data-school=cool-and-sun] button", "kWh");
    browser.see("[data-why]", "heats water");
    browser.fold("change");
    browser.gone("[data-choice='cool-and-sun'][aria-checked=true]");
    browser.fold("more");
    browser.click("[data-row='Add something else'] button");
    browser.click("[data-besides-add]");
    browser.see("[role=alert]", "Choose a product first");
    choose("[data-besides-product]", "chlorine bleach 4 %");
    browser.click("[data-besides-add]");
    browser.see("[role=alert] [data-strength=STOP]", "chlorine");
    assertThat(browser.see("button[data-main]").isEnabled()).isFalse();
    assertThat(browser.see("[data-practise]").isEnabled()).isFalse();
    browser.click("button", "Take it out");
    browser.gone("[role=alert] [data-strength=STOP]");

    browser.fold("change");
    browser.click("[data-choice='cool-and-sun']");
    browser.click("[data-choice='EXTRA_CARE']");
    browser.click("[data-remedies] [data-remedy]");
    browser.fold("methods");
    browser.see("[data-row=germs][data-school=cool-and-sun]", "✓");
    browser.fold("change");
    browser.click("[data-choice='hot-and-full']");
    browser.click("[data-choice='cool-and-sun']");
    browser.fold("more");
    browser.see("[data-question=VINEGAR] [data-effect]", "cost +");
    browser.click("[data-question=VINEGAR] [data-position=yes]");
    browser.see("[data-step]", "white vinegar");
    browser.click("[data-row='Save as my method'] button");
    browser.type("[data-own-name]", "Tern House way");
    browser.click("[data-own-keep]");
    browser.see("[data-message]", "Tern House way");
    browser.fold("change");
    browser.see("[data-choice^='own-'][aria-checked=true]", "Tern House way");
    browser.see("[data-step]", "white vinegar");
    browser.click("[data-card]");
    browser.see("[data-wall-card]", "of white vinegar 5 % into the softener drawer");
    browser.click("[data-pdf]");
    browser.see("[data-message]", "downloads");
  }

  private void choose(String css, String option) {
    new org.openqa.selenium.support.ui.Select(browser.see(css)).selectByVisibleText(option);
  }
}
