package org.nestrinse.e2e;

import java.io.File;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptException;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** Headless Chromium as a person uses it: it waits for what should appear, and never for a time. */
final class Browser implements AutoCloseable {
  private static final Duration PATIENCE = Duration.ofSeconds(45);
  private static final Duration BETWEEN_LOOKS = Duration.ofMillis(40);

  /** Calls done with what look returns, once that is something, or after a while with nothing. */
  private static final String WATCH =
      """
      const done = arguments[arguments.length - 1]
      const [css, wanted, toClick] = arguments
      const visible = () => [...document.querySelectorAll(css)].filter((e) => e.checkVisibility())
      const words = (e) => (e.innerText ?? e.textContent).replaceAll('\\u00a0', ' ').trim()
      const watch = (look, otherwise) => {
        const end = performance.now() + 1000
        let over = false
        const tell = () => {
          if (over) return
          const found = look()
          if (found === undefined && performance.now() < end) return
          over = true
          observer.disconnect()
          clearInterval(timer)
          done(found === undefined ? otherwise() : found)
        }
        const observer = new MutationObserver(tell)
        const timer = setInterval(tell, 200)
        observer.observe(document, {
          subtree: true, childList: true, attributes: true, characterData: true })
        tell()
      }
      """;

  private static final String WATCH_FIRST =
      """
      watch(() => {
        const found = visible().find((e) =>
          (wanted === null || words(e).includes(wanted)) && !(toClick && e.disabled))
        if (found && toClick) found.scrollIntoView({ block: 'center' })
        return found
      }, () => null)
      """;

  private static final String WATCH_GONE =
      "watch(() => visible().length === 0 || undefined, () => false)";

  private static final String WATCH_TEXTS =
      """
      const texts = () => visible().map(words)
      const before = JSON.stringify(wanted)
      watch(() => {
        const now = texts()
        return JSON.stringify(now) === before ? undefined : now
      }, texts)
      """;

  private static final String LANGUAGE = System.getProperty("nest.browser.language", "en");
  private static final int WIDTH = 1280;
  private static final int HEIGHT = 800;

  private final ChromeDriver driver;
  private final String address;
  private final boolean shared;

  /**
   * Opens one that has kept nothing.
   *
   * @param address of the application
   * @param more arguments for its start
   */
  Browser(String address, String... more) {
    this.address = address;
    shared = more.length == 0;
    driver = shared ? SharedDrivers.one() : start(more);
    viewport(WIDTH, HEIGHT);
  }

  /** Starts Chromium. */
  static ChromeDriver start(String... more) {
    ChromeOptions options = new ChromeOptions();
    options.setBinary(System.getProperty("nest.chromium", "/usr/bin/chromium"));
    options.addArguments(
        "--headless=new",
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--disable-dev-shm-usage",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--hide-scrollbars",
        // English of no land: metric measures and 24 hours.
        "--accept-lang=" + LANGUAGE,
        "--lang=" + LANGUAGE,
        "--window-size=" + WIDTH + "," + HEIGHT);
    options.addArguments(more);
    ChromeDriverService service =
        new ChromeDriverService.Builder()
            .usingDriverExecutable(
                new File(System.getProperty("nest.chromedriver", "/usr/bin/chromedriver")))
            .build();
    return new ChromeDriver(service, options);
  }

  ChromeDriver driver() {
    return driver;
  }

