package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Nine households with nappies and baby clothes, each with its own way. */
@Tag("long")
class NappyRoutinesTest extends RoutineJourney {
  @Test
  void everySecondDayColdAndSunny() {
    house
        .owns(Map.of("pocket shell", 20, "bamboo trifold", 20, "cotton wipe", 30))
        .has("baby", "powder with enzymes", "line outdoors")
        .washesIn("FRONT_LOADER")
        .water(1.5)
        .usually("cool-and-sun")
        .ready();
    Runnable twoDays =
        () -> {
          house.fill("Pail", "pocket shell", 10, "WET");
          house.fill("Pail", "bamboo trifold", 8, "WET");
          house.fill("Pail", "bamboo trifold", 2, "STOOL");
          house.fill("Pail", "cotton wipe", 14, "STOOL");
          app.forward(Duration.ofHours(24));
        };
    twoDays.run();
    washNow("Pail");
    JsonNode round = start();
    dosed(round, "powder with enzymes", 20);
    washed(round, 40, 60);
    clean(round, CLEAN);
    finishAndRepeat(twoDays, "Pail", "Cool and sun");
  }

  @Test
  void babyClothesTwoHoursAtForty() {
    house
        .owns(Map.of("baby vest", 10, "sleepsuit", 10, "muslin", 10, "bib, terry", 8))
        .has("baby", "powder without enzymes", "airer indoors")
        .washesIn("FRONT_LOADER")
        .water(2)
        .usually("gentle-skin")
        .pail("Baby basket", "BASKET")
        .ready();
    Runnable full =
        () -> {
          house.fill("Baby basket", "baby vest", 9, "MILK");
          house.fill("Baby basket", "sleepsuit", 9, "MILK");
          house.fill("Baby basket", "muslin", 9, "MILK");
          house.fill("Baby basket", "bib, terry", 7, "FOOD");
        };
    full.run();
    washNow("Baby basket");
    JsonNode round = start();
    dosed(round, "powder without enzymes", 60);
    washed(round, 40, 120);
    clean(round, CLEAN);
    finishAndRepeat(full, "Baby basket", "Gentle skin");
  }

  @Test
  void aHotFullCapWithTheFamilysClothesAndThirstyNaps() {
    house
        .owns(Map.of("hemp insert", 14, "muslin flat nappy", 24, "sleepsuit", 10))
        .has("baby", "powder with enzymes", "oxygen whitener", "airer indoors")
        .washesIn("FRONT_LOADER")
        .hasDryer()
        .water(2)
        .ready();
    Runnable full =
        () -> {
          house.fill("Pail", "hemp insert", 10, "WET");
          house.fill("Pail", "muslin flat nappy", 14, "WET");
          house.fill("Pail", "sleepsuit", 8, "FOOD");
        };
    full.run();
    washNow("Pail");
    change();
    set("first.celsius", "60°");
    set("first.detergentShare", "100 %");
    keepAs("As hot as it goes");
    JsonNode round = start();
    dosed(round, "powder with enzymes", 120);
    washed(round, 60, 120);
    clean(round, CLEAN);
    finishAndRepeat(full, "Pail", "As hot as it goes");
  }

  @Test
  void sanitiserAtSixtyWithLinersInTurn() {
    house
        .owns(Map.of("cotton fitted nappy", 16, "mesh pail liner", 2, "cotton wipe", 20))
        .has("baby", "powder without enzymes", "sanitising rinse", "airer indoors")
        .washesIn("FRONT_LOADER")
        .hasDryer()
        .water(2)
        .usually("sixty-with-sanitiser")
        .ready();
    Runnable full =
        () -> {
          house.fill("Pail", "cotton fitted nappy", 10, "WET");
          house.fill("Pail", "cotton fitted nappy", 3, "STOOL");
          house.fill("Pail", "mesh pail liner", 1, "WET");
          house.fill("Pail", "cotton wipe", 12, "STOOL");
        };
    full.run();
    washNow("Pail");
    JsonNode round = start();
    dosed(round, "powder without enzymes", 60);
    dosed(round, "sanitising rinse", 30);
    washed(round, 60, 120);
    clean(round, CLEAN);
    finishAndRepeat(full, "Pail", "Sixty with sanitiser");
  }

  @Test
  void aBucketAndAPlunger() {
    house
        .owns(Map.of("muslin flat nappy", 20, "laminate cover", 5))
        .has("baby", "powder with enzymes", "line outdoors")
        .washesIn("BUCKET")
        .water(2)
        .ready();
    Runnable full =
        () -> {
          house.fill("Pail", "muslin flat nappy", 6, "WET");
          house.fill("Pail", "muslin flat nappy", 1, "STOOL");
          house.fill("Pail", "laminate cover", 2, "WET");
          app.forward(Duration.ofHours(12));
        };
    full.run();
    washNow("Pail");
    JsonNode round = start();
    dosed(round, "powder with enzymes", 8);
    clean(round, TRACES);
    finishAndRepeat(full, "Pail", "Bucket and plunge");
    assertThat(parts).contains("Plunge", "Let it soak", "Rinse and plunge", "Wring out");
  }

