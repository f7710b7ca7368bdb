package org.nestrinse.app.gather;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

@OnSharedDemo
class GatherApiTest {
  private static final String ENTRY =
      "{\"kindId\":%d,\"count\":%d,\"soil\":\"WET\",\"solids\":\"NONE\"}";

  @Test
  void layersEntriesAndPailsAgree(RunningApp app) {
    JsonNode gathering = app.get("/api/v1/pails").json();
    int total = 0;
    for (JsonNode pail : gathering.get("pails")) {
      int inLayers = 0;
      for (JsonNode layer : pail.get("layers")) {
        inLayers += layer.get("pieces").asInt();
        assertThat(layer.get("age").asDouble()).isBetween(0.0, 2.0);
        assertThat(layer.get("fill").asDouble()).isPositive();
      }
      int inEntries = 0;
      for (JsonNode entry : pail.get("entries")) {
        inEntries += entry.get("count").asInt();
      }
      assertThat(inLayers).isEqualTo(inEntries).isEqualTo(pail.get("pieces").asInt());
      total += inEntries;
    }
    assertThat(gathering.get("pieces").asInt()).isEqualTo(total);
  }

  @Test
  void theDampClothsAreDueFirstAndItSaysWhy(RunningApp app) {
    JsonNode due = app.get("/api/v1/pails").json().get("nextDue");
    assertThat(due.get("pail").asString()).isEqualTo("Kitchen bin");
    assertThat(due.get("reason").asString()).contains("sour in 1 day");
    assertThat(due.get("over").asBoolean()).isFalse();
  }

  @Test
  void everyPailThatHoldsSomethingExplainsItsClock(RunningApp app) {
    JsonNode gathering = app.get("/api/v1/pails").json();
    for (JsonNode pail : gathering.get("pails")) {
      if (pail.get("pieces").asInt() > 0) {
        JsonNode why = gathering.get("whys").get("due." + pail.get("id").asLong());
        assertThat(why.get("title").asString()).isEqualTo(pail.get("dueWords").asString());
        assertThat(why.get("lines").size()).isGreaterThan(2);
      }
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"count\":1,\"soil\":\"WET\",\"solids\":\"NONE\"} | kindId",
        "{\"kindId\":1,\"soil\":\"WET\",\"solids\":\"NONE\"} | count",
        "{\"kindId\":1,\"count\":-2,\"soil\":\"WET\",\"solids\":\"NONE\"} | count",
        "{\"kindId\":1,\"count\":1.5,\"soil\":\"WET\",\"solids\":\"NONE\"} | count",
        "{\"kindId\":1,\"count\":1,\"soil\":\"SAND\",\"solids\":\"NONE\"} | soil",
        "{\"kindId\":1,\"count\":1,\"soil\":\"WET\"} | solids",
        "{\"kindId\":1,\"count\":1,\"soil\":\"WET\",\"solids\":\"no\"} | solids",
        "{\"kindId\":1,\"count\":1,\"soil\":\"WET\",\"solids\":\"NONE\",\"cameIn\":\"2031-01-01T00:00:00Z\"} | cameIn",
        "{\"kindId\":1,\"count\":1,\"soil\":\"WET\",\"solids\":\"NONE\",\"cameIn\":\"2020-01-01T00:00:00Z\"} | cameIn",
        "{\"kindId\":1,\"count\":1,\"soil\":\"WET\",\"solids\":\"NONE\",\"cameIn\":\"noon\"} | cameIn",
        "{\"kindId\":\"one\",\"count\":1,\"soil\":\"WET\",\"solids\":\"NONE\"} | kindId",
        "{\"kindId\":1,\"count\":1,\"soil\":\"WET\",\"solids\":\"NONE\",\"colour\":\"red\"} | colour"
      })
  void whatIsWrongWithAnEntryIsNamed(String json, String field, RunningApp app) {
    String before = app.get("/api/v1/pails").body();
    RunningApp.Answer answer = app.post("/api/v1/pails/1/entries", json);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo(field);
    assertThat(app.get("/api/v1/pails").json().get("pieces"))
        .isEqualTo(tools.jackson.databind.json.JsonMapper.shared().readTree(before).get("pieces"));
  }

  @Test
  void pailsNeedANameAStyleAndRoom(RunningApp app) {
    assertThat(
            app.post("/api/v1/pails", "{\"style\":\"BASKET\",\"capacityL\":20}")
                .json()
                .get("field")
                .asString())
        .isEqualTo("name");
    assertThat(
            app.post("/api/v1/pails", "{\"name\":\"x\",\"style\":\"BATHTUB\",\"capacityL\":20}")
                .json()
                .get("allowed")
                .asString())
        .contains("DRY_PAIL");
    assertThat(
            app.post("/api/v1/pails", "{\"name\":\"x\",\"style\":\"BASKET\",\"capacityL\":0}")
                .json()
                .get("field")
                .asString())
        .isEqualTo("capacityL");
    assertThat(
            app.post(
                    "/api/v1/pails",
                    "{\"name\":\"x\",\"style\":\"BASKET\",\"capacityL\":20,\"personId\":999}")
                .status())
        .isEqualTo(404);
  }

  /** Twenty carers at once cannot put more pieces into pails than the household owns. */
  @Test
  void manyCarersAtOnceNeverMoveAPieceTwice(RunningApp app) throws Exception {
    String kind = "baby vest";
    long kindId = Lives.kindId(app, kind);
    int clean = Lives.stock(app, kind).get("clean").asInt();
    long pailId = Lives.pail(app, "Household basket").get("id").asLong();
    ExecutorService carers = Executors.newFixedThreadPool(8);
    try {
      List<Callable<RunningApp.Answer>> adds = new ArrayList<>();
      for (int i = 0; i < clean + 4; i++) {
        adds.add(
            () -> app.post("/api/v1/pails/" + pailId + "/entries", ENTRY.formatted(kindId, 1)));
      }
      List<Long> added = new ArrayList<>();
      int refused = 0;
      for (Future<RunningApp.Answer> future : carers.invokeAll(adds)) {
        RunningApp.Answer answer = future.get();
        if (answer.status() == 201) {
          added.add(answer.json().get("id").asLong());
        } else {
          assertThat(answer.status()).isEqualTo(409);
          refused++;
        }
      }
      assertThat(refused).isGreaterThanOrEqualTo(4);
      assertThat(Lives.stock(app, kind).get("clean").asInt()).isEqualTo(clean - added.size());
      for (long id : added) {
        assertThat(app.send("DELETE", "/api/v1/entries/" + id, null).status()).isEqualTo(204);
      }
      assertThat(Lives.stock(app, kind).get("clean").asInt()).isEqualTo(clean);
    } finally {
      carers.shutdownNow();
    }
  }

  @Test
  void whatIsGoneCannotBeCorrected(RunningApp app) {
    long pailId = Lives.pail(app, "Glass cloths").get("id").asLong();
    JsonNode entry =
        app.post(
                "/api/v1/pails/" + pailId + "/entries",
                ENTRY.formatted(Lives.kindId(app, "glass cloth"), 1))
            .json();
    String path = "/api/v1/entries/" + entry.get("id").asLong();
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(409);
    assertThat(
            app.send(
                    "PATCH",
                    path,
                    "{\"version\":0,\"count\":2,\"soil\":\"WET\",\"solids\":\"NONE\"}")
                .status())
        .isEqualTo(409);
    assertThat(app.send("DELETE", "/api/v1/entries/99999999", null).status()).isEqualTo(404);
    assertThat(app.post("/api/v1/entries/99999999/restore", null).status()).isEqualTo(404);
  }
}
