package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.OwnPieces;
import org.nestrinse.app.running.RunningApp;
import org.openqa.selenium.support.ui.Select;

/** Everything that the safety rules forbid, tried once by hand in the browser. */
@Tag("long")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SafetyTest {
  private RunningApp app;
  private Browser browser;
  private OwnPieces own;

  @BeforeAll
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
    own = new OwnPieces(app);
    own.kind("white rag", "CLOTH", "HOUSE", "COTTON", "PALE");
    own.product("soft rinse", "SOFTENER", "LIQUID", "");
    own.product("clear descaler", "ACID", "LIQUID", ",\"stated\":[]");
    own.product("hand liquid", "DETERGENT", "LIQUID", "");
    own.product(
        "sanitising powder",
        "SANITISER",
        "POWDER",
        ",\"claim\":{\"log\":9,\"minMlPerL\":3,\"minMinutes\":10,\"minC\":30}");
    browser = new Browser(app.address());
  }

  @AfterAll
  void stop() {
    browser.close();
    app.close();
  }

  /** Opens the wash with a load of its own: pieces of the demo or a kind made for it. */
  private void wash(String kind, String soil, boolean newborn, String method) {
    long of =
        switch (kind) {
          case "dark" -> own.kind("navy rag " + soil, "CLOTH", "HOUSE", "COTTON", "DARK");
          case "microfibre" -> own.kind("shine " + soil, "CLOTH", "GLASS", "MICROFIBRE", "PALE");
          case "vest" -> own.kind("vest " + System.nanoTime(), "CLOTHES", "BODY", "COTTON", "PALE");
          case "towel" -> own.kind("towel " + System.nanoTime(), "TOWEL", "BODY", "COTTON", "PALE");
          default -> own.kind("rag " + System.nanoTime(), "CLOTH", "HOUSE", "COTTON", "PALE");
        };
    Long person =
        newborn ? Long.valueOf(own.person("Wren " + System.nanoTime(), false, true)) : null;
    browser.open("/wash?load=" + own.load(of, 20, soil, person));
    browser.fold("change");
    browser.click("[data-choice='%s']".formatted(method));
    browser.see("[data-choice='%s'][aria-checked=true]".formatted(method));
  }

  private void putIn(String product, String where, int ml) {
    browser.fold("more");
    browser.click("[data-row='Add something else'] button");
    new Select(browser.see("[data-besides-product]")).selectByVisibleText(product);
    new Select(browser.see("[data-besides-where]")).selectByValue(where);
    browser.type("[data-besides-ml]", String.valueOf(ml));
    browser.click("[data-besides-add]");
  }

  @ParameterizedTest
  @CsvSource({
    "dark, DIRT, false, FIRST_WASH, chlorine-dye",
    "white, VOMIT, false, FIRST_WASH, chlorine-ammonia",
    "vest, MILK, true, FIRST_WASH, chlorine-newborn",
    "white, DIRT, false, LAST_RINSE, chlorine-last"
  })
  void chlorineIsStopped(String kind, String soil, boolean newborn, String where, String caution) {
    wash(kind, soil, newborn, "hot-and-full");
    putIn("chlorine bleach 4 %", where, 20);
    browser.see("[role=alert] [data-caution=%s][data-strength=STOP]".formatted(caution));
    assertThat(browser.see("button[data-main]").isEnabled()).isFalse();
  }

  @Test
  void chlorineByHandNeedsGlovesAndTwoRinses() {
    wash("white", "DIRT", false, "bucket-and-plunge");
    putIn("chlorine bleach 4 %", "MAIN_WASH", 20);
    browser.see("[data-caution=chlorine-rinses][data-strength=STOP]", "Two full rinses");
    browser.see("[data-caution=chlorine-care][data-strength=CHECK]", "Wear gloves");
    assertThat(browser.see("button[data-main]").isEnabled()).isFalse();
  }

  @Test
  void bleachWithAnAcidThatStatesNothingIsStopped() {
    wash("white", "DIRT", false, "hot-and-full");
    putIn("chlorine bleach 4 %", "FIRST_WASH", 20);
    browser.see("[data-caution=chlorine-care]");
    new Select(browser.see("[data-besides-product]")).selectByVisibleText("clear descaler");
    browser.click("[data-besides-add]");
    browser.see("[role=alert] [data-caution=chlorine-acid][data-strength=STOP]");
  }

  @ParameterizedTest
  @CsvSource({
    "microfibre, GREASE, false, no longer grabs",
    "vest, MILK, true, newborn",
    "towel, DIRT, false, water run off"
  })
  void softenerMustBeReadOfFirst(String kind, String soil, boolean newborn, String says) {
    wash(kind, soil, newborn, "gentle-skin");
    putIn("soft rinse", "LAST_RINSE", 30);
    browser.see("[data-caution=softener][data-strength=CHECK]", says);
    browser.see("[data-caution=softener][data-strength=CHECK]", "mg/kg");
    assertThat(browser.see("button[data-main]").isEnabled()).isFalse();
  }

  @Test
  void aSanitiserThatStaysOnSkinIsCounted() {
    wash("towel", "DIRT", false, "hot-and-full");
    putIn("sanitising rinse", "LAST_RINSE", 40);
    browser.see("[data-caution=stays-in][data-strength=CHECK]", "mg/kg");
  }

  @Test
  void aSanitiserPowderGoesIntoTheMainDrawer() {
    wash("towel", "DIRT", false, "sixty-with-sanitiser");
    browser.click("[data-card]");
    String card = browser.see("[data-wall-card]", "sanitising powder").getText();
    assertThat(card).doesNotContain("sanitising powder into the softener drawer");
  }

  @Test
  void moreThanTheLabelAllowsByHandIsStopped() {
    wash("white", "DIRT", false, "bucket-and-plunge");
    putIn("hand liquid", "MAIN_WASH", 300);
    browser.see("[data-caution=above-maximum][data-strength=STOP]", "Its label allows 60 g");
  }

  @Test
  void bloodStraightIntoHeatMustBeReadFirst() {
    wash("towel", "BLOOD", false, "hot-and-full");
    browser.see("[data-caution=protein-heat][data-strength=CHECK]", "cold");
    assertThat(browser.see("button[data-main]").isEnabled()).isFalse();
  }

  @Test
  void tooHotIsStoppedAndItsButtonDoesWhatItSays() {
    wash("towel", "DIRT", false, "hot-and-full");
    browser.click("[data-choice='90']");
    browser.see("[data-caution=too-hot][data-strength=STOP]");
    String button = browser.see("[data-nearest]").getText();
    browser.click("[data-nearest]");
    browser.gone("[data-caution=too-hot]");
    String planned =
        browser
            .see("#fold-change [data-choice][aria-checked=true][data-choice$='0']")
            .getText()
            .replaceAll("\\D", "");
    assertThat(button).contains(planned);
  }

  @Test
  void bleachIsNeverMixedStrongerThanAnythingAtHomeNeeds() {
    browser.open("/kit");
    browser.see("[data-field='cleaner.percent']");
    browser.tick("[data-field=hasCleaner] input");
    browser.type("[data-field='cleaner.percent'] input", "12");
    browser.type("[data-field='cleaner.targetMgL'] input", "50000");
    browser.click("button", "Save");
    browser.see("[data-field='cleaner.targetMgL'] [role=alert]", "5000");
  }

  @Test
  void aProgrammeThatLoggedHotterIsNotTrustedByItsName() {
    long machine = app.get("/api/v1/machines").json().get(0).get("id").asLong();
    StringBuilder log = new StringBuilder("time,°C\\n");
    for (int minute = 0; minute < 150; minute++) {
      double celsius = Math.min(74, 15 + minute * 1.2);
      log.append(
          "2026-05-02T%02d:%02d:00,%.1f\\n".formatted(8 + minute / 60, minute % 60, celsius));
    }
    String logs = "/api/v1/machines/" + machine + "/logs";
    RunningApp.Answer kept =
        app.post(
            logs,
            "{\"sort\":\"TEMPERATURE\",\"programme\":\"Cottons long\",\"chosenC\":60,\"text\":\"%s\",\"keep\":true}"
                .formatted(log));
    assertThat(kept.status()).as(kept.body()).isBetween(200, 201);
    wash("towel", "DIRT", false, "hot-and-full");
    browser.see("[data-step]");
    boolean stopped = browser.see("main").getText().contains("tolerate");
    boolean other = !browser.see("main").getText().contains("Cottons long, at 60");
    assertThat(stopped || other).isTrue();
    app.send("DELETE", logs + "?programme=Cottons%20long", null);
  }

  @Test
  void whatIsSoakedInOilGoesIntoNoDrum() {
    own.kind("workshop rag", "CLOTH", "WORKSHOP", "COTTON", "DARK");
    browser.open("/gather");
    browser.click("[data-pail='Kitchen bin']");
    browser.type("[role=combobox]", "workshop rag");
    browser.click("[role=option]", "workshop rag");
    browser.see("[data-unclear]", "What is on it");
    browser.click("[data-on-it=OIL]");
    browser.see("[data-advice]", "catch fire");
    browser.open("/sort");
    browser.see("main", "catch fire");
    browser.open("/reset");
    browser.see("h1");
    assertThat(browser.see("main").getText()).doesNotContain("simmer pot: workshop rag");
  }
}
