package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.Lives;
import org.openqa.selenium.WebElement;
import tools.jackson.databind.JsonNode;

/** Wrong input is told at its field, and nothing that was typed is lost. */
@Tag("long")
class BadInputTest extends Journey {

  @Test
  void nothingTypedIsLost() {
    absurdHardness();
    impossibleCount();
    twoCarersChangeTheSame();
    twoCarersCorrectTheSamePieces();
    twoCarersSortAtOnce();
    unknownAddress();
    absurdPlacesAndDryers();
  }

  private void absurdHardness() {
    browser.open("/kit");
    browser.type("[data-field=name] input", "Tern House, north door");
    browser.type("[data-field=hardnessMmolL] input", "31");
    browser.click("form button[type=submit]");
    browser.see("[data-field=hardnessMmolL] [role=alert]", "between 0 and 10 mmol/L");
    assertThat(value("[data-field=name] input")).isEqualTo("Tern House, north door");
    assertThat(value("[data-field=hardnessMmolL] input")).isEqualTo("31");
    browser.type("[data-field=hardnessMmolL] input", "3.2");
    browser.click("form button[type=submit]");
    browser.see("[data-message]", "Saved");
    browser.text("header", t -> t.contains("Tern House, north door"));
  }

  private void impossibleCount() {
    browser.press(org.openqa.selenium.Keys.ESCAPE, "1");
    browser.click("[data-pail='Nursery pail']");
    browser.type("[data-field=count]", "150");
    browser.click("[data-add='bamboo trifold']");
    browser.see("[data-message]", "You own 20 bamboo trifolds");
    assertThat(value("[data-field=count]")).isEqualTo("150");
    browser.type("[data-field=count]", "-3");
    browser.click("[data-add='bamboo trifold']");
    browser.see("[data-message]", "between 1 and 200");
  }

  private void twoCarersChangeTheSame() {
    browser.open("/kit");
    browser.type("[data-field=roomC] input", "22");
    var other = (tools.jackson.databind.node.ObjectNode) app.get("/api/v1/household").json();
    other.remove("zone");
    other.remove("trim");
    other.put("roomC", 17);
    assertThat(app.send("PUT", "/api/v1/household", other.toString()).status()).isEqualTo(200);
    browser.click("form button[type=submit]");
    browser.see("form", "yours 22 °C, theirs 17 °C");
    browser.click("form button", "Keep mine");
    browser.see("[data-message]", "Saved");
    assertThat(app.get("/api/v1/household").json().get("roomC").asDouble()).isEqualTo(22);
  }

  private void twoCarersCorrectTheSamePieces() {
    // A phone that hears of nothing: else it would show what the other did before anyone taps.
    browser.block("*/api/v1/changes");
    browser.open("/gather");
    browser.click("[data-pail='Glass cloths']");
    browser.see("[data-entry='glass cloth']");
    JsonNode entry = Lives.pail(app, "Glass cloths").get("entries").get(0);
    String other =
        "{\"version\":%d,\"count\":5,\"soil\":\"DIRT\",\"solids\":\"NONE\"}"
            .formatted(entry.get("version").asInt());
    String path = "/api/v1/entries/" + entry.get("id").asLong();
    assertThat(app.send("PATCH", path, other).status()).isEqualTo(200);
    browser.click("[data-entry='glass cloth'] button[aria-label$='more']");
    browser.see("[data-clash]", "Yours: 9, everyday dirt. Theirs: 5, everyday dirt.");
    browser.click("[data-clash] button", "Keep mine");
    browser.see("[data-message]", "Now 9 × glass cloth");
    assertThat(Lives.pail(app, "Glass cloths").get("pieces").asInt()).isEqualTo(9);
  }

  private void twoCarersSortAtOnce() {
    browser.open("/sort");
    browser.see("[data-drum='1']");
    long kitchen = Lives.pail(app, "Kitchen bin").get("id").asLong();
    app.post(
        "/api/v1/pails/" + kitchen + "/entries",
        "{\"kindId\":%d,\"count\":2,\"soil\":\"FOOD\",\"solids\":\"NONE\"}"
            .formatted(Lives.kindId(app, "dish cloth")));
    // What came in meanwhile waits; what was seen is accepted.
    browser.click("[data-drum='1'] [data-accept]");
    browser.see("[data-message]", "One load is ready");
    String stamp = app.get("/api/v1/sorting").json().get("stamp").asString();
    browser.reload();
    browser.see("button[data-main]", "Accept");
    assertThat(app.post("/api/v1/sorting/accept", "{\"stamp\":\"%s\"}".formatted(stamp)).status())
        .isEqualTo(200);
    browser.click("button[data-main]", "Accept");
    browser.see("[data-message]", "Someone else has changed this in the meantime");
    browser.see("button[data-main], a[data-main]", "Plan this wash");
  }

  private void unknownAddress() {
    browser.open("/record/999999");
    browser.see("[role=alert]", "There is no round 999999");
  }

  private String value(String css) {
    WebElement field = browser.see(css);
    return field.getDomProperty("value");
  }

  private void absurdPlacesAndDryers() {
    browser.open("/kit");
    browser.click("[data-page]", "Places and pails");
    browser.click("[data-row='sun line'] button");
    browser.type("[data-row='sun line'] [data-field=metres] input", "9999");
    browser.click("[data-row='sun line'] button[type=submit]");
    browser.see("[data-row='sun line'] [data-field=metres] [role=alert]", "0.5 and 200 m");
    assertThat(value("[data-row='sun line'] [data-field=metres] input")).isEqualTo("9999");
    browser.type("[data-row='sun line'] [data-field=metres] input", "12");
    browser.click("[data-row='sun line'] button[type=submit]");
    browser.see("[data-row='sun line']", "room for 12 m");
    browser.click("[data-row='the heat-pump dryer'] button");
    browser.type("[data-row='the heat-pump dryer'] [data-field=capacityKg] input", "0");
    browser.click("[data-row='the heat-pump dryer'] button[type=submit]");
    browser.see("[data-row='the heat-pump dryer'] [role=alert]", "between 1 and 20 kg");
  }
}
