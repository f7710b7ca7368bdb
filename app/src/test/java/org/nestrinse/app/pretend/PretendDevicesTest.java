package org.nestrinse.app.pretend;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.node.ObjectNode;

/** Pretend devices are there only where a household wants them. */
class PretendDevicesTest {
  private static RunningApp app;

  @BeforeAll
  static void start() {
    app = RunningApp.empty(DemoApp.MOMENT);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @Test
  void aNewHouseHasNoneUntilItSwitchesThemOn() {
    RunningApp.Answer off = app.get("/api/v1/pretend/weather?hours=5");
    assertThat(off.status()).isEqualTo(404);
    assertThat(off.json().get("detail").asString()).contains("Kit");
    ObjectNode house = (ObjectNode) app.get("/api/v1/household").json();
    assertThat(house.get("pretendDevices").asBoolean()).isFalse();
    house.remove("trim");
    house.put("pretendDevices", true);
    RunningApp.Answer kept = app.send("PUT", "/api/v1/household", house.toString());
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    assertThat(app.get("/api/v1/pretend/weather?hours=5").body().lines()).hasSize(6);
  }
}
