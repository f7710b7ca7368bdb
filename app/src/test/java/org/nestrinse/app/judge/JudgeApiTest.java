package org.nestrinse.app.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Unit;
import org.nestrinse.text.Wording;
import tools.jackson.databind.JsonNode;

/** Observations, causes, one change at a time, and the trim, over the demo's record. */
@Tag("long")
class JudgeApiTest {
  private RunningApp app;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private RunningApp.Answer see(String body) {
    return app.send("POST", "/api/v1/record/observations", body);
  }

  private void see(String sign, String value, long round) {
    RunningApp.Answer answer =
        see(
            "{\"sign\":\"%s\",\"value\":\"%s\",\"where\":\"USE\",\"roundId\":%d}"
                .formatted(sign, value, round));
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
  }

  private JsonNode judged() {
    return app.get("/api/v1/judge").json();
  }

  private RunningApp.Answer begin(String change, String cause) {
    return app.send(
        "POST",
        "/api/v1/judge/changes",
        "{\"change\":\"%s\",\"cause\":\"%s\"}".formatted(change, cause));
  }

  private long rounds(int back) {
    JsonNode page = app.get("/api/v1/record?size=50").json().get("rounds");
    return page.get(back).get("id").asLong();
  }

  private JsonNode done(String path, String body) {
    RunningApp.Answer answer = app.post(path, body);
    assertThat(answer.status()).as(answer.body()).isBetween(200, 201);
    return answer.json();
  }

