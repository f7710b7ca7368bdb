package org.nestrinse.app.sort;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/**
 * One load of the demo household, put together, changed and taken back; what it does to the pails.
 */
class SortApiTest {
  private RunningApp app;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private Map<String, Integer> waiting() {
    Map<String, Integer> pieces = new HashMap<>();
    for (JsonNode pail : app.get("/api/v1/pails").json().get("pails")) {
      pieces.put(pail.get("name").asString(), pail.get("pieces").asInt());
    }
    return pieces;
  }

  private JsonNode suggestedLoad() {
    String ids =
        Stream.of("Nursery pail", "Linnet's bag", "Aurel's pads")
            .map(name -> Lives.pail(app, name).get("id").asString())
            .collect(Collectors.joining(","));
    RunningApp.Answer answer = app.post("/api/v1/loads", "{\"pailIds\":[" + ids + "]}");
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json();
  }

  private static int count(JsonNode items) {
    int sum = 0;
    for (JsonNode item : items) {
      sum += item.get("count").asInt();
    }
    return sum;
  }

  @Test
  void takingALoadBackLeavesEveryPailAsItWas() {
    Map<String, Integer> before = waiting();
    JsonNode load = suggestedLoad();
    long id = load.get("id").asLong();
    JsonNode offer = Lives.named(load.get("offers"), "kind", "hand towel");
    app.post(
        "/api/v1/loads/" + id + "/bulkers",
        "{\"kindId\":%d,\"count\":7}".formatted(offer.get("kindId").asLong()));
    assertThat(waiting()).isNotEqualTo(before);
    assertThat(app.send("DELETE", "/api/v1/loads/" + id, null).status()).isEqualTo(204);
    assertThat(waiting()).isEqualTo(before);
    assertThat(app.get("/api/v1/loads").json()).isEmpty();
    assertThat(app.send("DELETE", "/api/v1/loads/" + id, null).status()).isEqualTo(409);
  }

  @Test
  void whatGoesAndWhatStaysIsEverythingThatWasThere() {
    Map<String, Integer> before = waiting();
    JsonNode load = suggestedLoad();
    int offered =
        before.get("Nursery pail") + before.get("Linnet's bag") + before.get("Aurel's pads");
    int staying = 0;
    for (JsonNode s : load.get("staying")) {
      staying += Integer.parseInt(s.get("words").asString().replaceAll("\\D.*", ""));
      assertThat(s.get("reason").asString()).isNotBlank();
    }
    assertThat(count(load.get("going")) + staying).isEqualTo(offered);
  }

  @Test
  void kitchenAndGlassAreRefusedWithTheirReasons() {
    long nursery = Lives.pail(app, "Nursery pail").get("id").asLong();
    long glass = Lives.pail(app, "Glass cloths").get("id").asLong();
    long kitchen = Lives.pail(app, "Kitchen bin").get("id").asLong();
    JsonNode load =
        app.post("/api/v1/loads", "{\"pailIds\":[%d,%d,%d]}".formatted(nursery, glass, kitchen))
            .json();
    String going = load.get("going").toString();
    assertThat(going)
        .contains("dish cloth")
        .doesNotContain("trifold")
        .doesNotContain("glass cloth");
    assertThat(load.get("staying").toString()).contains("must not meet what touches food");
  }

  @Test
  void givingBackAndJoiningAgainChangesNothing() {
    JsonNode load = suggestedLoad();
    long id = load.get("id").asLong();
    JsonNode pads = Lives.named(load.get("going"), "kind", "bed pad");
    JsonNode less =
        app.send("DELETE", "/api/v1/loads/" + id + "/items/" + pads.get("id").asLong(), null)
            .json();
    assertThat(less.get("going").toString()).doesNotContain("bed pad");
    double lighter = less.get("fill").get("massKg").asDouble();
    assertThat(lighter).isLessThan(load.get("fill").get("massKg").asDouble());
    JsonNode now = less;
    for (JsonNode s : less.get("staying")) {
      if (s.get("words").asString().contains("bed pad")) {
        assertThat(s.get("reason").isNull()).isTrue();
        now =
            app.post(
                    "/api/v1/loads/" + id + "/items",
                    "{\"entryId\":%d}".formatted(s.get("entryId").asLong()))
                .json();
      }
    }
    assertThat(now.get("fill")).isEqualTo(load.get("fill"));
    assertThat(count(now.get("going"))).isEqualTo(count(load.get("going")));
  }

