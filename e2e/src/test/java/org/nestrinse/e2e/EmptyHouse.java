package org.nestrinse.e2e;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.nestrinse.app.running.RunningApp;

/** A house in which nothing is set up yet, and a browser. */
abstract class EmptyHouse {
  protected RunningApp app;
  protected Browser browser;

  @BeforeEach
  void begin() {
    app = RunningApp.empty("2026-05-20T08:00:00Z");
    browser = new Browser(app.address());
  }

  @AfterEach
  void end() {
    browser.close();
    app.close();
  }
}
