package org.nestrinse.app.kit.removal;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/**
 * What is in Kit can be removed and brought back; what is still needed cannot; no two are alike.
 */
@Tag("long")
class RemovalApiTest {
  private static RunningApp app;

  @BeforeAll
  static void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  private static long id(JsonNode list, String inside) {
    JsonNode last = list.get(list.size() - 1);
    return inside.isEmpty() ? last.get("id").asLong() : last.get(inside).get("id").asLong();
  }

  @ParameterizedTest
  @CsvSource({
    "PERSON, /api/v1/people, ''",
    "PRODUCT, /api/v1/products, product",
    "MACHINE, /api/v1/machines, ''",
    "DRYER, /api/v1/dryers, ''",
  })
  void awayAndBack(String thing, String path, String inside) {
    JsonNode before = app.get(path).json();
    long id = id(before, inside);
    String one = "%s/%d".formatted(path, id);
    assertThat(app.send("DELETE", one, null).status()).isEqualTo(204);
    assertThat(app.get(path).json()).hasSize(before.size() - 1);
    assertThat(app.get("/api/v1/removed").body()).contains("\"thing\":\"" + thing + "\"");
    assertThat(app.get("/api/v1/week").status()).isEqualTo(200);
    assertThat(app.get("/api/v1/pails").status()).isEqualTo(200);
    assertThat(app.get("/api/v1/record/costs").status()).isEqualTo(200);
    app.restart();
    assertThat(app.get(path).json()).hasSize(before.size() - 1);
    assertThat(app.post(one + "/restore", null).status()).isEqualTo(204);
    assertThat(app.get(path).json()).hasSize(before.size());
  }

  @Test
  void aKindIsRemovedOnceItIsAllClean() {
    JsonNode kind = null;
    for (JsonNode k : app.get("/api/v1/kinds").json()) {
      JsonNode s = k.get("stock");
      if (s.get("clean").asInt() == s.get("owned").asInt()) {
        kind = k;
      }
    }
    assertThat(kind).isNotNull();
    String path = "/api/v1/kinds/" + kind.get("id").asLong();
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(app.get("/api/v1/kinds").body())
        .doesNotContain("\"" + kind.get("name").asString() + "\"");
    assertThat(app.get("/api/v1/shelf").status()).isEqualTo(200);
    assertThat(app.post(path + "/restore", null).status()).isEqualTo(204);

    RunningApp.Answer no =
        app.send("DELETE", "/api/v1/kinds/" + Lives.kindId(app, "bamboo trifold"), null);
    assertThat(no.status()).isEqualTo(409);
    assertThat(no.json().get("detail").asString()).contains("still waiting, washing or hanging");
  }

  @Test
  void whatHoldsSomethingStays() {
    JsonNode groups = app.get("/api/v1/drying").json().get("groups");
    assertThat(groups).isNotEmpty();
    long place = groups.get(0).get("placeId").asLong();
    assertThat(app.send("DELETE", "/api/v1/places/" + place, null).json().get("detail").asString())
        .contains("Take it down first");
    long nursery = Lives.pail(app, "Nursery pail").get("id").asLong();
    assertThat(app.send("DELETE", "/api/v1/pails/" + nursery, null).json().get("detail").asString())
        .contains("Something still waits");
    assertThat(app.send("DELETE", "/api/v1/places/99999", null).status()).isEqualTo(404);
    assertThat(app.send("DELETE", "/api/v1/dragons/1", null).status()).isEqualTo(404);
  }

  @Test
  void anEmptyPailGoesAndComesBack() {
    app.post("/api/v1/pails", "{\"name\":\"spare\",\"style\":\"OPEN_BAG\",\"capacityL\":20}");
    String path = "/api/v1/pails/" + Lives.pail(app, "spare").get("id").asLong();
    assertThat(app.send("DELETE", path, null).body()).doesNotContain("\"spare\"");
    assertThat(app.get("/api/v1/pails/removed").body()).contains("spare");
    assertThat(app.post(path + "/restore", null).body()).contains("\"spare\"");
  }

  @ParameterizedTest
  @CsvSource({"/api/v1/people", "/api/v1/dryers", "/api/v1/places", "/api/v1/machines"})
  void noTwoAreCalledAlike(String path) {
    JsonNode first = app.get(path).json().get(0);
    JsonNode named =
        first.has("name")
            ? first
            : first.get(path.substring("/api/v1/".length(), path.length() - 1));
    String twin =
        named.toString().replaceFirst("\"id\":\\d+,?", "").replaceFirst("\"version\":\\d+,?", "");
    RunningApp.Answer no = app.post(path, twin);
    assertThat(no.status()).as(no.body()).isIn(400, 409);
    assertThat(
            app.get(path)
                .json()
                .toString()
                .split("\"" + named.get("name").asString() + "\"")
                .length)
        .isEqualTo(2);
  }

  @Test
  void aSecondProductOfTheSameNameIsToldSo() {
    String product =
        """
        {"name":"Twin","purpose":"OTHER","form":"LIQUID","enzymes":false,"scented":false,"coats":false,
         "activator":false,"normal":{"softG":1,"mediumG":1,"hardG":1},"referenceMassKg":4.5,"packPrice":3,
         "packG":500}""";
    assertThat(app.post("/api/v1/products", product).status()).isEqualTo(201);
    RunningApp.Answer second = app.post("/api/v1/products", product.replace("Twin", "twin"));
    assertThat(second.status()).isEqualTo(409);
    assertThat(second.json().get("detail").asString()).contains("There is already one called twin");
  }
}
