package org.nestrinse.e2e;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** A demo household of its own and a browser for each journey. */
abstract class Journey {
  /** Every view that needs nothing done before; the fifth round has a plan and a story. */
  static final List<String> VIEWS =
      List.of(
          "/gather",
          "/sort",
          "/wash",
          "/dry",
          "/shelf",
          "/shelf/stock",
          "/shelf/wear",
          "/week",
          "/reset",
          "/record",
          "/record/causes",
          "/record/rounds",
          "/record/compare",
          "/record/costs",
          "/record/files",
          "/record/5",
          "/kit",
          "/kit/people",
          "/kit/textiles",
          "/kit/products",
          "/kit/machine",
          "/kit/methods",
          "/kit/places",
          "/kit/language",
          "/kit/removed",
          "/set-up/who",
          "/set-up/own",
          "/set-up/washes",
          "/set-up/put-in",
          "/set-up/water",
          "/how/AIR_DRYING");

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

  /** Accepts the proposed load with the nappies in it. */
  void sortOneLoad() {
    browser.open("/sort");
    browser.click("[data-drum='" + drumWith("bamboo trifold") + "'] [data-accept]");
    browser.see("[data-ready] [data-fill]");
  }

  /** Returns the number of the proposed load that has this kind in its first set. */
  int drumWith(String kind) {
    for (JsonNode drum : app.get("/api/v1/sorting").json().get("drums")) {
      if (drum.get("first").toString().contains("\"kind\":\"" + kind + "\"")) {
        return drum.get("number").asInt();
      }
    }
    throw new AssertionError("no proposed load has " + kind);
  }

  /** Goes on to the wash with the load that is ready. */
  void toTheWash() {
    browser.click("a[data-wash]");
    browser.see("[data-step='1']");
  }

  /** Opens the place where a kind hangs. */
  void openPlaceOf(String kind) {
    List<String> places =
        browser.visible("[data-hangs]").stream().map(p -> p.getAttribute("data-hangs")).toList();
    for (String place : places) {
      String css = "[data-hangs='" + place + "']";
      if (!browser.visible("[data-group='" + kind + "']").isEmpty()) {
        return;
      }
      if ("false".equals(browser.see(css).getAttribute("aria-expanded"))) {
        browser.click(css);
        browser.see("[data-opened]", place);
      }
    }
    browser.see("[data-group='" + kind + "']");
  }

  /** Feels everything that hangs, place by place, and takes it in. */
  void takeEverythingIn() {
    while (!browser.visible("[data-hangs]").isEmpty()) {
      // A plan that is still made would push the rows down under the finger.
      browser.settled();
      if (browser.visible("[data-opened]").isEmpty()) {
        browser.click("[data-hangs]");
      }
      browser.see("[data-group]");
      browser.settled();
      int groups = browser.visible("[data-group]").size();
      browser.click("[data-group] button[data-dry]");
      browser.text("main", t -> browser.visible("[data-group]").size() < groups);
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
    browser.see("h1", "drying");
  }
}
