package org.nestrinse.app.record;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** Files that are not a record are refused whole, each fault named by its place. */
@OnSharedDemo
class BadFilesTest {
  private static JsonNode read(RunningApp app, String text) {
    return app.send("POST", "/api/v1/record/files?keep=true", text).json();
  }

  private static String everything(RunningApp app) {
    return app.get("/api/v1/record/record.json")
        .body()
        .replaceAll("\"exported_at\":\"[^\"]*\"", "");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "uid,seen_at,place,round_uid,kind,sign,value,seconds,carer,note%n1,now,USE,,,SUDS,suds,,, | seen_at | 2",
        "uid,seen_at,place,sign,value%n1,2026-05-01T00:00:00Z,USE,SUDS,purple | value | 2",
        "uid,seen_at,place,sign,value%n1,2026-05-01T00:00:00Z,MOON,SUDS,suds | place | 2",
        "uid,seen_at,place,sign,value,round_uid%n1,2026-05-01T00:00:00Z,USE,SUDS,suds,nobody | round_uid | 2",
        "uid,seen_at,place,sign,value%na,2026-05-01T00:00:00Z,USE,SUDS,suds%na,2026-05-01T00:00:00Z,USE,SUDS,suds | uid | 3",
        "uid,seen_at,place,sign,value,seconds%n1,2026-05-01T00:00:00Z,USE,DROP,slow,-4 | seconds | 2",
        "one,two%n1,2 | head | 1",
        "uid,started_at,programme%n1,2026-05-01T00:00:00Z,x | school | 2"
      })
  void whatIsWrongIsNamedByLineAndColumnAndNothingIsKept(
      String csv, String column, int line, RunningApp app) {
    String before = everything(app);
    JsonNode answer = read(app, csv.formatted());
    assertThat(answer.get("kept").asBoolean()).isFalse();
    boolean found = false;
    for (JsonNode e : answer.get("errors")) {
      found |=
          e.get("column").asString().equals(column)
              && e.get("line").asInt() == line
              && !e.get("expected").asString().isEmpty();
    }
    assertThat(found).as(answer.toString()).isTrue();
    assertThat(everything(app)).isEqualTo(before);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"format\":\"something/9\"} | format",
        "{\"format\":\"nest-rinse-record/1\",\"rounds\":7} | rounds",
        "{\"format\":\"nest-rinse-record/1\"} | file",
        "{\"format\": | file",
        "{\"format\":\"nest-rinse-record/1\",\"rounds\":[{\"uid\":\"x\",\"plan\":{\"a\":1}}]} | started_at",
        "{\"format\":\"nest-rinse-record/1\",\"resets\":[{\"uid\":\"x\",\"recipe\":\"MAGIC\"}]} | recipe",
        "{\"format\":\"nest-rinse-record/1\",\"changes\":[{\"uid\":\"x\",\"complaint\":\"SUDS.moon\"}]} | complaint"
      })
  void aBadJsonFileIsRefusedWhole(String text, String column, RunningApp app) {
    JsonNode answer = read(app, text);
    assertThat(answer.get("kept").asBoolean()).isFalse();
    assertThat(answer.get("errors").toString()).contains("\"" + column + "\"");
  }
}
