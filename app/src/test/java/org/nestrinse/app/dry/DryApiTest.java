package org.nestrinse.app.dry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/**
 * What hangs in the demo household, moved, called dry, hung back; and what the pegs and the shelf
 * say of it.
 */
class DryApiTest {
  private RunningApp app;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private JsonNode group(String kind) {
    return Lives.named(app.get("/api/v1/drying").json().get("groups"), "kind", kind);
  }

  private String peg(String station) {
    return Lives.named(app.get("/api/v1/line").json().get("pegs"), "station", station)
        .get("state")
        .asString();
  }

  @Test
  void theOnesThatAreDryFirstComeFirst() {
    Instant before = Instant.MIN;
    for (JsonNode group : app.get("/api/v1/drying").json().get("groups")) {
      Instant dryBy = Instant.parse(group.get("dryBy").asString());
      assertThat(dryBy).isAfterOrEqualTo(before);
      assertThat(group.get("ready").asBoolean())
          .isEqualTo(!dryBy.isAfter(Instant.parse(DemoApp.MOMENT).plusSeconds(60)));
      before = dryBy;
    }
  }

  @Test
  void movingKeepsTheMoistureItHasReached() {
    JsonNode before = group("bamboo trifold");
    long id = before.get("id").asLong();
    long airer = 0;
    String promised = "";
    for (JsonNode choice : before.get("choices")) {
      if (!choice.get("here").asBoolean() && !choice.get("carriedIn").asBoolean()) {
        airer = choice.get("placeId").asLong();
        promised = choice.get("dryWords").asString();
      }
    }
    RunningApp.Answer moved =
        app.send("PATCH", "/api/v1/drying/" + id, "{\"placeId\":%d}".formatted(airer));
    assertThat(moved.status()).isEqualTo(200);
    JsonNode after = group("bamboo trifold");
    assertThat(after.get("points").get(0).get("moisture").asDouble())
        .isCloseTo(before.get("moistureNow").asDouble(), within(0.005));
    assertThat(after.get("placeId").asLong()).isEqualTo(airer);
    for (JsonNode choice : after.get("choices")) {
      if (choice.get("here").asBoolean()) {
        assertThat(minutes(choice.get("dryWords").asString()))
            .isCloseTo(minutes(promised), within(2));
      }
    }
  }

