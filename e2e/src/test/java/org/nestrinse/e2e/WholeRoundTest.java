package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.WebElement;

/** A carer takes one load from the pail to the shelf and finds it in the record. */
class WholeRoundTest extends Journey {

  @Test
  void fromThePailToTheShelf() {
    gatherAndCorrect();
    sortAndFill();
    compareAndStop();
    wash();
    dry();
    shelf();
    record();
  }

  private void gatherAndCorrect() {
    browser.open("/gather");
    browser.click("[data-pail='Nursery pail']");
    browser.see("[data-pail='Nursery pail'][aria-pressed=true]");
    int before = waiting();
    browser.click("[data-choice=STOOL]");
    browser.click("[data-add='bamboo trifold']");
    browser.see("[data-message]", "1 × bamboo trifold, poo");
    browser.text("h1", t -> t.contains((before + 1) + " pieces"));
    browser.click("[data-message] button", "Undo");
    browser.text("h1", t -> t.contains(before + " pieces"));
    browser.click("[data-add='bamboo trifold']");
    browser.text("h1", t -> t.contains((before + 1) + " pieces"));
    browser.click("[data-entry='bamboo trifold'] button[aria-label$='more']");
    browser.text("h1", t -> t.contains((before + 2) + " pieces"));
    browser.text("[data-peg=gather]", t -> t.contains((before + 2) + " waiting"));
  }

  private int waiting() {
    String head = browser.text("h1", t -> t.matches("(?s).*\\d+ pieces.*"));
    return Integer.parseInt(head.replaceAll("(?s).*?(\\d+) pieces.*", "$1"));
  }

  private void sortAndFill() {
    browser.click("[data-peg=sort]");
    browser.see("[data-wait]", "wool covers tolerate up to 30°");
    browser.click("[data-drum='" + drumWith("bamboo trifold") + "'] [data-accept]");
    browser.see("[data-message]", "One load is ready");
    String full = browser.text("[data-ready] [data-fill]", t -> t.contains("% full"));
    browser.click("button[aria-label='One hand towel less']");
    browser.text("[data-ready] [data-fill]", t -> percent(t) < percent(full));
    browser.click("[data-ready] [data-change] summary");
    browser.click("[data-offer='hand towel'] button[aria-label$='more']");
    browser.text("[data-ready] [data-fill]", t -> t.equals(full));
    browser.see("[data-peg=sort]", "1 load ready");
  }

  private static int percent(String text) {
    return Integer.parseInt(text.replaceAll("\\D", ""));
  }

  private void compareAndStop() {
    browser.click("a[data-wash]");
    browser.see("[data-chart='bath-strip'] svg");
    browser.fold("methods");
    String hot = browser.see("[data-row=germs][data-school=hot-and-full]").getText();
    String cool = browser.see("[data-row=germs][data-school=cool-and-sun]").getText();
    assertThat(hot).contains("✓").isNotEqualTo(cool);
    browser.click("[data-row=residue][data-school=hot-and-full] button");
    browser.see("[data-why]", "dries onto it");
    browser.click("[data-step='2'] button");
    browser.see("[data-why]", "label at this hardness");

    browser.fold("change");
    browser.click("[data-choice='90']");
    browser.see("[role=alert] [data-strength=STOP]", "tolerate 60° at most");
    assertThat(browser.see("button[data-main]").isEnabled()).isFalse();
    browser.click("[data-nearest]");
    browser.gone("[role=alert] [data-strength=STOP]");

    browser.fold("methods");
    browser.see("[data-cannot='hygiene-steam']", "cotton and linen only");
    browser.click("[data-school-row='gentle-skin'] th button");
    browser.see("[data-step='1']", "Load everything");
    browser.see("[data-row=residue][data-school=gentle-skin]", "goal 150");
    browser.fold("change");
    browser.click("[data-choice='sixty-with-sanitiser']");
    browser.see("[data-step]", "sanitising rinse");
    browser.click("[data-choice='cool-and-sun']");
    browser.see("[data-step='2']", "Quick rinse");
    browser.click("[data-choice='hot-and-full']");
    browser.see("[data-step='2']", "Short 38");
  }

