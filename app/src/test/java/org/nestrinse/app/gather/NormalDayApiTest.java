package org.nestrinse.app.gather;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** Pails that fill by themselves, and what a person corrects in them. */
@Tag("long")
class NormalDayApiTest {
  private static final String KIND =
      """
      {"name":"%s","role":"INSERT","bin":"BODY","areaM2":0.06,"small":false,"owned":%d,
       "parts":[{"name":"body","material":"COTTON","massKg":0.06,"elastic":false}]}""";

  private RunningApp app;

  /** Wednesday, 20 May 2026, 13:00 where the house is. */
  @BeforeEach
  void start() {
    app = RunningApp.empty("2026-05-20T13:00:00Z");
    created(
        "/api/v1/people",
        """
        {"name":"Wren","about":"","sensitiveSkin":false,"ill":false,"newborn":false,
         "dayBundles":0,"nightBundles":0,"bedPads":0}""");
    created("/api/v1/kinds", KIND.formatted("prefold", 12));
    created(
        "/api/v1/pails",
        "{\"name\":\"pail\",\"style\":\"DRY_PAIL\",\"capacityL\":30,\"personId\":1}");
    JsonNode house = app.get("/api/v1/household").json();
    assertThat(house.get("wetHours").asInt()).isEqualTo(48);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private JsonNode created(String path, String json) {
    RunningApp.Answer answer = app.post(path, json);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json();
  }

  private JsonNode habit(String part, int count) {
    return created(
        "/api/v1/normal-days/habits",
        "{\"personId\":1,\"kindId\":1,\"pailId\":1,\"soil\":\"WET\",\"part\":\"%s\",\"count\":%d}"
            .formatted(part, count));
  }

  /** Lets the time pass in which nobody enters anything. */
  private void laterBy(int hours) {
    app.forward(java.time.Duration.ofHours(hours));
  }

  private JsonNode pail() {
    return Lives.pail(app, "pail");
  }

  private JsonNode log(int count, String soil) {
    return created(
        "/api/v1/pails/1/entries",
        "{\"kindId\":1,\"count\":%d,\"soil\":\"%s\",\"solids\":\"NONE\"}".formatted(count, soil));
  }

  @Test
  void aPailFillsByItselfAndEachPartOfADayOnce() {
    habit("AFTERNOON", 2);
    habit("NIGHT", 1);
    assertThat(pail().get("pieces").asInt()).isZero();
    laterBy(4);
    assertThat(pail().get("pieces").asInt()).isEqualTo(2);
    assertThat(pail().get("assumed").asInt()).isEqualTo(2);
    assertThat(pail().get("pieces").asInt()).as("once").isEqualTo(2);
    laterBy(16);
    assertThat(pail().get("pieces").asInt()).isEqualTo(3);
    assertThat(Lives.stock(app, "prefold").get("waiting").asInt()).isEqualTo(3);
  }

  @Test
  void correctingMakesItCertainAndNoneStaysNone() {
    habit("AFTERNOON", 2);
    laterBy(4);
    JsonNode assumed = pail().get("entries").get(0);
    JsonNode four =
        app.send(
                "PATCH",
                "/api/v1/entries/" + assumed.get("id").asLong(),
                "{\"version\":%d,\"count\":4,\"soil\":\"WET\",\"solids\":\"NONE\"}"
                    .formatted(assumed.get("version").asInt()))
            .json();
    assertThat(four.get("assumed").asBoolean()).isFalse();
    assertThat(pail().get("pieces").asInt()).isEqualTo(4);
    laterBy(24);
    JsonNode tomorrow = pail().get("entries").get(0);
    assertThat(tomorrow.get("assumed").asBoolean()).isTrue();
    assertThat(app.send("DELETE", "/api/v1/entries/" + tomorrow.get("id").asLong(), null).status())
        .isEqualTo(204);
    assertThat(pail().get("pieces").asInt()).as("none stays none").isEqualTo(4);
  }

  @Test
  void loggedPiecesStandForAssumedOnesBeforeAndAfter() {
    habit("AFTERNOON", 3);
    log(1, "STOOL");
    laterBy(3);
    assertThat(pail().get("pieces").asInt()).isEqualTo(3);
    JsonNode more = log(2, "STOOL");
    assertThat(pail().get("pieces").asInt()).isEqualTo(3);
    assertThat(pail().get("assumed").asInt()).isZero();
    assertThat(Lives.stock(app, "prefold").get("waiting").asInt()).isEqualTo(3);
    assertThat(app.send("DELETE", "/api/v1/entries/" + more.get("id").asLong(), null).status())
        .isEqualTo(204);
    assertThat(pail().get("pieces").asInt()).as("undone, they are assumed again").isEqualTo(3);
    assertThat(pail().get("assumed").asInt()).isEqualTo(2);
    assertThat(app.post("/api/v1/entries/" + more.get("id").asLong() + "/restore", null).status())
        .isEqualTo(200);
    assertThat(pail().get("pieces").asInt()).isEqualTo(3);
    assertThat(Lives.stock(app, "prefold").get("waiting").asInt()).isEqualTo(3);
  }

  @Test
  void noMoreIsAssumedThanIsClean() {
    habit("AFTERNOON", 40);
    laterBy(4);
    assertThat(pail().get("pieces").asInt()).isEqualTo(12);
    assertThat(Lives.stock(app, "prefold").get("clean").asInt()).isZero();
  }

  @Test
  void nothingIsAssumedFromBeforeTheLastEmptying() {
    habit("AFTERNOON", 2);
    laterBy(4);
    JsonNode pail = pail();
    assertThat(
            app.post(
                    "/api/v1/pails/1/empty",
                    "{\"version\":%d}".formatted(pail.get("version").asInt()))
                .status())
        .isEqualTo(200);
    laterBy(24);
    assertThat(pail().get("pieces").asInt()).as("yesterday's wait on, today's came").isEqualTo(4);
  }

  @ParameterizedTest
  @CsvSource({"AWAY, 0, false", "VISITOR, 4, false", "ILLNESS, 3, true"})
  void aSpellChangesWhatComesInAndIllnessTheGoal(String sort, int pieces, boolean ill) {
    habit("AFTERNOON", 2);
    created(
        "/api/v1/normal-days/spells",
        "{\"personId\":1,\"sort\":\"%s\",\"from\":\"2026-05-20\",\"to\":\"2026-05-20\"}"
            .formatted(sort));
    laterBy(4);
    assertThat(pail().get("pieces").asInt()).isEqualTo(pieces);
    JsonNode spells = app.get("/api/v1/normal-days").json().get("spells");
    assertThat(spells.get(0).get("on").asBoolean()).isTrue();
    if (ill) {
      laterBy(12);
      RunningApp.Answer machine =
          app.post(
              "/api/v1/machines",
              """
              {"name":"m","drumL":50,"capacityKg":6,"drumRadiusM":0.235,"heaterW":2000,"programmes":[
               {"name":"Cottons","use":"WASH","temperaturesC":[40,60],"shortfallC":0,"washMinutes":120,
                "agitation":"NORMAL","rinses":2,"extraRinses":1,"interimRpm":600,"fastestSpinRpm":1400}]}""");
      assertThat(machine.status()).as(machine.body()).isEqualTo(201);
      JsonNode drum = app.get("/api/v1/sorting").json().get("drums").get(0);
      assertThat(drum.get("leastC").asInt()).isEqualTo(60);
      assertThat(drum.get("reasons").toString()).contains("illness");
    }
    assertThat(app.send("DELETE", "/api/v1/normal-days/spells/1", null).json().get("spells"))
        .isEmpty();
  }

  @Test
  void aClockThatJumpsBackOrAZoneThatChangesDoublesNothing() {
    habit("AFTERNOON", 2);
    laterBy(4);
    assertThat(pail().get("pieces").asInt()).isEqualTo(2);
    laterBy(-3);
    assertThat(pail().get("pieces").asInt()).isEqualTo(2);
    laterBy(3);
    JsonNode house = app.get("/api/v1/household").json();
    var change = (tools.jackson.databind.node.ObjectNode) house;
    change.remove("trim");
    change.put("zone", "Pacific/Auckland");
    assertThat(app.send("PUT", "/api/v1/household", change.toString()).status()).isEqualTo(200);
    assertThat(pail().get("pieces").asInt()).isEqualTo(2);
    change.put("version", app.get("/api/v1/household").json().get("version").asInt());
    change.put("zone", "Middle/Nowhere");
    assertThat(
            app.send("PUT", "/api/v1/household", change.toString()).json().get("field").asString())
        .isEqualTo("zone");
  }

  @Test
  void withoutAMachineTheLineStillTellsWhatWaits() {
    log(3, "WET");
    RunningApp.Answer line = app.get("/api/v1/line");
    assertThat(line.status()).isEqualTo(200);
    assertThat(line.json().get("pegs").get(0).get("state").asString()).contains(": 3 waiting");
    RunningApp.Answer sorting = app.get("/api/v1/sorting");
    assertThat(sorting.status()).isEqualTo(409);
    assertThat(sorting.json().get("detail").asString()).contains("No machine is set up yet");
  }

  @Test
  void habitsAreChangedAndTakenOut() {
    habit("AFTERNOON", 2);
    JsonNode now = app.send("PATCH", "/api/v1/normal-days/habits/1", "{\"count\":5}").json();
    assertThat(now.get("habits").get(0).get("count").asInt()).isEqualTo(5);
    assertThat(app.send("DELETE", "/api/v1/normal-days/habits/1", null).json().get("habits"))
        .isEmpty();
    assertThat(app.send("PATCH", "/api/v1/normal-days/habits/1", "{\"count\":5}").status())
        .isEqualTo(409);
    laterBy(4);
    assertThat(pail().get("pieces").asInt()).isZero();
  }
}
