package org.nestrinse.app.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** The family's own household and the made-up one beside it: neither sees the other's rows. */
@Tag("long")
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TwoHousesTest {
  private static final String MADE_UP = House.MADE_UP.prefix();

  /** A name that is nowhere in the made-up house. */
  private static final String OURS = "Zaunkoenigin";

  /** Names that are nowhere but in the made-up house. */
  private static final List<String> THEIRS = List.of("Tern House", "Linnet", "Aurel");

  private static final String PERSON =
      """
      {"name":"%s","about":"","sensitiveSkin":false,"ill":false,"newborn":false,"dayBundles":0,"nightBundles":0,
       "bedPads":0}""";

  private static RunningApp app;

  @BeforeAll
  static void start() {
    app = RunningApp.besideTheMadeUp(DemoApp.MOMENT);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  /** Returns what the made-up house answers, once it is open. */
  private static RunningApp.Answer madeUp(String method, String path, String json) {
    while (true) {
      RunningApp.Answer answer = app.send(method, MADE_UP + path, json);
      if (answer.status() != 503) {
        return answer;
      }
      assertThat(answer.type()).startsWith("application/problem+json");
      assertThat(answer.json().get("detail").asString()).contains("being set up");
      Thread.onSpinWait();
    }
  }

  /** Returns every address of the API that can be read without an id, and one with each. */
  private static List<String> readable() {
    List<String> paths = new ArrayList<>();
    JsonNode all = app.get("/openapi.json").json().get("paths");
    all.properties()
        .forEach(
            path -> {
              if (path.getValue().has("get") && !path.getKey().contains("stream")) {
                paths.add(path.getKey().replaceAll("\\{[^}]+}", "1"));
              }
            });
    assertThat(paths).hasSizeGreaterThan(40);
    return paths;
  }

  private static Map<String, String> everything(String prefix) {
    Map<String, String> answers = new TreeMap<>();
    for (String path : readable()) {
      RunningApp.Answer answer = app.get(prefix + path);
      assertThat(answer.status()).as(path).isLessThan(500);
      answers.put(path, answer.body());
    }
    return answers;
  }

  @Test
  @Order(1)
  void eachAnswersFromItsOwnRowsAlone() {
    assertThat(app.post("/api/v1/people", PERSON.formatted(OURS)).status()).isEqualTo(201);
    assertThat(madeUp("GET", "/api/v1/people", null).body())
        .contains("Linnet")
        .doesNotContain(OURS);
    assertThat(app.get("/api/v1/people").body()).contains(OURS);

    everything("").forEach((path, body) -> assertThat(body).as(path).doesNotContain(THEIRS));
    Map<String, String> theirs = everything(MADE_UP);
    theirs.forEach((path, body) -> assertThat(body).as(path).doesNotContain(OURS));
    assertThat(theirs.values().stream().filter(body -> body.contains("Linnet")).count())
        .as("answers with the name of somebody made up")
        .isGreaterThan(5);
  }

  @Test
  @Order(2)
  void whatIsChangedInOneLeavesTheOtherAsItWas() {
    String ours = app.get("/api/v1/people").body();
    String key = "0123456789abcdef";
    assertThat(
            app.sendKeyed("POST", MADE_UP + "/api/v1/people", PERSON.formatted("Sorrel"), key)
                .status())
        .isEqualTo(201);
    assertThat(app.get("/api/v1/people").body()).isEqualTo(ours);
    // A key that was used in the made-up house is a new one here.
    assertThat(app.sendKeyed("POST", "/api/v1/people", PERSON.formatted("Bramble"), key).status())
        .isEqualTo(201);
    assertThat(madeUp("GET", "/api/v1/people", null).body())
        .contains("Sorrel")
        .doesNotContain("Bramble");

    assertThat(madeUp("DELETE", "/api/v1/record", null).status()).isEqualTo(204);
    assertThat(app.get("/api/v1/people").body()).contains(OURS, "Bramble").doesNotContain("Sorrel");
  }

  @Test
  @Order(3)
  void bothAreThereAgainAfterARestart() {
    String ours = app.get("/api/v1/people").body();
    String theirs = madeUp("GET", "/api/v1/people", null).body();
    app.restart();
    assertThat(madeUp("GET", "/api/v1/people", null).body()).isEqualTo(theirs);
    assertThat(app.get("/api/v1/people").body()).isEqualTo(ours);
    assertThat(app.data().resolve("made-up/nest.mv.db")).isRegularFile();
    assertThat(app.data().resolve("nest.mv.db")).isRegularFile();
  }

  @Test
  @Order(4)
  void whatIsNearlyThePrefixIsNoWayIn() {
    assertThat(app.get("/made-uphill/api/v1/people").body()).doesNotContain("Linnet");
    assertThat(app.get("/%6dade-up/api/v1/people").body()).doesNotContain("Linnet", OURS);
    assertThat(app.get(MADE_UP + "/api/v1/no-such-thing").status()).isEqualTo(404);
    assertThat(app.get(MADE_UP + "/gather").body()).contains("<div id=\"app\">");
  }
}
