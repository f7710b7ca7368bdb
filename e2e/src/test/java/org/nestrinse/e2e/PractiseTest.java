package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A whole round is practised beside the pretend washer, and nothing of it is kept. */
@Tag("long")
class PractiseTest extends Journey {
  private static final Duration LONGEST = Duration.ofMinutes(2);

  @Test
  void aTwoPartNappyWashWithBulkersIsPractisedInUnderTwoMinutes() {
    int rounds = app.get("/api/v1/record").json().get("total").asInt();
    sortOneLoad();
    toTheWash();
    readChecks();
    long began = System.nanoTime();
    browser.click("[data-practise]");
    browser.see("[data-practice]", "Nothing is kept");
    browser.see("[data-running-title]", "Load the first set");
    browser.click("button[data-main]");
    browser.see("[data-running-title]", "First wash");
    browser.see("[data-washer]", "°");
    // The washer ticks its own step off and waits.
    browser.see("[data-running-title]", "Look, and add the small pieces");
    browser.click("[data-judgement=WATER] [data-answer=clear]");
    browser.see("[data-judgement=WATER] [data-answer=clear][aria-pressed=true]");
    browser.click("[data-judgement=FILL] [data-answer=good]");
    browser.see("[data-judgement=FILL] [data-answer=good][aria-pressed=true]");
    browser.click("button[data-main]");
    browser.see("[data-running-title]", "Main wash");
    browser.see("[data-running-title]", "Take everything out");
    browser.click("[data-judgement=SUDS] [data-answer=yes]");
    browser.see("[data-message]", "Added: Rinse once more");
    browser.see("[data-otherwise]", "Planned");
    browser.see("[data-running-title]", "Take everything out");
    browser.click("button[data-main]");
    browser.see("[data-message]", "Practice finished");
    assertThat(Duration.ofNanos(System.nanoTime() - began)).isLessThan(LONGEST);
    browser.see("[data-practise]");
    assertThat(app.get("/api/v1/record").json().get("total").asInt()).isEqualTo(rounds);
    browser.text("[data-peg=wash]", t -> t.contains("nothing running"));
  }
}
