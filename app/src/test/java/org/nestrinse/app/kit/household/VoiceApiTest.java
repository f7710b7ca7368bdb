package org.nestrinse.app.kit.household;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Each device in its own language and measures; files as the household speaks. */
class VoiceApiTest {
  private static final String GERMAN = "de;metric;german-degrees;24";
  private static final String AMERICAN = "en;us;grains-per-gallon;12";

  private final HttpClient http = HttpClient.newHttpClient();
  private final RunningApp app = RunningApp.demo(DemoApp.MOMENT);

  @AfterEach
  void end() {
    app.close();
  }

  private JsonNode json(String method, String path, String voice, String body) {
    return app.sendIn(voice, method, path, body).json();
  }

  private String tag(String voice) throws Exception {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(app.address() + "/api/v1/pails"))
            .header("Nest-Voice", voice)
            .build();
    return http.send(request, HttpResponse.BodyHandlers.discarding())
        .headers()
        .firstValue("ETag")
        .orElseThrow();
  }

  /** A round of the past, without how often its row was written. */
  private String past() {
    return app.get("/api/v1/rounds/5").body().replaceAll("\"version\":\\d+", "");
  }

  private String peg(JsonNode line, int number) {
    return line.get("pegs").get(number).get("state").asString();
  }

  @Test
  void twoDevicesAreAnsweredFromOneHouseEachInItsOwnWay() throws Exception {
    JsonNode english = app.get("/api/v1/line").json();
    JsonNode german = json("GET", "/api/v1/line", GERMAN, null);
    JsonNode american = json("GET", "/api/v1/line", AMERICAN, null);
    assertThat(peg(english, 4)).isEqualTo("enough until 18:55");
    assertThat(peg(german, 4)).isEqualTo("genug bis 18:55");
    assertThat(peg(american, 4)).isEqualTo("enough until 6:55 pm");
    assertThat(tag(GERMAN)).isEqualTo(tag(GERMAN)).isNotEqualTo(tag(AMERICAN));
  }

  @Test
  void aVoiceThatCannotBeReadIsTheHouses() {
    for (String odd : new String[] {"", "de", "de;yards;german-degrees;24", ";;;", "x;y;z;w;v"}) {
      assertThat(peg(json("GET", "/api/v1/line", odd, null), 4)).isEqualTo("enough until 18:55");
    }
    assertThat(peg(json("GET", "/api/v1/line", "fr;metric;french-degrees;24", null), 4))
        .isEqualTo("enough until 18:55");
  }

  @Test
  void anErrorTellsTheRangeInThePersonsWordsAndMeasures() {
    ObjectNode house = (ObjectNode) app.get("/api/v1/household").json();
    house.remove("trim");
    house.put("hardnessMmolL", 31);
    JsonNode german = json("PUT", "/api/v1/household", GERMAN, house.toString());
    assertThat(german.get("field").asString()).isEqualTo("hardnessMmolL");
    assertThat(german.get("allowed").asString()).isEqualTo("zwischen 0 und 56 °dH");
    JsonNode american = json("PUT", "/api/v1/household", AMERICAN, house.toString());
    assertThat(american.get("allowed").asString()).isEqualTo("between 0 and 58.4 gpg");
  }

  @Test
  void moneyAndFilesFollowTheHousehold() {
    assertThat(
            app.send(
                    "PUT",
                    "/api/v1/household/voice",
                    "{\"currency\":\"GBP\",\"weekStart\":\"SUNDAY\",\"language\":\"de\"}")
                .status())
        .isEqualTo(200);
    JsonNode voice = app.get("/api/v1/household/voice").json();
    assertThat(voice.get("currency").asString()).isEqualTo("GBP");
    assertThat(voice.get("weekStart").asString()).isEqualTo("SUNDAY");
    assertThat(app.sendIn(AMERICAN, "GET", "/api/v1/week", null).body()).contains("£");
    // A browser that saves a file says its own language, not the house's.
    assertThat(app.get("/api/v1/week/rounds.ics").body()).contains("SUMMARY:Waschen");
    assertThat(app.sendIn(AMERICAN, "GET", "/api/v1/week/rounds.ics", null).body())
        .contains("SUMMARY:Waschen");
  }

  @Test
  void whatIsNoCurrencyIsRefused() {
    for (String letters : new String[] {"EURO", "E", "XQX", "€"}) {
      JsonNode refused =
          app.send("PUT", "/api/v1/household/voice", "{\"currency\":\"%s\"}".formatted(letters))
              .json();
      assertThat(refused.get("field").asString()).isEqualTo("currency");
    }
    assertThat(app.get("/api/v1/household/voice").json().get("currency").asString())
        .isEqualTo("EUR");
  }

  @Test
  void aMadeUpHouseCallsItsThingsInItsLanguageInItsPastToo() {
    String english = past();
    String pieces = app.get("/api/v1/kinds").json().toString().replaceAll("[^0-9.,]", "");
    assertThat(app.send("PUT", "/api/v1/household/voice", "{\"language\":\"de\"}").status())
        .isEqualTo(200);
    String kinds = app.get("/api/v1/kinds").json().toString();
    assertThat(kinds).contains("\"Handtuch\"", "\"Handtücher\"").doesNotContain("hand towel");
    assertThat(kinds.replaceAll("[^0-9.,]", "")).hasSameSizeAs(pieces);
    assertThat(app.get("/api/v1/rounds/5").body())
        .contains("Bambus-Trifold")
        .doesNotContain("bamboo trifold");
    assertThat(app.get("/api/v1/line").json().get("notices")).isEmpty();
    assertThat(app.get("/api/v1/line").json().get("differences")).isEmpty();
    app.send("PUT", "/api/v1/household/voice", "{\"language\":\"en\"}");
    assertThat(past()).isEqualTo(english);
    assertThat(app.get("/api/v1/kinds").json().toString())
        .contains("\"hand towel\"", "\"hand towels\"")
        .doesNotContain("Handt");
  }

  @Test
  void theFirstDeviceOfANewHouseSetsItsVoiceAndNoLaterOneDoes() {
    try (RunningApp fresh = RunningApp.empty(DemoApp.MOMENT)) {
      String first =
          """
          {"zone":"Europe/Berlin","voice":{"language":"de-AT","measures":"METRIC",
           "hardness":"GERMAN_DEGREES","twelveHours":false,"currency":"EUR","weekStart":"MONDAY"}}
          """;
      String later =
          """
          {"zone":"America/New_York","voice":{"language":"en","measures":"US","currency":"USD"}}
          """;
      fresh.send("PUT", "/api/v1/household/first-device", first);
      fresh.send("PUT", "/api/v1/household/first-device", later);
      JsonNode house = fresh.get("/api/v1/household").json();
      assertThat(house.get("zone").asString()).isEqualTo("Europe/Berlin");
      JsonNode voice = fresh.get("/api/v1/household/voice").json();
      assertThat(voice.get("language").asString()).isEqualTo("de");
      assertThat(voice.get("currency").asString()).isEqualTo("EUR");
      assertThat(fresh.get("/api/v1/line").json().get("pegs").get(0).get("state").asString())
          .isEqualTo("nichts wartet");
    }
  }

  @Test
  void theCatalogueIsOfferedInTheLanguageOfTheDevice() {
    assertThat(app.sendIn(GERMAN, "GET", "/api/v1/catalogue", null).body())
        .contains("Mullwindel", "Mullwindeln", "Bett und Bad")
        .doesNotContain("hand towel", "Kitchen and cleaning", " of ");
    assertThat(app.get("/api/v1/catalogue").body()).contains("muslin flat nappy");
  }
}
