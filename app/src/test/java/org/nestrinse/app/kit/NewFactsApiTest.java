package org.nestrinse.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Facts of a house that starts from nothing: wishes, rooms, pads and labels as they are printed.
 */
@Tag("long")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class NewFactsApiTest {
  private RunningApp app;

  @BeforeAll
  void start() {
    app = RunningApp.empty(DemoApp.MOMENT);
  }

  @AfterAll
  void stop() {
    app.close();
  }

  private ObjectNode house() {
    ObjectNode house = (ObjectNode) app.get("/api/v1/household").json();
    house.remove("trim");
    return house;
  }

  private static String product(String form, String normal, String more) {
    return """
        {"name":"a %s","purpose":"DETERGENT","form":"%s","enzymes":false,"scented":false,
         "coats":false,"activator":false,"normal":%s,"heavy":null,"referenceMassKg":4.5,
         "packPrice":6,"packG":900%s}"""
        .formatted(form.toLowerCase(java.util.Locale.ROOT), form, normal, more);
  }

  @Test
  void howTheHouseDriesIsKeptOverARestart() {
    ObjectNode house = house();
    ObjectNode drying = (ObjectNode) house.get("drying");
    assertThat(drying.get("tumbling").asString()).isEqualTo("AS_NEEDED");
    drying.put("tumbling", "NEVER").put("outdoors", false).put("aim", "LEAST_CARRYING");
    drying.put("tripsADay", 2);
    house.put("usualMethod", "cool-and-sun");
    assertThat(app.send("PUT", "/api/v1/household", house.toString()).status()).isEqualTo(200);
    app.restart();
    JsonNode kept = app.get("/api/v1/household").json();
    assertThat(kept.get("drying")).isEqualTo(drying);
    assertThat(kept.get("usualMethod").asString()).isEqualTo("cool-and-sun");
  }

  @ParameterizedTest
  @CsvSource({
    "tumbling, \"OFTEN\", drying.tumbling",
    "tripsADay, 0, drying.tripsADay",
    "tripsADay, 99, drying.tripsADay",
    "aim, null, drying.aim",
    "outdoors, null, drying.outdoors"
  })
  void nonsenseAboutDryingIsNamed(String field, String value, String named) {
    String before = app.get("/api/v1/household").body();
    ObjectNode house = house();
    ObjectNode drying = (ObjectNode) house.get("drying");
    switch (value) {
      case "null" -> drying.putNull(field);
      case "\"OFTEN\"" -> drying.put(field, "OFTEN");
      default -> drying.put(field, Integer.parseInt(value));
    }
    RunningApp.Answer answer = app.send("PUT", "/api/v1/household", house.toString());
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo(named);
    assertThat(app.get("/api/v1/household").body()).isEqualTo(before);
  }

  @Test
  void aLabelWithOneFigureIsTakenAsPrintedAndWhatIsFilledInIsSaid() {
    RunningApp.Answer added =
        app.post(
            "/api/v1/products",
            product("POWDER", "{\"softG\":null,\"mediumG\":60,\"hardG\":null}", ""));
    assertThat(added.status()).as(added.body()).isEqualTo(201);
    JsonNode normal = added.json().get("product").get("normal");
    assertThat(normal.get("mediumG").asDouble()).isEqualTo(60);
    assertThat(normal.get("softG").asDouble()).isLessThanOrEqualTo(60);
    assertThat(normal.get("hardG").asDouble()).isGreaterThanOrEqualTo(60);
    assertThat(added.json().get("filledIn")).isNotEmpty();
  }

  @Test
  void sheetsAreCountedAndWeighed() {
    RunningApp.Answer sheet =
        app.post(
            "/api/v1/products",
            product("SHEET", "{\"softG\":3,\"mediumG\":3,\"hardG\":6}", ",\"pieceG\":3"));
    assertThat(sheet.status()).as(sheet.body()).isEqualTo(201);
    assertThat(sheet.json().get("product").get("pieceG").asDouble()).isEqualTo(3);
    RunningApp.Answer bad = app.post("/api/v1/products", product("TAB", "null", ",\"pieceG\":-1"));
    assertThat(bad.status()).isEqualTo(400);
    assertThat(bad.json().get("field").asString()).isEqualTo("pieceG");
  }

  @ParameterizedTest
  @CsvSource({"roomM3, 0.01", "roomM3, 9000", "freshM3H, 0", "freshM3H, 99999"})
  void aRoomHasASizeAndSomeAir(String field, String value) {
    String json =
        """
        {"name":"airer","sort":"AIRER","facing":"OPEN","exposure":0.25,"windFactor":1,"sunFactor":1,
         "roomC":19,"roomHumidity":55,"fan":false,"watts":0,"metres":8,"%s":%s}"""
            .formatted(field, value);
    RunningApp.Answer answer = app.post("/api/v1/places", json);
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo(field);
  }

  @Test
  void padsOfAPersonAreNeedsOfTheHouse() {
    String person =
        """
        {"name":"Ida","about":"","sensitiveSkin":false,"ill":false,"newborn":false,"dayBundles":6,
         "nightBundles":0,"bedPads":0,"sanitaryPads":3,"nursingPads":2}""";
    assertThat(app.post("/api/v1/people", person).status()).isEqualTo(201);
    for (String name : new String[] {"terry flat nappy", "sanitary pad, day", "nappy cover"}) {
      own(name, 12);
    }
    JsonNode lines = app.get("/api/v1/cover").json().get("lines");
    JsonNode days = Lives.named(lines, "need", "DAYS");
    JsonNode pads = Lives.named(lines, "need", "SANITARY");
    assertThat(days).isNotEqualTo(pads);
    assertThat(Lives.named(lines, "need", "NURSING"))
        .as("none is owned, and it says so")
        .isNotNull();
    assertThat(days.get("cleanUntil"))
        .as("12 flats at 6 a day")
        .isNotEqualTo(pads.get("cleanUntil"));
  }

  /** Owns so many of the first preset whose name holds these words. */
  private void own(String name, int count) {
    for (JsonNode preset : app.get("/api/v1/catalogue").json()) {
      ObjectNode kind = (ObjectNode) preset.get("kind");
      String role = kind.get("role").asString();
      boolean wanted =
          name.startsWith("sanitary")
              ? role.equals("SANITARY_PAD")
              : name.endsWith("cover") ? role.equals("COVER") : role.equals("FLAT");
      if (wanted) {
        kind.put("owned", count);
        assertThat(app.post("/api/v1/kinds", kind.toString()).status()).isEqualTo(201);
        return;
      }
    }
    throw new AssertionError(name);
  }
}
