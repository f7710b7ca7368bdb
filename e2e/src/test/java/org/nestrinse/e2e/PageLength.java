package org.nestrinse.e2e;

import java.util.ArrayList;
import java.util.List;

/**
 * Whether a page can be lived with as it opens: two screens on a laptop and three on a phone, the
 * main button in the first of them, nothing to be scrolled sideways, and no drawn word smaller than
 * 11 pixels as it is seen.
 */
final class PageLength {
  private static final int LAPTOP_SCREENS = 2;
  private static final int PHONE_SCREENS = 3;
  private static final int PHONE_WIDTH = 640;

  private static final String SMALL =
      """
      return [...document.querySelectorAll('svg text')]
        .filter((e) => e.checkVisibility() && e.textContent.trim())
        .filter((e) => {
          const seen = e.getScreenCTM();
          const scale = Math.hypot(seen.b, seen.d);
          return parseFloat(getComputedStyle(e).fontSize) * scale < 10.95;
        })
        .slice(0, 3)
        .map((e) => e.textContent.trim())
        .join(', ')
      """;

  private PageLength() {}

  /** Returns what is wrong with the page that is shown; nothing when it is right. */
  static List<String> of(Browser browser) {
    long width = number(browser, "window.innerWidth");
    long height = number(browser, "window.innerHeight");
    long tall = number(browser, "document.documentElement.scrollHeight");
    long wide = number(browser, "document.documentElement.scrollWidth");
    long most = height * (width < PHONE_WIDTH ? PHONE_SCREENS : LAPTOP_SCREENS);
    List<String> wrong = new ArrayList<>();
    if (tall > most) {
      wrong.add(tall + " pixels tall, " + most + " at most");
    }
    if (wide > width) {
      wrong.add("scrolls sideways by " + (wide - width));
    }
    long main =
        number(
            browser,
            "(() => { const e = [...document.querySelectorAll('main [data-main]')]"
                + ".find(m => m.getClientRects().length);"
                + " return e ? Math.round(e.getBoundingClientRect().bottom) : 0 })()");
    if (main > height) {
      wrong.add("its main button ends at " + main);
    }
    String small = (String) browser.driver().executeScript(SMALL);
    if (!small.isEmpty()) {
      wrong.add("drawn too small: " + small);
    }
    return wrong;
  }

  private static long number(Browser browser, String expression) {
    return ((Number) browser.driver().executeScript("return " + expression)).longValue();
  }
}
