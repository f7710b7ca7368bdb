package org.nestrinse.app.wash;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Ten schools on one load of the demo household, and the product that one of them relies on. */
class CompareApiTest {
  private RunningApp app;
  private long loadId;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
    long nursery = Lives.pail(app, "Nursery pail").get("id").asLong();
    loadId =
        app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(nursery))
            .json()
            .get("id")
            .asLong();
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private JsonNode comparison() {
    return app.get("/api/v1/loads/" + loadId + "/plans").json();
  }

  private JsonNode whole(String school) {
    return app.get("/api/v1/loads/" + loadId + "/plan?school=" + school).json();
  }

  private static JsonNode plan(JsonNode comparison, String school) {
    return Lives.named(comparison.get("plans"), "school", school);
  }

  @Test
  void everySchoolIsThereOnceWithItsReasons() {
    JsonNode comparison = comparison();
    Set<String> schools = new TreeSet<>();
    for (JsonNode plan : comparison.get("plans")) {
      schools.add(plan.get("school").asString());
      assertThat(plan.get("drying").asString()).isNotBlank();
      JsonNode whole = whole(plan.get("school").asString());
      assertThat(whole.get("whys").get("hygiene").get("lines").size()).isGreaterThan(2);
      boolean offered = plan.get("school").equals(comparison.get("offered"));
      assertThat(plan.get("whys").isEmpty()).isNotEqualTo(offered);
      assertThat(plan.get("figures")).isEqualTo(whole.get("figures"));
      assertThat(plan.get("figures").get("litres").asDouble()).isPositive();
    }
    for (JsonNode cannot : comparison.get("cannot")) {
      schools.add(cannot.get("school").asString());
      assertThat(cannot.get("reason").asString()).isNotBlank();
    }
    assertThat(schools).hasSize(10);
    for (JsonNode dominated : comparison.get("dominated")) {
      assertThat(schools).contains(dominated.get("school").asString());
    }
  }

  @Test
  void temperaturesAreThoseOfTheDial() {
    assertThat(comparison().get("temperatureWords").toString()).contains("\"60°\"");
    app.send("PUT", "/api/v1/household/voice", "{\"dialInWords\":true}");
    JsonNode words = comparison().get("temperatureWords");
    assertThat(words).hasSameSizeAs(comparison().get("temperaturesC"));
    assertThat(words.toString()).contains("cold (20°)", "warm (40°)", "hot (60°)");
  }

  @Test
  void theAdditiveCountsByItsClaimAndNotWithoutIt() {
    JsonNode with = plan(comparison(), "sixty-with-sanitiser");
    assertThat(with.get("figures").get("additiveLog").asDouble()).isEqualTo(4);
    assertThat(with.get("steps").toString()).contains("Sanitising rinse");

    JsonNode view =
        java.util.stream.StreamSupport.stream(
                app.get("/api/v1/products").json().spliterator(), false)
            .filter(p -> p.get("product").get("name").asString().equals("sanitising rinse"))
            .findFirst()
            .orElseThrow();
    ObjectNode change = (ObjectNode) view.get("product");
    String path = "/api/v1/products/" + change.remove("id").asLong();
    change.put("version", view.get("version").asInt());
    ((ObjectNode) change.get("claim")).put("minMlPerL", -1);
    assertThat(app.send("PUT", path, change.toString()).json().get("field").asString())
        .isEqualTo("claim.minMlPerL");
    ((ObjectNode) change.get("claim")).put("minMlPerL", 3).put("minC", 30);
    assertThat(app.send("PUT", path, change.toString()).status()).isEqualTo(200);
    JsonNode tooCold = whole("sixty-with-sanitiser");
    assertThat(tooCold.get("figures").get("additiveLog").asDouble()).isZero();
    assertThat(tooCold.get("whys").get("hygiene").get("sentence").asString())
        .contains("The sanitiser needs");
    change.put("version", view.get("version").asInt() + 1);
    change.remove("claim");
    assertThat(app.send("PUT", path, change.toString()).status()).isEqualTo(200);
    JsonNode without = plan(comparison(), "sixty-with-sanitiser");
    assertThat(without.get("bends").toString()).contains("no sanitising product");
  }

  @Test
  void aRoundByAnySchoolKeepsItsPlan() {
    JsonNode plan = plan(comparison(), "cool-then-warm");
    assertThat(plan.get("steps").toString()).contains("pause after 12 min");
    StringBuilder read = new StringBuilder();
    for (JsonNode c : plan.get("cautions")) {
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
                "{\"loadId\":%d,\"school\":\"cool-then-warm\",\"checksRead\":[%s]}"
                    .formatted(loadId, read))
            .json();
    assertThat(round.get("plan").get("schoolName").asString()).isEqualTo("Cool then warm");
    assertThat(round.get("setAside")).isEmpty();
    app.restart();
    assertThat(app.get("/api/v1/rounds/running").body()).contains("Cool wash with a soak");
  }
}
