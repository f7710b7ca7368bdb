package org.nestrinse.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** If the places do not add up to the count, the next start says so, and a carer can mend it. */
@Tag("long")
class LedgerApiTest {

  @Test
  void aWrongCountIsToldAtTheStartAndMended() {
    try (RunningApp app = RunningApp.demo(DemoApp.MOMENT)) {
      assertThat(app.get("/api/v1/line").json().get("differences")).isEmpty();
      JsonNode right = Lives.stock(app, "hand towel");
      app.database()
          .update(
              "update stock set washing = washing + 2, waiting = waiting - 1 where kind_id = ?",
              Lives.kindId(app, "hand towel"));
      app.restart();
      JsonNode told = app.get("/api/v1/line").json().get("differences");
      assertThat(told).hasSize(1);
      assertThat(told.get(0).get("kind").asString()).isEqualTo("hand towel");
      assertThat(told.get(0).get("words").asString())
          .contains("Counted as washing: 2; in a machine or vessel: 0")
          .contains("in pails and loads: " + right.get("waiting").asInt());
      assertThat(app.post("/api/v1/ledger/mend", null).json()).isEmpty();
      assertThat(Lives.stock(app, "hand towel")).isEqualTo(right);
      assertThat(app.get("/api/v1/line").json().get("differences")).isEmpty();
    }
  }
}
