package org.nestrinse.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** Bundles and wishes, cover with what comes back, and what batches have been through. */
@Tag("long")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ShelfApiTest {
  private RunningApp app;

  @BeforeAll
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterAll
  void stop() {
    app.close();
  }

  private JsonNode bundle(String recipe) {
    return Lives.named(app.get("/api/v1/shelf").json().get("bundles"), "recipe", recipe);
  }

  private JsonNode batch(String kind) {
    return Lives.named(app.get("/api/v1/wear").json(), "kind", kind);
  }

  @Test
  @Order(1)
  void bundlesNeverUseMoreThanIsClean() {
    JsonNode shelf = app.get("/api/v1/shelf").json();
    assertThat(shelf.get("bundles")).hasSize(7);
    int shells = 0;
    for (JsonNode b : shelf.get("bundles")) {
      assertThat(b.get("without").asInt()).isLessThanOrEqualTo(b.get("count").asInt());
      assertThat(shelf.get("whys").has("bundle." + b.get("recipe").asString())).isTrue();
      boolean inShell = !b.get("recipe").asString().matches("bed|cabin|two-part-night");
      shells += inShell ? b.get("count").asInt() : 0;
    }
    JsonNode compartment = Lives.named(shelf.get("compartments"), "role", "SHELL");
    assertThat(shells).isLessThanOrEqualTo(compartment.get("clean").asInt());
    assertThat(shelf.get("missing").asString()).contains("Short of");
    JsonNode bo = Lives.named(shelf.get("people"), "name", "Bo");
    assertThat(bo.get("words").asString()).isEqualTo("rise 2, snaps third");
  }

  @Test
  @Order(2)
  void aWishMakesOtherBundlesAndOutlivesARestart() {
    assertThat(bundle("cabin").get("wanted").asInt()).isEqualTo(1);
    assertThat(app.send("PUT", "/api/v1/shelf/wishes/cabin", "{\"wanted\":2}").status())
        .isEqualTo(200);
    assertThat(app.send("PUT", "/api/v1/shelf/wishes/swim", "{\"wanted\":1}").status())
        .isEqualTo(200);
    app.restart();
    JsonNode cabin = bundle("cabin");
    assertThat(cabin.get("wanted").asInt()).isEqualTo(2);
    assertThat(cabin.get("count").asInt()).isEqualTo(2);
    assertThat(cabin.get("layers").toString()).contains("6 bathroom cloths");
    int wantedDays = bundle("day").get("wanted").asInt();
    app.send("PUT", "/api/v1/shelf/wishes/day", "{\"wanted\":0}");
    assertThat(bundle("day").get("wanted").asInt()).isZero();
    app.send("PUT", "/api/v1/shelf/wishes/day", "{}");
    assertThat(bundle("day").get("wanted").asInt()).isEqualTo(wantedDays);
    assertThat(app.send("PUT", "/api/v1/shelf/wishes/day", "{\"wanted\":-1}").status())
        .isEqualTo(400);
    RunningApp.Answer unknown = app.send("PUT", "/api/v1/shelf/wishes/picnic", "{\"wanted\":1}");
    assertThat(unknown.status()).isEqualTo(400);
    assertThat(unknown.json().get("field").asString()).isEqualTo("recipe");
  }

  @Test
  @Order(3)
  void coverCountsWhatHangsFromWhenItIsDry() {
    JsonNode covered = app.get("/api/v1/cover").json();
    for (JsonNode line : covered.get("lines")) {
      Instant clean = Instant.parse(line.get("cleanUntil").asString());
      Instant until = Instant.parse(line.get("until").asString());
      assertThat(until).isAfterOrEqualTo(clean);
      assertThat(covered.get("whys").has(line.get("need").asString())).isTrue();
    }
    JsonNode days = Lives.named(covered.get("lines"), "need", "DAYS");
    assertThat(days.get("comingBack").asInt()).isPositive();
    assertThat(days.get("until").asString()).isGreaterThan(days.get("cleanUntil").asString());
  }

  @Test
  @Order(4)
  void washesAreCountedPerBatchAndSeenThingsAreKept() {
    JsonNode shells = batch("pocket shell");
    assertThat(shells.get("washes").asDouble()).isPositive();
    assertThat(shells.get("hotWashes").asDouble())
        .isLessThanOrEqualTo(shells.get("washes").asDouble());
    assertThat(shells.get("life").get("used").asDouble())
        .as("heat and bleach use more than the count")
        .isGreaterThan(shells.get("washes").asDouble());
    assertThat(shells.get("share").asDouble())
        .isCloseTo(shells.get("life").get("used").asDouble() / 250, within(1e-9));
    String path = "/api/v1/wear/" + shells.get("id").asLong();
    int version = shells.get("version").asInt();
    String look = "{\"version\":%d,\"price\":%s,\"note\":\"%s\"}";
    JsonNode seen =
        app.send("PUT", path, look.formatted(version, "9.5", "leg elastic wavy")).json();
    assertThat(seen.get("note").asString()).isEqualTo("leg elastic wavy");
    assertThat(seen.get("costPerUse").asDouble()).isBetween(9.5 / 250, 9.5 / 100);
    assertThat(app.send("PUT", path, look.formatted(version, "1", "x")).status()).isEqualTo(409);
    assertThat(app.send("PUT", path, look.formatted(version + 1, "-1", "x")).json().get("field"))
        .asString()
        .contains("price");
    assertThat(app.send("PUT", "/api/v1/wear/999", look.formatted(0, "1", "x")).status())
        .isEqualTo(404);
  }

  @Test
  @Order(5)
  void whatDryingTakesIsGivenBackWhenItWasSaidByMistake() {
    JsonNode covers =
        Lives.named(app.get("/api/v1/drying").json().get("groups"), "kind", "nappy cover");
    double before = batch("nappy cover").get("life").get("used").asDouble();
    String path = "/api/v1/drying/%d/dry".formatted(covers.get("id").asLong());
    assertThat(app.post(path, null).status()).isEqualTo(200);
    assertThat(batch("nappy cover").get("life").get("used").asDouble())
        .isGreaterThanOrEqualTo(before);
    app.forward(Duration.ofMinutes(70));
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(200);
    assertThat(batch("nappy cover").get("life").get("used").asDouble())
        .isCloseTo(before, within(1e-9));
  }

  @Test
  @Order(6)
  void theWornOutAreRetiredAndReplaced() {
    JsonNode shells = batch("pocket shell");
    int owned = Lives.stock(app, "pocket shell").get("owned").asInt();
    String path = "/api/v1/wear/%d/retire".formatted(shells.get("id").asLong());
    assertThat(app.post(path, "{\"pieces\":99}").status()).isEqualTo(400);
    assertThat(app.post(path, "{}").status()).isEqualTo(400);
    RunningApp.Answer notClean = app.post(path, "{\"pieces\":24}");
    assertThat(notClean.status()).isEqualTo(409);
    assertThat(app.post(path, "{\"pieces\":1}").status()).isEqualTo(200);
    assertThat(Lives.stock(app, "pocket shell").get("owned").asInt()).isEqualTo(owned - 1);
    assertThat(app.post(path, "{\"pieces\":2,\"replace\":true}").status()).isEqualTo(200);
    assertThat(Lives.stock(app, "pocket shell").get("owned").asInt()).isEqualTo(owned - 1);
    int batches = 0;
    int pieces = 0;
    for (JsonNode b : app.get("/api/v1/wear").json()) {
      if (b.get("kind").asString().equals("pocket shell")) {
        batches++;
        pieces += b.get("pieces").asInt();
      }
    }
    assertThat(batches).isEqualTo(2);
    assertThat(pieces).isEqualTo(owned - 1);
  }

  @Test
  @Order(7)
  void aShortageAheadIsSaidWithItsCheapestRemedy() {
    app.forward(Duration.ofHours(33));
    for (JsonNode group : app.get("/api/v1/drying").json().get("groups")) {
      app.post("/api/v1/drying/%d/dry".formatted(group.get("id").asLong()), null);
    }
    app.forward(Duration.ofHours(30));
    // The normal days of the household go on, and what was used is no longer clean.
    app.get("/api/v1/pails");
    JsonNode covered = app.get("/api/v1/cover").json();
    JsonNode days = Lives.named(covered.get("lines"), "need", "DAYS");
    assertThat(days.get("shortSoon").asBoolean()).as(days.toString()).isTrue();
    assertThat(days.get("remedy").asString()).matches(".+: \\d+ more by .+, costs €[\\d.]+");
  }

  @Test
  @Order(8)
  void anEmptyHouseholdHasNothingAndSaysSo() {
    try (RunningApp empty = RunningApp.empty(DemoApp.MOMENT)) {
      JsonNode shelf = empty.get("/api/v1/shelf").json();
      assertThat(shelf.get("days").asInt()).isZero();
      assertThat(shelf.get("missing").isNull()).isTrue();
      assertThat(empty.get("/api/v1/cover").json().get("lines")).isEmpty();
      assertThat(empty.get("/api/v1/wear").json()).isEmpty();
      assertThat(empty.get("/api/v1/drying").json().get("groups")).isEmpty();
      assertThat(empty.get("/api/v1/drying/plans").json().get("plans")).isEmpty();
      assertThat(empty.get("/api/v1/week").status()).isEqualTo(200);
    }
  }
}
