package org.nestrinse.app.wash;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** Doing a round: what is seen, held, left out and handed over, and what is kept of it. */
class RunApiTest {
  private static final String HOT = "\"school\":\"hot-and-full\"";

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

  private JsonNode did(JsonNode round, String what, String body) {
    RunningApp.Answer answer =
        app.post("/api/v1/rounds/" + round.get("id").asLong() + "/" + what, body);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  private JsonNode tick(JsonNode round) {
    return did(round, "steps/" + round.get("currentStep").asInt(), "{}");
  }

  /** Goes on until the step with this title is current. */
  private JsonNode until(JsonNode round, String title) {
    JsonNode now = round;
    while (!title(now).contains(title)) {
      now = tick(now);
    }
    return now;
  }

  private static String title(JsonNode round) {
    int current = round.get("currentStep").asInt();
    return round.get("plan").get("steps").get(current - 1).get("title").asString();
  }

  @Test
  void sudsAddARinseAndEveryFigureFollows() {
    JsonNode round = until(load.start(HOT), "Take everything out");
    assertThat(round.get("judgements")).hasSize(2);
    assertThat(round.get("lying").get("state").asString()).isEqualTo("FRESH");
    double residue = round.get("plan").get("figures").get("residueMgKg").asDouble();
    int steps = round.get("steps").size();

    JsonNode after = did(round, "answers", "{\"judgement\":\"SUDS\",\"answer\":\"yes\"}");
    assertThat(after.get("steps")).hasSize(steps + 1);
    assertThat(title(after)).isEqualTo("Rinse once more");
    assertThat(after.get("plan").get("figures").get("residueMgKg").asDouble()).isLessThan(residue);
    assertThat(after.get("planned").get("figures").get("residueMgKg").asDouble())
        .isEqualTo(residue);
    assertThat(after.get("steps").get(steps - 1).get("added").asString()).contains("suds");
    app.restart();
    JsonNode again = app.get("/api/v1/rounds/running").json().get("round");
    assertThat(title(again)).isEqualTo("Rinse once more");

    JsonNode unload = tick(again);
    assertThat(unload.get("judgements").get(0).get("given").isNull()).isTrue();
    JsonNode answered = did(unload, "answers", "{\"judgement\":\"SUDS\",\"answer\":\"no\"}");
    assertThat(answered.get("judgements").get(0).get("given").asString()).isEqualTo("no");
    JsonNode washed = tick(answered);
    assertThat(washed.get("state").asString()).isEqualTo("HANGING");
    assertThat(washed.get("events").toString()).contains("added: Rinse once more");
  }

  @Test
  void whatWasReallyPutInLeavesThePackAndComesBackWithTheStep() {
    JsonNode round = until(load.start(HOT), "First wash");
    JsonNode dose = round.get("plan").get("steps").get(1).get("doses").get(0);
    long product = dose.get("productId").asLong();
    double before = left(product);
    JsonNode after = did(round, "steps/2", "{\"shares\":[0.5],\"carer\":\"Oskar\"}");
    assertThat(left(product))
        .isCloseTo(
            before - dose.get("grams").asDouble() / 2,
            org.assertj.core.api.Assertions.within(1e-6));
    assertThat(after.get("events").toString()).contains("50 % of").contains("Oskar");
    double planned = detergent(after.get("planned"));
    assertThat(detergent(after.get("plan"))).isLessThan(planned);
    JsonNode back =
        app.send("DELETE", "/api/v1/rounds/" + round.get("id").asLong() + "/steps/last", null)
            .json();
    assertThat(detergent(back.get("plan"))).isEqualTo(planned);
    assertThat(left(product)).isCloseTo(before, org.assertj.core.api.Assertions.within(1e-6));
    long powder = 2;
    assertThat(lasts(powder).get("daysLeft").asDouble())
        .isCloseTo(
            left(powder) / lasts(powder).get("gramsPerDay").asDouble(),
            org.assertj.core.api.Assertions.within(1e-6));
    RunningApp.Answer absurd =
        app.post("/api/v1/rounds/" + round.get("id").asLong() + "/steps/2", "{\"shares\":[9]}");
    assertThat(absurd.status()).isEqualTo(400);
  }

  /** What is in the water of the first bath. */
  private static double detergent(JsonNode plan) {
    return plan.get("baths").get(0).get("detergentGL").asDouble();
  }

  private double left(long product) {
    return lasts(product).get("leftG").asDouble();
  }

  private JsonNode lasts(long product) {
    for (JsonNode l : app.get("/api/v1/products/left").json()) {
      if (l.get("productId").asLong() == product) {
        return l;
      }
    }
    throw new AssertionError();
  }

  @Test
  void aHoldStopsTheClockAndMoreTimeMovesTheEnd() {
    JsonNode round = until(load.start(HOT), "First wash");
    Instant end = Instant.parse(round.get("currentEnds").asString());
    JsonNode held = did(round, "hold", "{\"why\":\"power cut\"}");
    assertThat(held.get("heldWhy").asString()).isEqualTo("power cut");
    app.forward(Duration.ofMinutes(25));
    JsonNode on = did(held, "resume", "{}");
    Instant later = Instant.parse(on.get("currentEnds").asString());
    assertThat(Duration.between(end, later).toMinutes()).isBetween(24L, 26L);
    JsonNode more = did(on, "more", "{\"minutes\":10}");
    assertThat(Duration.between(later, Instant.parse(more.get("currentEnds").asString())))
        .isEqualTo(Duration.ofMinutes(10));
    assertThat(more.get("events").toString()).contains("paused: power cut").contains("went on");
    app.forward(Duration.ofMinutes(38));
    JsonNode ticked = tick(more);
    long took = ticked.get("steps").get(1).get("tookMinutes").asLong();
    assertThat(took).isBetween(37L, 40L);
  }

  @Test
  void aStepIsLeftOutWithAReasonButNeverTheMainWash() {
    JsonNode round = until(load.start(HOT), "First wash");
    String path = "/api/v1/rounds/" + round.get("id").asLong() + "/skip";
    assertThat(app.post(path, "{\"why\":\" \"}").status()).isEqualTo(400);
    JsonNode after = did(round, "skip", "{\"why\":\"only wet ones today\"}");
    assertThat(title(after)).contains("Look");
    assertThat(after.get("steps")).hasSize(round.get("steps").size() - 1);
    assertThat(after.get("plan").get("figures").get("minutes").asDouble())
        .isLessThan(round.get("plan").get("figures").get("minutes").asDouble());
    assertThat(after.get("events").toString()).contains("skipped: First wash");
    JsonNode main = until(after, "Main wash");
    RunningApp.Answer refused = app.post(path, "{\"why\":\"no time\"}");
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.json().get("detail").asString()).contains("main wash");
    assertThat(title(app.get("/api/v1/rounds/" + main.get("id").asLong()).json()))
        .isEqualTo("Main wash");
  }

