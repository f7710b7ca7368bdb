package org.nestrinse.app.sort;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** What is proposed, moved, accepted and learnt from, and what two carers do to it at once. */
@Tag("long")
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
    return app.get("/api/v1/sorting").json();
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

  private JsonNode moved(JsonNode seen, JsonNode line, int from, int to, String reason) {
    String because = reason == null ? "" : ",\"reason\":\"" + reason + "\"";
    RunningApp.Answer answer =
        app.post(
            "/api/v1/sorting/moves",
            "{\"stamp\":\"%s\",\"ids\":%s,\"from\":%d,\"to\":%d%s}"
                .formatted(seen.get("stamp").asString(), line.get("ids"), from, to, because));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  private RunningApp.Answer accept(JsonNode seen, String numbers) {
    return app.post(
        "/api/v1/sorting/accept",
        "{\"stamp\":\"%s\",\"numbers\":%s}".formatted(seen.get("stamp").asString(), numbers));
  }

  private void dishClothComesIn() {
    long kitchen = Lives.pail(app, "Kitchen bin").get("id").asLong();
    app.post(
        "/api/v1/pails/" + kitchen + "/entries",
        "{\"kindId\":%d,\"count\":1,\"soil\":\"FOOD\",\"solids\":\"NONE\"}"
            .formatted(Lives.kindId(app, "dish cloth")));
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
    assertThat(waits(sorting, "wool cover").get("reason").asString())
        .contains("tolerate up to 30°");
    assertThat(sorting.get("rules").size()).isEqualTo(16);
  }

  @Test
  void acceptedWholeThePailsEmptyAndThePegFollows() {
    JsonNode seen = sorting();
    int drums = seen.get("drums").size();
    JsonNode now = accept(seen, "null").json();
    assertThat(now.get("loads")).hasSize(drums);
    assertThat(now.get("drums")).isEmpty();
    assertThat(Lives.pail(app, "Kitchen bin").get("pieces").asInt()).isZero();
    assertThat(app.get("/api/v1/line").json().get("pegs").get(1).get("state").asString())
        .isEqualTo(drums + " loads ready");
    RunningApp.Answer again = accept(now, "null");
    assertThat(again.status()).isEqualTo(409);
    assertThat(again.json().get("detail").asString()).contains("nothing to accept");
    for (JsonNode load : now.get("loads")) {
      app.send("DELETE", "/api/v1/loads/" + load.get("id").asLong(), null);
    }
    assertThat(sorting().get("drums")).isEqualTo(seen.get("drums"));
  }

  @Test
  void acceptedLoadByLoad() {
    JsonNode seen = sorting();
    int kitchen = drumWith(seen, "dish cloth").get("number").asInt();
    JsonNode now = accept(seen, "[" + kitchen + "]").json();
    assertThat(now.get("loads")).hasSize(1);
    assertThat(now.get("loads").get(0).get("title").asString()).contains("dish cloth");
    assertThat(drumWith(now, "bamboo trifold").get("number").asInt()).isPositive();
    assertThat(accept(now, "[77]").json().get("field").asString()).isEqualTo("numbers");
  }

  @Test
  void whatComesInMeanwhileDoesNotVoidWhatWasSeen() {
    JsonNode seen = sorting();
    dishClothComesIn();
    JsonNode now = accept(seen, "null").json();
    assertThat(now.get("loads")).hasSize(seen.get("drums").size());
    assertThat(now.get("stamp").asString()).isNotEqualTo(seen.get("stamp").asString());
    assertThat(Lives.pail(app, "Kitchen bin").get("pieces").asInt()).isEqualTo(1);
  }

  @Test
  void whatAnotherCarerTookCannotBeAcceptedAgain() {
    JsonNode seen = sorting();
    int kitchen = drumWith(seen, "dish cloth").get("number").asInt();
    assertThat(accept(seen, "[" + kitchen + "]").status()).isEqualTo(200);
    RunningApp.Answer late = accept(seen, "null");
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.json().get("current").get("stamp").asString())
        .isNotEqualTo(seen.get("stamp").asString());
    assertThat(app.get("/api/v1/loads").json()).hasSize(1);
    assertThat(accept(sorting(), "null").status()).isEqualTo(200);
  }

  @Test
  void aHardRuleStandsASoftOneWantsAReasonThatIsKept() {
    JsonNode seen = sorting();
    JsonNode nappies = drumWith(seen, "bamboo trifold");
    int number = nappies.get("number").asInt();
    JsonNode kitchen = drumWith(seen, "dish cloth");
    JsonNode cloth = Lives.named(kitchen.get("first"), "kind", "dish cloth");
    JsonNode no = moved(seen, cloth, kitchen.get("number").asInt(), number, "please");
    assertThat(no.get("refused").get("hard").asBoolean()).isTrue();
    assertThat(no.get("refused").get("reason").asString())
        .contains("must not meet what touches food");
    assertThat(no.get("drums")).isEqualTo(seen.get("drums"));
    assertThat(no.get("moved").asInt()).isZero();

    // The sheet would wrap the nappies, and pee must not meet the kitchen cloths. So it waits.
    JsonNode sheet = waits(seen, "cot sheet").get("line");
    assertThat(moved(seen, sheet, -1, number, null).get("refused").get("rule").asString())
        .isEqualTo("wrapping");
    JsonNode yes = moved(seen, sheet, -1, number, "only one, and folded");
    assertThat(yes.get("refused").isNull()).isTrue();
    assertThat(yes.get("drums").toString()).contains("only one, and folded");
    int now = drumWith(yes, "cot sheet").get("number").asInt();
    JsonNode load = accept(yes, "[" + now + "]").json().get("loads").get(0);
    assertThat(load.get("setAside").toString())
        .contains("wrap the small ones", "set aside: only one, and folded");
    assertThat(sorting().get("moved").asInt()).as("what is accepted is moved no more").isZero();
  }

  @Test
  void whatIsMovedByHandOutlivesAReloadARestartAndNewPieces() {
    JsonNode seen = sorting();
    JsonNode nappies = drumWith(seen, "bamboo trifold");
    JsonNode shells = Lives.named(nappies.get("first"), "kind", "pocket shell");
    JsonNode own = moved(seen, shells, nappies.get("number").asInt(), 0, null);
    assertThat(own.get("drums").size()).isEqualTo(seen.get("drums").size() + 1);
    assertThat(sorting().get("drums")).isEqualTo(own.get("drums"));
    app.restart();
    assertThat(sorting().get("drums")).isEqualTo(own.get("drums"));
    dishClothComesIn();
    JsonNode later = sorting();
    assertThat(later.get("drums").findValues("ids"))
        .as("the shells still have a load of their own")
        .anyMatch(ids -> ids.equals(shells.get("ids")));
    assertThat(later.get("drums").toString()).contains("\"first\":[" + shells);
    assertThat(later.get("moved").asInt()).isEqualTo(1);

    JsonNode back = app.send("DELETE", "/api/v1/sorting/moves/last", null).json();
    assertThat(back.get("drums").toString()).doesNotContain("\"first\":[" + shells);
    moved(back, shells, drumWith(back, "pocket shell").get("number").asInt(), -1, null);
    assertThat(waits(sorting(), "pocket shell").get("reason").asString()).contains("kept it back");
    JsonNode proposed = app.send("DELETE", "/api/v1/sorting/moves", null).json();
    assertThat(proposed.get("drums")).isEqualTo(back.get("drums"));
  }

  @Test
  void nonsenseIsNamed() {
    JsonNode seen = sorting();
    String stamp = "{\"stamp\":\"" + seen.get("stamp").asString() + "\",";
    String path = "/api/v1/sorting/moves";
    assertThat(app.post(path, stamp + "\"ids\":[1],\"from\":1}").json().get("field").asString())
        .isEqualTo("to");
    assertThat(
            app.post(path, stamp + "\"ids\":[99999],\"from\":1,\"to\":2}")
                .json()
                .get("field")
                .asString())
        .isEqualTo("ids");
    assertThat(
            app.post(path, stamp + "\"ids\":[1],\"from\":1,\"to\":99}")
                .json()
                .get("field")
                .asString())
        .isEqualTo("to");
    assertThat(app.post(path, "{\"stamp\":\"x\",\"ids\":[1],\"from\":1,\"to\":2}").status())
        .as("nobody was shown that")
        .isEqualTo(409);
    assertThat(app.post("/api/v1/sorting/accept", "{}").json().get("field").asString())
        .isEqualTo("stamp");
    assertThat(app.get("/api/v1/sorting/pair?one=999999&other=1").status()).isEqualTo(409);
    assertThat(app.get("/api/v1/sorting/pair?one=x&other=1").status()).isEqualTo(400);
    assertThat(sorting().get("drums")).isEqualTo(seen.get("drums"));
  }

  @Test
  void twoPiecesAreExplained() {
    JsonNode seen = sorting();
    long dish = drumWith(seen, "dish cloth").get("first").get(0).get("ids").get(0).asLong();
    JsonNode nappies = drumWith(seen, "bamboo trifold").get("first");
    long trifold = nappies.get(0).get("ids").get(0).asLong();
    long shell = Lives.named(nappies, "kind", "pocket shell").get("ids").get(0).asLong();
    String path = "/api/v1/sorting/pair?one=%d&other=%d";
    JsonNode apart = app.get(path.formatted(dish, trifold)).json();
    assertThat(apart.get("together").asBoolean()).isFalse();
    assertThat(apart.get("words").asString()).contains("stay apart");
    assertThat(app.get(path.formatted(trifold, shell)).json().get("words").asString())
        .contains("Fine together");
  }

  @Test
  void aLookIsKeptAndCanBeForgotten() {
    JsonNode seen = sorting();
    int number = drumWith(seen, "bamboo trifold").get("number").asInt();
    JsonNode load = accept(seen, "[" + number + "]").json().get("loads").get(0);
    double computed = load.get("fill").get("main").asDouble();
    double looked = computed * 0.93;
    String path = "/api/v1/loads/%d/look".formatted(load.get("id").asLong());
    JsonNode now = app.post(path, "{\"full\":%s}".formatted(looked)).json();
    assertThat(now.get("fill").get("main").asDouble())
        .isCloseTo(looked, org.assertj.core.data.Offset.offset(0.005));
    JsonNode towel = Lives.named(app.get("/api/v1/kinds").json(), "name", "hand towel");
    assertThat(towel.get("bulkFactor").asDouble()).isLessThan(1);
    app.send("DELETE", "/api/v1/kinds/%d/bulk".formatted(towel.get("id").asLong()), null);
    JsonNode forgotten = Lives.named(app.get("/api/v1/kinds").json(), "name", "hand towel");
    assertThat(forgotten.get("bulkFactor").asDouble()).isEqualTo(1);
    assertThat(app.post(path, "{\"full\":3}").json().get("field").asString()).isEqualTo("full");
    assertThat(app.post(path, "{}").json().get("field").asString()).isEqualTo("full");
  }
}
