package org.nestrinse.app.calculators;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/**
 * The calculators answer the worked examples under exactly their field names, and refuse what is
 * absurd by name.
 */
@OnSharedDemo
class CalculatorApiTest {
  private static final String LOAD_A =
      """
      [{"material":"COTTON","massKg":2.0},{"material":"BAMBOO_VISCOSE","massKg":0.8},{"material":"LAMINATE","massKg":0.6}]""";

  private static final String DILUTION =
      """
      {"productPercent":2.5,"targetMgL":500,"waterL":1}""";
  private static final String FILL = "{\"load\":" + LOAD_A + ",\"drumL\":50}";
  private static final String RETENTION =
      "{\"load\":" + LOAD_A + ",\"rpm\":1000,\"drumRadiusM\":0.24}";
  private static final String DOSE =
      """
      {"load":[{"material":"COTTON","massKg":3.4}],"labelSoftG":50,"labelMediumG":70,"labelHardG":90,
       "referenceMassKg":4.5,"hardnessMmolL":2.6}""";
  private static final String RINSE =
      "{\"load\":"
          + LOAD_A
          + ",\"doseG\":60,\"mainL\":13,\"rinseL\":9,\"rinses\":3,\"interimRpm\":600,\"finalRpm\":1000,\"drumRadiusM\":0.24}";
  private static final String BATH =
      "{\"load\":"
          + LOAD_A
          + ",\"waterL\":13,\"inletC\":12,\"roomC\":20,\"setC\":60,\"minutes\":90}";
  private static final String HYGIENE =
      "{\"load\":"
          + LOAD_A
          + """
          ,"waterL":13,"drumL":50,"profile":[{"minute":0,"temperatureC":65},{"minute":10,"temperatureC":65}],
          "liftedLog":2.0}""";
  private static final String CLEANING =
      "{\"load\":"
          + LOAD_A
          + """
          ,"soil":"STOOL","ageHours":12,"hardnessMmolL":2.0,"drumRadiusM":0.24,
          "baths":[{"waterL":10,"profile":[{"minute":0,"temperatureC":45},{"minute":5,"temperatureC":45}],
          "movement":"PLUNGED","drumFill":0.5,"byHand":true,"detergentG":10,"enzymes":false,
          "rinses":1,"rinseL":8,"interimRpm":600}]}""";
  private static final String TUMBLE =
      """
      {"load":[{"material":"COTTON","massKg":4}],"startMoisture":0.55,"heat":"NORMAL",
       "dryer":"HEAT_PUMP"}""";
  private static final String ROOM =
      """
      {"material":"COTTON","massKg":0.11,"areaM2":0.14,"exposure":0.25,"startMoisture":0.6,
       "pieces":10,"room":{"volumeM3":30,"freshAirM3H":15},
       "hours":[{"temperatureC":20,"relativeHumidity":50,"windMs":0.1,"irradianceWm2":0}]}""";
  private static final String STOCK =
      "{\"usesPerDay\":7,\"washEveryDays\":1.7,\"pailToShelfDays\":0.5,\"serviceLevel\":0.98}";
  private static final String DRYING =
      """
      {"material":"COTTON","massKg":0.07,"areaM2":0.5,"exposure":0.35,"startMoisture":1.3,
       "hours":[{"temperatureC":20,"relativeHumidity":60,"windMs":1,"irradianceWm2":0}]}""";

  private static final String RESET =
      """
      {"recipe":"MINERAL_SOAK","vesselL":12,"load":[{"material":"BAMBOO_VISCOSE","massKg":0.9}],
       "hardnessMmolL":3.1}""";