  /** Washes what waits in the kitchen bin, so that there is a round more; returns its number. */
  private long wash() {
    app.forward(Duration.ofMinutes(5));
    long pail = Lives.pail(app, "Kitchen bin").get("id").asLong();
    long load = done("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(pail)).get("id").asLong();
    JsonNode plan = done("/api/v1/loads/%d/plan".formatted(load), "{\"school\":\"hot-and-full\"}");
    StringBuilder read = new StringBuilder("\"\"");
    plan.get("cautions").forEach(c -> read.append(",").append(c.get("key")));
    JsonNode round =
        done(
            "/api/v1/rounds",
            "{\"loadId\":%d,\"school\":\"hot-and-full\",\"checksRead\":[%s]}"
                .formatted(load, read));
    long id = round.get("id").asLong();
    for (int step = 1; step <= round.get("plan").get("steps").size(); step++) {
      done("/api/v1/rounds/%d/steps/%d".formatted(id, step), "{}");
    }
    done(
        "/api/v1/pails/%d/entries".formatted(pail),
        "{\"kindId\":%d,\"count\":2,\"soil\":\"FOOD\",\"solids\":\"NONE\"}"
            .formatted(Lives.kindId(app, "dish cloth")));
    return id;
  }

  @Test
  void fromTwoAmmoniaRoundsToAKeptDose() {
    see("SMELL_WET", "ammonia", rounds(1));
    assertThat(judged().get("trim").get("next").isNull()).as("one never moves it").isTrue();
    assertThat(begin("DOSE_UP", "UNDER_DOSED").status()).isEqualTo(409);
    see("SMELL_WET", "ammonia", rounds(0));
    JsonNode next = judged().get("trim").get("next");
    assertThat(next.asDouble()).isGreaterThan(1);

    RunningApp.Answer begun = begin("DOSE_UP", "UNDER_DOSED");
    assertThat(begun.status()).as(begun.body()).isEqualTo(201);
    assertThat(app.get("/api/v1/household").json().get("trim").asDouble())
        .isEqualTo(next.asDouble());
    assertThat(begin("RINSE_MORE", "FEW_RINSES").json().get("detail").asString())
        .contains("One change at a time");

    JsonNode experiment = begun.json().get("experiment");
    assertThat(experiment.get("complaint").toString()).contains("ammonia");
    for (int i = 0; i < 3; i++) {
      assertThat(judged().get("experiment").get("state").asString()).isEqualTo("WATCHING");
      see("SMELL_WET", "fresh", wash());
    }
    JsonNode after = judged();
    assertThat(after.get("experiment").isNull()).isTrue();
    assertThat(after.get("past").get(0).get("state").asString()).isEqualTo("KEPT");
    assertThat(after.get("state").asString()).isEqualTo("NOTHING_WRONG");
    app.restart();
    assertThat(app.get("/api/v1/household").json().get("trim").asDouble())
        .isEqualTo(next.asDouble());
    lastDoseIsTheOneUsed();
    JsonNode reset = app.send("DELETE", "/api/v1/judge/trim", "").json();
    assertThat(reset.get("trim").get("trim").asDouble()).isEqualTo(1);
    lastDoseIsTheOneUsed();
    assertThat(reset.get("past").get(0).get("says").asString()).contains("set it back");
  }

  /** The list of changes ends in the dose now used, whoever changed it last. */
  private void lastDoseIsTheOneUsed() {
    JsonNode last = null;
    for (JsonNode change : app.get("/api/v1/judge/changes").json()) {
      last = change.get("change").asString().startsWith("DOSE") ? change : last;
    }
    double trim = app.get("/api/v1/household").json().get("trim").asDouble();
    String used = Wording.of(Locale.ENGLISH).words(new Quantity(trim, Unit.TIMES, 1));
    assertThat(last).isNotNull();
    assertThat(last.get("words").asString()).startsWith("dose %s instead of".formatted(used));
  }

  @Test
  void theListEndsInTheDoseUsedEvenWhenItIsTakenBack() {
    lastDoseIsTheOneUsed();
    see("SMELL_WET", "ammonia", rounds(1));
    see("SMELL_WET", "ammonia", rounds(0));
    long id = begin("DOSE_UP", "UNDER_DOSED").json().get("experiment").get("id").asLong();
    lastDoseIsTheOneUsed();
    done("/api/v1/judge/changes/%d/decision".formatted(id), "{\"keep\":false}");
    lastDoseIsTheOneUsed();
  }

  @Test
  void aChangeIsOnlyTriedAgainstWhatItCanTouch() {
    see("SMELL_DRY", "musty", rounds(1));
    see("SUDS", "suds", rounds(0));
    RunningApp.Answer wrong = begin("DOSE_DOWN", "STORED_DAMP");
    assertThat(wrong.status()).isEqualTo(409);
    assertThat(wrong.json().get("detail").asString()).contains("does nothing about this");
    RunningApp.Answer rinse = begin("RINSE_MORE", "FEW_RINSES");
    assertThat(rinse.status()).as(rinse.body()).isEqualTo(201);
    assertThat(rinse.json().get("experiment").get("complaint").toString())
        .contains("suds")
        .doesNotContain("musty");
    for (int i = 0; i < 3; i++) {
      see("SUDS", "none", wash());
    }
    JsonNode after = judged();
    assertThat(after.get("past").get(0).get("state").asString()).isEqualTo("KEPT");
    assertThat(after.get("causes").toString())
        .as("the must is not settled")
        .contains("STORED_DAMP");
    assertThat(after.get("causes").toString()).doesNotContain("FEW_RINSES");
  }

  @Test
  void aRinseMoreIsInEveryPlanUntilItIsUndone() {
    see("SUDS", "suds", rounds(0));
    see("FEEL", "stiff", rounds(0));
    long load =
        app.send(
                "POST",
                "/api/v1/loads",
                "{\"pailIds\":[%d]}".formatted(Lives.pail(app, "Nursery pail").get("id").asLong()))
            .json()
            .get("id")
            .asLong();
    int before = rinses(load);
    JsonNode judged = begin("RINSE_MORE", "FEW_RINSES").json();
    assertThat(judged.get("experiment").get("words").asString()).contains("rinse");
    assertThat(rinses(load)).isGreaterThan(before);
    JsonNode plan =
        app.send("POST", "/api/v1/loads/%d/plan".formatted(load), "{\"school\":\"hot-and-full\"}")
            .json();
    assertThat(plan.get("bends").toString()).contains("one more rinse");
    see("SUDS", "suds", wash());
    see("SUDS", "suds", wash());
    assertThat(judged().get("past").get(0).get("state").asString()).isEqualTo("UNDONE");
    assertThat(rinses(load)).isEqualTo(before);
  }

  private int rinses(long load) {
    return app.send(
            "POST", "/api/v1/loads/%d/plan".formatted(load), "{\"school\":\"hot-and-full\"}")
        .json()
        .get("figures")
        .get("rinses")
        .asInt();
  }

  @Test
  void aPersonMayDecide() {
    see("SMELL_DRY", "musty", rounds(1));
    see("SEAM", "damp", rounds(1));
    JsonNode judged = judged();
    assertThat(judged.get("causes").get(0).get("cause").asString()).isEqualTo("STORED_DAMP");
    long id = begin("DRY_THROUGH", "STORED_DAMP").json().get("experiment").get("id").asLong();
    String path = "/api/v1/judge/changes/%d/decision".formatted(id);
    assertThat(app.send("POST", path, "{}").json().get("field").asString()).isEqualTo("keep");
    JsonNode kept = app.send("POST", path, "{\"keep\":true}").json();
    assertThat(kept.get("past").get(0).get("state").asString()).isEqualTo("KEPT");
    assertThat(app.send("POST", path, "{\"keep\":false}").status()).isEqualTo(409);
    assertThat(
            app.send("POST", "/api/v1/judge/changes/424242/decision", "{\"keep\":true}").status())
        .isEqualTo(404);
  }

  @Test
  void shorterHoldingShortensTheClockAndGoesBack() {
    see("SMELL_WET", "ammonia", rounds(0));
    long id = begin("SHORTER_HOLDING", "HELD_TOO_LONG").json().get("experiment").get("id").asLong();
    assertThat(app.get("/api/v1/household").json().get("wetHours").asInt()).isEqualTo(24);
    app.send("POST", "/api/v1/judge/changes/%d/decision".formatted(id), "{\"keep\":false}");
    assertThat(app.get("/api/v1/household").json().get("wetHours").asInt()).isEqualTo(48);
  }

  @Test
  void rednessIsAClinicians() {
    see("SUDS", "suds", rounds(0));
    see("SKIN", "redness", rounds(0));
    JsonNode judged = judged();
    assertThat(judged.get("state").asString()).isEqualTo("CLINICIAN");
    assertThat(judged.get("causes")).isEmpty();
    assertThat(begin("DOSE_DOWN", "OVER_DOSED").status()).isEqualTo(409);
    see("SKIN", "calm", rounds(0));
    assertThat(judged().get("causes")).isNotEmpty();
  }

  @Test
  void whatIsSeenBelongsToTheLastRoundOfItsKindAndCanBeTakenBack() {
    JsonNode seen =
        see("{\"sign\":\"DROP\",\"seconds\":40,\"kind\":\"bamboo trifold\",\"carer\":\"Oskar\",\"note\":\"beads\"}")
            .json();
    assertThat(seen.get("value").asString()).isEqualTo("beads");
    assertThat(seen.get("where").asString()).isEqualTo("SHELF");
    assertThat(seen.get("roundId").asLong()).isEqualTo(rounds(1));
    long id = seen.get("id").asLong();
    assertThat(app.send("DELETE", "/api/v1/record/observations/" + id, "").status()).isEqualTo(204);
    assertThat(app.send("DELETE", "/api/v1/record/observations/" + id, "").status()).isEqualTo(404);
    assertThat(judged().get("state").asString()).isEqualTo("NOTHING_WRONG");
  }

  @Test
  void answersOnTheWayAndDampSeamsAreKeptAsSeen() {
    JsonNode group = app.get("/api/v1/drying").json().get("groups").get(0);
    app.send(
        "POST",
        "/api/v1/drying/%d/check".formatted(group.get("id").asLong()),
        "{\"answer\":\"SEAM\"}");
    JsonNode story = app.get("/api/v1/record/story").json().get("rounds");
    assertThat(story.get(story.size() - 1).get("seen").toString()).contains("a damp seam");
  }
}
