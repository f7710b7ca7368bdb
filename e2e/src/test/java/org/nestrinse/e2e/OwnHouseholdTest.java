package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.support.ui.Select;

/**
 * Someone with an empty household sets up their own machine and textiles in Kit, and washes a first
 * load.
 */
@Tag("long")
class OwnHouseholdTest extends EmptyHouse {
  private void tab(String name) {
    browser.open("/kit");
    browser.click("[data-page]", name);
  }

  /** Opens a row, fills fields by their key, and sends the form. */
  private void fill(String row, String... keysAndValues) {
    String form = "[data-row='" + row + "']";
    browser.click(form + " button");
    for (int i = 0; i < keysAndValues.length; i += 2) {
      browser.type(form + " [data-field='" + keysAndValues[i] + "'] input", keysAndValues[i + 1]);
    }
    browser.click(form + " button[type=submit]");
  }

  @Test
  void fromNothingToAFirstLoad() {
    browser.open("/gather");
    browser.see("main", "Set up your house first");
    browser.open("/sort");
    browser.see("main", "The pails are empty");

    machineAndPlaces();
    textilesAndPowder();
    gather();
    wash();
  }

  private void machineAndPlaces() {
    tab("Machine");
    browser.type("[data-field=drumL] input", "48");
    browser.click("form button[type=submit]");
    browser.see("[data-message]", "Saved");
    assertThat(app.get("/api/v1/machines").json().get(0).get("machine").get("drumL").asDouble())
        .isEqualTo(48);

    fill("Cottons", "washMinutes", "95", "temperatures", "40, sixty");
    browser.see("[data-row=Cottons] [role=alert]", "must be");
    browser.type("[data-row=Cottons] [data-field=temperatures] input", "40, 60");
    browser.click("[data-row=Cottons] button[type=submit]");
    browser.see("[data-row=Cottons]", "40°, 60°, 95 min");

    tab("Places and pails");
    fill("Add a place to hang", "name", "balcony");
    browser.see("main", "balcony");
    fill("Add a pail", "name", "blue bucket");
    browser.see("main", "blue bucket");
  }

  private void textilesAndPowder() {
    tab("Textiles");
    fill("Add a kind", "name", "face cloth", "owned", "30", "parts.0.massKg", "0.09");
    browser.see("[data-row='face cloth']", "30 owned, 90 g each");
    browser.click("[data-row='Add a kind'] button");
    new Select(browser.see("[data-field=preset]")).selectByVisibleText("bed pad");
    browser.see("[data-source]", "quilted top");
    browser.type("[data-row='Add a kind'] [data-field=owned] input", "6");
    browser.click("[data-row='Add a kind'] button[type=submit]");
    browser.see("[data-row='bed pad']", "6 owned, 450 g each");
    browser.click("[data-row='bed pad'] button");
    browser.type("[data-row='bed pad'] [data-field=grams]", "480");
    browser.click("[data-row='bed pad'] button", "Weighed");
    browser.see("[data-row='bed pad']", "6 owned, 480 g each");
    fill("Add a kind", "name", "Face Cloth");
    browser.see(
        "[data-row='Add a kind'] [role=alert]", "There is already a kind called Face Cloth");

    tab("Products");
    browser.click("[data-row='Add a product'] button");
    String label = "[data-row='Add a product'] [data-field=%s] input";
    browser.type(label.formatted("name"), "plain powder");
    browser.type(label.formatted("dose"), "70");
    browser.type(label.formatted("scoopMl"), "50");
    browser.click("[data-row='Add a product'] button[type=submit]");
    browser.see("[data-row='plain powder']", "scoop of 50 mL");

    tab("People");
    fill("Add a person", "name", "Wren", "dayBundles", "4");
    browser.see("[data-row=Wren]");
  }

  private void gather() {
    browser.open("/gather");
    browser.click("[data-pail='blue bucket']");
    browser.type("[data-field=count]", "24");
    browser.click("[data-choice=FOOD]");
    browser.click("[data-add='face cloth']");
    browser.text("h1", t -> t.contains("24 pieces"));
  }

  private void wash() {
    browser.press(org.openqa.selenium.Keys.ESCAPE, "2");
    // Nothing is due yet; a person may wash all the same.
    browser.see("main", "Nothing needs washing now");
    browser.click("[data-wait] [data-piece='face cloth']");
    browser.click("[data-move=own]");
    browser.click("button[data-main]", "Accept this load");
    browser.see("[data-ready] [data-fill]");
    browser.click("a[data-main]", "Plan this wash");
    browser.see("[data-step='4']", "plain powder");
    browser.tick("[data-strength=CHECK] input");
    browser.click("button[data-main]", "Start this wash");
    browser.see("[data-running-title]", "Load the first set");
    assertThat(
            app.get("/api/v1/rounds/running")
                .json()
                .get("round")
                .get("plan")
                .get("figures")
                .get("temperatureC")
                .asInt())
        .isEqualTo(60);
  }
}
