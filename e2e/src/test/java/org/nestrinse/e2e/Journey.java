package org.nestrinse.e2e;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;

/** A demo household of its own and a browser for each journey. */
abstract class Journey {
  protected RunningApp app;
  protected Browser browser;

  @BeforeEach
  void begin() {
    app = RunningApp.demo(DemoApp.MOMENT);
    browser = new Browser(app.address());
  }

  @AfterEach
  void end() {
    browser.close();
    app.close();
  }

  /** Puts one load together from what is suggested, with the bulk that is offered. */
  void sortOneLoad() {
    browser.open("/sort");
    browser.click("button[data-main]", "Put one load together");
    browser.see("[data-fill]");
    addOfferedBulk();
  }

  void addOfferedBulk() {
    for (String kind : new String[] {"hand towel", "muslin"}) {
      String offer = "[data-offer='" + kind + "']";
      boolean wanted =
          browser.visible(offer + " button").stream().anyMatch(b -> b.getText().startsWith("Add"));
      if (wanted) {
        browser.click(offer + " button", "Add");
        browser.see("[data-bulker='" + kind + "']");
      }
    }
  }

  /** Reads every check of the plan, as a person must before a start. */
  void readChecks() {
    browser.see("[data-step]");
    browser.tick("[data-strength=CHECK] input");
  }

  /** Ticks off all steps of the running round. */
  void tickAll() {
    while (true) {
      String title = browser.see("[data-running-title]").getText();
      browser.click("button[data-main]");
      if (title.equals("Take everything out")) {
        break;
      }
      browser.text("[data-running-title]", now -> !now.equals(title));
    }
    browser.see("h1", "Hanging");
  }
}
