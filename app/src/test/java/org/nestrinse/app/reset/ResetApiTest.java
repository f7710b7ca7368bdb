package org.nestrinse.app.reset;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class ResetApiTest {
  private RunningApp app;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private String request(String recipe, double litres, String kind, int count) {
    return "{\"recipe\":\"%s\",\"vessel\":\"the pot\",\"vesselL\":%s,\"pieces\":[{\"kindId\":%d,\"count\":%d}]}"
        .formatted(recipe, litres, Lives.kindId(app, kind), count);
  }

  private RunningApp.Answer plan(String recipe, double litres, String kind, int count) {
    return app.send("POST", "/api/v1/resets/plan", request(recipe, litres, kind, count));
  }

  private RunningApp.Answer begin(String request, String read) {
    return app.send(
        "POST",
        "/api/v1/resets",
        "{\"request\":%s,\"checksRead\":[%s],\"carer\":\"Oskar\"}".formatted(request, read));
  }

  private JsonNode tick(JsonNode running, String water) {
    return app.send(
            "POST",
            "/api/v1/resets/%d/steps/%d"
                .formatted(running.get("id").asLong(), running.get("currentStep").asInt()),
            water == null ? "{}" : "{\"water\":\"%s\"}".formatted(water))
        .json();
  }

  @Test
  void aSimmerPotForTwoBatchesRunsToTheLine() {
    JsonNode planned = plan("SIMMER_POT", 10, "tea towel", 10).json();
    JsonNode plan = planned.get("plan");
    assertThat(plan.get("batches")).hasSize(2);
    // 80 mL, as spoons measure it: 5¼ tablespoons.
    assertThat(plan.get("amounts").get(0).get("amount").asDouble()).isEqualTo(78.75);
    JsonNode before = Lives.stock(app, "tea towel");
    String request = request("SIMMER_POT", 10, "tea towel", 10);
    RunningApp.Answer unread = begin(request, "");
    assertThat(unread.status()).isEqualTo(409);
    assertThat(unread.json().get("detail").asString()).contains("boil");

    JsonNode running = begin(request, "\"reset-simmer-pot\"").json();
    assertThat(Lives.stock(app, "tea towel").get("washing").asInt()).isEqualTo(10);
    assertThat(begin(request, "\"reset-simmer-pot\"").status()).isEqualTo(409);
    int steps = running.get("steps").size();
    for (int step = 1; step <= steps; step++) {
      String action = running.get("steps").get(step - 1).get("action").asString();
      if (step == 4) {
        app.restart();
        running = app.get("/api/v1/resets/running").json().get("running");
        assertThat(running.get("currentStep").asInt()).isEqualTo(4);
      }
      running = tick(running, action.equals("LOOK") ? "grey" : null);
    }
    assertThat(running.get("state").asString()).isEqualTo("FINISHED");
    JsonNode after = Lives.stock(app, "tea towel");
    assertThat(after.get("washing").asInt()).isZero();
    assertThat(after.get("drying").asInt()).isEqualTo(before.get("drying").asInt() + 10);
    JsonNode round = app.get("/api/v1/record?size=1").json().get("rounds").get(0);
    assertThat(round.get("school").asString()).isEqualTo("Reset");
    assertThat(round.at("/figures/dose/words").asString()).contains("washing soda");
    JsonNode past = app.get("/api/v1/resets").json().get("past").get(0);
    assertThat(past.get("water").toString()).isEqualTo("[\"grey water\",\"grey water\"]");
    assertThat(app.get("/api/v1/judge").json().get("seen").asInt()).isGreaterThan(13);
  }

  @Test
  void boraxIsOffUntilItIsLawfulAndWanted() {
    RunningApp.Answer off = plan("SIMMER_POT_BORAX", 10, "tea towel", 4);
    assertThat(off.status()).isEqualTo(400);
    assertThat(off.json().get("detail").asString()).contains("legal");
    ObjectNode house = (ObjectNode) app.get("/api/v1/household").json();
    house.remove("trim");
    house.put("boraxLawful", true);
    assertThat(app.send("PUT", "/api/v1/household", house.toString()).status()).isEqualTo(200);
    JsonNode on = plan("SIMMER_POT_BORAX", 10, "tea towel", 4).json().get("plan");
    assertThat(on.get("amounts")).hasSize(2);
    assertThat(on.get("cautions").toString()).contains("reset-borax");
  }

  @Test
  void aRinseOutIsCountedAndTeachesTheNext() {
    app.send(
        "POST",
        "/api/v1/record/observations",
        "{\"sign\":\"JAR\",\"value\":\"suds\",\"kind\":\"hand towel\"}");
    JsonNode look = app.get("/api/v1/resets").json();
    String judged = app.get("/api/v1/judge").json().get("says").asString();
    assertThat(judged).as("one judgement").startsWith(look.get("judged").asString());
    JsonNode need = Lives.named(look.get("kinds"), "kind", "hand towel");
    assertThat(need.get("state").asString()).isEqualTo("WANTED");
    assertThat(need.get("recipe").asString()).isEqualTo("RINSE_OUT");
    JsonNode running = begin(request("RINSE_OUT", 54, "hand towel", 3), "").json();
    int predicted = running.get("predicted").asInt();
    assertThat(predicted).isBetween(1, 4);
    int counted = 0;
    while (running
        .get("steps")
        .get(running.get("currentStep").asInt() - 1)
        .get("action")
        .asString()
        .equals("RINSE")) {
      counted++;
      running = tick(running, counted == predicted + 2 ? "clear" : "suds");
    }
    assertThat(counted).isEqualTo(predicted + 2);
    running = tick(running, null);
    assertThat(running.get("state").asString()).isEqualTo("FINISHED");
    JsonNode past = app.get("/api/v1/resets").json().get("past").get(0);
    assertThat(past.get("counted").asInt()).isEqualTo(counted);
    JsonNode next = plan("RINSE_OUT", 54, "bath towel", 4).json().get("plan");
    assertThat(next.get("rinses").asInt()).isGreaterThan(predicted);
    JsonNode again =
        Lives.named(app.get("/api/v1/resets").json().get("kinds"), "kind", "hand towel");
    assertThat(again.get("state").asString())
        .as("its own suds ask for no other")
        .isEqualTo("NOT_NEEDED");
    JsonNode trim = app.get("/api/v1/judge").json().get("trim");
    assertThat(trim.get("next").asDouble()).as("its suds lower the dose").isLessThan(1);
  }

  @Test
  void untilAnythingIsWetItCanBeStoppedAndSteppedBack() {
    JsonNode running =
        begin(request("SIMMER_POT", 10, "tea towel", 4), "\"reset-simmer-pot\"").json();
    String path = "/api/v1/resets/" + running.get("id").asLong();
    tick(running, null);
    JsonNode back = app.send("DELETE", path + "/steps/last", "").json();
    assertThat(back.get("currentStep").asInt()).isEqualTo(1);
    assertThat(app.send("POST", path + "/steps/3", "{}").status()).isEqualTo(409);
    assertThat(app.send("POST", path + "/steps/1", "{\"water\":\"grey\"}").status()).isEqualTo(409);
    assertThat(app.send("DELETE", path, "").status()).isEqualTo(204);
    assertThat(Lives.stock(app, "tea towel").get("washing").asInt()).isZero();
    JsonNode wet = begin(request("SIMMER_POT", 10, "tea towel", 4), "\"reset-simmer-pot\"").json();
    for (int i = 0; i < 3; i++) {
      wet = tick(wet, null);
    }
    assertThat(app.send("DELETE", "/api/v1/resets/" + wet.get("id").asLong(), "").status())
        .isEqualTo(409);
  }

  @Test
  void moreThanAreCleanCannotGoIn() {
    RunningApp.Answer answer =
        begin(request("MINERAL_SOAK", 100, "tea towel", 60), "\"reset-bucket\"");
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("detail").asString()).contains("clean");
    assertThat(app.get("/api/v1/resets/running").json().get("running").isNull()).isTrue();
  }
}