  @Test
  void aPieceThatMayNotJoinIsRefusedByTheServerToo() {
    JsonNode load = suggestedLoad();
    long wool = 0;
    for (JsonNode s : load.get("staying")) {
      if (s.get("words").asString().contains("wool cover")) {
        wool = s.get("entryId").asLong();
      }
    }
    RunningApp.Answer answer =
        app.post(
            "/api/v1/loads/" + load.get("id").asLong() + "/items",
            "{\"entryId\":%d}".formatted(wool));
    assertThat(answer.status()).isEqualTo(409);
    assertThat(answer.json().get("detail").asString())
        .startsWith("It stays: wool covers tolerate up to 30°");
  }

  @Test
  void offersExplainTheirNumber() {
    JsonNode load = suggestedLoad();
    for (JsonNode offer : load.get("offers")) {
      JsonNode why = load.get("whys").get("offer." + offer.get("kindId").asLong());
      assertThat(why.get("lines").toString()).contains("a good fill starts at");
      assertThat(offer.get("wanted").asInt()).isLessThanOrEqualTo(offer.get("available").asInt());
    }
  }

  @Test
  void nonsenseIsRefused() {
    assertThat(app.post("/api/v1/loads", "{}").json().get("field").asString()).isEqualTo("pailIds");
    assertThat(app.post("/api/v1/loads", "{\"pailIds\":[]}").json().get("field").asString())
        .isEqualTo("pailIds");
    assertThat(app.post("/api/v1/loads", "{\"pailIds\":[null]}").status()).isEqualTo(400);
    assertThat(app.post("/api/v1/loads", "{\"pailIds\":[4711]}").json().get("detail").asString())
        .contains("Nothing waits");
    assertThat(app.post("/api/v1/loads/999/bulkers", "{\"kindId\":1,\"count\":1}").status())
        .isEqualTo(404);
    long id = suggestedLoad().get("id").asLong();
    assertThat(
            app.post("/api/v1/loads/" + id + "/bulkers", "{\"kindId\":1,\"count\":1}")
                .json()
                .get("allowed")
                .asString())
        .contains("none wait in the basket");
    assertThat(
            app.post("/api/v1/loads/" + id + "/bulkers", "{\"count\":1}")
                .json()
                .get("field")
                .asString())
        .isEqualTo("kindId");
    assertThat(app.send("DELETE", "/api/v1/loads/" + id + "/items/99999", null).status())
        .isEqualTo(404);
    assertThat(app.post("/api/v1/loads/" + id + "/items", "{}").json().get("field").asString())
        .isEqualTo("entryId");
  }

