package org.nestrinse.app.wash;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** A wash that was stopped, an answer that was corrected, and a wash that cannot have run. */
@Tag("long")
class StoppedAndCorrectedTest {
  private RunningApp app;
  private NursingLoad load;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
    load = NursingLoad.of(app);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private JsonNode tick(JsonNode round) {
    return app.post(
            "/api/v1/rounds/%d/steps/%d"
                .formatted(round.get("id").asLong(), round.get("currentStep").asInt()),
            null)
        .json();
  }

  private JsonNode answer(JsonNode round, String judgement, String answer) {
    RunningApp.Answer said =
        app.post(
            "/api/v1/rounds/%d/answers".formatted(round.get("id").asLong()),
            "{\"judgement\":\"%s\",\"answer\":\"%s\"}".formatted(judgement, answer));
    assertThat(said.status()).as(said.body()).isEqualTo(200);
    return said.json();
  }

  private JsonNode until(JsonNode round, String judgement) {
    JsonNode now = round;
    while (!now.get("judgements").toString().contains("\"" + judgement + "\"")) {
      now = tick(now);
    }
    return now;
  }

  private int seen() {
    return app.get("/api/v1/record/observations.csv").body().split("\n").length;
  }

  @Test
  void aStoppedWashGivesItsPiecesBackToTheirLoad() {
    JsonNode before = app.get("/api/v1/kinds").json();
    int rounds = app.get("/api/v1/record").json().get("total").asInt();
    JsonNode round = tick(load.start("\"school\":\"hot-and-full\""));
    String path = "/api/v1/rounds/" + round.get("id").asLong();
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(app.get("/api/v1/rounds/running").json().get("round").isNull()).isTrue();
    assertThat(app.get("/api/v1/kinds").json()).isEqualTo(before);
    assertThat(app.get("/api/v1/ledger").json()).isEmpty();
    assertThat(app.get("/api/v1/record").json().get("total").asInt()).isEqualTo(rounds);
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(409);
    assertThat(load.start("\"school\":\"hot-and-full\"").get("state").asString())
        .isEqualTo("RUNNING");
  }

  @Test
  void aCorrectedAnswerLeavesNeitherStepNorObservation() {
    JsonNode round = until(load.start("\"school\":\"hot-and-full\""), "SUDS");
    int before = seen();
    JsonNode suds = answer(round, "SUDS", "yes");
    assertThat(suds.get("steps").size()).isEqualTo(round.get("steps").size() + 1);
    assertThat(seen()).isEqualTo(before + 1);
    JsonNode none = answer(suds, "SUDS", "no");
    assertThat(none.get("steps").size()).isEqualTo(round.get("steps").size());
    assertThat(none.get("currentStep")).isEqualTo(round.get("currentStep"));
    JsonNode again = answer(none, "SUDS", "yes");
    JsonNode back =
        app.send(
                "DELETE",
                "/api/v1/rounds/%d/answers/last".formatted(again.get("id").asLong()),
                null)
            .json();
    assertThat(back.get("steps").size()).isEqualTo(round.get("steps").size());
    assertThat(seen()).isEqualTo(before);
    assertThat(
            app.send(
                    "DELETE",
                    "/api/v1/rounds/%d/answers/last".formatted(again.get("id").asLong()),
                    null)
                .status())
        .isEqualTo(409);
  }

  @Test
  void aStepTakenBackTakesItsAnswersBack() {
    JsonNode round = until(load.start("\"school\":\"hot-and-full\""), "SUDS");
    int before = seen();
    answer(round, "SUDS", "yes");
    JsonNode back =
        app.send("DELETE", "/api/v1/rounds/%d/steps/last".formatted(round.get("id").asLong()), null)
            .json();
    assertThat(back.get("steps").size()).isEqualTo(round.get("steps").size());
    assertThat(seen()).isEqualTo(before);
  }

  @Test
  void aWashTickedThroughInThreeMinutesIsNotSixtyDegreesForNinety() {
    JsonNode round = load.start("\"school\":\"hot-and-full\"");
    while (!round.get("currentStep").isNull()) {
      app.forward(Duration.ofSeconds(25));
      round = tick(round);
    }
    String path = "/api/v1/record/" + round.get("id").asLong();
    JsonNode kept = app.get(path).json();
    assertThat(kept.at("/figures/estimate/notRun").asBoolean()).isTrue();
    assertThat(kept.at("/figures/bath/peakC").asDouble()).isLessThan(30);
    assertThat(kept.at("/figures/bath/holdMinutes").asDouble()).isZero();
    assertThat(kept.at("/figures/estimate/goalMet").asBoolean()).isFalse();
    assertThat(kept.at("/figures/spent/minutes").asDouble()).isLessThan(10);
    // It did run: whoever ticked it off was only late to tell.
    app.post("/api/v1/rounds/%d/ran".formatted(round.get("id").asLong()), "{\"ran\":true}");
    assertThat(app.get(path).json().at("/figures/bath/peakC").asDouble()).isGreaterThan(50);
    app.post("/api/v1/rounds/%d/ran".formatted(round.get("id").asLong()), "{\"ran\":false}");
    assertThat(app.get(path).json().at("/figures/bath/peakC").asDouble()).isLessThan(30);
  }
}