  /** Sets the size of the page itself. */
  void viewport(int width, int height) {
    driver.executeCdpCommand(
        "Emulation.setDeviceMetricsOverride",
        Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", width < 500));
  }

  void open(String path) {
    driver.get(address + path);
  }

  /** Keeps this page from reaching what matches, as a weak line in the house does. */
  void block(String address) {
    driver.executeCdpCommand("Network.enable", Map.of());
    driver.executeCdpCommand("Network.setBlockedURLs", Map.of("urls", List.of(address)));
  }

  void reload() {
    driver.navigate().refresh();
  }

  /** Chooses the theme as a person's device keeps it. */
  void night(boolean night) {
    ((JavascriptExecutor) driver)
        .executeScript(
            "localStorage.setItem('nest-rinse-theme', arguments[0])", night ? "dark" : "light");
  }

  /** Returns the first visible element that matches, once it is there. */
  WebElement see(String css) {
    return first("sees " + css, css, null, false);
  }

  /** Waits until some visible element that matches has this text in it, and returns it. */
  WebElement see(String css, String text) {
    return first("sees “" + text + "” in " + css, css, text, false);
  }

  /** Waits until nothing visible matches. */
  void gone(String css) {
    await(
        "sees no " + css, () -> Boolean.TRUE.equals(watch(WATCH_GONE, css)) ? Boolean.TRUE : null);
  }

  /** Waits until the text of an element satisfies the condition, and returns that text. */
  String text(String css, Predicate<String> condition) {
    List<Object> before = new ArrayList<>();
    return await(
        "reads " + css,
        () -> {
          List<?> now = (List<?>) watch(WATCH_TEXTS, css, before);
          before.clear();
          before.addAll(now);
          return now.stream().map(String::valueOf).filter(condition).findFirst().orElse(null);
        });
  }

  void click(String css) {
    clicked("clicks " + css, css, null);
  }

  void click(String css, String text) {
    clicked("clicks “" + text + "”", css, text);
  }

  /** The element is in sight of the click when it comes. */
  private void clicked(String what, String css, @Nullable String text) {
    await(
        what,
        () -> {
          first(what, css, text, true).click();
          return Boolean.TRUE;
        });
  }

  private WebElement first(String what, String css, @Nullable String text, boolean toClick) {
    return await(what, () -> (WebElement) watch(WATCH_FIRST, css, text, toClick));
  }

  /**
   * Lets the page itself look, at once and whenever something in it changes: asking it again and
   * again from outside takes more of a small machine than all the rest.
   */
  private Object watch(String until, Object... values) {
    try {
      return driver.executeAsyncScript(WATCH + until, values);
    } catch (JavascriptException leftThePage) {
      return null;
    }
  }

  /** Opens what stands behind the plan of a wash: other methods, changes, questions. */
  void fold(String which) {
    if (!"true".equals(see("[data-fold=" + which + "]").getAttribute("aria-expanded"))) {
      click("[data-fold=" + which + "]");
    }
    see("#fold-" + which);
  }

  /** Ticks every box that matches and is not ticked yet. */
  void tick(String css) {
    for (WebElement box : visible(css)) {
      ((JavascriptExecutor) driver)
          .executeScript("arguments[0].scrollIntoView({block:'center'})", box);
      if (!box.isSelected()) {
        box.click();
      }
    }
  }

  /** Replaces what stands in a field. */
  void type(String css, String text) {
    WebElement field = see(css);
    ((JavascriptExecutor) driver)
        .executeScript("arguments[0].scrollIntoView({block:'center'})", field);
    field.sendKeys(Keys.chord(Keys.CONTROL, "a"), text);
  }

  /** Presses keys wherever the focus is. */
  void press(CharSequence... keys) {
    new Actions(driver).sendKeys(keys).perform();
  }

  /** Presses a key until some visible element that matches has the focus. */
  void walkTo(String css, CharSequence key) {
    await(
        "walks to " + css,
        () -> {
          Object there =
              ((JavascriptExecutor) driver)
                  .executeScript(
                      "return document.activeElement?.matches(arguments[0]) ?? false", css);
          if (Boolean.TRUE.equals(there)) {
            return Boolean.TRUE;
          }
          press(key);
          return null;
        });
  }

  @SuppressWarnings("unchecked")
  List<WebElement> visible(String css) {
    return (List<WebElement>)
        ((JavascriptExecutor) driver)
            .executeScript(
                "return [...document.querySelectorAll(arguments[0])].filter(e => e.checkVisibility())",
                css);
  }

  /** Waits until the page has come to rest: data shown, fonts there, nothing moving. */
  void settled() {
    see("h1, [data-running]");
    await(
        "settles",
        () ->
            ((JavascriptExecutor) driver)
                    .executeScript(
                        """
                        return document.fonts.status === 'loaded'
                          && document.getAnimations().length === 0
                          && !document.querySelector('[data-loading]')
                          && document.querySelector('main').dataset.awaited === '0'
                          && [...document.querySelectorAll('[data-peg]')]
                               .every((peg) => !peg.textContent.includes('…'))
                        """)
                    .equals(true)
                ? Boolean.TRUE
                : null);
  }

  /** Keeps a picture of the page. */
  void picture(Path file) throws java.io.IOException {
    java.nio.file.Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
  }

  private <T> T await(String what, java.util.function.Supplier<T> condition) {
    return new WebDriverWait(driver, PATIENCE, BETWEEN_LOOKS)
        .ignoring(StaleElementReferenceException.class)
        .ignoring(org.openqa.selenium.ElementClickInterceptedException.class)
        .withMessage(() -> "the person " + what + "; page says: " + shortened())
        .until(d -> condition.get());
  }

  private String shortened() {
    String text = driver.findElement(By.tagName("body")).getText();
    return text.length() > 1500 ? text.substring(0, 1500) + "…" : text;
  }

  @Override
  public void close() {
    if (!shared || !SharedDrivers.takeBack(driver, address)) {
      driver.quit();
    }
  }
}
