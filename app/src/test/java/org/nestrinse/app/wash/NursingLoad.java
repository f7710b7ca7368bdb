package org.nestrinse.app.wash;

import static org.assertj.core.api.Assertions.assertThat;

import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** The nursery pail of the demo household as a load, with what tests do to it. */
record NursingLoad(RunningApp app, long id) {

  static NursingLoad of(RunningApp app) {
    long nursery = Lives.pail(app, "Nursery pail").get("id").asLong();
    JsonNode load = app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(nursery)).json();
    return new NursingLoad(app, load.get("id").asLong());
  }

  /** Returns the plan for a request without its braces: "\"school\":\"hot-and-full\"". */
  JsonNode plan(String request) {
    RunningApp.Answer answer = app.post("/api/v1/loads/" + id + "/plan", "{" + request + "}");
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  RunningApp.Answer tryPlan(String request) {
    return app.post("/api/v1/loads/" + id + "/plan", "{" + request + "}");
  }

  /** Starts a round with every check read. */
  JsonNode start(String request) {
    StringBuilder read = new StringBuilder("\"\"");
    plan(request)
        .get("cautions")
        .forEach(c -> read.append(",\"").append(c.get("key").asString()).append('"'));
    RunningApp.Answer answer = tryStart(request, read.toString());
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json();
  }

  RunningApp.Answer tryStart(String request, String read) {
    return app.post(
        "/api/v1/rounds", "{\"loadId\":%d,%s,\"checksRead\":[%s]}".formatted(id, request, read));
  }

  /** Practises the load. */
  JsonNode practise(String request) {
    StringBuilder read = new StringBuilder("\"\"");
    plan(request)
        .get("cautions")
        .forEach(c -> read.append(",\"").append(c.get("key").asString()).append('"'));
    RunningApp.Answer answer = tryStart(request + ",\"practise\":true", read.toString());
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json();
  }
}
