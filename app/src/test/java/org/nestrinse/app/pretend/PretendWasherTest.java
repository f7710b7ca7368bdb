package org.nestrinse.app.pretend;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
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
import tools.jackson.databind.json.JsonMapper;

/** The pretend washer runs the machine's steps, waits for a person, and tells what it does. */
@Tag("long")
class PretendWasherTest {
  private RunningApp app;
  private JsonNode round;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
    long nursery = Lives.pail(app, "Nursery pail").get("id").asLong();
    long load =
        app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(nursery))
            .json()
            .get("id")
            .asLong();
    StringBuilder read = new StringBuilder("\"\"");
    app.get("/api/v1/loads/" + load + "/plan?school=cool-and-sun")
        .json()
        .get("cautions")
        .forEach(c -> read.append(",\"").append(c.get("key").asString()).append('"'));
    round =
        app.post(
                "/api/v1/rounds",
                "{\"loadId\":%d,\"school\":\"cool-and-sun\",\"checksRead\":[%s],\"practise\":true}"
                    .formatted(load, read))
            .json();
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private RunningApp.Answer attach(String speed) {
    return app.post(
        "/api/v1/pretend/washer",
        "{\"roundId\":%d,\"speed\":%s}".formatted(round.get("id").asLong(), speed));
  }

  @Test
  void runsWhatIsPlannedAndTellsPhaseTemperatureAndWater()
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(app.address() + "/api/v1/changes")).build();
    HttpResponse<java.io.InputStream> stream =
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofInputStream());
    List<String> phases = new ArrayList<>();
    double warmest = 0;
    double water = 0;
    try (BufferedReader lines =
        new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
      assertThat(attach("600").status()).isEqualTo(200);
      boolean washer = false;
      while (true) {
        String line = lines.readLine();
        if (line.startsWith("event:")) {
          washer = line.equals("event:washer");
        } else if (line.startsWith("data:") && washer) {
          JsonNode state = JsonMapper.shared().readTree(line.substring("data:".length()));
          phases.add(state.get("phase").asString());
          warmest = Math.max(warmest, state.get("temperatureC").asDouble());
          water = Math.max(water, state.get("waterL").asDouble());
          if (state.get("waits").asBoolean() && !tickWaiting()) {
            break;
          }
        }
      }
    }
    assertThat(phases).contains("waits for you", "heats", "washes", "rinses");
    assertThat(warmest).isBetween(38.0, 41.0);
    assertThat(water).isGreaterThan(7);
    assertThat(app.get("/api/v1/rounds/running").json().get("practice").isNull()).isTrue();
  }

  /** Ticks the step that waits for a person, and returns whether the practice goes on. */
  private boolean tickWaiting() {
    JsonNode now = app.get("/api/v1/rounds/running").json().get("practice");
    if (now.isNull()) {
      return false;
    }
    int current = now.get("currentStep").asInt();
    JsonNode step = now.get("plan").get("steps").get(current - 1);
    if (!step.get("attended").asBoolean()) {
      return true;
    }
    JsonNode after =
        app.post("/api/v1/rounds/" + now.get("id").asLong() + "/steps/" + current, "{}").json();
    return !after.get("currentStep").isNull();
  }

  @Test
  void speedsAndRoundsAreChecked() {
    assertThat(attach("0").status()).isEqualTo(400);
    assertThat(attach("601").json().get("allowed").asString()).contains("600");
    assertThat(app.post("/api/v1/pretend/washer", "{\"speed\":1}").status()).isEqualTo(400);
    assertThat(app.post("/api/v1/pretend/washer", "{\"roundId\":9999,\"speed\":1}").status())
        .isEqualTo(404);
    assertThat(app.post("/api/v1/pretend/washer", "{\"roundId\":1,\"speed\":1}").status())
        .isEqualTo(409);
    assertThat(attach("1").status()).isEqualTo(200);
    assertThat(app.get("/api/v1/pretend/washer").json().get("state").get("phase").asString())
        .isEqualTo("waits for you");
    assertThat(app.send("DELETE", "/api/v1/pretend/washer", null).status()).isEqualTo(204);
    assertThat(app.get("/api/v1/pretend/washer").json().get("state").isNull()).isTrue();
  }
}