  @Test
  void dailyATinyConcentrateFinishedInTheDryer() {
    house
        .owns(Map.of("bamboo trifold", 16, "pocket shell", 16))
        .has("baby", "concentrate", "powder with enzymes", "airer indoors")
        .washesIn("FRONT_LOADER")
        .hasDryer()
        .water(1)
        .usually("daily-concentrate")
        .ready();
    Runnable full =
        () -> {
          house.fill("Pail", "bamboo trifold", 6, "WET");
          house.fill("Pail", "bamboo trifold", 2, "STOOL");
          house.fill("Pail", "pocket shell", 7, "WET");
          app.forward(Duration.ofHours(16));
        };
    full.run();
    washNow("Pail");
    JsonNode round = start();
    dosed(round, "concentrate", 5);
    washed(round, 30, 60);
    clean(round, TRACES);
    finishAndRepeat(full, "Pail", "Daily concentrate");
  }

  @Test
  void leanPowderAsHotAsAllowed() {
    house
        .owns(Map.of("microfibre insert", 18, "pocket shell", 18, "cotton wipe", 20))
        .has("baby", "powder without enzymes", "citrate softener salt", "airer indoors")
        .washesIn("FRONT_LOADER")
        .water(3)
        .ready();
    Runnable full =
        () -> {
          house.fill("Pail", "microfibre insert", 12, "WET");
          house.fill("Pail", "pocket shell", 12, "WET");
          house.fill("Pail", "cotton wipe", 12, "STOOL");
          app.forward(Duration.ofHours(24));
        };
    full.run();
    washNow("Pail");
    change();
    set("first.before", "cold rinse");
    set("main.strength", "50 %");
    keepAs("Lean and hot");
    JsonNode round = start();
    dosed(round, "powder without enzymes", 25);
    washed(round, 60, 120);
    clean(round, CLEAN);
    finishAndRepeat(full, "Pail", "Lean and hot");
  }

  @Test
  void alternateDaysWithWhitesAndAHotTowelDay() {
    house
        .owns(Map.of("muslin flat nappy", 24, "laminate cover", 6, "hand towel", 14))
        .owns(Map.of("baby vest", 12, "bath towel", 6))
        .has("baby", "powder with enzymes", "line outdoors")
        .washesIn("FRONT_LOADER")
        .water(2)
        .usually("alternate-days")
        .ready();
    Runnable full =
        () -> {
          house.fill("Pail", "muslin flat nappy", 11, "WET");
          house.fill("Pail", "muslin flat nappy", 2, "STOOL");
          house.fill("Pail", "laminate cover", 4, "WET");
          house.fill("Pail", "baby vest", 10, "DIRT");
          app.forward(Duration.ofHours(24));
        };
    full.run();
    washNow("Pail");
    change();
    choose("40");
    JsonNode round = start();
    dosed(round, "powder with enzymes", 50);
    washed(round, 40, 120);
    clean(round, CLEAN);
    runAndJudge();
    dry();
    full.run();
    washed(again("Pail", "Alternate days"), 40, 120);

    house.fill("Pail", "bath towel", 5, "DIRT");
    house.fill("Pail", "hand towel", 12, "DIRT");
    washNow("Pail");
    change();
    choose("60");
    washed(start(), 60, 120);
  }

  @Test
  void aStrongDoseWithBulkGatheredInTheHouse() {
    house
        .owns(Map.of("cotton prefold", 20, "laminate cover", 5, "hand towel", 24))
        .has("baby", "powder with enzymes", "line outdoors")
        .washesIn("FRONT_LOADER")
        .water(2)
        .ready();
    Runnable full =
        () -> {
          house.fill("Pail", "cotton prefold", 10, "WET");
          house.fill("Pail", "cotton prefold", 3, "STOOL");
          house.fill("Pail", "laminate cover", 4, "WET");
          app.forward(Duration.ofHours(30));
        };
    full.run();
    washNow("Pail");
    tap("[data-fill-with='hand towel']");
    browser.see("[data-message]", "hand towel");
    change();
    set("first.detergentShare", "100 %");
    set("main.strength", "120 %");
    keepAs("Strong and filled up");
    JsonNode round = start();
    assertThat(round.at("/plan/steps").toString()).contains("hand towels");
    dosed(round, "powder with enzymes", 130);
    washed(round, 60, 120);
    clean(round, CLEAN);
    finishAndRepeat(full, "Pail", "Strong and filled up");
  }
}
