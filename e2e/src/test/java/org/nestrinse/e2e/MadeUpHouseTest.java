package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import org.openqa.selenium.By;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A newcomer looks around in the made-up house, tries something there, and goes home again. */
@Tag("long")
class MadeUpHouseTest {
  private static final Duration FURNISHED_WITHIN = Duration.ofMinutes(5);

  @Test
  void lookAroundTryAndGoHome() {
    try (RunningApp app = RunningApp.besideThePacked(DemoApp.MOMENT);
        Browser browser = new Browser(app.address())) {
      browser.open("/gather");
      browser.see("main", "Set up your house first");
      browser.click("[data-other-house]");
      browser.see("[data-furnishing]", "being set up");
      browser.see("[data-made-up]", "made up");
      new WebDriverWait(browser.driver(), FURNISHED_WITHIN)
          .until(
              ExpectedConditions.invisibilityOfElementLocated(By.cssSelector("[data-furnishing]")));
      browser.see("main", "Nursery pail");

      browser.open("/made-up/wash");
      browser.click("nav a[href='/made-up/gather']");
      browser.click("main button", "tea towel");
      browser.see("[data-message]");
      browser.reload();
      browser.see("header", "Tern House");

      browser.click("[data-other-house]", "Back to your own");
      browser.see("[data-set-up=who]");
      browser.gone("[data-made-up]");
      assertThat(app.get("/api/v1/kinds").json()).isEmpty();
      assertThat(app.get("/api/v1/gather").body()).doesNotContain("tea towel");

      // In again in one tap: it is furnished once only.
      browser.click("[data-other-house]");
      browser.see("main", "Nursery pail");
    }
  }
}