  static Stream<Arguments> examples() {
    return Stream.of(
        Arguments.of("dilution", DILUTION, "productMl", 20.0),
        Arguments.of("dilution", DILUTION.replace("2.5", "5"), "productMl", 10.0),
        Arguments.of("reset-recipe", RESET, "waterL", 8.0),
        Arguments.of("reset-recipe", RESET, "batches", 2.0),
        Arguments.of("reset-recipe", RESET, "minutes", 300.0),
        Arguments.of("fill", FILL, "massKg", 3.4),
        Arguments.of("fill", FILL, "fillDry", 0.528),
        Arguments.of("fill", FILL, "fillPreWashed", 0.350),
        Arguments.of("fill", FILL, "fillMain", 0.350),
        Arguments.of("retention", RETENTION, "litresPerKgCotton", 0.596),
        Arguments.of("retention", RETENTION, "retainedL", 1.94),
        Arguments.of("retention", RETENTION.replace("1000", "600"), "relativeAcceleration", 96.6),
        Arguments.of("dose", DOSE, "doseG", 66.97),
        Arguments.of("rinse", RINSE, "residueMgKg", 100.3),
        Arguments.of("rinse", RINSE, "rinsesNeeded", 3.0),
        Arguments.of("bath-temperature", BATH, "startC", 13.87),
        Arguments.of("bath-temperature", BATH, "minutesToSet", 28.1),
        Arguments.of("bath-temperature", BATH, "heaterKwh", 1.083),
        Arguments.of("hygiene", HYGIENE, "heatLog", 3.16),
        Arguments.of("hygiene", HYGIENE, "a0", 19.0),
        Arguments.of("stock", STOCK, "pieces", 24.0),
        Arguments.of("stock", STOCK, "expectedUses", 15.4),
        Arguments.of("cleaning", CLEANING, "soilLeft", 0.1974),
        Arguments.of("cleaning", CLEANING, "boundLeft", 0.1376),
        Arguments.of("tumble", TUMBLE, "waterL", 1.788),
        Arguments.of("tumble", TUMBLE, "minutes", 103.4),
        Arguments.of("tumble", TUMBLE, "kwh", 0.751),
        Arguments.of("drying", ROOM, "hoursToDry", 25.0),
        Arguments.of("drying", DRYING, "hoursToDry", 3.52));
  }

  @ParameterizedTest(name = "{0} {2}")
  @MethodSource("examples")
  void workedExamples(String name, String request, String field, double expected, RunningApp app) {
    RunningApp.Answer answer = app.post("/api/calculators/" + name, request);
    assertThat(answer.status()).isEqualTo(200);
    double allowed = name.equals("drying") ? 0.02 : 0.005;
    assertThat(answer.json().get(field).asDouble()).isCloseTo(expected, within(expected * allowed));
  }

  @Test
  void seriesComeAsLists(RunningApp app) {
    JsonNode rinse = app.post("/api/calculators/rinse", RINSE).json();
    assertThat(rinse.get("concentrationsGL")).hasSize(4);
    assertThat(rinse.get("sudsVisible").asBoolean()).isFalse();
    JsonNode bath = app.post("/api/calculators/bath-temperature", BATH).json();
    assertThat(bath.get("profile").get(0).get("minute").asDouble()).isZero();
    assertThat(bath.get("profile").get(0).has("temperatureC")).isTrue();
    JsonNode drying = app.post("/api/calculators/drying", DRYING).json();
    assertThat(drying.get("clothTemperatureC").get(0).asDouble()).isCloseTo(15.82, within(0.05));
    assertThat(drying.get("moisture").get(0).asDouble()).isEqualTo(1.3);
    JsonNode hygiene = app.post("/api/calculators/hygiene", HYGIENE).json();
    assertThat(hygiene.get("recognisedHolding").asBoolean()).isFalse();
    assertThat(hygiene.get("totalLog").asDouble())
        .isCloseTo(
            hygiene.get("killLog").asDouble() + hygiene.get("liftedLog").asDouble(), within(1e-9));
    assertThat(hygiene.get("notes").isArray()).isTrue();
  }

