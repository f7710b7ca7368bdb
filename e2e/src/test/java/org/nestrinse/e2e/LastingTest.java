package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.Lives;
import tools.jackson.databind.JsonNode;

/** Nothing a person did is lost by a reload, a second tab or a wrong tap. */
@Tag("long")
class LastingTest extends Journey {

  @Test
  void whatWasMovedInSortIsThereAfterAReload() {
    browser.open("/sort");
    int drums = app.get("/api/v1/sorting").json().get("drums").size();
    browser.click("[data-drum='" + drumWith("pocket shell") + "'] [data-piece='pocket shell']");
    browser.click("[data-move=own]");
    browser.see("[data-message]", "moved");
    browser.reload();
    browser.see("[data-drum='" + (drums + 1) + "']");
    browser.click("[data-as-proposed]");
    browser.gone("[data-drum='" + (drums + 1) + "']");
  }

  @Test
  void twoTabsThatChangeDifferentThingsOfTheHouseBothKeepThem() {
    browser.open("/kit");
    browser.type("[data-field=roomC] input", "23");
    JsonNode house = app.get("/api/v1/household").json();
    tools.jackson.databind.node.ObjectNode other =
        (tools.jackson.databind.node.ObjectNode) house.deepCopy();
    other.put("inletC", 14);
    other.remove("trim");
    assertThat(app.send("PUT", "/api/v1/household", other.toString()).status()).isEqualTo(200);
    browser.click("form button[type=submit]", "Save");
    browser.see("[data-message]", "Saved");
    JsonNode both = app.get("/api/v1/household").json();
    assertThat(both.get("roomC").asDouble()).isEqualTo(23);
    assertThat(both.get("inletC").asDouble()).isEqualTo(14);
  }

  @Test
  void whatIsRemovedInKitComesBack() {
    browser.open("/kit");
    browser.click("[data-page]", "Products");
    JsonNode product = app.get("/api/v1/products").json().get(0).get("product");
    String name = product.get("name").asString();
    browser.click("[data-row='" + name + "'] button");
    browser.click("[data-remove='" + name + "']");
    browser.see("[data-message]", name + " is removed");
    browser.gone("[data-row='" + name + "']");
    browser.click("[data-page]", "Removed");
    browser.click("[data-removed='" + name + "'] button", "Bring back");
    browser.see("[data-message]", name + " is back");
    browser.click("[data-page]", "Products");
    browser.see("[data-row='" + name + "']");
  }

  @Test
  void aStartedWashIsStoppedAndAnAnswerTakenBack() {
    JsonNode before = Lives.stock(app, "bamboo trifold");
    sortOneLoad();
    toTheWash();
    readChecks();
    browser.click("button[data-main]", "Start this wash");
    browser.see("[data-running-title]", "Load the first set");
    browser.click("button[data-main]");
    browser.see("[data-running-title]", "First wash");
    browser.click("button[data-main]");
    browser.see("[data-running-title]", "Look");
    browser.click("[data-judgement=WATER] [data-answer=grey]");
    browser.see("[data-message]", "Added: Rinse once more");
    browser.click("[data-message] button", "Undo");
    browser.see("[data-running-title]", "Look");
    browser.click("[data-stop]");
    browser.click("[data-stop-do]");
    browser.see("[data-message]", "Stopped");
    browser.see("[data-step='1']");
    assertThat(Lives.stock(app, "bamboo trifold")).isEqualTo(before);
  }

  @Test
  void takenPiecesAreNoLongerCleanAndMessagesLeave() {
    browser.open("/gather");
    int clean = Lives.stock(app, "muslin").get("clean").asInt();
    browser.click("[data-pail='Linen basket'], [data-pail]", "basket");
    browser.type("input[aria-label='Another kind']", "muslin");
    browser.click("[role=option]", "muslin");
    browser.see("[data-message]", "1 × muslin");
    browser.see("[data-add=muslin]", (clean - 1) + " of");
    browser.gone("[data-message]");
  }

  @Test
  void anAddressThatNoViewHasSaysSo() {
    browser.open("/nonsense");
    browser.see("h1", "This page does not exist");
    browser.open("/card?load=NaN");
    browser.see("main", "No load chosen");
  }

  @Test
  void countsThatDifferAreToldAndMended() throws Exception {
    try (var c = app.bean(javax.sql.DataSource.class).getConnection();
        var sql = c.createStatement()) {
      sql.execute(
          "update stock set washing = washing + 1 where kind_id = " + Lives.kindId(app, "bib"));
    }
    app.restart();
    browser.open("/gather");
    browser.see("[data-counts-differ]", "bib");
    browser.click("[data-counts-differ] button");
    browser.gone("[data-counts-differ]");
    assertThat(Lives.stock(app, "bib").get("washing").asInt()).isZero();
  }
}
