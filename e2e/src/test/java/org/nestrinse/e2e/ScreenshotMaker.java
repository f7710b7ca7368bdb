package org.nestrinse.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Makes docs/screenshots anew from the demo data; run by ./nest shots. */
@Tag("shots")
class ScreenshotMaker extends Journey {
  private final Path folder = Path.of(System.getProperty("nest.shots", "target/shots"));

  @Test
  void everyView() throws IOException {
    Files.createDirectories(folder);
    shot("/gather", "gather");
    phone("/gather", "gather-phone");
    night("/gather", "gather-night");
    shot("/dry", "dry");
    phone("/dry", "dry-phone");
    shot("/shelf", "shelf");
    shot("/week", "week");
    shot("/record", "record");
    shot("/record/5", "round");
    browser.open("/set-up/own");
    browser.click("[data-set=pockets]");
    browser.settled();
    browser.picture(folder.resolve("set-up.png"));
    shot("/kit", "kit");
    app.post(
        "/api/v1/record/observations",
        "{\"sign\":\"FEEL\",\"value\":\"greasy\",\"kind\":\"tea towel\"}");
    browser.open("/reset");
    browser.click("[data-take='tea towel']");
    browser.see("[data-plan]");
    browser.settled();
    browser.picture(folder.resolve("reset.png"));
    shot("/sort", "sort");
    sortOneLoad();
    shot("/wash", "wash");
    night("/wash", "wash-night");
    browser.open("/wash");
    browser.click("[data-card]");
    browser.see("[data-wall-card]");
    browser.settled();
    browser.picture(folder.resolve("card.png"));
    browser.open("/wash");
    readChecks();
    browser.click("button[data-main]", "Start this wash");
    browser.see("[data-running-title]");
    browser.click("button[data-main]");
    browser.see("[data-running-title]", "First wash");
    browser.click("button[data-main]");
    browser.see("[data-judgement]");
    shot("/wash", "run");
    phone("/wash", "run-phone");
    german();
  }

  /** The house as a family that speaks German would have it. */
  private void german() throws IOException {
    app.send("PUT", "/api/v1/household/voice", "{\"language\":\"de\"}");
    browser
        .driver()
        .executeScript(
            "localStorage.setItem('nest-rinse-voice',"
                + " JSON.stringify({language: 'de', hardness: 'GERMAN_DEGREES'}))");
    phone("/gather", "gather-german");
  }

  private void shot(String path, String name) throws IOException {
    browser.open(path);
    browser.settled();
    browser.picture(folder.resolve(name + ".png"));
  }

  private void phone(String path, String name) throws IOException {
    browser.viewport(390, 844);
    shot(path, name);
    browser.viewport(1280, 800);
  }

  private void night(String path, String name) throws IOException {
    browser.night(true);
    shot(path, name);
    browser.night(false);
  }
}