  static Stream<Arguments> refused() {
    return Stream.of(
        Arguments.of("fill", "{\"load\":", "body"),
        Arguments.of("fill", "", "body"),
        Arguments.of("fill", "[]", "body"),
        Arguments.of("fill", "null", "body"),
        Arguments.of("fill", "{}", "load"),
        Arguments.of("fill", "{\"load\":[],\"drumL\":50}", "load"),
        Arguments.of("fill", "{\"load\":[null],\"drumL\":50}", "load[0]"),
        Arguments.of("fill", "{\"load\":\"towels\",\"drumL\":50}", "load"),
        Arguments.of("fill", FILL.replace("COTTON", "GOLD"), "load[0].material"),
        Arguments.of("fill", FILL.replace("\"COTTON\"", "0"), "load[0].material"),
        Arguments.of("fill", FILL.replace("2.0", "1e9"), "load[0].massKg"),
        Arguments.of("fill", FILL.replace("2.0", "-2.0"), "load[0].massKg"),
        Arguments.of("fill", FILL.replace("2.0", "\"NaN\""), "load[0].massKg"),
        Arguments.of("fill", FILL.replace("2.0", "1e999"), "load[0].massKg"),
        Arguments.of("fill", FILL.replace("2.0", "NaN"), "body"),
        Arguments.of("fill", FILL.replace("2.0", "\"2.0\""), "load[0].massKg"),
        Arguments.of("fill", FILL.replace("2.0", "true"), "load[0].massKg"),
        Arguments.of("fill", FILL.replace("\"drumL\"", "\"drum\""), "drum"),
        Arguments.of("fill", "{\"load\":" + LOAD_A + "}", "drumL"),
        Arguments.of("retention", RETENTION.replace("1000", "20000"), "rpm"),
        Arguments.of(
            "dose", DOSE.replace("\"hardnessMmolL\":2.6", "\"hardnessMmolL\":26"), "hardnessMmolL"),
        Arguments.of("dose", DOSE.replace("\"referenceMassKg\":4.5,", ""), "referenceMassKg"),
        Arguments.of("dose", DOSE.replace("2.6}", "2.6,\"trim\":3}"), "trim"),
        Arguments.of("rinse", RINSE.replace("\"rinses\":3", "\"rinses\":2.5"), "rinses"),
        Arguments.of("rinse", RINSE.replace("\"rinses\":3", "\"rinses\":9"), "rinses"),
        Arguments.of(
            "bath-temperature", BATH.replace("\"minutes\":90", "\"minutes\":1e7"), "minutes"),
        Arguments.of("cleaning", CLEANING.replace("PLUNGED", "WILD"), "baths[0].movement"),
        Arguments.of("cleaning", CLEANING.replace("STOOL", "MUD"), "soil"),
        Arguments.of(
            "cleaning", CLEANING.replace("\"byHand\":true", "\"byHand\":3"), "baths[0].byHand"),
        Arguments.of("tumble", TUMBLE.replace("HEAT_PUMP", "OVEN"), "dryer"),
        Arguments.of("drying", ROOM.replace("\"volumeM3\":30", "\"volumeM3\":-1"), "room.volumeM3"),
        Arguments.of(
            "hygiene", HYGIENE.replace("{\"minute\":10", "{\"minute\":-1"), "profile[1].minute"),
        Arguments.of(
            "hygiene", HYGIENE.replace("\"liftedLog\":2.0", "\"liftedLog\":\"yes\""), "liftedLog"),
        Arguments.of(
            "drying", DRYING.replace("\"relativeHumidity\":60,", ""), "hours[0].relativeHumidity"),
        Arguments.of("stock", STOCK.replace("0.98", "1"), "serviceLevel"),
        Arguments.of("stock", STOCK.replace("1.7", "0"), "washEveryDays"),
        Arguments.of("drying", DRYING.replace("0.35", "35"), "exposure"));
  }

  @ParameterizedTest(name = "{0} {2} {1}")
  @MethodSource("refused")
  void whatIsAbsurdIsRefusedByName(String name, String request, String field, RunningApp app) {
    RunningApp.Answer answer = app.post("/api/calculators/" + name, request);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.type()).startsWith("application/problem+json");
    assertThat(answer.json().get("field").asString()).isEqualTo(field);
    assertThat(answer.json().get("allowed").asString()).isNotBlank();
    assertThat(answer.json().get("detail").asString())
        .containsAnyOf("must be", "is missing")
        .doesNotContain("Exception");
  }

  @Test
  void aResetRecipeTellsWhatAFillingGetsAndRefusesWhatMayNot(RunningApp app) {
    JsonNode answer = app.post("/api/calculators/reset-recipe", RESET).json();
    JsonNode citrate = answer.get("perBatch").get(0);
    assertThat(citrate.get("product").asString()).isEqualTo("sodium citrate");
    assertThat(citrate.get("amount").asDouble()).isEqualTo(48.8);
    assertThat(citrate.get("unit").asString()).isEqualTo("g");
    assertThat(answer.get("notes").toString()).contains("without detergent");
    RunningApp.Answer refused =
        app.post("/api/calculators/reset-recipe", RESET.replace("BAMBOO_VISCOSE", "LAMINATE"));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().get("field").asString()).isEqualTo("load");
    assertThat(refused.json().get("allowed").asString()).contains("laminate");
    for (String bad : new String[] {"\"vesselL\":0", "\"vesselL\":null", "\"vesselL\":-3"}) {
      assertThat(
              app.post("/api/calculators/reset-recipe", RESET.replace("\"vesselL\":12", bad))
                  .json()
                  .get("field")
                  .asString())
          .isEqualTo("vesselL");
    }
  }
}
