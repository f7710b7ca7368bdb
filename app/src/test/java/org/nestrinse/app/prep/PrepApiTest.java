package org.nestrinse.app.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** New pieces from the shop to the shelf: washes counted by rounds, soaks by the clock. */
class PrepApiTest {
  private RunningApp app;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private JsonNode buy(String kind, int count) {
    RunningApp.Answer answer =
        app.post(
            "/api/v1/prep",
            "{\"kindId\":%d,\"count\":%d}".formatted(Lives.kindId(app, kind), count));
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json();
  }

  private JsonNode lot(String kind) {
    return Lives.named(app.get("/api/v1/prep").json(), "kind", kind);
  }

  /** Washes what is in the place for new pieces, and dries it. */
  private void wash() {
    long pail = Lives.pail(app, "New pieces").get("id").asLong();
    JsonNode load = app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(pail)).json();
    String plan = "/api/v1/loads/%d/plan?school=hot-and-full".formatted(load.get("id").asLong());
    StringBuilder read = new StringBuilder();
    for (JsonNode c : app.get(plan).json().get("cautions")) {
      if (c.get("strength").asString().equals("CHECK")) {
        read.append(read.isEmpty() ? "" : ",")
            .append('"')
            .append(c.get("key").asString())
            .append('"');
      }
    }
    JsonNode round =
        app.post(
                "/api/v1/rounds",
                "{\"loadId\":%d,\"school\":\"hot-and-full\",\"checksRead\":[%s]}"
                    .formatted(load.get("id").asLong(), read))
            .json();
    for (JsonNode step : round.get("plan").get("steps")) {
      assertThat(
              app.post(
                      "/api/v1/rounds/%d/steps/%d"
                          .formatted(round.get("id").asLong(), step.get("number").asInt()),
                      null)
                  .status())
          .isEqualTo(200);
    }
    for (JsonNode group : app.get("/api/v1/drying").json().get("groups")) {
      if (group.get("kind").asString().equals("cotton prefold")) {
        app.post("/api/v1/drying/%d/dry".formatted(group.get("id").asLong()), null);
      }
    }
  }

  @Test
  void washesAreCountedByRoundsUntilAllIsReady() {
    int owned = Lives.stock(app, "cotton prefold").get("owned").asInt();
    buy("cotton prefold", 5);
    assertThat(Lives.stock(app, "cotton prefold").get("owned").asInt()).isEqualTo(owned + 5);
    int waiting = Lives.stock(app, "cotton prefold").get("waiting").asInt();
    String first = lot("cotton prefold").get("readyWords").asString();
    for (int washed = 1; washed <= 2; washed++) {
      wash();
      assertThat(lot("cotton prefold").get("washes").asInt()).isEqualTo(washed);
      assertThat(Lives.stock(app, "cotton prefold").get("waiting").asInt()).isEqualTo(waiting);
      assertThat(lot("cotton prefold").get("readyWords").asString()).isNotEqualTo(first);
    }
    wash();
    assertThat(app.get("/api/v1/prep").body()).doesNotContain("cotton prefold");
    assertThat(Lives.stock(app, "cotton prefold").get("waiting").asInt()).isEqualTo(waiting - 5);
  }

  @Test
  void aSoakCountsByTheClockAndKeepsPiecesOutOfLoads() {
    JsonNode soaking = lot("bamboo booster");
    assertThat(soaking.get("soakWords").isNull()).isFalse();
    assertThat(app.get("/api/v1/sorting").body()).doesNotContain("\"pails\":\"New pieces\"");
    String path = "/api/v1/prep/" + soaking.get("id").asLong() + "/soak";
    assertThat(app.post(path, null).status()).isEqualTo(409);
    app.forward(Duration.ofHours(12));
    JsonNode soaked = app.send("DELETE", path, null).json();
    assertThat(soaked.get("soakWashes").asInt()).isEqualTo(2);
    assertThat(soaked.get("left").asInt()).isEqualTo(2);
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(409);
    assertThat(app.get("/api/v1/sorting").body()).contains("New pieces");
  }

  @Test
  void newDarkPiecesStayApartFromPaleOnes() {
    app.post(
        "/api/v1/kinds",
        """
        {"name":"red bath towel","role":"TOWEL","bin":"HOUSE","areaM2":0.9,"small":false,"owned":0,
         "colour":"DARK","parts":[{"name":"body","material":"COTTON","massKg":0.5,"elastic":false}]}""");
    JsonNode lot = buy("red bath towel", 2);
    assertThat(lot.get("bleeds").asBoolean()).isTrue();
    JsonNode waits = app.get("/api/v1/sorting").json().get("waits");
    JsonNode red =
        java.util.stream.StreamSupport.stream(waits.spliterator(), false)
            .filter(w -> w.get("line").get("kind").asString().equals("red bath towel"))
            .findFirst()
            .orElseThrow();
    assertThat(red.get("line").get("soil").asString()).contains("dye may bleed");
    assertThat(red.get("reason").asString()).contains("bleed");
  }

  @Test
  void mistakesAreTakenBackAndNamed() {
    int owned = Lives.stock(app, "hand towel").get("owned").asInt();
    long id = buy("hand towel", 3).get("id").asLong();
    assertThat(app.send("DELETE", "/api/v1/prep/" + id, null).status()).isEqualTo(204);
    assertThat(Lives.stock(app, "hand towel").get("owned").asInt()).isEqualTo(owned);
    assertThat(app.send("DELETE", "/api/v1/prep/" + id, null).status()).isEqualTo(409);
    assertThat(
            app.post("/api/v1/prep/" + buy("glass cloth", 1).get("id").asLong() + "/soak", null)
                .json()
                .get("detail")
                .asString())
        .contains("A soak does not help");
    assertThat(app.post("/api/v1/prep", "{\"count\":1}").json().get("field").asString())
        .isEqualTo("kindId");
    assertThat(
            app.post("/api/v1/prep", "{\"kindId\":1,\"count\":0}").json().get("field").asString())
        .isEqualTo("count");
    assertThat(app.post("/api/v1/prep", "{\"kindId\":999,\"count\":1}").status()).isEqualTo(404);
  }
}