  private void wash() {
    readChecks();
    browser.click("button[data-main]", "Start this wash");
    browser.see("[data-running-title]", "Load the first set");
    browser.text("[data-peg=wash]", t -> t.contains("you: Load the first set"));
    browser.click("button[data-main]");
    browser.see("[data-running-title]", "First wash");
    browser.text("[data-peg=wash]", t -> t.contains("min left"));
    browser.click("button", "One step back");
    browser.see("[data-running-title]", "Load the first set");
    tickAll();
  }

  private void dry() {
    openPlaceOf("bamboo trifold");
    browser.see("[data-chart=drying] svg");
    String trifold = "[data-group='bamboo trifold'] ";
    browser.click(trifold + "[data-elsewhere]");
    WebElement trifolds = browser.visible("[data-group='bamboo trifold']").get(0);
    assertThat(trifolds.getText()).contains("sun line").contains("airer indoors");
    browser.click(trifold + "[data-place='airing cupboard']:not([disabled])");
    browser.see("[data-hangs='airing cupboard']", "bamboo trifold");
    browser.click("[data-hangs='airing cupboard']");
    browser.click(trifold + "[data-elsewhere]");
    browser.see(trifold + "[data-place='airing cupboard'][aria-pressed=true]");
    openPlaceOf("pocket shell");
    browser.click("[data-group='pocket shell'] [data-elsewhere]");
    assertThat(
            browser
                .see("[data-group='pocket shell'] [data-dryer='the heat-pump dryer']")
                .isEnabled())
        .isFalse();
    browser.click("[data-hangs='airing cupboard']");
    browser.click(trifold + "[data-elsewhere]");
    browser.click(trifold + "[data-dryer]:not([disabled])");
    browser.see("[data-message]", "lint filter");
    browser.see("[data-hangs='the heat-pump dryer']", "bamboo trifold");
    browser.click("[data-hangs='the heat-pump dryer']");
    browser.click(trifold + "[data-elsewhere]");
    browser.see(trifold + "[data-dryer][aria-pressed=true]", "in it");
    takeEverythingIn();
    browser.see("h1", "Nothing is drying");
    browser.click("[data-message] button", "Undo");
    browser.see("h1", "drying");
    takeEverythingIn();
    browser.see("h1", "Nothing is drying");
  }

  private void shelf() {
    browser.click("[data-peg=shelf]");
    int days = Integer.parseInt(browser.text("[data-days]", t -> t.matches("\\d+")));
    assertThat(days).isGreaterThan(10);
    browser.click("[data-days]");
    browser.see("[data-why]", "wanted ready");
    browser.click("[data-page=stock]");
    browser.see("[data-rhythm-row='DAYS.3']", "days");
    browser.click("[data-rhythm-row='DAYS.3'] button");
    browser.see("[data-why]", "with five more");
    browser.click("[data-clean-parts] summary");
    browser.see("[data-compartment=INSERT]", "bamboo trifold");
  }

  private void record() {
    browser.press("9");
    browser.see("h1", "32 rounds");
    browser.click("[data-page=rounds]");
    browser.click("[data-round] a");
    browser.see("h2", "Doses");
    browser.click("dl button");
    browser.see("[data-why]", "mg/kg");
    browser.type("#note", "Done by the journey");
    browser.click("button", "Save the note");
    browser.see("[data-message]", "The note is saved");
    browser.click("a", "Back to the record");
    browser.click("[data-page=rounds]");
    browser.see("[data-round]", "Done by the journey");
    assertThat(app.get("/api/v1/record/rounds.csv").body()).contains("Done by the journey");
  }
}
