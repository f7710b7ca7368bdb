package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.support.ui.Select;

/** Logs of the drum and the plug, a broken file and a good one of each. */
class LogsTest extends Journey {
  @TempDir private Path folder;

  @Test
  void aBrokenLogIsToldLineByLineAndAGoodOneIsPlannedWith() throws IOException {
    browser.open("/kit");
    browser.click("[data-page]", "Machine");
    browser.click("[data-logs-fold] > summary");
    browser.see("[data-logs]");
    choose("[data-log-programme]", "Cottons long");

    file(log("°C", "warm"));
    browser.see("[data-file-error]", "line 21, °C: “warm” should be a number");
    assertThat(browser.visible("[data-log-keep]")).isEmpty();
    file(log("°C", "52"));
    browser.see("[data-finding]", "≠ 52°");
    browser.click("[data-log-keep]");
    browser.see("[data-row='Cottons long']", "reaches 52°");

    choose("[data-log-sort]", "power at the plug");
    choose("[data-log-programme]", "Cottons long");
    file(log("W", "-4"));
    browser.see("[data-file-error]", "line 21, W: “-4”");
    browser.click("[data-pretend-honest]");
    browser.see("[data-finding]", "2000 W");
    browser.click("[data-log-keep]");
    browser.see("[data-row='Cottons long']", "heater 2");
    browser.click("[data-message] button", "Undo");
    browser.text("[data-row='Cottons long']", t -> !t.contains("heater"));
  }

  /** Writes a log that warms to 52 and stays there, with one line as given. */
  private Path log(String unit, String line21) throws IOException {
    StringBuilder text = new StringBuilder("time," + unit + "\n");
    for (int minute = 0; minute < 90; minute++) {
      String value = minute == 19 ? line21 : String.valueOf(Math.min(52, 14 + 2 * minute));
      text.append("%02d:%02d,%s%n".formatted(minute / 60, minute % 60, value));
    }
    return Files.writeString(folder.resolve("log-" + text.hashCode() + ".csv"), text);
  }

  private void file(Path path) {
    browser.see("[data-log-file]").sendKeys(path.toString());
  }

  private void choose(String css, String option) {
    new Select(browser.see(css)).selectByVisibleText(option);
  }
}
