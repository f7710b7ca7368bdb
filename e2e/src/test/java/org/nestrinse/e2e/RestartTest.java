package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * The application stops in the middle of a wash and is started again; the carer goes on where they
 * were.
 */
@Tag("long")
class RestartTest extends Journey {

  @Test
  void theWashGoesOnAfterARestart() {
    sortOneLoad();
    toTheWash();
    readChecks();
    browser.click("button[data-main]", "Start this wash");
    browser.see("[data-running-title]", "Load the first set");
    browser.click("button[data-main]");
    browser.see("[data-running-title]", "First wash");
    browser.click("button[data-main]");
    String step = browser.text("[data-running-title]", t -> t.startsWith("Look"));

    app.restart();
    browser.reload();

    browser.see("[data-running-title]", step);
    browser.see("tr", "✓ 2. First wash");
    tickAll();
    browser.press("9");
    browser.see("h1", "Record");
    // The clock of this house goes back at a restart, so the picture may not show its future yet.
    assertThat(app.get("/api/v1/record").json().get("total").asInt()).isEqualTo(32);
  }
}