  @Test
  void theDrumWarnsWhenTheLoadLies() {
    JsonNode round = until(load.start(HOT), "Take everything out");
    app.forward(Duration.ofMinutes(50));
    JsonNode lying = app.get("/api/v1/rounds/running").json().get("round").get("lying");
    assertThat(lying.get("state").asString()).isEqualTo("SOON");
    assertThat(lying.get("words").asString()).contains("50 min");
    app.forward(Duration.ofHours(4));
    assertThat(
            app.get("/api/v1/rounds/" + round.get("id").asLong())
                .json()
                .get("lying")
                .get("state")
                .asString())
        .isEqualTo("SOUR");
  }

  @Test
  void practiceLeavesNothingBehind() {
    String stockBefore = Lives.stock(app, "bamboo trifold").toString();
    int rounds = app.get("/api/v1/record").json().get("total").asInt();
    String leftBefore = app.get("/api/v1/products/left").body();
    JsonNode round = load.practise(HOT);
    assertThat(round.get("state").asString()).isEqualTo("PRACTISE");
    assertThat(app.get("/api/v1/rounds/running").json().get("round").isNull()).isTrue();
    assertThat(app.get("/api/v1/record").json().get("total").asInt()).isEqualTo(rounds);
    while (!round.get("currentStep").isNull()) {
      round = tick(round);
    }
    assertThat(app.get("/api/v1/rounds/running").json().get("practice").isNull()).isTrue();
    assertThat(Lives.stock(app, "bamboo trifold").toString()).isEqualTo(stockBefore);
    assertThat(app.get("/api/v1/record").json().get("total").asInt()).isEqualTo(rounds);
    assertThat(app.get("/api/v1/products/left").body()).isEqualTo(leftBefore);
    load.practise(HOT);
    assertThat(app.send("DELETE", "/api/v1/rounds/practice", null).status()).isEqualTo(204);
    assertThat(app.get("/api/v1/rounds/running").json().get("practice").isNull()).isTrue();
  }

  @Test
  void whatMakesNoSenseIsRefusedAndNothingChanges() {
    JsonNode round = load.start(HOT);
    String path = "/api/v1/rounds/" + round.get("id").asLong();
    String before = app.get(path).json().get("steps").toString();
    String[][] refused = {
      {"answers", "{\"judgement\":\"SUDS\",\"answer\":\"no\"}", "409", "not looked at"},
      {"answers", "{\"judgement\":\"TEA\",\"answer\":\"no\"}", "400", "judgement"},
      {"answers", "{\"answer\":\"no\"}", "400", "judgement"},
      {"hold", "{\"why\":\"\"}", "400", "why"},
      {"resume", "{}", "409", "not paused"},
      {"more", "{\"minutes\":0}", "400", "minutes"},
      {"more", "{\"minutes\":1000}", "400", "minutes"},
      {"handover", "{}", "400", "carer"},
      {"skip", "{\"why\":\"tired\"}", "409", "cannot be skipped"}
    };
    for (String[] r : refused) {
      RunningApp.Answer answer = app.post(path + "/" + r[0], r[1]);
      assertThat(answer.status()).as(answer.body()).isEqualTo(Integer.parseInt(r[2]));
      assertThat(answer.json().get("detail").asString()).containsIgnoringCase(r[3]);
    }
    assertThat(app.get(path).json().get("steps").toString()).isEqualTo(before);
    assertThat(app.post("/api/v1/rounds/99999/hold", "{\"why\":\"tea\"}").status()).isEqualTo(404);
  }

  @Test
  void everyDeviceIsToldAtOnce() throws IOException, InterruptedException {
    JsonNode round = load.start(HOT);
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(app.address() + "/api/v1/changes")).build();
    HttpResponse<java.io.InputStream> stream =
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofInputStream());
    try (BufferedReader lines =
        new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
      assertThat(lines.readLine()).isEqualTo("event:beat");
      did(round, "handover", "{\"carer\":\"Oskar\"}");
      String line = lines.readLine();
      while (!line.equals("event:changed")) {
        line = lines.readLine();
      }
      assertThat(lines.readLine()).contains("ROUNDS");
    }
    assertThat(app.get("/api/v1/rounds/running").json().get("round").get("carer").asString())
        .isEqualTo("Oskar");
  }
}
