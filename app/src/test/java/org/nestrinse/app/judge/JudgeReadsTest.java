package org.nestrinse.app.judge;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** What judging reads out of the demo's past, and what it refuses to take in. */
@OnSharedDemo
class JudgeReadsTest {
  @Test
  void theStoryOfWeekFourIsFound(RunningApp app) {
    JsonNode then = app.get("/api/v1/judge?at=2026-04-20T09:00:00Z").json();
    assertThat(then.get("state").asString()).isEqualTo("LIKELY");
    assertThat(then.get("causes").get(0).get("cause").asString()).isEqualTo("HARD_WATER_FILM");
    assertThat(then.get("causes").get(1).get("cause").asString()).isEqualTo("UNDER_DOSED");
    JsonNode changes = app.get("/api/v1/judge/changes").json();
    assertThat(changes.get(0).get("change").asString()).isEqualTo("RESET");
    assertThat(changes.get(0).get("state").asString()).isEqualTo("UNDONE");
    assertThat(changes.get(1).get("state").asString()).isEqualTo("UNCLEAR");
    assertThat(changes.get(2).get("state").asString()).isEqualTo("KEPT");
    JsonNode whole = app.get("/api/v1/record/story?days=70").json();
    assertThat(app.get("/api/v1/record/story?days=5").json().get("maintenance"))
        .as("whatever is shown, the machine counts all")
        .isEqualTo(whole.get("maintenance"));
    JsonNode story = whole.get("rounds");
    assertThat(story).hasSize(31);
    assertThat(story.toString()).contains("dose × 1.1 instead of × 1");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{} | sign",
        "{\"sign\":\"SUDS\"} | value",
        "{\"sign\":\"SUDS\",\"value\":\"purple\"} | value",
        "{\"sign\":\"SUDS\",\"value\":\"suds\",\"seconds\":4} | seconds",
        "{\"sign\":\"DROP\",\"seconds\":-1} | seconds",
        "{\"sign\":\"DROP\",\"seconds\":9999} | seconds",
        "{\"sign\":\"SUDS\",\"value\":\"suds\",\"kind\":\"moon cloth\"} | kind",
        "{\"sign\":\"NOTHING\",\"value\":\"suds\"} | sign"
      })
  void impossibleObservationsAreRefusedByField(String body, String field, RunningApp app) {
    RunningApp.Answer answer = app.send("POST", "/api/v1/record/observations", body);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo(field);
  }
}
