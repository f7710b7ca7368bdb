package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.nestrinse.app.running.Lives;
import tools.jackson.databind.json.JsonMapper;

/** From what was seen to a cause, a check, a change and its verdict; and the record as a file. */
@Tag("long")
class JudgeTest extends Journey {

  @Test
  void fromAnAmmoniaMorningToADoseThatIsKept() {
    browser.open("/gather");
    browser.click("[role=tab]", "What I noticed");
    browser.click("[data-first=smells]");
    browser.click("[data-kind='SMELL_WET.ammonia']");
    browser.see("[data-message]", "stings the nose");

    browser.click("[data-message-next]");
    browser.see("[data-says]", "Not enough seen");
    browser.see("[data-cause=UNDER_DOSED]");
    String before = browser.see("[data-cause=UNDER_DOSED] button").getText();
    browser.click("[data-outcome='JAR.grey']");
    browser.text("[data-cause=UNDER_DOSED] button", t -> !t.equals(before));
    browser.see("[data-change=DOSE_UP]", "two rounds in a row");

    washOnce("ammonia");
    browser.open("/record/causes");
    browser.see("[data-says]", "too little detergent");
    browser.click("[data-cause=UNDER_DOSED] button");
    browser.see("[data-why]", "probability");
    browser.see("[data-change=DOSE_UP]", "detergent");
    browser.click("[data-change=DOSE_UP] button");
    browser.see("[data-experiment]", "0 of 3 rounds looked at");
    assertThat(trim()).isGreaterThan(1);

    for (int i = 1; i <= 2; i++) {
      washOnce("fresh");
      browser.open("/record/causes");
      browser.see("[data-experiment]", i + " of 3 rounds looked at");
    }
    washOnce("fresh");
    browser.open("/record/causes");
    browser.see("[data-past-change][data-state=KEPT]", "Gone in all 3 rounds");
    browser.gone("[data-experiment]");
    browser.see("[data-says]", "No problems reported");

    sortOneLoad();
    toTheWash();
    browser.open("/record/causes");
    browser.click("[data-reset-trim]");
    browser.text("[data-trim]", t -> t.contains("× 1.0"));
    assertThat(trim()).isEqualTo(1);
  }

  private double trim() {
    return app.get("/api/v1/household").json().get("trim").asDouble();
  }

  /** A round through the machine, with what a nose tells of it the morning after. */
  private void washOnce(String smell) {
    long pail = pail();
    long kind = Lives.kindId(app, "dish cloth");
    app.post(
        "/api/v1/pails/%d/entries".formatted(pail),
        "{\"kindId\":%d,\"count\":2,\"soil\":\"FOOD\",\"solids\":\"NONE\"}".formatted(kind));
    long load =
        app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(pail)).json().get("id").asLong();
    StringBuilder read = new StringBuilder("\"\"");
    app.post("/api/v1/loads/%d/plan".formatted(load), "{\"school\":\"hot-and-full\"}")
        .json()
        .get("cautions")
        .forEach(c -> read.append(",").append(c.get("key")));
    var round =
        app.post(
                "/api/v1/rounds",
                "{\"loadId\":%d,\"school\":\"hot-and-full\",\"checksRead\":[%s]}"
                    .formatted(load, read))
            .json();
    int steps = round.get("plan").get("steps").size();
    for (int step = 1; step <= steps; step++) {
      app.post("/api/v1/rounds/%d/steps/%d".formatted(round.get("id").asLong(), step), "{}");
    }
    app.post(
        "/api/v1/record/observations",
        "{\"sign\":\"SMELL_WET\",\"value\":\"%s\",\"where\":\"USE\",\"roundId\":%d}"
            .formatted(smell, round.get("id").asLong()));
  }

  private long pail() {
    return Lives.pail(app, "Kitchen bin").get("id").asLong();
  }

  @Test
  void theStoryIsInThePictureAndStretchesAndCostsAreRead() {
    browser.open("/record");
    browser.see("h1", "31 rounds");
    browser.see("[data-column]");
    assertThat(browser.visible("[data-column]")).hasSize(31);
    long lean = app.get("/api/v1/record/story").json().get("rounds").get(13).get("id").asLong();
    browser.click("[data-column='%d']".formatted(lean));
    browser.see("[data-selected]", "Cool and sun");
    browser.click("[data-judge-then]");
    browser.see("[data-says]", "a film from hard water");
    browser.click("[data-now]");
    browser.see("[data-says]", "No problems reported");
    browser.click("[data-page=beside]");
    browser.see("[data-measure=smell]", "better");
    browser.click("[data-page=costs]");
    browser.click("[data-cost='person.Bo'] button");
    browser.see("[data-why]", "one use");
    browser.see("[data-maintenance]", "cool rounds in a row");
    browser.click("[data-page=judge]");
    browser.click("[data-noticed] > summary");
    browser.click("[data-everything]");
    browser.click("[data-tap='SKIN.redness']");
    browser.see("[data-message]", "Ask a doctor");
    browser.see("[data-says]", "doctor");
    assertThat(browser.visible("[data-cause]")).isEmpty();
  }

  @Test
  void theRecordGoesOutAwayAndInAgain(@TempDir Path folder) throws IOException {
    browser.open("/record");
    String all = app.get("/api/v1/record/record.json").body();
    Path file = Files.writeString(folder.resolve("record.json"), all);
    browser.click("[data-page=files]");
    browser.see("[data-record-file]").sendKeys(file.toString());
    browser.see("[data-record-preview]", "nothing changes");
    browser.click("[data-sure]");
    browser.click("[data-wipe]");
    browser.see("[data-message]", "The past is deleted");
    browser.click("[data-page=story]");
    browser.text("h1", t -> t.contains("1 round"));
    browser.click("[data-page=files]");
    browser.see("[data-record-file]").sendKeys(file.toString());
    browser.see("[data-record-preview]", "will be added");
    browser.click("[data-record-keep]");
    browser.click("[data-page=story]");
    browser.text("h1", t -> t.contains("31 rounds"));
    browser.click("[data-page=rounds]");
    browser.see("[data-round]", "bamboo trifolds");
    assertThat(app.get("/api/v1/record/record.json").json().get("observations"))
        .isEqualTo(JsonMapper.shared().readTree(all).get("observations"));

    Path bad = Files.writeString(folder.resolve("bad.csv"), "uid,sign\nx,SUDS\n");
    browser.click("[data-page=files]");
    browser.see("[data-record-file]").sendKeys(bad.toString());
    browser.see("[data-file-error]", "line 2");
  }
}
