package org.nestrinse.app.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

@Order(2)
class SetUpApiTest {
  private RunningApp app;

  @BeforeEach
  void begin() {
    app = RunningApp.empty("2026-05-20T08:00:00Z");
  }

  @AfterEach
  void end() {
    app.close();
  }

  private JsonNode setUp() {
    return app.get("/api/v1/set-up").json();
  }

  @Test
  void manyKindsAreCountedAtOnceAndCountedAnew() {
    app.send(
        "PUT", "/api/v1/set-up/pieces", "{\"counts\":{\"pocket shell\":20,\"cotton wipe\":24}}");
    JsonNode again =
        app.send("PUT", "/api/v1/set-up/pieces", "{\"counts\":{\"pocket shell\":18,\"bed pad\":0}}")
            .json();
    assertThat(again.get("owned").get("pocket shell").asInt()).isEqualTo(18);
    assertThat(again.get("owned").get("cotton wipe").asInt()).isEqualTo(24);
    assertThat(again.get("owned").has("bed pad")).isFalse();
    assertThat(app.get("/api/v1/kinds").json()).hasSize(2);
  }

  @ParameterizedTest
  @CsvSource({"pocket shell, -1", "pocket shell, 1001", "teapot, 3"})
  void aCountThatCannotBeIsRefusedAndNothingIsKept(String kind, int count) {
    String body = "{\"counts\":{\"cotton wipe\":4,\"%s\":%d}}".formatted(kind, count);
    assertThat(app.send("PUT", "/api/v1/set-up/pieces", body).status()).isEqualTo(400);
    assertThat(app.get("/api/v1/kinds").json()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"KETTLE_CRUST_WITHIN_DAYS, 3.3", "STRIP_NO_FIELD, 0.4"})
  void aSignTellsTheHardness(String sign, double mmolL) {
    app.send("PUT", "/api/v1/set-up/water", "{\"sign\":\"%s\",\"inletC\":9}".formatted(sign));
    JsonNode house = app.get("/api/v1/household").json();
    assertThat(house.get("hardnessMmolL").asDouble()).isCloseTo(mmolL, within(1e-9));
    assertThat(house.get("inletC").asDouble()).isEqualTo(9);
  }

  @Test
  void waterThatCannotBeIsRefused() {
    assertThat(app.send("PUT", "/api/v1/set-up/water", "{\"hardnessMmolL\":90}").status())
        .isEqualTo(400);
    assertThat(app.send("PUT", "/api/v1/set-up/water", "{\"inletC\":90}").status()).isEqualTo(400);
    assertThat(setUp().get("steps").get(4).get("done").asBoolean()).isFalse();
  }

  @Test
  void itEndsWithThePailsThatWhatIsOwnedGoesInto() {
    assertThat(app.get("/api/v1/line").json().get("next").get("station").asString())
        .isEqualTo("set-up");
    app.post("/api/v1/people", setUp().get("sorts").get("people").get(1).toString());
    app.send("PUT", "/api/v1/set-up/pieces", "{\"counts\":{\"pocket shell\":20,\"dish cloth\":4}}");
    JsonNode done = app.send("PUT", "/api/v1/set-up/done", "").json();
    assertThat(done.get("open").asBoolean()).isFalse();
    assertThat(done.get("pails").toString()).isEqualTo("[\"Pail\",\"Cloth bin\"]");
    JsonNode pail = app.get("/api/v1/pails").json().get("pails").get(0);
    assertThat(pail.get("person").asString()).isEqualTo("baby");
    assertThat(app.send("PUT", "/api/v1/set-up/done", "").json().get("pails")).hasSize(2);
    assertThat(app.get("/api/v1/line").json().get("next").get("station").asString())
        .isEqualTo("gather");
  }

  @Test
  void everySortThatIsOfferedCanBeAddedInBothLanguages() {
    for (String language : new String[] {"en", "de"}) {
      String voice = language + ";metric;german-degrees;24";
      JsonNode sorts = app.sendIn(voice, "GET", "/api/v1/set-up", null).json().get("sorts");
      sorts.get("people").forEach(p -> added("/api/v1/people", p, language));
      sorts.get("products").forEach(p -> added("/api/v1/products", p, language));
      sorts.get("places").forEach(p -> added("/api/v1/places", p, language));
      sorts.get("washers").forEach(w -> added("/api/v1/machines", w.get("machine"), language));
      added("/api/v1/dryers", sorts.get("dryer"), language);
      sorts
          .get("sets")
          .forEach(
              set ->
                  set.get("pieces")
                      .forEach(
                          p ->
                              assertThat(
                                      app.sendIn(
                                              voice,
                                              "PUT",
                                              "/api/v1/set-up/pieces",
                                              "{\"counts\":{%s:%s}}"
                                                  .formatted(p.get("kind"), p.get("count")))
                                          .status())
                                  .as(p.toString())
                                  .isEqualTo(200)));
    }
  }

  /** Some names are the same in both languages. */
  private void added(String address, JsonNode sort, String language) {
    String body = sort.toString().replaceFirst("\"name\":\"", "\"name\":\"" + language + " ");
    assertThat(app.post(address, body).status()).as(body).isEqualTo(201);
  }

  @Test
  void aLabelIsTakenAsItIsPrinted() {
    JsonNode made =
        app.post(
                "/api/v1/products/from-label",
                "{\"name\":\"plain powder\",\"form\":\"POWDER\",\"unit\":\"SCOOP\",\"dose\":2,"
                    + "\"strongDose\":3,\"scoopMl\":50}")
            .json();
    // Two scoops of 50 mL of a powder of 0.65 g/mL.
    JsonNode product = made.get("product");
    assertThat(product.get("normal").get("mediumG").asDouble()).isCloseTo(65, within(1e-9));
    assertThat(product.get("heavy").get("mediumG").asDouble()).isCloseTo(97.5, within(1e-9));
    assertThat(made.get("filledIn").toString()).contains("normal.softG", "packPrice");
    assertThat(
            app.post(
                    "/api/v1/products/from-label",
                    "{\"name\":\"other\",\"form\":\"LIQUID\",\"unit\":\"CAP\",\"dose\":2}")
                .json()
                .get("field")
                .asString())
        .isEqualTo("scoopMl");
  }
}
