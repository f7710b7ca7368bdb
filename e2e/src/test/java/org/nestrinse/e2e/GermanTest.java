package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.RunningApp;
import org.openqa.selenium.support.ui.Select;
import tools.jackson.databind.JsonNode;

/** A family whose browser speaks German moves in and types its decimals with a comma. */
@Tag("long")
class GermanTest extends Journey {
  @Override
  @BeforeEach
  void begin() {
    app = RunningApp.empty("2026-05-20T08:00:00Z");
    browser = new Browser(app.address(), "--lang=de", "--accept-lang=de-DE");
  }

  @Override
  @AfterEach
  void end() {
    browser.close();
    app.close();
  }

  @Test
  void theHouseSpeaksGermanFromTheFirstPageOn() {
    browser.open("/gather");
    browser.see("main", "Richte zuerst dein Zuhause ein");
    assertThat(browser.driver().executeScript("return document.documentElement.lang"))
        .isEqualTo("de");
    browser.text("header", t -> t.contains("nichts wartet"));
    JsonNode voice = app.get("/api/v1/household/voice").json();
    assertThat(voice.get("language").asString()).isEqualTo("de");
    assertThat(voice.get("hardness").asString()).isEqualTo("GERMAN_DEGREES");
    hardness();
    coldTap();
    decimals();
    english();
  }

  private void hardness() {
    browser.open("/kit");
    browser.see("[data-field=hardnessMmolL]", "[°dH]");
    browser.type("[data-field=hardnessMmolL] input", "17,4");
    browser.click("form button[type=submit]");
    browser.see("[data-message]", "Gespeichert.");
    assertThat(app.get("/api/v1/household").json().get("hardnessMmolL").asDouble())
        .isBetween(3.102, 3.104);
    browser.type("[data-field=hardnessMmolL] input", "170");
    browser.click("form button[type=submit]");
    browser.see("[data-field=hardnessMmolL] [role=alert]", "erlaubt ist zwischen 0 und 56 °dH");
    browser.type("[data-field=hardnessMmolL] input", "siebzehn");
    browser.click("form button[type=submit]");
    browser.see("[data-field=hardnessMmolL] [role=alert]", "muss eine Zahl sein");
    browser.type("[data-field=hardnessMmolL] input", "17,4");
  }

  private void coldTap() {
    // Anew, so that the message is this one's.
    browser.open("/kit");
    browser.type("[data-field=inletC] input", "54");
    browser.click("form button[type=submit]");
    browser.see("[data-asked]", "Meinst du 54 °F, also 12,2 °C?");
    browser.click("[data-asked] button", "Ja");
    browser.see("[data-message]", "Gespeichert.");
    assertThat(app.get("/api/v1/household").json().get("inletC").asDouble()).isEqualTo(12.2);
  }

  private void decimals() {
    browser.click("[data-page]", "Textilien");
    String form = "[data-row='Art hinzufügen']";
    browser.click(form + " button");
    new Select(browser.see("[data-field=preset]")).selectByVisibleText("Waschlappen");
    browser.type(form + " [data-field=owned] input", "30");
    browser.type(form + " [data-field='parts.0.massKg'] input", "0,05");
    browser.see(form + " [data-understood]", "Verstanden: 50 g");
    browser.click(form + " button[type=submit]");
    browser.see("[data-row='Waschlappen']", "30 vorhanden, je 50 g");
    JsonNode kind = app.get("/api/v1/kinds").json().get(0);
    assertThat(kind.get("massKg").asDouble()).isEqualTo(0.05);
    assertThat(kind.get("plural").asString()).isEqualTo("Waschlappen");
  }

  /** Another device of the same house may speak English; this one changes by one tap and back. */
  private void english() {
    tab("Sprache");
    browser.click("[data-voice] [data-choice=en]");
    browser.see("h1", "Kit");
    browser.text("header", t -> t.contains("nothing waiting"));
    browser.open("/kit");
    browser.see("[data-field=hardnessMmolL]", "[°dH]");
    tab("Language");
    browser.click("[data-voice] [data-choice=US]");
    browser.see("[data-voice] [data-choice=US][aria-checked=true]");
    browser.open("/kit");
    browser.see("[data-field=inletC]", "[°F]");
    assertThat(browser.see("[data-field=inletC] input").getDomProperty("value")).isEqualTo("53.96");
    tab("Language");
    browser.click("[data-voice] [data-choice=de]");
    browser.see("h1", "Ausstattung");
  }

  private void tab(String name) {
    browser.open("/kit");
    browser.click("[data-page]", name);
    browser.see("[data-voice]");
  }
}
