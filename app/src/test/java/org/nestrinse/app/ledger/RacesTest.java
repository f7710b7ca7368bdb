package org.nestrinse.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.OwnPieces;
import org.nestrinse.app.running.RunningApp;
import org.nestrinse.app.running.Volley;
import tools.jackson.databind.JsonNode;

/** Two who do the same at the same moment: every piece is in one place afterwards. */
@Tag("long")
class RacesTest {
  private static RunningApp app;
  private static OwnPieces own;
  private static final int VOLLEYS_A_KIND = 20;
  private static int kinds;
  private static String cloth;
  private static long kind;
  private static long pail;
  private static long otherPail;

  @BeforeAll
  static void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
    own = new OwnPieces(app);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @AfterEach
  void countsAndPlacesAgree() {
    assertThat(app.get("/api/v1/ledger").json()).isEmpty();
  }

  /** Every few volleys other pieces and pails: what stays behind must not use up what there is. */
  private static void beforeVolley(int number) {
    if (number % VOLLEYS_A_KIND == 0) {
      cloth = "race cloth " + ++kinds;
      kind = own.kind(cloth, "CLOTH", "GENERAL", "COTTON", "PALE");
      pail = pail("race pail " + kinds);
      otherPail = pail("other race pail " + kinds);
    }
  }

  private static JsonNode stock() {
    return Lives.stock(app, cloth);
  }

  private static long pail(String name) {
    app.post(
        "/api/v1/pails", "{\"name\":\"%s\",\"style\":\"BASKET\",\"capacityL\":60}".formatted(name));
    return Lives.pail(app, name).get("id").asLong();
  }

