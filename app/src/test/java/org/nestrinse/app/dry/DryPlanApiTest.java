package org.nestrinse.app.dry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The plan for what hangs in the demo household: its weather, a shower, what a hand feels, the
 * dryer, and files of weather, good and bad.
 */
@Tag("long")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class DryPlanApiTest {
  private static final String HEAD =
      "time,temperature_c,humidity_percent,wind_ms,irradiance_wm2,rain_mm\n";
  private RunningApp app;

  @BeforeAll
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterAll
  void stop() {
    app.close();
  }

  private JsonNode drying() {
    return app.get("/api/v1/drying").json();
  }

  private JsonNode group(String kind) {
    return Lives.named(drying().get("groups"), "kind", kind);
  }

  private RunningApp.Answer read(String text, boolean keep) {
    ObjectNode body = JsonMapper.shared().createObjectNode();
    body.put("text", text);
    body.put("keep", keep);
    return app.post("/api/v1/drying/weather", body.toString());
  }

  @Test
  @Order(1)
  void everyPieceHasAWayAndEveryNumberItsReason() {
    JsonNode drying = drying();
    for (JsonNode group : drying.get("groups")) {
      int pieces = 0;
      for (JsonNode way : group.get("ways")) {
        pieces += way.get("pieces").asInt();
        Instant before = Instant.MIN;
        double damp = 9;
        for (JsonNode point : way.get("points")) {
          Instant at = Instant.parse(point.get("at").asString());
          assertThat(at).isAfterOrEqualTo(before);
          assertThat(point.get("moisture").asDouble()).isLessThanOrEqualTo(damp + 1e-6);
          before = at;
          damp = point.get("moisture").asDouble();
        }
      }
      assertThat(pieces).isEqualTo(group.get("pieces").asInt());
      assertThat(drying.get("whys").has("group." + group.get("id").asLong())).isTrue();
    }
    assertThat(drying.get("whys").has("plan")).isTrue();
    assertThat(drying.get("source").get("words").asString()).contains("pretend weather station");
  }

  @Test
  @Order(2)
  void otherPlansStandBesideIt() {
    JsonNode compared = app.get("/api/v1/drying/plans").json();
    assertThat(compared.get("plans").size()).as("plans that differ").isBetween(2, 4);
    JsonNode air = Lives.named(compared.get("plans"), "policy", "AIR_ONLY");
    assertThat(air.get("kwh").asDouble()).as("a fan").isBetween(0.0, 1.0);
    JsonNode dryer = Lives.named(compared.get("plans"), "policy", "DRYER_ONLY");
    assertThat(dryer.get("kwh").asDouble()).isPositive();
    assertThat(dryer.get("money").asDouble()).isPositive();
    assertThat(dryer.get("wear").asDouble()).isGreaterThan(air.get("wear").asDouble());
    for (JsonNode plan : compared.get("plans")) {
      assertThat(compared.get("whys").has(plan.get("policy").asString())).isTrue();
    }
  }

  @Test
  @Order(3)
  void aShowerThatIsSupposedChangesThePlanAndNothingElse() {
    JsonNode wet = app.get("/api/v1/drying?rainAt=11").json();
    assertThat(wet.get("rain").get("words").asString()).startsWith("Rain from 11:00");
    boolean brought = false;
    for (JsonNode trip : wet.get("trips")) {
      for (JsonNode errand : trip.get("errands")) {
        brought |= errand.get("event").asString().equals("BRING_IN");
      }
    }
    assertThat(brought).isTrue();
    assertThat(drying().get("rain").isNull()).isTrue();
    assertThat(app.get("/api/v1/drying?rainAt=25").status()).isEqualTo(400);
    assertThat(app.get("/api/v1/drying?rainAt=noon").status()).isEqualTo(400);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2026-05-20T10:00,14,60,3,300,0;2026-05-20T12:00,14,60,3,300,0 | 3 | time",
        "2026-05-20T10:00,hot,60,3,300,0 | 2 | temperature_c",
        "2026-05-20T10:00,14,160,3,300,0 | 2 | humidity_percent",
        "2026-05-20T10:00,14,60,-3,300,0 | 2 | wind_ms",
        "2026-05-20T10:00,14,60,3,9000,0 | 2 | irradiance_wm2",
        "2026-05-20T10:00,14,60,3,300, | 2 | rain_mm",
        "2026-05-20T10:30,14,60,3,300,0 | 2 | time",
        "yesterday,14,60,3,300,0 | 2 | time"
      })
  @Order(4)
  void aBadLineIsNamedAndNothingIsKept(String lines, long line, String column) {
    JsonNode preview = read(HEAD + lines.replace(';', '\n'), true).json();
    assertThat(preview.get("kept").asBoolean()).isFalse();
    JsonNode error = preview.get("errors").get(0);
    assertThat(error.get("line").asLong()).isEqualTo(line);
    assertThat(error.get("column").asString()).isEqualTo(column);
    assertThat(error.get("expected").asString()).isNotBlank();
    assertThat(drying().get("source").get("words").asString()).contains("pretend");
  }

  @Test
  @Order(5)
  void whatIsNoWeatherIsRefusedInWords() {
    assertThat(read("", false).status()).isEqualTo(400);
    JsonNode head = read("when,what\n1,2", true).json();
    assertThat(head.get("errors").get(0).get("expected").asString()).contains("temperature_c");
    assertThat(read("{\"hours\": 3}", true).json().get("errors").get(0).get("column").asString())
        .isEqualTo("hours");
    assertThat(read("[{]", true).json().get("errors").get(0).get("expected").asString())
        .isEqualTo("JSON");
    assertThat(read("[]", true).json().get("errors")).hasSize(1);
    JsonNode entry = read("[{\"time\":\"2026-05-20T10:00\",\"temperature_c\":\"x\"}]", true).json();
    assertThat(entry.get("errors").get(0).get("line").asInt()).isEqualTo(1);
    assertThat(entry.get("errors").size()).isEqualTo(5);
  }

  @Test
  @Order(6)
  void aForecastIsLookedAtThenKeptAndOutlivesARestart() {
    StringBuilder text = new StringBuilder(HEAD);
    for (int hour = 0; hour < 24; hour++) {
      text.append("2026-05-20T%02d:00,31,%d,5,700,0\n".formatted(hour, 30 + hour % 2));
    }
    JsonNode preview = read(text.toString(), false).json();
    assertThat(preview.get("hours").asInt()).isEqualTo(24);
    assertThat(preview.get("kept").asBoolean()).isFalse();
    assertThat(drying().get("source").get("words").asString()).contains("pretend");
    assertThat(read(text.toString(), true).json().get("kept").asBoolean()).isTrue();
    app.restart();
    JsonNode drying = drying();
    assertThat(drying.get("source").get("words").asString())
        .startsWith("forecast read 0 min ago, until")
        .contains("then pretend weather station");
    JsonNode now = drying.get("weather").get(drying.get("weather").size() > 4 ? 4 : 0);
    assertThat(now.get("temperatureC").asDouble()).isEqualTo(31);
    JsonNode json =
        read(
                "{\"hours\":[{\"time\":\"2026-05-20T12:00Z\",\"temperature_c\":9,\"humidity_percent\":80,"
                    + "\"wind_ms\":2,\"irradiance_wm2\":100,\"rain_mm\":0.4}]}",
                true)
            .json();
    assertThat(json.get("kept").asBoolean()).isTrue();
    assertThat(app.send("DELETE", "/api/v1/drying/weather", null).json().get("source").get("words"))
        .asString()
        .contains("pretend");
    String pretend = app.get("/api/v1/pretend/weather?hours=48").body();
    assertThat(read(pretend, false).json().get("hours").asInt()).isEqualTo(48);
    assertThat(app.get("/api/v1/pretend/weather?hours=0").status()).isEqualTo(400);
  }

  @Test
  @Order(7)
  void aDampSeamHangsOnTheRestIsShelvedAndThePlaceLearns() {
    app.forward(java.time.Duration.ofHours(60));
    JsonNode trifolds = group("bamboo trifold");
    int pieces = trifolds.get("pieces").asInt();
    int clean = Lives.stock(app, "bamboo trifold").get("clean").asInt();
    String path = "/api/v1/drying/" + trifolds.get("id").asLong() + "/check";
    assertThat(app.post(path, "{\"answer\":\"SEAM\",\"damp\":99}").status()).isEqualTo(400);
    assertThat(app.post(path, "{}").json().get("field").asString()).isEqualTo("answer");
    JsonNode checked = app.post(path, "{\"answer\":\"SEAM\",\"damp\":2}").json();
    assertThat(checked.get("words").asString()).contains("slower");
    JsonNode left = Lives.named(checked.get("drying").get("groups"), "kind", "bamboo trifold");
    assertThat(left.get("pieces").asInt()).isEqualTo(2);
    assertThat(left.get("ready").asBoolean()).isFalse();
    assertThat(Lives.stock(app, "bamboo trifold").get("clean").asInt())
        .isEqualTo(clean + pieces - 2);
    JsonNode learnt = checked.get("drying").get("learnt");
    assertThat(learnt).hasSize(1);
    assertThat(learnt.get(0).get("words").asString()).contains("bamboo trifold").contains("× 0.");
    app.restart();
    assertThat(drying().get("learnt")).hasSize(1);
    String forget =
        "/api/v1/drying/learnt/%d/%d"
            .formatted(learnt.get(0).get("placeId").asLong(), learnt.get(0).get("kindId").asLong());
    assertThat(app.send("DELETE", forget, null).json().get("learnt")).isEmpty();
  }

  @Test
  @Order(8)
  void aMovableAirerIsCarriedInWithWhatHangsOnIt() {
    JsonNode pads = group("bed pad");
    long wheeled = 0;
    for (JsonNode choice : pads.get("choices")) {
      if (choice.get("place").asString().equals("wheeled airer")) {
        wheeled = choice.get("placeId").asLong();
      }
    }
    String body = "{\"placeId\":%d,\"carriedIn\":%s}";
    String path = "/api/v1/drying/" + pads.get("id").asLong();
    double damp = pads.get("moistureNow").asDouble();
    assertThat(app.send("PATCH", path, body.formatted(wheeled, "false")).status()).isEqualTo(200);
    assertThat(group("bed pad").get("place").asString()).isEqualTo("wheeled airer");
    assertThat(app.send("PATCH", path, body.formatted(wheeled, "true")).status()).isEqualTo(200);
    JsonNode inside = group("bed pad");
    assertThat(inside.get("place").asString()).isEqualTo("wheeled airer, inside");
    assertThat(inside.get("moistureNow").asDouble()).isCloseTo(damp, within(0.01));
  }

  @Test
  @Order(9)
  void followingThePlanLeavesNothingToDoNow() {
    assertThat(app.post("/api/v1/drying/follow", null).status()).isEqualTo(200);
    for (JsonNode trip : drying().get("trips")) {
      for (JsonNode errand : trip.get("errands")) {
        boolean carried = !errand.get("event").asString().equals("DRY");
        assertThat(trip.get("due").asBoolean() && carried).isFalse();
      }
    }
  }

  @Test
  @Order(10)
  void withoutForecastATypicalDayIsTakenAndSaid() {
    ObjectNode house = (ObjectNode) app.get("/api/v1/household").json();
    house.put("pretendWeather", false);
    house.remove("trim");
    assertThat(app.send("PUT", "/api/v1/household", house.toString()).status()).isEqualTo(200);
    assertThat(drying().get("source").get("words").asString())
        .isEqualTo("no forecast: a typical day of the season");
  }

  @Test
  @Order(11)
  void placesAreChangedAndAbsurdOnesRefused() {
    JsonNode line =
        Lives.named(
            app.get("/api/v1/places").json(),
            "words",
            "sun line, open to all sides, room for 14 m");
    String path = "/api/v1/places/" + line.get("id").asLong();
    ObjectNode change = (ObjectNode) line.get("place");
    change.put("version", line.get("version").asInt());
    change.put("metres", 10);
    JsonNode changed = app.send("PUT", path, change.toString()).json();
    assertThat(changed.get("words").asString()).endsWith("room for 10 m");
    assertThat(app.send("PUT", path, change.toString()).status()).isEqualTo(409);
    change.put("metres", -3);
    change.put("version", changed.get("version").asInt());
    assertThat(app.send("PUT", path, change.toString()).json().get("field").asString())
        .isEqualTo("metres");
    change.put("metres", 10);
    change.put("pieces", 0);
    assertThat(app.send("PUT", path, change.toString()).json().get("field").asString())
        .isEqualTo("pieces");
    assertThat(app.send("PUT", "/api/v1/places/99", change.toString()).status()).isEqualTo(404);
  }
}
