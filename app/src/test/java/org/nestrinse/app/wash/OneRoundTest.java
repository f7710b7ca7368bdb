package org.nestrinse.app.wash;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/**
 * One household from nothing to its first round on the shelf, through the API alone, with a restart
 * on the way.
 */
@Tag("long")
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class OneRoundTest {
  private static RunningApp app;
  private static long loadId;
  private static long roundId;

  @BeforeAll
  static void start() {
    app = RunningApp.empty("2026-05-20T08:00:00Z");
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  private static JsonNode created(String path, String json) {
    RunningApp.Answer answer = app.post(path, json);
    assertThat(answer.status()).as(answer.body()).isBetween(200, 201);
    return answer.json();
  }

  private static JsonNode kind(
      String name, String material, double massKg, String role, int owned) {
    return created(
        "/api/v1/kinds",
        """
        {"name":"%s","role":"%s","bin":"BODY","areaM2":0.2,"small":true,"owned":%d,
         "parts":[{"name":"body","material":"%s","massKg":%s,"elastic":false}]}"""
            .formatted(name, role, owned, material, massKg));
  }

  private static JsonNode stock(String name) {
    for (JsonNode kind : app.get("/api/v1/kinds").json()) {
      if (kind.get("name").asString().equals(name)) {
        return kind.get("stock");
      }
    }
    throw new AssertionError(name);
  }

  @Test
  @Order(1)
  void anEmptyHouseholdSaysWhatIsMissing() {
    assertThat(app.get("/api/v1/pails").json().get("pieces").asInt()).isZero();
    assertThat(app.get("/api/v1/machines").json()).isEmpty();
    assertThat(app.get("/api/v1/line").json().get("pegs")).hasSize(5);
  }

  @Test
  @Order(2)
  void theFactsAreSetUp() {
    RunningApp.Answer machine =
        app.post(
            "/api/v1/machines",
            """
            {"name":"machine","drumL":50,"capacityKg":6,"drumRadiusM":0.24,"heaterW":2000,"programmes":[
             {"name":"Rinse","use":"RINSE","temperaturesC":[0],"shortfallC":0,"washMinutes":0,"agitation":"NORMAL",
              "rinses":1,"extraRinses":0,"interimRpm":600,"fastestSpinRpm":1200},
             {"name":"Cottons","use":"WASH","temperaturesC":[40,60,90],"shortfallC":0,"washMinutes":100,
              "agitation":"NORMAL","rinses":2,"extraRinses":1,"interimRpm":600,"fastestSpinRpm":1200}]}""");
    assertThat(machine.status()).as(machine.body()).isEqualTo(201);
    created(
        "/api/v1/places",
        """
        {"name":"line","sort":"SUN_LINE","exposure":0.35,"windFactor":1,"sunFactor":1,"roomC":20,"roomHumidity":60,"metres":40}""");
    created("/api/v1/pails", "{\"name\":\"pail\",\"style\":\"DRY_PAIL\",\"capacityL\":40}");
    created("/api/v1/pails", "{\"name\":\"basket\",\"style\":\"BASKET\",\"capacityL\":40}");
    kind("trifold", "BAMBOO_VISCOSE", 0.07, "INSERT", 20);
    kind("hand towel", "COTTON", 0.15, "TOWEL", 20);
    kind("wool cover", "WOOL", 0.11, "COVER", 2);
    RunningApp.Answer twice =
        app.post(
            "/api/v1/kinds",
            """
            {"name":"Trifold","role":"INSERT","bin":"BODY","areaM2":0.2,"small":true,"owned":1,
             "parts":[{"name":"body","material":"COTTON","massKg":0.1,"elastic":false}]}""");
    assertThat(twice.status()).isEqualTo(409);
  }

  private static RunningApp.Answer put(int pail, int kind, int count, String soil) {
    return app.post(
        "/api/v1/pails/" + pail + "/entries",
        "{\"kindId\":%d,\"count\":%d,\"soil\":\"%s\",\"solids\":\"NONE\"}"
            .formatted(kind, count, soil));
  }

  @Test
  @Order(3)
  void piecesComeInAndImpossibleOnesDoNot() {
    assertThat(put(1, 1, 12, "STOOL").status()).isEqualTo(201);
    assertThat(put(1, 3, 1, "WET").status()).isEqualTo(201);
    assertThat(put(2, 2, 16, "DIRT").status()).isEqualTo(201);
    RunningApp.Answer tooMany = put(1, 1, 9, "WET");
    assertThat(tooMany.status()).isEqualTo(409);
    assertThat(tooMany.json().get("detail").asString())
        .startsWith("You own 20 trifolds: 12 waiting");
    assertThat(put(1, 1, 0, "WET").json().get("field").asString()).isEqualTo("count");
    assertThat(put(1, 77, 1, "WET").status()).isEqualTo(404);
    assertThat(put(99, 1, 1, "WET").status()).isEqualTo(404);
    assertThat(put(1, 1, 1, "MUD").json().get("allowed").asString()).contains("STOOL");
    assertThat(stock("trifold").get("waiting").asInt()).isEqualTo(12);
  }

  @Test
  @Order(4)
  void anEntryIsCorrectedTakenOutAndPutBack() {
    JsonNode entry = put(1, 1, 2, "WET").json();
    String path = "/api/v1/entries/" + entry.get("id").asLong();
    String change = "{\"version\":%d,\"count\":3,\"soil\":\"MILK\",\"solids\":\"NONE\"}";
    JsonNode now = app.send("PATCH", path, change.formatted(entry.get("version").asInt())).json();
    assertThat(now.get("count").asInt()).isEqualTo(3);
    assertThat(now.get("soil").asString()).isEqualTo("MILK");
    RunningApp.Answer stale =
        app.send("PATCH", path, change.formatted(entry.get("version").asInt()));
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.json().get("current").get("count").asInt()).isEqualTo(3);
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(stock("trifold").get("waiting").asInt()).isEqualTo(12);
    assertThat(app.post(path + "/restore", null).json().get("count").asInt()).isEqualTo(3);
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
  }

  @Test
  @Order(5)
  void whatMayNotTravelStaysWithItsReason() {
    JsonNode load = created("/api/v1/loads", "{\"pailIds\":[1]}");
    loadId = load.get("id").asLong();
    assertThat(load.get("going")).hasSize(1);
    assertThat(load.get("staying").get(0).get("reason").asString()).contains("up to 30°");
    assertThat(load.get("advice").get("state").asString()).isEqualTo("TOO_LITTLE");
    JsonNode offer = load.get("offers").get(0);
    int wanted = offer.get("wanted").asInt();
    RunningApp.Answer tooMany =
        app.post("/api/v1/loads/" + loadId + "/bulkers", "{\"kindId\":2,\"count\":17}");
    assertThat(tooMany.json().get("allowed").asString()).isEqualTo("between 1 and 16");
    JsonNode bulked =
        created(
            "/api/v1/loads/" + loadId + "/bulkers",
            "{\"kindId\":2,\"count\":%d}".formatted(wanted));
    assertThat(bulked.get("fill").get("main").asDouble())
        .isGreaterThan(load.get("fill").get("main").asDouble());
    long item = bulked.get("bulkers").get(0).get("id").asLong();
    JsonNode less =
        app.send("DELETE", "/api/v1/loads/" + loadId + "/items/" + item + "?count=1", null).json();
    assertThat(less.get("bulkers").get(0).get("count").asInt()).isEqualTo(wanted - 1);
  }

  @Test
  @Order(6)
  void everySchoolIsPlannedWithWhatThereIsOrSaysWhyNot() {
    JsonNode comparison = app.get("/api/v1/loads/" + loadId + "/plans").json();
    int plans = comparison.get("plans").size();
    assertThat(plans + comparison.get("cannot").size()).isEqualTo(10);
    assertThat(plans).isGreaterThanOrEqualTo(8);
    assertThat(comparison.get("cannot").toString()).contains("by hand");
    for (JsonNode plan : comparison.get("plans")) {
      assertThat(plan.get("cautions").toString()).contains("no-detergent");
      String one = "/api/v1/loads/" + loadId + "/plan?school=" + plan.get("school").asString();
      assertThat(app.get(one).json().get("whys").has("residue")).isTrue();
    }
    assertThat(
            app.get("/api/v1/loads/" + loadId + "/plan?school=warm")
                .json()
                .get("allowed")
                .asString())
        .startsWith("one of hot-and-full, cool-and-sun");
    JsonNode hot =
        app.get("/api/v1/loads/" + loadId + "/plan?school=hot-and-full&temperatureC=90").json();
    assertThat(hot.get("nearestC").asInt()).isEqualTo(60);
    assertThat(
            app.get("/api/v1/loads/" + loadId + "/plan?school=hot-and-full&temperatureC=35")
                .status())
        .isEqualTo(422);
  }

  @Test
  @Order(7)
  void aStopCannotBePassedAndChecksMustBeRead() {
    String start = "{\"loadId\":%d,\"school\":\"hot-and-full\"%s}";
    RunningApp.Answer stop =
        app.post(
            "/api/v1/rounds",
            start.formatted(
                loadId, ",\"temperatureC\":90,\"checksRead\":[\"no-detergent\",\"too-hot\"]"));
    assertThat(stop.status()).isEqualTo(409);
    assertThat(stop.json().get("detail").asString()).startsWith("Stop.");
    RunningApp.Answer unread = app.post("/api/v1/rounds", start.formatted(loadId, ""));
    assertThat(unread.json().get("detail").asString()).contains("No detergent suits this load");
    assertThat(app.get("/api/v1/rounds/running").json().get("round").isNull()).isTrue();
  }

  @Test
  @Order(8)
  void aRoundStartsAndGoesOnAfterARestart() {
    created(
        "/api/v1/products",
        """
        {"name":"powder","purpose":"DETERGENT","form":"POWDER","enzymes":true,"scented":false,"coats":false,
         "activator":false,"normal":{"softG":40,"mediumG":55,"hardG":70},"heavy":{"softG":50,"mediumG":65,"hardG":80},
         "referenceMassKg":4.5,"scoopMl":60,"densityGMl":0.8,"packPrice":8,"packG":2000}""");
    JsonNode cautions =
        app.get("/api/v1/loads/" + loadId + "/plan?school=hot-and-full").json().get("cautions");
    StringBuilder read = new StringBuilder("\"\"");
    cautions.forEach(c -> read.append(",\"").append(c.get("key").asString()).append('"'));
    JsonNode round =
        created(
            "/api/v1/rounds",
            "{\"loadId\":%d,\"school\":\"hot-and-full\",\"checksRead\":[%s]}"
                .formatted(loadId, read));
    roundId = round.get("id").asLong();
    assertThat(round.get("currentStep").asInt()).isEqualTo(1);
    assertThat(stock("trifold").get("washing").asInt()).isEqualTo(12);
    assertThat(app.post("/api/v1/rounds/" + roundId + "/steps/2", null).status()).isEqualTo(409);
    created("/api/v1/rounds/" + roundId + "/steps/1", null);
    String before = app.get("/api/v1/rounds/" + roundId).json().get("plan").toString();

    app.restart();

    JsonNode after = app.get("/api/v1/rounds/running").json().get("round");
    assertThat(after.get("id").asLong()).isEqualTo(roundId);
    assertThat(after.get("currentStep").asInt()).isEqualTo(2);
    assertThat(after.get("plan").toString()).isEqualTo(before);
    assertThat(stock("trifold").get("washing").asInt()).isEqualTo(12);
  }

  @Test
  @Order(9)
  void theLastTickHangsEverything() {
    JsonNode back = app.send("DELETE", "/api/v1/rounds/" + roundId + "/steps/last", null).json();
    assertThat(back.get("currentStep").asInt()).isEqualTo(1);
    int steps = back.get("steps").size();
    for (int n = 1; n <= steps; n++) {
      created("/api/v1/rounds/" + roundId + "/steps/" + n, null);
    }
    assertThat(app.get("/api/v1/rounds/running").json().get("round").isNull()).isTrue();
    JsonNode drying = app.get("/api/v1/drying").json();
    assertThat(drying.get("groups")).hasSize(2);
    assertThat(stock("trifold").get("drying").asInt()).isEqualTo(12);
    for (JsonNode group : drying.get("groups")) {
      assertThat(group.get("points").get(0).get("moisture").asDouble()).isGreaterThan(0.2);
      assertThat(drying.get("whys").has("group." + group.get("id").asLong())).isTrue();
    }
  }

  @Test
  @Order(10)
  void dryPiecesAreCleanAndTheRoundIsInTheRecord() throws IOException {
    for (JsonNode group : app.get("/api/v1/drying").json().get("groups")) {
      created("/api/v1/drying/" + group.get("id").asLong() + "/dry", null);
    }
    assertThat(stock("trifold").get("clean").asInt()).isEqualTo(20);
    JsonNode page = app.get("/api/v1/record").json();
    assertThat(page.get("total").asInt()).isEqualTo(1);
    JsonNode round = page.get("rounds").get(0);
    assertThat(round.get("state").asString()).isEqualTo("SHELVED");
    String note =
        "{\"version\":%d,\"note\":\"=smells, \\\"fresh\\\"\"}"
            .formatted(round.get("version").asInt());
    assertThat(app.send("PATCH", "/api/v1/record/" + roundId, note).status()).isEqualTo(200);
    assertThat(app.send("PATCH", "/api/v1/record/" + roundId, note).status()).isEqualTo(409);

    List<CSVRecord> rows =
        CSVParser.parse(
                new StringReader(app.get("/api/v1/record/rounds.csv").body()),
                CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get())
            .getRecords();
    assertThat(rows).hasSize(1);
    assertThat(rows.get(0).get("note")).isEqualTo("'=smells, \"fresh\"");
    assertThat(Double.parseDouble(rows.get(0).get("litres")))
        .isCloseTo(
            round.at("/figures/spent/litres").asDouble(),
            org.assertj.core.api.Assertions.within(0.001));
    JsonNode document = app.get("/api/v1/record/record.json").json();
    assertThat(document.get("format").asString()).isEqualTo("nest-rinse-record/1");
    assertThat(document.get("rounds").get(0).get("note").asString())
        .isEqualTo("=smells, \"fresh\"");
  }

  @Test
  @Order(11)
  void aGroupThatIsDampAfterAllHangsAgain() {
    assertThat(app.send("DELETE", "/api/v1/drying/1/dry", null).status()).isEqualTo(200);
    assertThat(app.get("/api/v1/drying").json().get("groups")).hasSize(1);
    assertThat(app.get("/api/v1/record").json().get("rounds").get(0).get("state").asString())
        .isEqualTo("HANGING");
    RunningApp.Answer moved = app.send("PATCH", "/api/v1/drying/1", "{\"placeId\":7}");
    assertThat(moved.status()).isEqualTo(404);
  }
}
