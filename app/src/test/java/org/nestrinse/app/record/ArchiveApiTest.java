package org.nestrinse.app.record;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The whole record out, away, and in again. */
@Tag("long")
class ArchiveApiTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private RunningApp app;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private JsonNode read(String text, boolean keep) {
    return app.send("POST", "/api/v1/record/files?keep=" + keep, text).json();
  }

  private static String withoutExport(String json) {
    return json.replaceAll("\"exported_at\":\"[^\"]*\"", "");
  }

  private String everything() {
    return app.get("/api/v1/record/record.json").body();
  }

  @Test
  void importingItsOwnExportChangesNothing() {
    String before = everything();
    JsonNode looked = read(before, false);
    assertThat(looked.get("errors")).isEmpty();
    assertThat(looked.get("says").asString()).contains("nothing changes");
    JsonNode kept = read(before, true);
    assertThat(kept.get("kept").asBoolean()).isTrue();
    for (JsonNode part : kept.get("parts")) {
      assertThat(part.get("fresh").asInt()).as(part.toString()).isZero();
      assertThat(part.get("known").asInt()).isPositive();
    }
    assertThat(withoutExport(everything())).isEqualTo(withoutExport(before));
  }

  @Test
  void whatWasForgottenComesBackWhole() {
    String before = everything();
    String plan = app.get(aRound()).body();
    String costs = app.get("/api/v1/record/costs").json().get("persons").toString();
    String changes = app.get("/api/v1/judge/changes").body();
    assertThat(app.send("DELETE", "/api/v1/record", "").status()).isEqualTo(204);
    JsonNode gone = app.get("/api/v1/record?size=50").json();
    assertThat(gone.get("total").asInt()).as("what hangs stays").isEqualTo(1);
    assertThat(app.get("/api/v1/resets").json().get("past")).isEmpty();

    JsonNode looked = read(before, false);
    assertThat(looked.get("kept").asBoolean()).isFalse();
    assertThat(looked.get("says").asString()).contains("30 rounds").contains("will be added");
    assertThat(app.get("/api/v1/record?size=50").json().get("total").asInt()).isEqualTo(1);

    assertThat(read(before, true).get("says").asString()).contains("were added");
    assertThat(withoutExport(everything())).isEqualTo(withoutExport(before));
    JsonNode again = JSON.readTree(app.get(aRound()).body());
    JsonNode was = JSON.readTree(plan);
    assertThat(again.get("plan")).isEqualTo(was.get("plan"));
    assertThat(app.get("/api/v1/record/costs").json().get("persons")).hasToString(costs);
    assertThat(app.get("/api/v1/judge/changes").json()).hasSameSizeAs(JSON.readTree(changes));
    assertThat(app.get("/api/v1/resets").json().get("past")).hasSize(1);
    app.restart();
    assertThat(withoutExport(everything())).isEqualTo(withoutExport(before));
  }

  /** The path of the oldest round. */
  private String aRound() {
    JsonNode page = app.get("/api/v1/record?size=50").json().get("rounds");
    return "/api/v1/rounds/" + page.get(page.size() - 1).get("id").asLong();
  }

  @ParameterizedTest
  @CsvSource({"rounds, 30", "observations, 41", "changes, 3", "resets, 1"})
  void everyPartGoesOutAndInAsCsv(String part, int atLeast) {
    String csv = app.get("/api/v1/record/" + part + ".csv").body();
    JsonNode same = read(csv, true);
    assertThat(same.get("errors")).as(same.toString()).isEmpty();
    assertThat(same.get("parts").get(0).get("fresh").asInt()).isZero();
    String all = app.get("/api/v1/record/rounds.csv").body();
    app.send("DELETE", "/api/v1/record", "");
    if (!part.equals("rounds")) {
      read(all, true);
    }
    JsonNode kept = read(csv, true);
    assertThat(kept.get("errors")).as(kept.toString()).isEmpty();
    assertThat(kept.get("parts").get(0).get("fresh").asInt()).isGreaterThanOrEqualTo(atLeast);
    assertThat(app.get("/api/v1/record/" + part + ".csv").body().lines().count())
        .isEqualTo(csv.lines().count());
  }

  @Test
  void aRoundFromCsvHasItsFigures() {
    String csv = app.get("/api/v1/record/rounds.csv").body();
    app.send("DELETE", "/api/v1/record", "");
    read(csv, true);
    JsonNode page = app.get("/api/v1/record?size=50").json().get("rounds");
    JsonNode oldest = page.get(page.size() - 1);
    assertThat(oldest.get("hasPlan").asBoolean()).isFalse();
    assertThat(oldest.get("school").asString()).isEqualTo("Cool and sun");
    RunningApp.Answer plan = app.get("/api/v1/rounds/" + oldest.get("id").asLong());
    assertThat(plan.status()).isEqualTo(409);
    assertThat(plan.json().get("detail").asString()).contains("figures");
    assertThat(app.get("/api/v1/record/story").json().get("rounds")).hasSize(31);
    assertThat(app.get("/api/v1/record/costs").json().get("persons").get(0).get("name").asString())
        .isEqualTo("Bo");
    assertThat(app.get("/api/v1/judge").status()).isEqualTo(200);
  }

  @Test
  void oneBadEntryKeepsNothingOfTheRest() {
    String all = everything();
    app.send("DELETE", "/api/v1/record", "");
    String spoilt = all.replaceFirst("\"residue_mg_kg\":[0-9.]+", "\"residue_mg_kg\":-5");
    JsonNode answer = read(spoilt, true);
    assertThat(answer.get("errors")).hasSize(1);
    assertThat(app.get("/api/v1/record?size=50").json().get("total").asInt()).isEqualTo(1);
    assertThat(app.send("POST", "/api/v1/record/files", "").status()).isEqualTo(400);
    assertThat(app.get("/api/v1/record/nothing.csv").status()).isEqualTo(409);
  }
}
