package org.nestrinse.app.record;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.OwnPieces;
import org.nestrinse.app.running.RunningApp;

/** A mark is brought up at every wash until somebody sees that it has gone. */
class MarkedApiTest {
  private static final String KIND = "painting smock";

  private static long look(RunningApp app, String value) {
    RunningApp.Answer seen =
        app.post(
            "/api/v1/record/observations",
            "{\"sign\":\"STAINS\",\"value\":\"%s\",\"where\":\"SHELF\",\"kind\":\"%s\"}"
                .formatted(value, KIND));
    assertThat(seen.status()).as(seen.body()).isEqualTo(201);
    return seen.json().get("id").asLong();
  }

  private static String marked(RunningApp app) {
    return app.get("/api/v1/record/marked").body();
  }

  private static String plan(RunningApp app, long load) {
    return app.post("/api/v1/loads/" + load + "/plan", "{\"school\":\"cool-and-sun\"}").body();
  }

  @Test
  void aMarkIsToldAtTheNextWashUntilItIsGone() {
    try (RunningApp app = RunningApp.demo(DemoApp.MOMENT)) {
      OwnPieces own = new OwnPieces(app);
      long load = own.load(own.kind(KIND, "CLOTHES", "BODY", "COTTON", "PALE"), 4, "FOOD");
      assertThat(plan(app, load)).doesNotContain("still-marked");
      look(app, "some");
      assertThat(marked(app)).contains(KIND);
      assertThat(plan(app, load)).contains("still-marked");
      long gone = look(app, "none");
      assertThat(marked(app)).doesNotContain(KIND);
      assertThat(plan(app, load)).doesNotContain("still-marked");
      app.send("DELETE", "/api/v1/record/observations/" + gone, null);
      assertThat(marked(app)).contains(KIND);
    }
  }
}