  @Test
  void theFirstSetIsNeverEmptied() {
    long glass = Lives.pail(app, "Glass cloths").get("id").asLong();
    JsonNode load = app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(glass)).json();
    String item =
        "/api/v1/loads/"
            + load.get("id").asLong()
            + "/items/"
            + load.get("going").get(0).get("id").asLong();
    assertThat(app.send("DELETE", item, null).json().get("detail").asString())
        .contains("the last of the load");
    assertThat(app.send("DELETE", item + "?count=99", null).json().get("field").asString())
        .isEqualTo("count");
    assertThat(
            app.send("DELETE", item + "?count=3", null)
                .json()
                .get("going")
                .get(0)
                .get("count")
                .asInt())
        .isEqualTo(5);
  }

  private int clean(long kindId) {
    return Lives.named(app.get("/api/v1/kinds").json(), "id", String.valueOf(kindId))
        .get("stock")
        .get("clean")
        .asInt();
  }

  /** Fills a load up with all that the baskets hold for it. */
  private JsonNode withTheBaskets(long id) {
    JsonNode load = Lives.named(app.get("/api/v1/loads").json(), "id", String.valueOf(id));
    for (JsonNode offer : load.get("offers")) {
      if (!offer.get("fromShelf").asBoolean() && offer.get("refusal").isNull()) {
        load =
            app.post(
                    "/api/v1/loads/" + id + "/bulkers",
                    "{\"kindId\":%d,\"count\":%d}"
                        .formatted(offer.get("kindId").asLong(), offer.get("wanted").asInt()))
                .json();
      }
    }
    return load;
  }

  /** Clean towels fill a thin load up, are washed in it, or go back to the shelf. */
  @Test
  void aThinLoadIsFilledUpFromTheShelfAndGivesBack() {
    long pads = Lives.pail(app, "Aurel's pads").get("id").asLong();
    long id =
        app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(pads)).json().get("id").asLong();
    JsonNode offer =
        withTheBaskets(id)
            .get("offers")
            .valueStream()
            .filter(o -> o.get("fromShelf").asBoolean())
            .findFirst()
            .orElseThrow();
    long kind = offer.get("kindId").asLong();
    int clean = clean(kind);
    int most = offer.get("available").asInt();
    assertThat(most).isBetween(1, clean / 2);
    String body = "{\"kindId\":%d,\"count\":%d,\"fromShelf\":true}";
    String path = "/api/v1/loads/" + id + "/bulkers";
    assertThat(app.post(path, body.formatted(kind, most + 1)).json().get("field").asString())
        .isEqualTo("count");
    JsonNode filled = app.post(path, body.formatted(kind, most)).json();
    JsonNode item =
        filled
            .get("bulkers")
            .valueStream()
            .filter(b -> b.get("fromShelf").asBoolean())
            .findFirst()
            .orElseThrow();
    assertThat(clean(kind)).isEqualTo(clean - most);
    assertThat(app.get("/api/v1/ledger").json()).isEmpty();
    app.send(
        "DELETE", "/api/v1/loads/%d/items/%d?count=1".formatted(id, item.get("id").asLong()), null);
    assertThat(clean(kind)).isEqualTo(clean - most + 1);
    assertThat(app.send("DELETE", "/api/v1/loads/" + id, null).status()).isEqualTo(204);
    assertThat(clean(kind)).isEqualTo(clean);
  }

  /** A house can set a rule aside for good, and can bring it back. */
  @Test
  void aRuleIsSetAsideForGoodAndAskedAgain() {
    JsonNode seen = app.get("/api/v1/sorting").json();
    String body = "{\"stamp\":%s,\"ids\":%s,\"from\":%d,\"to\":%d%s}";
    JsonNode sheet =
        seen.get("waits")
            .valueStream()
            .map(w -> w.get("line"))
            .filter(line -> line.get("kind").asString().equals("cot sheet"))
            .findFirst()
            .orElseThrow();
    int nappies = drumWith(seen, "bamboo trifold").get("number").asInt();
    String move = body.formatted(seen.get("stamp"), sheet.get("ids"), -1, nappies, "%s");
    JsonNode asked = app.post("/api/v1/sorting/moves", move.formatted("")).json();
    assertThat(asked.get("refused").get("hard").asBoolean()).isFalse();
    String rule = asked.get("refused").get("rule").asString();
    String always = move.formatted(",\"reason\":\"we always do it so\",\"always\":true");
    JsonNode moved = app.post("/api/v1/sorting/moves", always).json();
    assertThat(moved.get("refused").isNull()).isTrue();
    assertThat(Lives.named(moved.get("rules"), "name", rule).get("asideReason").asString())
        .isEqualTo("we always do it so");
    JsonNode again = app.send("DELETE", "/api/v1/sorting/rules/" + rule + "/aside", null).json();
    assertThat(Lives.named(again.get("rules"), "name", rule).get("asideReason").isNull()).isTrue();
  }

  private static JsonNode drumWith(JsonNode sorting, String kind) {
    return sorting
        .get("drums")
        .valueStream()
        .filter(d -> d.get("first").toString().contains("\"kind\":\"" + kind + "\""))
        .findFirst()
        .orElseThrow();
  }
}
