package org.nestrinse.e2e;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;

/** Browsers that journeys use one after the other; each begins in a new tab with nothing kept. */
final class SharedDrivers {
  private static final List<ChromeDriver> IDLE = new ArrayList<>();

  static {
    Runtime.getRuntime().addShutdownHook(new Thread(SharedDrivers::endAll));
  }

  private SharedDrivers() {}

  /** Returns one that nobody uses. */
  static ChromeDriver one() {
    ChromeDriver idle = idle();
    return idle == null ? Browser.start() : idle;
  }

  private static synchronized ChromeDriver idle() {
    return IDLE.isEmpty() ? null : IDLE.remove(0);
  }

  /** Takes one back for the next journey; returns false when it is of no use any more. */
  static boolean takeBack(ChromeDriver driver, String address) {
    try {
      Set<String> used = driver.getWindowHandles();
      driver.switchTo().newWindow(WindowType.TAB);
      String fresh = driver.getWindowHandle();
      for (String tab : used) {
        driver.switchTo().window(tab).close();
      }
      driver.switchTo().window(fresh);
      driver.executeCdpCommand(
          "Storage.clearDataForOrigin", Map.of("origin", address, "storageTypes", "all"));
      driver.executeCdpCommand("Network.clearBrowserCache", Map.of());
    } catch (WebDriverException e) {
      return false;
    }
    synchronized (SharedDrivers.class) {
      return IDLE.add(driver);
    }
  }

  private static synchronized void endAll() {
    IDLE.forEach(ChromeDriver::quit);
  }
}
