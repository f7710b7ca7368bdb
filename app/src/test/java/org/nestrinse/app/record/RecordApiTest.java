package org.nestrinse.app.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import org.nestrinse.core.bath.HygieneEstimate;
import tools.jackson.databind.JsonNode;

@OnSharedDemo
class RecordApiTest {

  private static List<CSVRecord> rows(RunningApp app) throws IOException {
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();
    return CSVParser.parse(new StringReader(app.get("/api/v1/record/rounds.csv").body()), format)
        .getRecords();
  }

  @Test
  void csvAndJsonTellTheSame(RunningApp app) throws IOException {
    List<CSVRecord> rows = rows(app);
    JsonNode rounds = app.get("/api/v1/record/record.json").json().get("rounds");
    assertThat(rows).hasSize(rounds.size());
    for (int i = 0; i < rows.size(); i++) {
      CSVRecord row = rows.get(i);
      JsonNode round = rounds.get(i);
      assertThat(row.get("uid")).isEqualTo(round.get("uid").asString());
      assertThat(row.get("contents")).isEqualTo(round.get("contents").asString());
      assertThat(Instant.parse(row.get("started_at")))
          .isEqualTo(Instant.parse(round.get("started_at").asString()));
      equalNumber(row, "mass_kg", round, "mass_kg");
      equalNumber(row, "residue_mg_kg", round, "residue_mg_kg");
      equalNumber(row, "hygiene_total_log", round, "hygiene_total_log");
      equalNumber(row, "kwh", round, "kwh");
      equalNumber(row, "cost", round, "cost");
      assertThat(Boolean.parseBoolean(row.get("goal_met")))
          .isEqualTo(round.get("goal_met").asBoolean());
    }
  }

  private static void equalNumber(CSVRecord row, String column, JsonNode round, String field) {
    assertThat(Double.parseDouble(row.get(column)))
        .isCloseTo(round.get(field).asDouble(), within(0.0006));
  }

  @Test
  void theExportRunsFromOldToNew(RunningApp app) throws IOException {
    Instant before = Instant.MIN;
    for (CSVRecord row : rows(app)) {
      Instant started = Instant.parse(row.get("started_at"));
      assertThat(started).isAfter(before);
      before = started;
    }
  }

  @Test
  void theColumnsOfARoundAreTheFiguresOfItsPlan(RunningApp app) {
    for (JsonNode summary : app.get("/api/v1/record?size=50").json().get("rounds")) {
      if (!summary.get("hasPlan").asBoolean()) {
        assertThat(summary.get("school").asString()).isEqualTo("Reset");
        continue;
      }
      JsonNode figures =
          app.get("/api/v1/rounds/" + summary.get("id").asLong()).json().get("plan").get("figures");
      Map.of(
              "residueMgKg", "/estimate/residueMgKg",
              "totalLog", "/estimate/totalLog",
              "litres", "/spent/litres",
              "kwh", "/spent/kwh",
              "cost", "/spent/money",
              "minutes", "/spent/minutes",
              "fill", "/bath/fill",
              "peakC", "/bath/peakC")
          .forEach(
              (field, path) -> {
                double planned = figures.get(field).asDouble();
                double shown =
                    field.equals("totalLog")
                        ? Math.min(HygieneEstimate.MOST_CLAIMED, planned)
                        : planned;
                assertThat(summary.at("/figures" + path).asDouble())
                    .as(field)
                    .isCloseTo(shown, within(1e-9));
              });
    }
  }

  @Test
  void pagesCoverEverythingOnce(RunningApp app) {
    JsonNode first = app.get("/api/v1/record?size=5").json();
    int pages = first.get("pages").asInt();
    int seen = 0;
    for (int page = 0; page < pages; page++) {
      seen += app.get("/api/v1/record?size=5&page=" + page).json().get("rounds").size();
    }
    assertThat(seen).isEqualTo(first.get("total").asInt());
    assertThat(app.get("/api/v1/record?size=5&page=" + pages).json().get("rounds")).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "size=0, size",
    "size=101, size",
    "page=-1, page",
    "page=one, page",
    "size=2.5, size"
  })
  void impossiblePagesAreRefused(String query, String field, RunningApp app) {
    RunningApp.Answer answer = app.get("/api/v1/record?" + query);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo(field);
  }

  @Test
  void aNoteHasItsLength(RunningApp app) {
    JsonNode round = app.get("/api/v1/record?size=1&page=3").json().get("rounds").get(0);
    String path = "/api/v1/record/" + round.get("id").asLong();
    RunningApp.Answer tooLong =
        app.send(
            "PATCH",
            path,
            "{\"version\":%d,\"note\":\"%s\"}"
                .formatted(round.get("version").asInt(), "x".repeat(2001)));
    assertThat(tooLong.json().get("field").asString()).isEqualTo("note");
    assertThat(app.send("PATCH", path, "{\"note\":\"x\"}").json().get("field").asString())
        .isEqualTo("version");
    assertThat(
            app.send("PATCH", "/api/v1/record/424242", "{\"version\":0,\"note\":\"x\"}").status())
        .isEqualTo(404);
  }
}