  @Test
  void whatMayBeTumbledIsFinishedInTheDryerAndTheRestNever() {
    JsonNode before = group("bamboo trifold");
    long id = before.get("id").asLong();
    JsonNode offer = before.get("dryers").get(0);
    assertThat(offer.get("words").asString())
        .matches("(\\d+ h )?\\d+ min.*, [\\d.]+ kWh, €[\\d.]+|\\d+ h.*");
    String into = "{\"dryerId\":%d}".formatted(offer.get("dryerId").asLong());
    assertThat(app.post("/api/v1/drying/" + id + "/tumble", into).status()).isEqualTo(200);
    JsonNode in = group("bamboo trifold");
    assertThat(in.get("tumbling").asBoolean()).isTrue();
    assertThat(in.get("place").asString()).isEqualTo("the heat-pump dryer");
    assertThat(in.get("dryBy").asString()).isLessThan(before.get("dryBy").asString());
    app.restart();
    app.forward(java.time.Duration.ofMinutes(5));
    JsonNode later = group("bamboo trifold");
    assertThat(later.get("moistureNow").asDouble()).isLessThan(in.get("moistureNow").asDouble());
    long line = before.get("choices").get(0).get("placeId").asLong();
    app.send("PATCH", "/api/v1/drying/" + id, "{\"placeId\":%d}".formatted(line));
    JsonNode out = group("bamboo trifold");
    assertThat(out.get("tumbling").asBoolean()).isFalse();
    assertThat(out.get("moistureNow").asDouble())
        .isCloseTo(later.get("moistureNow").asDouble(), within(0.01));

    JsonNode shell = group("pocket shell");
    assertThat(shell.get("dryers").get(0).get("may").asBoolean()).isFalse();
    RunningApp.Answer refused =
        app.post("/api/v1/drying/" + shell.get("id").asLong() + "/tumble", into);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.json().get("detail").asString()).startsWith("Stop.");
    assertThat(app.post("/api/v1/drying/" + id + "/tumble", "{}").status()).isEqualTo(400);
    assertThat(app.post("/api/v1/drying/" + id + "/tumble", "{\"dryerId\":99}").status())
        .isEqualTo(404);
  }

  @Test
  void aDryerIsAddedAndChanged() {
    String body = "{\"version\":%d,\"name\":\"%s\",\"type\":\"VENTED\",\"capacityKg\":%s}";
    JsonNode added = app.post("/api/v1/dryers", body.formatted(0, "old dryer", "5")).json();
    String path = "/api/v1/dryers/" + added.get("id").asLong();
    int version = added.get("version").asInt();
    assertThat(app.send("PUT", path, body.formatted(version, "older dryer", "4")).status())
        .isEqualTo(200);
    assertThat(app.send("PUT", path, body.formatted(version, "x", "4")).status()).isEqualTo(409);
    assertThat(app.post("/api/v1/dryers", body.formatted(0, "none", "0")).status()).isEqualTo(400);
    assertThat(app.get("/api/v1/dryers").json()).hasSize(2);
  }

  private static Integer minutes(String words) {
    String clock = words.replaceAll("^.* ", "");
    return Integer.parseInt(clock.split(":")[0]) * 60 + Integer.parseInt(clock.split(":")[1]);
  }

  @Test
  void whatIsDryIsCleanAndMakesBundles() {
    int daysBefore = app.get("/api/v1/shelf").json().get("days").asInt();
    int hanging = Integer.parseInt(peg("dry").replaceAll(".*?(\\d+) hanging.*", "$1"));
    for (String kind :
        new String[] {"pocket shell", "bamboo trifold", "bamboo booster", "hemp booster"}) {
      JsonNode group = group(kind);
      int clean = Lives.stock(app, kind).get("clean").asInt();
      assertThat(app.post("/api/v1/drying/" + group.get("id").asLong() + "/dry", null).status())
          .isEqualTo(200);
      assertThat(Lives.stock(app, kind).get("clean").asInt())
          .isEqualTo(clean + group.get("pieces").asInt());
      hanging -= group.get("pieces").asInt();
      assertThat(app.post("/api/v1/drying/" + group.get("id").asLong() + "/dry", null).status())
          .isEqualTo(409);
    }
    assertThat(peg("dry")).contains(hanging + " hanging");
    assertThat(app.get("/api/v1/shelf").json().get("days").asInt()).isGreaterThan(daysBefore);
  }

  @Test
  void theShelfAddsUp() {
    JsonNode shelf = app.get("/api/v1/shelf").json();
    for (JsonNode compartment : shelf.get("compartments")) {
      int clean = 0;
      for (JsonNode kind : compartment.get("kinds")) {
        clean += kind.get("clean").asInt();
        int elsewhere =
            kind.get("waiting").asInt() + kind.get("washing").asInt() + kind.get("drying").asInt();
        assertThat(kind.get("clean").asInt() + elsewhere).isEqualTo(kind.get("owned").asInt());
      }
      assertThat(compartment.get("clean").asInt()).isEqualTo(clean);
      assertThat(shelf.get("whys").has("part." + compartment.get("role").asString())).isTrue();
    }
    JsonNode day = Lives.named(shelf.get("bundles"), "recipe", "day");
    assertThat(shelf.get("days").asInt()).isEqualTo(day.get("count").asInt());
    assertThat(peg("shelf")).isEqualTo("enough until " + shelf.get("coversUntil").asString());
    Instant first = Instant.MAX;
    for (JsonNode cover : shelf.get("covers")) {
      Instant until = Instant.parse(cover.get("cover").get("until").asString());
      first = until.isBefore(first) ? until : first;
    }
    JsonNode named = Lives.named(covers(shelf), "need", shelf.get("runsOutFirst").asString());
    assertThat(Instant.parse(named.get("until").asString())).isEqualTo(first);
  }

  private static JsonNode covers(JsonNode shelf) {
    var list = tools.jackson.databind.json.JsonMapper.shared().createArrayNode();
    shelf.get("covers").forEach(c -> list.add(c.get("cover")));
    return list;
  }

  @Test
  void nonsenseIsRefused() {
    long id = group("bamboo trifold").get("id").asLong();
    assertThat(app.send("PATCH", "/api/v1/drying/" + id, "{}").json().get("field").asString())
        .isEqualTo("placeId");
    assertThat(app.send("PATCH", "/api/v1/drying/" + id, "{\"placeId\":\"garden\"}").status())
        .isEqualTo(400);
    assertThat(app.send("PATCH", "/api/v1/drying/" + id, "{\"placeId\":77}").status())
        .isEqualTo(404);
    assertThat(app.post("/api/v1/drying/99999/dry", null).status()).isEqualTo(404);
    assertThat(app.send("DELETE", "/api/v1/drying/99999/dry", null).status()).isEqualTo(404);
  }
}
