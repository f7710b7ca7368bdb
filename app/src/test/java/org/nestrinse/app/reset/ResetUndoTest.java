package org.nestrinse.app.reset;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** What a reset leaves behind: in the week, in a renamed kind, in the record when it is undone. */
@Tag("long")
class ResetUndoTest {
  private RunningApp app;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private JsonNode begin(String... kinds) {
    List<String> pieces = new ArrayList<>();
    for (String kind : kinds) {
      pieces.add("{\"kindId\":%d,\"count\":1}".formatted(Lives.kindId(app, kind)));
    }
    RunningApp.Answer begun =
        app.post(
            "/api/v1/resets",
            "{\"request\":{\"recipe\":\"RINSE_OUT\",\"vessel\":\"tub\",\"vesselL\":30,\"pieces\":%s},\"checksRead\":[]}"
                .formatted(pieces));
    assertThat(begun.status()).as(begun.body()).isEqualTo(201);
    return begun.json();
  }

  private JsonNode tick(JsonNode running, String water) {
    int step = running.get("currentStep").asInt();
    return app.post(
            "/api/v1/resets/%d/steps/%d".formatted(running.get("id").asLong(), step),
            water == null ? "{}" : "{\"water\":\"%s\"}".formatted(water))
        .json();
  }

  private JsonNode toTheFirstRinse(JsonNode running) {
    JsonNode now = running;
    while (!action(now).equals("RINSE")) {
      now = tick(now, null);
    }
    return now;
  }

  private static String action(JsonNode running) {
    return running
        .get("steps")
        .get(running.get("currentStep").asInt() - 1)
        .get("action")
        .asString();
  }

  private int seen() {
    return app.get("/api/v1/record/observations.csv").body().split("\n").length;
  }

  private long wanted() {
    long wanted = 0;
    for (JsonNode k : app.get("/api/v1/resets").json().get("kinds")) {
      String state = k.get("state").asString();
      wanted += state.equals("WANTED") || state.equals("ROUTINE_FIRST") ? 1 : 0;
    }
    return wanted;
  }

  @Test
  void theWeekGoesOnAfterAFinishedReset() {
    JsonNode running = begin("hand towel");
    while (!running.get("currentStep").isNull()) {
      running = tick(running, null);
    }
    assertThat(running.get("state").asString()).isEqualTo("FINISHED");
    assertThat(app.get("/api/v1/week").status()).isEqualTo(200);
    assertThat(app.get("/api/v1/week/rounds.ics").status()).isEqualTo(200);
  }

  @Test
  void aStepTakenBackTakesWhatItToldAndRestoresTheRinses() {
    JsonNode running = toTheFirstRinse(begin("hand towel"));
    while (running
        .get("steps")
        .get(running.get("currentStep").asInt())
        .get("action")
        .asString()
        .equals("RINSE")) {
      running = tick(running, null);
    }
    int before = seen();
    JsonNode suds = tick(running, "suds");
    assertThat(seen()).isEqualTo(before + 1);
    assertThat(suds.get("steps").size())
        .as("suds in the last rinse ask for one more")
        .isEqualTo(running.get("steps").size() + 1);
    JsonNode back =
        app.send(
                "DELETE",
                "/api/v1/resets/%d/steps/last".formatted(running.get("id").asLong()),
                null)
            .json();
    assertThat(back.get("steps")).isEqualTo(running.get("steps"));
    assertThat(back.get("currentStep")).isEqualTo(running.get("currentStep"));
    assertThat(seen()).isEqualTo(before);
  }

  @Test
  void theWaterOfAResetTellsOfTheKindsInItAndOfNoOther() {
    long before = wanted();
    int told = seen();
    tick(toTheFirstRinse(begin("hand towel", "tea towel")), "suds");
    assertThat(seen()).as("one of each kind").isEqualTo(told + 2);
    assertThat(wanted()).isLessThanOrEqualTo(before + 2);
  }

  @Test
  void twoTapsOnAWholeLoadAskForALookAndForNoReset() {
    long before = wanted();
    for (String sign :
        List.of("\"sign\":\"SUDS\",\"value\":\"suds\"", "\"sign\":\"FEEL\",\"value\":\"slimy\"")) {
      assertThat(
              app.post("/api/v1/record/observations", "{%s,\"where\":\"SHELF\"}".formatted(sign))
                  .status())
          .isEqualTo(201);
    }
    assertThat(wanted()).isEqualTo(before);
    assertThat(app.get("/api/v1/resets").body()).contains("CHECK_FIRST", "Check one piece first");
  }

  @Test
  void aKindRenamedMeanwhileKeepsItsPastAndItsPieces() {
    JsonNode towel = Lives.named(app.get("/api/v1/kinds").json(), "name", "hand towel");
    JsonNode running = begin("hand towel");
    String renamed =
        """
        {"version":%d,"name":"guest towel","role":"%s","bin":"%s","parts":%s,"areaM2":%s,"small":%s,
         "colour":"%s","owned":%d}"""
            .formatted(
                towel.get("version").asLong(),
                towel.get("role").asString(),
                towel.get("bin").asString(),
                towel.get("parts"),
                towel.get("areaM2"),
                towel.get("small"),
                towel.get("colour").asString(),
                towel.get("stock").get("owned").asInt());
    RunningApp.Answer put = app.send("PUT", "/api/v1/kinds/" + towel.get("id").asLong(), renamed);
    assertThat(put.status()).as(put.body()).isEqualTo(200);
    assertThat(app.get("/api/v1/resets/running").body()).contains("guest towel");
    while (!running.get("currentStep").isNull()) {
      running = tick(running, null);
    }
    JsonNode stock = Lives.stock(app, "guest towel");
    assertThat(stock.get("washing").asInt()).isZero();
    assertThat(app.get("/api/v1/ledger").json()).isEmpty();
    assertThat(app.get("/api/v1/record/costs").body())
        .contains("guest towel")
        .doesNotContain("hand towel");
    assertThat(app.get("/api/v1/judge?kind=guest%20towel").status()).isEqualTo(200);
  }

  @Test
  void noMoreThanAreCleanGoIn() {
    String request =
        "{\"recipe\":\"RINSE_OUT\",\"vessel\":\"tub\",\"vesselL\":30,\"pieces\":[{\"kindId\":%d,\"count\":99}]}"
            .formatted(Lives.kindId(app, "hand towel"));
    RunningApp.Answer plan = app.post("/api/v1/resets/plan", request);
    assertThat(plan.status()).isEqualTo(400);
    assertThat(plan.json().get("field").asString()).isEqualTo("pieces.count");
    assertThat(
            app.post("/api/v1/resets", "{\"request\":%s,\"checksRead\":[]}".formatted(request))
                .status())
        .isEqualTo(400);
  }
}
