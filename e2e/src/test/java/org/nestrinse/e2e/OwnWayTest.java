package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.support.ui.Select;
import tools.jackson.databind.JsonNode;

/**
 * A person washes as they are used to: what they set is planned, run, and offered the next time.
 */
class OwnWayTest extends Journey {
  private void set(String which, String words) {
    new Select(browser.see("[data-set='" + which + "']")).selectByVisibleText(words);
  }

  /** The same pieces again, in a basket of their own that is washed at once. */
  private void anotherLoadOfTheSame() {
    long kind = 0;
    for (JsonNode k : app.get("/api/v1/kinds").json()) {
      kind = k.get("name").asString().equals("bamboo trifold") ? k.get("id").asLong() : kind;
    }
    app.post("/api/v1/pails", "{\"name\":\"basket\",\"style\":\"BASKET\",\"capacityL\":60}");
    long basket = 0;
    for (JsonNode p : app.get("/api/v1/pails").json().get("pails")) {
      basket = p.get("name").asString().equals("basket") ? p.get("id").asLong() : basket;
    }
    String entry = "{\"kindId\":%d,\"count\":2,\"soil\":\"WET\",\"solids\":\"NONE\"}";
    app.post("/api/v1/pails/%d/entries".formatted(basket), entry.formatted(kind));
    assertThat(app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(basket)).status())
        .isEqualTo(201);
  }

  @Test
  void whatIsSetOnALoadIsRunAndIsTheMethodOfferedNextTime() {
    sortOneLoad();
    browser.open("/wash");
    browser.fold("change");
    set("first.before", "cold rinse");
    browser.text("[data-step='2']", t -> t.contains("Quick rinse"));
    set("main.strength", "50 %");
    set("ending.rinses", "5");
    browser.text("[data-changes]", t -> t.contains("water") && t.contains("→"));
    set("ending.rinses", "as planned");
    browser.click("[data-row='Save as my method'] button");
    browser.type("[data-own-name]", "Half and cold");
    browser.click("[data-own-keep]");
    browser.see("[data-choice='own-1'][aria-checked=true]");
    browser.gone("[data-changes]");
    readChecks();
    browser.click("button[data-main]");
    browser.see("[data-running-title]");
    assertThat(app.get("/api/v1/rounds/running").json().get("round").toString())
        .contains("Half and cold");
    tickAll();
    anotherLoadOfTheSame();
    browser.open("/wash");
    browser.see("[data-offered]");
    browser.text("main", t -> t.contains("Half and cold"));
  }
}
