package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** No view in either theme, large or on a phone, has anything that axe-core finds wrong. */
class AccessibilityTest extends Journey {
  private final List<String> found = new ArrayList<>();
  private int looked;

  @Test
  void noViewHasViolations() {
    for (String view : VIEWS) {
      look(view);
    }
    gather();
    judgeAndReset();
    sortAndWash();
    run();
    kit();
    dryAndWeek();
    assertThat(found).isEmpty();
  }

  private void gather() {
    for (String panel :
        new String[] {"Empty the pail", "Usual days", "New pieces", "Wipes", "What I noticed"}) {
      browser.open("/gather");
      browser.click("[role=tab]", panel);
      browser.see("section h2, [data-saw]");
      analyse("/gather " + panel);
    }
  }

  private void sortAndWash() {
    browser.open("/sort");
    browser.click("[data-drum='1'] [data-piece]");
    browser.see("[data-pick-bar]");
    browser.click("[data-drum='1'] summary");
    analyse("/sort with pieces picked out");
    sortOneLoad();
    look("/sort");
    look("/wash");
    browser.open("/wash");
    browser.click("[data-choice='90']");
    browser.see("[role=alert] [data-strength=STOP]");
    analyse("/wash with a stop");
    browser.open("/wash");
    for (String row :
        new String[] {"Where people disagree", "Which product suits", "Add something else"}) {
      browser.click("[data-row='" + row + "'] button");
    }
    browser.see("[data-effect]");
    browser.click("[data-imitation] summary");
    analyse("/wash with all its choices");
    browser.click("[data-card]");
    browser.see("[data-wall-card]");
    analyse("/card");
  }

  private void run() {
    browser.open("/wash");
    readChecks();
    browser.click("button[data-main]", "Start this wash");
    browser.see("[data-running-title]");
    look("/wash");
    browser.click("button[data-main]");
    browser.see("[data-running-title]", "First wash");
    browser.click("button[data-main]");
    browser.see("[data-judgement]");
    browser.click("[data-hold]");
    browser.click("[data-hand-over]");
    browser.click("[data-events] summary");
    analyse("/wash with questions");
  }

  private void kit() {
    for (String tab :
        new String[] {"People", "Textiles", "Products", "Machine", "Places and pails"}) {
      browser.open("/kit");
      browser.click("[role=tab]", tab);
      browser.see("[data-row] button");
      browser.click("[data-row] button");
      browser.see("form");
      analyse("/kit " + tab);
    }
    browser.open("/kit");
    browser.click("[role=tab]", "Machine");
    browser.click("[data-pretend-short]");
    browser.see("[data-log-preview] svg");
    analyse("/kit with a log");
    browser.click("[role=tab]", "Methods");
    browser.see("dt", "Hot and full");
    analyse("/kit Schools");
  }

  private void dryAndWeek() {
    browser.open("/dry");
    browser.click("[data-elsewhere]");
    browser.click("[data-read-weather]");
    browser.click("[data-pretend-weather]");
    browser.see("[data-weather-preview] button");
    analyse("/dry with a forecast read");
    browser.open("/week");
    browser.click("[data-row='Sunniva'] button");
    browser.see("form");
    analyse("/week with a person");
  }

  private void judgeAndReset() {
    app.post(
        "/api/v1/record/observations",
        "{\"sign\":\"FEEL\",\"value\":\"greasy\",\"kind\":\"tea towel\"}");
    look("/record");
    for (String section : new String[] {"saw", "rounds", "beside", "costs", "files"}) {
      browser.open("/record");
      browser.click("[data-choice=" + section + "]");
      browser.see("main section, main table");
      analyse("/record " + section);
    }
    browser.open("/reset");
    browser.click("[data-take='tea towel']");
    browser.see("[data-plan]");
    analyse("/reset planned");
    browser.tick("[data-plan] [data-strength=CHECK] input");
    browser.click("[data-begin]");
    browser.see("[data-reset-title]");
    look("/reset");
  }

  /** By day, by night and on a phone; in a short run each view in one of these, in turn. */
  private void look(String view) {
    boolean all = Boolean.getBoolean("nest.endure");
    for (int way = 0; way < 3; way++) {
      if (all || way == looked % 3) {
        look(view, way == 1, way == 2);
      }
    }
    looked++;
  }

  private void look(String view, boolean night, boolean phone) {
    browser.open(view);
    browser.night(night);
    if (phone) {
      browser.viewport(390, 844);
    }
    browser.reload();
    browser.settled();
    analyse(view + (night ? " by night" : phone ? " on a phone" : " by day"));
    browser.viewport(1280, 800);
    browser.night(false);
  }

  private void analyse(String where) {
    for (Rule rule : new AxeBuilder().analyze(browser.driver()).getViolations()) {
      rule.getNodes().stream()
          .limit(3)
          .forEach(
              node ->
                  found.add(
                      where + ": " + rule.getId() + " " + node.getTarget() + " " + node.getHtml()));
    }
  }
}
