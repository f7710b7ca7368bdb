package org.nestrinse.e2e;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** From a number to its reason, from there to how it is estimated, and back. */
@Tag("long")
class WhyPagesTest extends Journey {
  @Test
  void aReasonLeadsToThePageAboutItsModelAndBack() {
    browser.open("/shelf");
    browser.click("[data-cover='DAYS'] button");
    browser.click("[data-why] [data-how-link]");
    browser.see("h1", "How long the clean ones last");
    browser.see("[data-how]", "What waits in pails is not counted");
    browser.click("main button", "Back");
    browser.see("h1", "On the shelf");

    browser.viewport(390, 844);
    browser.click("[data-cover='DAYS'] button");
    browser.click("[role=dialog] [data-how-link]");
    browser.see("h1", "How long the clean ones last");
    browser.gone("[role=dialog]");
  }
}
