package org.nestrinse.app.wash;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.OwnPieces;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** Nobody finds a way to a harmful plan over the API. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SafetyApiTest {
  private static final String HOT = "\"school\":\"hot-and-full\"";

  private RunningApp app;
  private NursingLoad load;

  @BeforeAll
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
    load = NursingLoad.of(app);
  }

  @AfterAll
  void stop() {
    app.close();
  }

  private long add(String name, String purpose) {
    return new OwnPieces(app).product(name, purpose, "LIQUID", "");
  }

  private static String besides(long product, String where, int ml) {
    return HOT
        + ",\"besides\":[{\"productId\":%d,\"where\":\"%s\",\"ml\":%d}]"
            .formatted(product, where, ml);
  }

  private static boolean stops(JsonNode plan) {
    for (JsonNode c : plan.get("cautions")) {
      if (c.get("strength").asString().equals("STOP")) {
        return true;
      }
    }
    return false;
  }

  @Test
  void bleachIsNeverReckonedStrongerThanAnythingInAHomeNeeds() {
    RunningApp.Answer answer =
        app.post(
            "/api/calculators/dilution",
            "{\"productPercent\":12,\"targetMgL\":50000,\"waterL\":1}");
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo("targetMgL");
    assertThat(answer.json().get("allowed").asString()).contains("5000");
  }

  @ParameterizedTest
  @ValueSource(strings = {"FIRST_WASH", "MAIN_WASH", "LAST_RINSE"})
  void chlorineOnThisLoadIsAStopInEveryBath(String where) {
    String asked = besides(Lives.productId(app, "chlorine bleach 4 %"), where, 40);
    assertThat(stops(load.plan(asked))).isTrue();
    assertThat(load.tryStart(asked, "").status()).isEqualTo(409);
  }

  @Test
  void bleachBesideSomethingUnknownIsAStop() {
    long unread = add("unread cleaner", "OTHER");
    String both =
        HOT
            + ",\"besides\":[{\"productId\":%d,\"where\":\"FIRST_WASH\",\"ml\":20},{\"productId\":%d,\"where\":\"FIRST_WASH\",\"ml\":20}]"
                .formatted(Lives.productId(app, "chlorine bleach 4 %"), unread);
    JsonNode plan = load.plan(both);
    assertThat(stops(plan)).isTrue();
    assertThat(plan.get("cautions").toString()).contains("unread cleaner");
    assertThat(load.tryStart(both, "").status()).isEqualTo(409);
  }

  @Test
  void softenerOnWhatMustAbsorbIsSaid() {
    long softener = add("softener", "SOFTENER");
    JsonNode plan = load.plan(besides(softener, "LAST_RINSE", 40));
    assertThat(plan.get("cautions").toString().toLowerCase(java.util.Locale.ROOT))
        .contains("softener");
    JsonNode plain = load.plan(HOT);
    assertThat(plan.get("cautions").size()).isGreaterThan(plain.get("cautions").size());
  }

  @Test
  void moreThanTheLabelAllowsIsNeverPutInBesides() {
    long liquid = add("strong liquid", "DETERGENT");
    JsonNode plan = load.plan(besides(liquid, "MAIN_WASH", 500));
    assertThat(plan.get("cautions").toString()).contains("strong liquid");
    assertThat(stops(plan)).isTrue();
  }

  @Test
  void aStopNamesTheTemperatureThatItsButtonPlans() {
    JsonNode plan = load.plan(HOT + ",\"temperatureC\":90");
    assertThat(stops(plan)).isTrue();
    int nearest = plan.get("nearestC").asInt();
    assertThat(plan.get("cautions").toString()).contains("tolerate " + nearest + "° at most");
    assertThat(stops(load.plan(HOT + ",\"temperatureC\":" + nearest))).isFalse();
  }
}
