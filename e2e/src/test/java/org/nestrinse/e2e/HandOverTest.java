package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Two carers, two devices: the second takes the wash over where the first left it. */
@Tag("long")
class HandOverTest extends Journey {

  @Test
  void theOtherCarerGoesOn() {
    sortOneLoad();
    toTheWash();
    readChecks();
    browser.click("button[data-main]", "Start this wash");
    browser.see("[data-running-title]", "Load the first set");

    try (Browser other = new Browser(app.address())) {
      other.open("/wash");
      other.see("[data-running-title]", "Load the first set");
      other.click("button[data-main]");
      other.see("[data-running-title]", "First wash");
      // The first device follows by itself.
      browser.see("[data-running-title]", "First wash");

      other.click("button[data-main]");
      other.see("[data-running-title]", "Look");
      browser.see("[data-running-title]", "Look");
      assertThat(app.get("/api/v1/rounds/running").json().get("round").get("currentStep").asInt())
          .isEqualTo(3);
      browser.click("[data-hand-over]");
      browser.type("[data-carer]", "Sunniva");
      browser.type("[data-hand-over-to]", "Oskar");
      browser.click("[data-hand-over-do]");
      other.see("main", "with Oskar");
      other.click("[data-hold]");
      other.click("[data-hold-why='the child woke up']");
      browser.see("[role=timer]", "paused: the child woke up");
    }
  }

  @Test
  void twoStartsAtOnceMakeOneRound() {
    sortOneLoad();
    try (Browser other = new Browser(app.address())) {
      for (Browser each : new Browser[] {browser, other}) {
        each.open("/wash");
        each.see("[data-step]");
        each.tick("[data-strength=CHECK] input");
      }
      browser.click("button[data-main]", "Start this wash");
      browser.see("[data-running-title]", "Load the first set");
      // The other device follows by itself; a start that was sent before that is refused.
      other.see("[data-running-title]", "Load the first set");
      String late = "{\"loadId\":1,\"school\":\"hot-and-full\",\"checksRead\":[]}";
      assertThat(app.post("/api/v1/rounds", late).json().get("detail").asString())
          .contains("The machine is busy with another round");
      assertThat(app.get("/api/v1/record").json().get("total").asInt()).isEqualTo(32);
    }
  }
}
