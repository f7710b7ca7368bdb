package org.nestrinse.app.gather.normal;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;

/** What is wrong with a line of a normal day, or with days that differ, is named. */
@OnSharedDemo
class NormalDayInputTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "habits | {\"kindId\":1,\"pailId\":1,\"soil\":\"WET\",\"part\":\"NIGHT\",\"count\":1} | personId",
        "habits | {\"personId\":1,\"pailId\":1,\"soil\":\"WET\",\"part\":\"NIGHT\",\"count\":1} | kindId",
        "habits | {\"personId\":1,\"kindId\":1,\"soil\":\"WET\",\"part\":\"NIGHT\",\"count\":1} | pailId",
        "habits | {\"personId\":1,\"kindId\":1,\"pailId\":9,\"soil\":\"WET\",\"part\":\"NIGHT\",\"count\":1} | pailId",
        "habits | {\"personId\":1,\"kindId\":1,\"pailId\":1,\"part\":\"NIGHT\",\"count\":1} | soil",
        "habits | {\"personId\":1,\"kindId\":1,\"pailId\":1,\"soil\":\"WET\",\"part\":\"NOON\",\"count\":1} | part",
        "habits | {\"personId\":1,\"kindId\":1,\"pailId\":1,\"soil\":\"WET\",\"part\":\"NIGHT\",\"count\":99} | count",
        "spells | {\"sort\":\"AWAY\"} | personId",
        "spells | {\"personId\":1} | sort",
        "spells | {\"personId\":1,\"sort\":\"AWAY\",\"from\":\"soon\"} | from",
        "spells | {\"personId\":1,\"sort\":\"AWAY\",\"from\":\"2026-05-20\",\"to\":\"2026-05-10\"} | to",
        "spells | {\"personId\":1,\"sort\":\"AWAY\",\"from\":\"2026-05-20\",\"to\":\"2027-05-20\"} | to"
      })
  void whatIsWrongIsNamed(String what, String json, String field, RunningApp app) {
    RunningApp.Answer answer = app.post("/api/v1/normal-days/" + what.strip(), json);
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo(field);
  }
}
