package org.nestrinse.app.wash;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.OwnPieces;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A pail is washed in one tap, whatever the advice, and what did not run is not recorded as run.
 */
class WashNowApiTest {
  private static final String HOT = "\"school\":\"hot-and-full\"";

  private RunningApp app;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private JsonNode now(String body) {
    RunningApp.Answer answer = app.post("/api/v1/loads/now", body);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json();
  }

  @Test
  void aPailThatCouldWaitIsWashedNowAndItSaysWhatItWouldHaveWaitedFor() {
    long aurel = Lives.pail(app, "Aurel's pads").get("id").asLong();
    int pieces = Lives.pail(app, "Aurel's pads").get("pieces").asInt();
    JsonNode made = now("{\"pailIds\":[%d]}".formatted(aurel));
    assertThat(made.get("notes").toString()).contains("waited until");
    assertThat(Lives.pail(app, "Aurel's pads").get("pieces").asInt()).isLessThan(pieces);
    long load = made.get("load").get("id").asLong();
    JsonNode plans = app.get("/api/v1/loads/" + load + "/plans").json();
    assertThat(plans.get("offered").asString()).isNotBlank();
    assertThat(plans.get("offeredWords").asString()).endsWith(".");
  }

  @Test
  void whatMustNotTravelAlongStaysBehindWithItsReason() {
    long nursery = Lives.pail(app, "Nursery pail").get("id").asLong();
    JsonNode made = now("{\"pailIds\":[%d]}".formatted(nursery));
    assertThat(made.get("notes").toString()).contains("wool cover").contains("tolerate up to 30°");
  }

  @Test
  void withoutPailsEverythingThatWaitsIsMeantAndNonsenseIsNamed() {
    assertThat(now("{}").get("load").get("id").asLong()).isPositive();
    assertThat(app.post("/api/v1/loads/now", "{\"pailIds\":[]}").status()).isEqualTo(400);
    assertThat(app.post("/api/v1/loads/now", "{\"pailIds\":[99999]}").status()).isBetween(400, 499);
  }

  @Test
  void aLoadOpensOnTheMethodChosenInKitOrOnOneThatCanWashIt() {
    OwnPieces own = new OwnPieces(app);
    long towel = own.kind("beach towel", "TOWEL", "HOUSE", "COTTON", "PALE");
    long load = own.load(towel, 12, "DIRT");
    usually("cool-and-sun");
    JsonNode chosen = app.get("/api/v1/loads/" + load + "/plans").json();
    assertThat(chosen.get("offered").asString()).isEqualTo("cool-and-sun");
    usually("hygiene-steam");
    JsonNode other = app.get("/api/v1/loads/" + load + "/plans").json();
    assertThat(other.get("offered").asString()).isNotEqualTo("hygiene-steam");
    assertThat(other.get("offeredWords").asString()).contains("cannot wash this here");
  }

  private void usually(String method) {
    ObjectNode house = (ObjectNode) app.get("/api/v1/household").json();
    house.remove("trim");
    house.put("usualMethod", method);
    assertThat(app.send("PUT", "/api/v1/household", house.toString()).status()).isEqualTo(200);
  }

  @Test
  void aStepTickedFarTooSoonIsAskedAboutAndCountsAsNotRun() {
    NursingLoad load = NursingLoad.of(app);
    JsonNode round = load.start(HOT);
    long id = round.get("id").asLong();
    for (JsonNode step : round.get("plan").get("steps")) {
      app.forward(Duration.ofMinutes(2));
      app.post("/api/v1/rounds/%d/steps/%d".formatted(id, step.get("number").asInt()), "{}");
    }
    JsonNode asked = app.get("/api/v1/rounds/" + id).json();
    assertThat(asked.get("early")).isNotEmpty();
    assertThat(asked.get("early").toString()).contains("ticked off after");
    assertThat(line(id).at("/figures/estimate/notRun").asBoolean()).isTrue();

    assertThat(app.post("/api/v1/rounds/%d/ran".formatted(id), "{}").status()).isEqualTo(400);
    JsonNode ran = app.post("/api/v1/rounds/%d/ran".formatted(id), "{\"ran\":true}").json();
    assertThat(ran.get("early")).isEmpty();
    assertThat(line(id).at("/figures/estimate/notRun").asBoolean()).isFalse();
    assertThat(line(id).get("soilWords").asString()).contains("%");
    assertThat(line(id).at("/figures/estimate/totalLog").asDouble()).isLessThanOrEqualTo(5);
  }

  private JsonNode line(long id) {
    for (JsonNode round : app.get("/api/v1/record?size=5").json().get("rounds")) {
      if (round.get("id").asLong() == id) {
        return round;
      }
    }
    throw new AssertionError("round " + id);
  }
}
