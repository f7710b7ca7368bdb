package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Six households with cloths, towels and pads, each with its own way. */
@Tag("long")
class OtherRoutinesTest extends RoutineJourney {
  @Test
  void sortedMicrofibreWithARevivalSoak() {
    house
        .owns(Map.of("microfibre cloth, general", 24, "glass cloth", 12))
        .has("liquid, unscented", "airer indoors")
        .washesIn("FRONT_LOADER")
        .water(1.5)
        .pail("General cloths", "BASKET")
        .ready();
    house.fill("General cloths", "microfibre cloth, general", 20, "DIRT");
    washNow("General cloths");
    change();
    choose("40");
    set("main.strength", "100 %");
    keepAs("Warm and alone");
    JsonNode round = start();
    dosed(round, "liquid, unscented", 35);
    washed(round, 40, 60);
    clean(round, CLEAN);
    runAndJudge();
    dry();
    house.fill("General cloths", "microfibre cloth, general", 20, "DIRT");
    again("General cloths", "Warm and alone");
  }

  @Test
  void bloodWithASoakPauseTwoPilesAndAChain() {
    house
        .owns(Map.of("sanitary pad, day", 16, "sanitary pad, night", 8))
        .has("grown-up", "powder with enzymes", "oxygen whitener", "airer indoors")
        .washesIn("FRONT_LOADER")
        .water(2)
        .pail("Pads", "DRY_PAIL")
        .ready();
    Runnable full =
        () -> {
          house.fill("Pads", "sanitary pad, day", 12, "BLOOD");
          house.fill("Pads", "sanitary pad, night", 6, "BLOOD");
          app.forward(Duration.ofHours(40));
        };
    full.run();
    washNow("Pads");
    JsonNode round = start();
    dosed(round, "oxygen whitener", 54);
    washed(round, 40, 120);
    clean(round, CLEAN);
    finishAndRepeat(full, "Pads", "Cool then warm");
    assertThat(parts).contains("Pause it, let it soak", "Start it again");
  }

  @Test
  void clothsByHandAfterUse() {
    house
        .owns(Map.of("dish cloth", 8, "microfibre cloth, general", 8))
        .has("liquid, unscented", "airer indoors")
        .washesIn("HAND_BASIN")
        .water(1.5)
        .ready();
    house.fill("Cloth bin", "dish cloth", 3, "FOOD");
    washNow("Cloth bin");
    change();
    set("main.strength", "150 %");
    keepAs("Plenty of suds");
    JsonNode round = start();
    dosed(round, "liquid, unscented", 12);
    clean(round, TRACES);
    runAndJudge();
    dry();
    house.fill("Cloth bin", "dish cloth", 3, "FOOD");
    again("Cloth bin", "Plenty of suds");
  }

  @Test
  void fourBinsAndASoakUpTest() {
    house
        .owns(Map.of("glass cloth", 16, "microfibre cloth, general", 16, "dish cloth", 16))
        .owns(Map.of("microfibre cloth, bathroom", 16))
        .has("liquid, unscented", "powder with enzymes", "airer indoors")
        .washesIn("FRONT_LOADER")
        .water(1.5)
        .pail("Glass", "SORTED_BIN")
        .pail("General", "SORTED_BIN")
        .pail("Bathroom", "SORTED_BIN")
        .pail("Kitchen", "SORTED_BIN")
        .ready();
    house.fill("Glass", "glass cloth", 12, "DIRT");
    house.fill("General", "microfibre cloth, general", 12, "DIRT");
    house.fill("Bathroom", "microfibre cloth, bathroom", 14, "DIRT");
    house.fill("Kitchen", "dish cloth", 10, "FOOD");
    washNow("Bathroom");
    assertThat(browser.see("h1").getText()).contains("bathroom").doesNotContain("glass");
    assertThat(browser.see("main").getText()).doesNotContain("Add small pieces");
    change();
    choose("40");
    set("main.minutes", "2 h");
    set("main.strength", "150 %");
    keepAs("Bins, warm");
    JsonNode round = start();
    dosed(round, "liquid, unscented", 30);
    clean(round, CLEAN);
    runAndJudge();
    dry();

    browser.open("/gather");
    browser.click("[role=tab]", "What I noticed");
    browser.click("[data-first=stiff]");
    browser.click("[data-kind='FEEL.greasy']");
    browser.see("[data-message]");
    browser.open("/record/causes");
    browser.click("[data-outcome='DROP.quick']");
    browser.see("[data-message]");

    house.fill("Bathroom", "microfibre cloth, bathroom", 14, "DIRT");
    again("Bathroom", "Bins, warm");
  }

  @Test
  void steamForSickTowels() {
    house
        .ownsWhite("white bath towel", 8, 0.45, false)
        .ownsWhite("white hand towel", 8, 0.15, true)
        .has("grown-up", "powder with enzymes", "line outdoors")
        .washesIn("FRONT_LOADER")
        .water(2)
        .pail("Sick room", "BASKET")
        .ready();
    Runnable full =
        () -> {
          house.fill("Sick room", "white bath towel", 5, "VOMIT");
          house.fill("Sick room", "white hand towel", 6, "VOMIT");
        };
    full.run();
    washNow("Sick room");
    change();
    choose("hygiene-steam");
    JsonNode round = start();
    dosed(round, "powder with enzymes", 65);
    washed(round, 90, 100);
    clean(round, CLEAN);
    finishAndRepeat(full, "Sick room", "Hygiene steam");
  }

  @Test
  void aSimmerPotForTwoBatchesWithSudsAsAClue() {
    house
        .owns(Map.of("tea towel", 14))
        .has("washing soda", "powder with enzymes", "line outdoors")
        .washesIn("FRONT_LOADER")
        .water(2)
        .ready();
    simmer();
    dry();
    assertThat(simmer()).isLessThanOrEqualTo(25);
  }

  private int simmer() {
    int before = taps();
    browser.open("/reset");
    tap("[data-anyway]");
    new org.openqa.selenium.support.ui.Select(browser.see("[data-recipe]"))
        .selectByValue("SIMMER_POT");
    browser.type("[data-count='tea towel']", "10");
    browser.see("[data-plan]", "2 batches");
    browser.see("[data-amount]", "tablespoons");
    browser.tick("[data-plan] [data-strength=CHECK] input");
    tap("[data-begin]");
    while (browser.visible("[data-past-reset]").isEmpty()) {
      String title = browser.see("[data-reset-title]").getText();
      tap(title.startsWith("Take them out") ? "[data-water=suds]" : "[data-reset-done]");
      if (title.equals("Hang them")) {
        break;
      }
      browser.text("[data-reset-title]", now -> !now.equals(title));
    }
    browser.see("[data-past-reset]", "suds");
    return taps() - before + 4;
  }
}