  /** A load of what waits in a pail, with these pieces more. */
  private static long load(long from, int count) {
    pieces(from, count);
    RunningApp.Answer made = app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(from));
    assertThat(made.status()).as(made.body()).isEqualTo(201);
    return made.json().get("id").asLong();
  }

  private static JsonNode pieces(int count) {
    return pieces(pail, count);
  }

  private static JsonNode pieces(long into, int count) {
    RunningApp.Answer in =
        app.post(
            "/api/v1/pails/%d/entries".formatted(into),
            "{\"kindId\":%d,\"count\":%d,\"soil\":\"DIRT\",\"solids\":\"NONE\"}"
                .formatted(kind, count));
    assertThat(in.status()).as(in.body()).isEqualTo(201);
    return in.json();
  }

  private static RunningApp.Answer start(long load) {
    JsonNode plan =
        app.post("/api/v1/loads/" + load + "/plan", "{\"school\":\"hot-and-full\"}").json();
    StringBuilder read = new StringBuilder("\"\"");
    plan.get("cautions")
        .forEach(c -> read.append(",\"").append(c.get("key").asString()).append('"'));
    return app.post(
        "/api/v1/rounds",
        "{\"loadId\":%d,\"school\":\"hot-and-full\",\"checksRead\":[%s]}".formatted(load, read));
  }

  private static void finishWhatRuns() {
    JsonNode running = app.get("/api/v1/rounds/running").json().get("round");
    while (!running.isNull()
        && running.get("currentStep") != null
        && !running.get("currentStep").isNull()) {
      running =
          app.post(
                  "/api/v1/rounds/%d/steps/%d"
                      .formatted(running.get("id").asLong(), running.get("currentStep").asInt()),
                  null)
              .json();
    }
    for (JsonNode group : app.get("/api/v1/drying").json().get("groups")) {
      app.post("/api/v1/drying/%d/dry".formatted(group.get("id").asLong()), null);
    }
  }

  @Test
  void anUndoSentTwiceAtOnceCountsOnce() {
    for (int i = 0; i < Volley.ROUNDS; i++) {
      beforeVolley(i);
      int before = stock().get("waiting").asInt();
      String entry = "/api/v1/entries/" + pieces(3).get("id").asLong();
      app.send("DELETE", entry, null);
      List<RunningApp.Answer> both =
          Volley.at(
              () -> app.post(entry + "/restore", null), () -> app.post(entry + "/restore", null));
      assertThat(Volley.statuses(both)).isEqualTo(List.of(200, 200));
      assertThat(stock().get("waiting").asInt()).isEqualTo(before + 3);
      List<RunningApp.Answer> away =
          Volley.at(() -> app.send("DELETE", entry, null), () -> app.send("DELETE", entry, null));
      assertThat(Volley.statuses(away)).isEqualTo(List.of(204, 409));
      assertThat(stock().get("waiting").asInt()).isEqualTo(before);
    }
  }

  @Test
  void ofTwoCorrectionsFromOneVersionOneIsTold() {
    beforeVolley(0);
    JsonNode entry = pieces(5);
    String path = "/api/v1/entries/" + entry.get("id").asLong();
    int version = entry.get("version").asInt();
    String correction = "{\"version\":%d,\"count\":%d,\"soil\":\"DIRT\",\"solids\":\"NONE\"}";
    for (int i = 0; i < Volley.ROUNDS; i++) {
      int seen = version;
      int more = 7 + i % 2;
      List<RunningApp.Answer> both =
          Volley.at(
              () -> app.send("PATCH", path, correction.formatted(seen, more)),
              () -> app.send("PATCH", path, correction.formatted(seen, more + 20)));
      assertThat(Volley.statuses(both)).isEqualTo(List.of(200, 409));
      RunningApp.Answer told = both.get(0).status() == 409 ? both.get(0) : both.get(1);
      RunningApp.Answer kept = both.get(0).status() == 409 ? both.get(1) : both.get(0);
      assertThat(told.json().get("current").get("count")).isEqualTo(kept.json().get("count"));
      version = kept.json().get("version").asInt();
    }
    app.send("DELETE", path, null);
  }

  @Test
  void startedWhileAPieceIsGivenBackItIsInOnePlace() {
    for (int i = 0; i < Volley.ROUNDS; i++) {
      beforeVolley(i);
      long load = load(pail, 6);
      JsonNode opened = Lives.named(app.get("/api/v1/loads").json(), "id", String.valueOf(load));
      long item = opened.get("going").get(0).get("id").asLong();
      List<RunningApp.Answer> both =
          Volley.at(
              () -> start(load),
              () ->
                  app.send(
                      "DELETE", "/api/v1/loads/%d/items/%d?count=2".formatted(load, item), null));
      assertThat(both.get(0).status()).isIn(201, 409);
      assertThat(both.get(1).status()).isIn(200, 409);
      assertThat(app.get("/api/v1/ledger").json()).isEmpty();
      if (both.get(0).status() == 201) {
        finishWhatRuns();
      } else {
        app.send("DELETE", "/api/v1/loads/" + load, null);
      }
      assertThat(stock().get("washing").asInt()).isZero();
    }
  }

  @Test
  void ofTwoStartsAtOnceOneRuns() {
    for (int i = 0; i < Volley.ROUNDS; i++) {
      beforeVolley(i);
      long one = load(pail, 4);
      long other = load(otherPail, 4);
      assertThat(Volley.statuses(Volley.at(() -> start(one), () -> start(other))))
          .isEqualTo(List.of(201, 409));
      finishWhatRuns();
      long left = app.get("/api/v1/loads").json().get(0).get("id").asLong();
      assertThat(Volley.statuses(Volley.at(() -> start(left), () -> start(left))))
          .isEqualTo(List.of(201, 409));
      finishWhatRuns();
    }
  }

  @Test
  void aProposalIsAcceptedWhileOthersLog() {
    for (int i = 0; i < Volley.ROUNDS; i++) {
      beforeVolley(i);
      pieces(2);
      JsonNode seen = app.get("/api/v1/sorting").json();
      String accepting = "{\"stamp\":\"%s\"}".formatted(seen.get("stamp").asString());
      List<RunningApp.Answer> all =
          Volley.at(
              () -> app.post("/api/v1/sorting/accept", accepting),
              () -> answer(pieces(1)),
              () -> answer(pieces(1)));
      assertThat(all.get(0).status()).as(all.get(0).body()).isEqualTo(200);
      app.get("/api/v1/loads")
          .json()
          .forEach(l -> app.send("DELETE", "/api/v1/loads/" + l.get("id").asLong(), null));
    }
  }

  private static RunningApp.Answer answer(JsonNode made) {
    return new RunningApp.Answer(201, "", made.toString());
  }

  @Test
  void theLastPiecesTakenDownByTwoAtOnceShelveTheRound() {
    for (int i = 0; i < Volley.ROUNDS; i++) {
      beforeVolley(i);
      start(load(pail, 4));
      JsonNode running = app.get("/api/v1/rounds/running").json().get("round");
      long round = running.get("id").asLong();
      while (!running.get("currentStep").isNull()) {
        running =
            app.post(
                    "/api/v1/rounds/%d/steps/%d"
                        .formatted(round, running.get("currentStep").asInt()),
                    null)
                .json();
      }
      long group =
          Lives.named(app.get("/api/v1/drying").json().get("groups"), "kind", cloth)
              .get("id")
              .asLong();
      String dry = "/api/v1/drying/%d/dry".formatted(group);
      List<RunningApp.Answer> both =
          Volley.at(() -> app.post(dry, null), () -> app.post(dry, null));
      assertThat(Volley.statuses(both)).isEqualTo(List.of(200, 409));
      Volley.at(() -> app.send("DELETE", dry, null), () -> app.send("DELETE", dry, null));
      assertThat(stock().get("drying").asInt()).isEqualTo(4);
      app.post(dry, null);
      assertThat(app.get("/api/v1/record/" + round).body()).contains("\"state\":\"SHELVED\"");
    }
  }
}
