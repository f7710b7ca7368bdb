package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Rectangle;
import org.openqa.selenium.WebElement;

/**
 * On a phone, one thumb: the pegs at the lower edge, Why as a sheet, a running step that fills the
 * screen.
 */
@Tag("long")
class PhoneTest extends Journey {
  private static final int WIDTH = 390;
  private static final int HEIGHT = 844;
  private static final int THUMB_PX = 44;

  @Test
  void aThumbIsEnough() {
    browser.viewport(WIDTH, HEIGHT);
    pegsAtTheLowerEdge();
    whyIsASheet();
    aStepAtATime();
  }

  private void pegsAtTheLowerEdge() {
    browser.open("/gather");
    Rectangle peg = browser.see("[data-peg=sort]").getRect();
    assertThat(peg.getY() + peg.getHeight()).isGreaterThan(HEIGHT - 20);
    assertThat(peg.getHeight()).isGreaterThanOrEqualTo(THUMB_PX);
    browser.click("[data-peg=shelf]");
    browser.see("h1", "On the shelf");
  }

  private void whyIsASheet() {
    assertThat(browser.visible("[data-why]")).isEmpty();
    browser.click("[data-days]");
    browser.see("[role=dialog] [data-why], [role=dialog][data-why], [data-why]", "wanted ready");
    browser.click("[data-why] button", "Close");
    browser.gone("[data-why]");
  }

  private void aStepAtATime() {
    sortOneLoad();
    toTheWash();
    readChecks();
    browser.click("button[data-main]", "Start this wash");
    browser.see("[data-running-title]", "Load the first set");
    WebElement done = browser.see("button[data-main]");
    assertThat(done.getRect().getHeight()).isGreaterThanOrEqualTo(THUMB_PX);
    assertThat(done.getRect().getY() + done.getRect().getHeight()).isLessThan(HEIGHT);
    done.click();
    browser.see("[data-running-title]", "First wash");
  }
}
