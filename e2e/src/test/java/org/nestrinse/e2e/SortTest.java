package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.WebElement;

/** Sorting by hand: why two stay apart, moving them, setting a rule aside, a look. */
@Tag("long")
class SortTest extends Journey {

  @Test
  void piecesAreExplainedMovedAndLookedAt() throws IOException {
    browser.open("/sort");
    int nappies = drumWith("bamboo trifold");
    int kitchen = drumWith("dish cloth");
    whyTwoStayApart(nappies, kitchen);
    byMenuAndUndone(nappies);
    aHardRuleStands(nappies, kitchen);
    aSoftRuleIsSetAside(nappies);
    theProposalIsAcceptedAndLookedAt(nappies);
  }

  private static String piece(int drum, String kind) {
    return "[data-drum='" + drum + "'] [data-piece='" + kind + "']";
  }

  private void whyTwoStayApart(int nappies, int kitchen) {
    browser.click(piece(kitchen, "dish cloth"));
    browser.click(piece(nappies, "bamboo trifold"));
    browser.see(
        "[data-pair]",
        "what the body, the toilet or the floor soiled must not meet what touches food");
    browser.click("[data-pick-bar] button", "Close");
    browser.gone("[data-pick-bar]");
  }

  private void byMenuAndUndone(int nappies) {
    String before = browser.see("[data-drum='" + nappies + "'] [data-fill]").getText();
    browser.click(piece(nappies, "bed pad"));
    browser.click("[data-move=stays]");
    browser.see("[data-wait]", "You kept it back");
    browser.gone(piece(nappies, "bed pad"));
    browser.click("[data-message] button", "Undo");
    browser.see(piece(nappies, "bed pad"));
    browser.text("[data-drum='" + nappies + "'] [data-fill]", t -> t.equals(before));
  }

  private void aHardRuleStands(int nappies, int kitchen) {
    browser.click(piece(kitchen, "tea towel"));
    browser.click("[data-move='" + nappies + "']");
    browser.see("[data-message]", "Not moved: not with");
    browser.see(piece(kitchen, "tea towel"));
    browser.click("[data-pick-bar] button", "Close");
  }

  private void aSoftRuleIsSetAside(int nappies) {
    browser.click("[data-piece='cot sheet']");
    browser.click("[data-move='" + nappies + "']");
    browser.see("[data-verdict]", "large pieces wrap the small ones");
    browser.click("[data-aside]", "only this once");
    browser.see(piece(nappies, "cot sheet"));
    browser.click("[data-drum='" + nappies + "'] summary");
    browser.see("[data-set-aside]", "only this once");
  }

  private void theProposalIsAcceptedAndLookedAt(int nappies) {
    int loads = browser.visible("[data-drum]").size();
    browser.click("button[data-main]", "Accept all");
    browser.see("[data-message]", loads + " loads are ready");
    browser.see("[data-peg=sort]", loads + " loads ready");
    browser.see("[data-set-aside]", "only this once");
    List<WebElement> ready = browser.visible("[data-ready]");
    assertThat(ready).hasSize(loads);
    String last = "[data-ready][aria-label*='pocket shells']";
    browser.click(last + " [data-change] summary");
    browser.type(last + " [data-field=full]", "60");
    browser.click(last + " button", "Save");
    browser.text(last + " [data-fill]", t -> t.contains("60 % full"));
    browser.click("[data-message] button", "Close");
    while (!browser.visible("[data-ready]").isEmpty()) {
      int before = browser.visible("[data-ready]").size();
      browser.click("[data-ready] button", "Put everything back");
      browser.text("main", t -> browser.visible("[data-ready]").size() < before);
    }
    browser.see("[data-drum='" + nappies + "']");
  }

  @Test
  void aRuleIsSetAsideForGoodAndAskedAgain() {
    browser.open("/sort");
    int nappies = drumWith("bamboo trifold");
    browser.click("[data-piece='cot sheet']");
    browser.click("[data-move='" + nappies + "']");
    browser.click("[data-always]");
    browser.see(piece(nappies, "cot sheet"));
    browser.click("[data-message] button", "Undo");
    browser.see("[data-wait] [data-piece='cot sheet']");
    browser.click("[data-piece='cot sheet']");
    browser.click("[data-move='" + nappies + "']");
    browser.click("[data-always]");
    browser.see(piece(nappies, "cot sheet"));
    browser.click("main details summary", "What must not be washed together");
    browser.see("[data-house-aside=wrapping]", "Set aside in this house");
    browser.click("[data-house-aside=wrapping] button", "Ask again");
    browser.gone("[data-house-aside=wrapping]");
  }

  /** First what waits in the basket, then clean towels; what was taken goes back. */
  @Test
  void aThinDrumIsFilledUpFromTheShelf() {
    browser.open("/gather");
    browser.click("[data-pail='Nursery pail']");
    browser.click("[data-wash-now]");
    browser.see("[data-verdicts]");
    String basket = browser.see("[data-fill-up]").getText();
    while (basket.contains("from the basket")) {
      String before = basket;
      browser.click("[data-fill-with]", "from the basket");
      basket = browser.text("[data-fill-up]", t -> !t.equals(before));
    }
    browser.click("[data-fill-with]", "from the shelf");
    browser.see("[data-message]", "1 hand towel added for the main wash");
    browser.open("/sort");
    browser.see("[data-bulker='hand towel']");
  }

  /** The mornings of core are data that the browser reads too; see {@link MorningsTest}. */
  @Test
  void theMorningsAreThere() throws IOException {
    try (var files = Files.list(Path.of("../core/src/test/resources/mornings"))) {
      assertThat(files.filter(f -> f.toString().endsWith(".txt"))).hasSize(12);
    }
  }
}
