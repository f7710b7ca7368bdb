package org.nestrinse.app.reset;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** What may not go through a reset, and requests that make no sense. */
@OnSharedDemo
class ResetRefusalsTest {
  private static String request(
      RunningApp app, String recipe, double litres, String kind, int count) {
    return "{\"recipe\":\"%s\",\"vessel\":\"the pot\",\"vesselL\":%s,\"pieces\":[{\"kindId\":%d,\"count\":%d}]}"
        .formatted(recipe, litres, Lives.kindId(app, kind), count);
  }

  private static RunningApp.Answer plan(
      RunningApp app, String recipe, double litres, String kind, int count) {
    return app.send("POST", "/api/v1/resets/plan", request(app, recipe, litres, kind, count));
  }

  private static RunningApp.Answer begin(RunningApp app, String request, String read) {
    return app.send(
        "POST",
        "/api/v1/resets",
        "{\"request\":%s,\"checksRead\":[%s],\"carer\":\"Oskar\"}".formatted(request, read));
  }

  @ParameterizedTest
  @CsvSource({
    "SIMMER_POT, wool cover, wool",
    "SIMMER_POT, pocket shell, laminate",
    "SIMMER_POT, glass cloth, microfibre",
    "MINERAL_SOAK, fitted night nappy, elastic",
    "OVERNIGHT_ACID, wet bag, laminate"
  })
  void whatMayNotIsRefusedByNameAlsoAtTheStart(
      String recipe, String kind, String named, RunningApp app) {
    JsonNode planned = plan(app, recipe, 30, kind, 1).json();
    assertThat(planned.get("plan").isNull()).isTrue();
    JsonNode fit = planned.get("fits").get(0);
    assertThat(fit.get("kind").asString()).isEqualTo(kind);
    assertThat(fit.get("reason").asString()).containsIgnoringCase(named);
    assertThat(fit.get("instead").asString()).isNotBlank();
    RunningApp.Answer refused =
        begin(app, request(app, recipe, 30, kind, 1), "\"reset-simmer-pot\",\"reset-bucket\"");
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.json().get("detail").asString()).startsWith("Stop. " + kind);
  }

  @Test
  void chlorineNeedsItsStrengthAndWhiteCotton(RunningApp app) {
    RunningApp.Answer missing = plan(app, "CHLORINE_SOAK", 12, "muslin", 2);
    assertThat(missing.status()).isEqualTo(400);
    String with =
        request(app, "CHLORINE_SOAK", 12, "muslin", 2)
            .replace("\"pieces\"", "\"chlorinePercent\":4,\"pieces\"");
    JsonNode plan = app.send("POST", "/api/v1/resets/plan", with).json().get("plan");
    // 40 mL, as spoons measure it: 2¾ tablespoons.
    assertThat(plan.get("amounts").get(0).get("amount").asDouble()).isEqualTo(41.25);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{} | recipe",
        "{\"recipe\":\"SIMMER_POT\"} | pieces",
        "{\"recipe\":\"SIMMER_POT\",\"pieces\":[{\"kindId\":1,\"count\":0}]} | pieces.count",
        "{\"recipe\":\"MAGIC\"} | recipe"
      })
  void impossibleRequestsAreRefusedByField(String body, String field, RunningApp app) {
    RunningApp.Answer answer = app.send("POST", "/api/v1/resets/plan", body);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo(field);
  }
}
