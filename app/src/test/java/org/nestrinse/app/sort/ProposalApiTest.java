package org.nestrinse.app.sort;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** What is proposed, moved, accepted and learnt from, and what two carers do to it at once. */
class ProposalApiTest {
  private RunningApp app;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private JsonNode sorting() {
    return app.get("/api/sorting").json();
  }

  private static JsonNode drumWith(JsonNode sorting, String kind) {
    return StreamSupport.stream(sorting.get("drums").spliterator(), false)
        .filter(d -> d.get("first").toString().contains("\"kind\":\"" + kind + "\""))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode waits(JsonNode sorting, String kind) {
    return StreamSupport.stream(sorting.get("waits").spliterator(), false)
        .filter(w -> w.get("line").get("kind").asString().equals(kind))
        .findFirst()
        .orElseThrow();
  }

  private static String move(JsonNode line, int from, int to, String reason) {
    return "{\"ids\":%s,\"from\":%d,\"to\":%d%s}"
        .formatted(
            line.get("ids"), from, to, reason == null ? "" : ",\"reason\":\"" + reason + "\"");
  }

  private JsonNode moved(String... moves) {
    RunningApp.Answer answer =
        app.post("/api/sorting", "{\"moves\":[" + String.join(",", moves) + "]}");
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  private RunningApp.Answer accept(JsonNode seen, String moves, String numbers) {
    return app.post(
        "/api/sorting/accept",
        "{\"stamp\":\"%s\",\"moves\":[%s],\"numbers\":%s}"
            .formatted(seen.get("stamp").asString(), moves, numbers));
  }

  @Test
  void everyLoadIsExplainedAndTheKitchenTravelsAlone() {
    JsonNode sorting = sorting();
    assertThat(sorting.get("drums").size()).isGreaterThanOrEqualTo(2);
    for (JsonNode drum : sorting.get("drums")) {
      assertThat(drum.get("reasons").size()).isGreaterThanOrEqualTo(2);
      assertThat(drum.get("whys").get("fill").get("lines").size()).isGreaterThan(3);
      assertThat(drum.get("title").asString()).contains("leads, due");
    }
    assertThat(drumWith(sorting, "dish cloth").get("first").toString()).doesNotContain("trifold");
    assertThat(waits(sorting, "wool cover").get("reason").asString()).contains("bears 30 at most");
    assertThat(sorting.get("rules").size()).isEqualTo(16);
  }

  @Test
  void acceptedWholeThePailsEmptyAndThePegFollows() {
    JsonNode seen = sorting();
    int drums = seen.get("drums").size();
    JsonNode now = accept(seen, "", "null").json();
    assertThat(now.get("loads")).hasSize(drums);
    assertThat(now.get("drums")).isEmpty();
    assertThat(Lives.pail(app, "Kitchen bin").get("pieces").asInt()).isZero();
    assertThat(app.get("/api/line").json().get("pegs").get(1).get("state").asString())
        .isEqualTo(drums + " loads ready");
    RunningApp.Answer again = accept(now, "", "null");
    assertThat(again.status()).isEqualTo(409);
    assertThat(again.json().get("detail").asString()).contains("nothing to accept");
    for (JsonNode load : now.get("loads")) {
      app.send("DELETE", "/api/loads/" + load.get("id").asLong(), null);
    }
    assertThat(sorting().get("drums")).isEqualTo(seen.get("drums"));
  }

  @Test
  void acceptedLoadByLoad() {
    JsonNode seen = sorting();
    int kitchen = drumWith(seen, "dish cloth").get("number").asInt();
    JsonNode now = accept(seen, "", "[" + kitchen + "]").json();
    assertThat(now.get("loads")).hasSize(1);
    assertThat(now.get("loads").get(0).get("title").asString()).contains("dish cloth");
    assertThat(drumWith(now, "bamboo trifold").get("number").asInt()).isPositive();
    assertThat(accept(now, "", "[77]").json().get("field").asString()).isEqualTo("numbers");
  }

  @Test
  void anotherCarerWasFaster() {
    JsonNode seen = sorting();
    long kitchen = Lives.pail(app, "Kitchen bin").get("id").asLong();
    app.post(
        "/api/pails/" + kitchen + "/entries",
        "{\"kindId\":%d,\"count\":1,\"soil\":\"FOOD\",\"solids\":\"NONE\"}"
            .formatted(Lives.kindId(app, "dish cloth")));
    RunningApp.Answer late = accept(seen, "", "null");
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.json().get("current").get("stamp").asString())
        .isNotEqualTo(seen.get("stamp").asString());
    assertThat(app.get("/api/loads").json()).isEmpty();
    assertThat(accept(sorting(), "", "null").status()).isEqualTo(200);
  }

  @Test
  void aHardRuleStandsASoftOneWantsAReasonThatIsKept() {
    JsonNode seen = sorting();
    JsonNode nappies = drumWith(seen, "bamboo trifold");
    int number = nappies.get("number").asInt();
    JsonNode kitchen = drumWith(seen, "dish cloth");
    String forbidden =
        move(
            Lives.named(kitchen.get("first"), "kind", "dish cloth"),
            kitchen.get("number").asInt(),
            number,
            "please");
    JsonNode no = moved(forbidden);
    assertThat(no.get("refused").get("hard").asBoolean()).isTrue();
    assertThat(no.get("refused").get("reason").asString())
        .contains("never meets what touches food");
    assertThat(no.get("drums")).isEqualTo(seen.get("drums"));
    assertThat(accept(seen, forbidden, "null").status()).isEqualTo(409);

    JsonNode alone = drumWith(seen, "cot sheet");
    int from = alone.get("number").asInt();
    assertThat(from).as("a sheet is not wrapped round nappies").isNotEqualTo(number);
    JsonNode sheet = Lives.named(alone.get("first"), "kind", "cot sheet");
    assertThat(moved(move(sheet, from, number, null)).get("refused").get("rule").asString())
        .isEqualTo("wrapping");
    String aside = move(sheet, from, number, "only one, and folded");
    JsonNode yes = moved(aside);
    assertThat(yes.get("refused").isNull()).isTrue();
    assertThat(yes.get("drums").toString()).contains("only one, and folded");
    JsonNode load = accept(seen, aside, "[" + number + "]").json().get("loads").get(0);
    assertThat(load.get("setAside").toString())
        .contains("wrap the small ones", "set aside: only one, and folded");
  }

  @Test
  void nonsenseIsNamed() {
    JsonNode seen = sorting();
    assertThat(app.post("/api/sorting", "{\"moves\":[{\"ids\":[1],\"from\":1}]}").status())
        .isEqualTo(400);
    assertThat(
            app.post("/api/sorting", "{\"moves\":[{\"ids\":[99999],\"from\":1,\"to\":2}]}")
                .json()
                .get("field")
                .asString())
        .isEqualTo("moves.ids");
    assertThat(app.post("/api/sorting", "{\"moves\":[null]}").status()).isEqualTo(400);
    assertThat(app.post("/api/sorting/accept", "{}").json().get("field").asString())
        .isEqualTo("stamp");
    assertThat(app.get("/api/sorting/pair?one=999999&other=1").status()).isEqualTo(409);
    assertThat(app.get("/api/sorting/pair?one=x&other=1").status()).isEqualTo(400);
    assertThat(sorting().get("drums")).isEqualTo(seen.get("drums"));
  }

  @Test
  void twoPiecesAreExplained() {
    JsonNode seen = sorting();
    long dish = drumWith(seen, "dish cloth").get("first").get(0).get("ids").get(0).asLong();
    JsonNode nappies = drumWith(seen, "bamboo trifold").get("first");
    long trifold = nappies.get(0).get("ids").get(0).asLong();
    long shell = Lives.named(nappies, "kind", "pocket shell").get("ids").get(0).asLong();
    String path = "/api/sorting/pair?one=%d&other=%d";
    JsonNode apart = app.get(path.formatted(dish, trifold)).json();
    assertThat(apart.get("together").asBoolean()).isFalse();
    assertThat(apart.get("words").asString()).contains("stay apart");
    assertThat(app.get(path.formatted(trifold, shell)).json().get("words").asString())
        .contains("may travel together");
  }

  @Test
  void aLookIsKeptAndCanBeForgotten() {
    JsonNode seen = sorting();
    int number = drumWith(seen, "bamboo trifold").get("number").asInt();
    JsonNode load = accept(seen, "", "[" + number + "]").json().get("loads").get(0);
    double computed = load.get("fill").get("main").asDouble();
    double looked = computed * 0.93;
    String path = "/api/loads/%d/look".formatted(load.get("id").asLong());
    JsonNode now = app.post(path, "{\"full\":%s}".formatted(looked)).json();
    assertThat(now.get("fill").get("main").asDouble())
        .isCloseTo(looked, org.assertj.core.data.Offset.offset(0.005));
    JsonNode towel = Lives.named(app.get("/api/kinds").json(), "name", "hand towel");
    assertThat(towel.get("bulkFactor").asDouble()).isLessThan(1);
    app.send("DELETE", "/api/kinds/%d/bulk".formatted(towel.get("id").asLong()), null);
    JsonNode forgotten = Lives.named(app.get("/api/kinds").json(), "name", "hand towel");
    assertThat(forgotten.get("bulkFactor").asDouble()).isEqualTo(1);
    assertThat(app.post(path, "{\"full\":3}").json().get("field").asString()).isEqualTo("full");
    assertThat(app.post(path, "{}").json().get("field").asString()).isEqualTo("full");
  }
}
