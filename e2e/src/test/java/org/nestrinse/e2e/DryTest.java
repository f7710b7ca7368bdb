package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.support.ui.Select;

/** A washing day on the line: rain, fetched in, a damp seam, finished in the dryer. */
@Tag("long")
class DryTest extends Journey {
  private static final String HEAD =
      "time,temperature_c,humidity_percent,wind_ms,irradiance_wm2,rain_mm\n";

  @TempDir private Path folder;

  @Test
  void rainIsSeenComingThingsAreFetchedInAndTheDryerFinishesThem() throws IOException {
    browser.open("/dry");
    browser.see("[data-chart=weather] svg");
    new Select(browser.see("[data-rain-at]")).selectByVisibleText("11:00");
    browser.see("[data-rain]", "Rain from 11:00");
    browser.see("[data-trips]", "bring in");

    browser.click("[data-weather] > summary");
    browser.click("[data-read-weather]");
    file(HEAD + "2026-05-20T09:00,14,60,4,300,0\n2026-05-20T10:00,14,wet,4,100,0\n");
    browser.see(
        "[data-file-error]", "line 3, humidity_percent: “wet” should be between 1 and 100 %");
    assertThat(browser.visible("[data-weather-keep]")).isEmpty();
    file(rainyDay());
    browser.click("[data-weather-keep]");
    browser.see("[data-source]", "forecast read 0 min ago");
    new Select(browser.see("[data-rain-at]")).selectByIndex(0);

    browser.see("[data-trips]", "before the rain");
    app.forward(Duration.ofMinutes(85));
    browser.reload();
    browser.see("[data-trip='1']", "bring in");
    browser.click("button[data-main]");
    browser.see("[data-message]");
    browser.text("[data-trips]", t -> !t.contains("now: carry"));
    openPlaceOf("bamboo trifold");

    String trifold = "[data-group='bamboo trifold'] ";
    String before = browser.see(trifold).getText();
    assertThat(before).doesNotContain("sun line");
    new Select(browser.see(trifold + "[data-damp]")).selectByVisibleText("2");
    browser.click(trifold + "[data-seam]");
    browser.see("[data-message]", "2 still hang");
    browser.see("[data-places]", "2 bamboo trifolds");
    openPlaceOf("bamboo trifold");
    browser.text(trifold.strip(), t -> t.startsWith("2 bamboo trifolds"));
    browser.click(trifold + "[data-elsewhere]");
    browser.click(trifold + "[data-dryer]:not([disabled])");
    browser.gone(trifold.strip());
    openPlaceOf("bamboo trifold");
    browser.click(trifold + "[data-elsewhere]");
    browser.see(trifold + "[data-dryer][aria-pressed=true]", "in it");
    browser.click("[data-compare]");
    browser.click("[data-plan=BEST] button");
    browser.see("[data-why]", "pieces too late for the shelf");
  }

  private static String rainyDay() {
    StringBuilder text = new StringBuilder(HEAD);
    for (int hour = 8; hour < 24; hour++) {
      boolean rains = hour >= 11;
      text.append(
          "2026-05-20T%02d:00,13,%d,4,%d,%s%n"
              .formatted(hour, rains ? 95 : 65, rains ? 40 : 350, rains ? "1.5" : "0"));
    }
    return text.toString();
  }

  private void file(String text) throws IOException {
    Path path = Files.writeString(folder.resolve("weather-" + text.hashCode() + ".csv"), text);
    browser.see("[data-weather-file]").sendKeys(path.toString());
  }
}
