package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;
import tools.jackson.databind.JsonNode;

/**
 * A household that washes its own way: the first time it says how, from the second time on that is
 * offered. Counts the taps of a round.
 */
abstract class RoutineJourney extends EmptyHouse {
  private static final int MOST_TAPS_TO_START = 6;
  private static final int MOST_TAPS = 25;
  private static final int MOST_CHECKS = 2;

  /** Doses come within a third of what a description names, times within a quarter. */
  private static final double OF_A_DOSE = 1 / 3.0;

  private static final double OF_A_TIME = 0.25;
  private static final Duration LONGEST_DRYING = Duration.ofDays(4);

  /** Nearly clean, in shares of the soil. */
  protected static final double CLEAN = 0.08;

  /** What is enough by hand, and where little is washed every day. */
  protected static final double TRACES = 0.2;

  protected RoutineHouse house;
  private int taps;

  /** The timed parts that stood on the screen while it ran. */
  protected final Set<String> parts = new HashSet<>();

  @BeforeEach
  void anEmptyHouse() {
    house = new RoutineHouse(app);
  }

  protected int taps() {
    return taps;
  }

  protected void tap(String css) {
    browser.click(css);
    taps++;
  }

  /** Sets one part of the routine by hand. */
  protected void set(String which, String words) {
    new Select(browser.see("[data-set='" + which + "']")).selectByVisibleText(words);
    taps++;
  }

  /** Opens what can be changed of the load. */
  protected void change() {
    browser.fold("change");
  }

  /** Chooses a method, a temperature, or a machine. */
  protected void choose(String value) {
    tap("#fold-change [data-choice='" + value + "']");
    browser.see("#fold-change [data-choice='" + value + "'][aria-checked=true]");
    browser.settled();
  }

  /** Keeps what is set as a method of one's own. */
  protected void keepAs(String name) {
    browser.click("[data-row='Save as my method'] button");
    browser.type("[data-own-name]", name);
    browser.click("[data-own-keep]");
    browser.see("[data-choice^='own-'][aria-checked=true]");
    browser.gone("[data-changes]");
  }

  /** Goes from a full pail to the plan of its wash. */
  protected void washNow(String pail) {
    taps = 0;
    browser.open("/gather");
    tap("[data-pail='" + pail + "']");
    browser.see("[data-pail='" + pail + "'][aria-pressed=true]");
    tap("[data-wash-now]");
    browser.see("[data-verdicts]");
    browser.settled();
  }

  /** Reads the checks, of which there are few, meets no stop, and starts. */
  protected JsonNode start() {
    browser.settled();
    assertThat(browser.visible("[data-strength=STOP]")).isEmpty();
    int checks = browser.visible("[data-checks] input").size();
    assertThat(checks).isLessThanOrEqualTo(MOST_CHECKS);
    browser.tick("[data-checks] input");
    taps += checks;
    tap("button[data-main]");
    browser.see("[data-running-title]");
    return app.get("/api/v1/rounds/running").json().get("round");
  }

  /** Ticks off every step, each after its time, and says at the end that all is well. */
  protected void runAndJudge() {
    String title = browser.see("[data-running-title]").getText();
    while (true) {
      JsonNode round = app.get("/api/v1/rounds/running").json().get("round");
      int number = round.get("currentStep").asInt();
      JsonNode steps = round.at("/plan/steps");
      round.get("stages").forEach(s -> parts.add(s.get("words").asString()));
      if (!round.get("stages").isEmpty()) {
        browser.see("[data-stages]", round.at("/stages/0/words").asString());
      }
      app.forward(Duration.ofMinutes(steps.get(number - 1).get("minutes").asInt()));
      // Whoever comes back looks anew; what the page hears by itself would move what is tapped.
      browser.reload();
      browser.settled();
      if (number == steps.size()) {
        for (WebElement fresh : browser.visible("[data-judgement=SMELL] [data-answer=fresh]")) {
          fresh.click();
          taps++;
          browser.see("[data-judgement=SMELL] [data-answer=fresh][aria-pressed=true]");
        }
        tap("button[data-main]");
        browser.see("h1", "drying");
        return;
      }
      tap("button[data-main]");
      String before = title;
      title = browser.text("[data-running-title]", now -> !now.equals(before));
    }
  }

  /** Takes in what is dry, trip by trip, until nothing hangs. */
  protected void dry() {
    for (Duration waited = Duration.ZERO;
        !app.get("/api/v1/drying").json().get("groups").isEmpty();
        waited = waited.plusHours(3)) {
      assertThat(waited).isLessThan(LONGEST_DRYING);
      if (!app.get("/api/v1/drying").json().at("/trips/0/due").asBoolean()) {
        app.forward(Duration.ofHours(3));
        continue;
      }
      browser.open("/dry");
      browser.settled();
      tap("button[data-main]");
      browser.see("[data-message]");
    }
  }

  /** A whole round the second time: few taps to the start, and few in all. */
  protected JsonNode again(String pail, String method) {
    washNow(pail);
    assertThat(browser.see("main").getText()).contains(method);
    JsonNode round = start();
    assertThat(taps).as("taps to the start").isLessThanOrEqualTo(MOST_TAPS_TO_START);
    runAndJudge();
    dry();
    assertThat(taps).as("taps in all").isLessThanOrEqualTo(MOST_TAPS);
    return round;
  }

  /** Ends the first round, fills the pail again, and washes it the second time. */
  protected JsonNode finishAndRepeat(Runnable fill, String pail, String method) {
    runAndJudge();
    dry();
    fill.run();
    return again(pail, method);
  }

  /** So much of a product goes in, in all. */
  protected static void dosed(JsonNode round, String product, double grams) {
    double in = 0;
    for (JsonNode step : round.at("/plan/steps")) {
      for (JsonNode dose : step.get("doses")) {
        in += dose.get("product").asString().equals(product) ? dose.get("grams").asDouble() : 0;
      }
    }
    assertThat(in).as(product).isCloseTo(grams, within(grams * OF_A_DOSE));
  }

  /** The main wash is this warm, and lasts so long until it is rinsed. */
  protected static void washed(JsonNode round, int celsius, int minutes) {
    JsonNode figures = round.at("/plan/figures");
    assertThat(figures.get("temperatureC").asInt()).isEqualTo(celsius);
    double longest = 0;
    for (JsonNode bath : round.at("/plan/baths")) {
      longest = Math.max(longest, washMinutes(bath));
    }
    assertThat(longest).as("minutes").isCloseTo(minutes, within(minutes * OF_A_TIME));
  }

  private static double washMinutes(JsonNode bath) {
    if (!bath.get("type").asString().equals("WASH")) {
      return 0;
    }
    JsonNode profile = bath.get("profile");
    return profile.get(profile.size() - 1).get("minute").asDouble()
        - profile.get(0).get("minute").asDouble();
  }

  /** No more of the worst soil is left than this share. */
  protected static void clean(JsonNode round, double atMost) {
    assertThat(round.at("/plan/figures/soilLeft").asDouble()).isLessThanOrEqualTo(atMost);
  }
}
