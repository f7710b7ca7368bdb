package org.nestrinse.app.kit.removal;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
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
    "PERSON, /api/people, ''",
    "PRODUCT, /api/products, product",
    "MACHINE, /api/machines, ''",
    "DRYER, /api/dryers, ''",
  })
  void awayAndBack(String thing, String path, String inside) {
    JsonNode before = app.get(path).json();
    long id = id(before, inside);
    String one = "/api/kit/%s/%d".formatted(thing, id);
    assertThat(app.send("DELETE", one, null).status()).isEqualTo(204);
    assertThat(app.get(path).json()).hasSize(before.size() - 1);
    assertThat(app.get("/api/kit/removed").body()).contains("\"thing\":\"" + thing + "\"");
    assertThat(app.get("/api/week").status()).isEqualTo(200);
    assertThat(app.get("/api/pails").status()).isEqualTo(200);
    assertThat(app.get("/api/record/costs").status()).isEqualTo(200);
    app.restart();
    assertThat(app.get(path).json()).hasSize(before.size() - 1);
    assertThat(app.post(one + "/back", null).status()).isEqualTo(204);
    assertThat(app.get(path).json()).hasSize(before.size());
  }

  @Test
  void aKindIsRemovedOnceItIsAllClean() {
    JsonNode kind = null;
    for (JsonNode k : app.get("/api/kinds").json()) {
      JsonNode s = k.get("stock");
      if (s.get("clean").asInt() == s.get("owned").asInt()) {
        kind = k;
      }
    }
    assertThat(kind).isNotNull();
    String path = "/api/kit/KIND/" + kind.get("id").asLong();
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(204);
    assertThat(app.get("/api/kinds").body())
        .doesNotContain("\"" + kind.get("name").asString() + "\"");
    assertThat(app.get("/api/shelf").status()).isEqualTo(200);
    assertThat(app.post(path + "/back", null).status()).isEqualTo(204);

    RunningApp.Answer no =
        app.send("DELETE", "/api/kit/KIND/" + Lives.kindId(app, "bamboo trifold"), null);
    assertThat(no.status()).isEqualTo(409);
    assertThat(no.json().get("detail").asString()).contains("still waiting, washing or hanging");
  }

  @Test
  void whatHoldsSomethingStays() {
    JsonNode groups = app.get("/api/drying").json().get("groups");
    assertThat(groups).isNotEmpty();
    long place = groups.get(0).get("placeId").asLong();
    assertThat(app.send("DELETE", "/api/kit/PLACE/" + place, null).json().get("detail").asString())
        .contains("Take it down first");
    long nursery = Lives.pail(app, "Nursery pail").get("id").asLong();
    assertThat(app.send("DELETE", "/api/pails/" + nursery, null).json().get("detail").asString())
        .contains("Something still waits");
    assertThat(app.send("DELETE", "/api/kit/PLACE/99999", null).status()).isEqualTo(404);
    assertThat(app.send("DELETE", "/api/kit/DRAGON/1", null).status()).isEqualTo(400);
  }

  @Test
  void anEmptyPailGoesAndComesBack() {
    app.post("/api/pails", "{\"name\":\"spare\",\"style\":\"OPEN_BAG\",\"capacityL\":20}");
    String path = "/api/pails/" + Lives.pail(app, "spare").get("id").asLong();
    assertThat(app.send("DELETE", path, null).body()).doesNotContain("\"spare\"");
    assertThat(app.get("/api/pails/removed").body()).contains("spare");
    assertThat(app.post(path + "/back", null).body()).contains("\"spare\"");
  }

  @ParameterizedTest
  @CsvSource({"/api/people", "/api/dryers", "/api/places", "/api/machines"})
  void noTwoAreCalledAlike(String path) {
    JsonNode first = app.get(path).json().get(0);
    JsonNode named = first.has("name") ? first : first.get(path.substring(5, path.length() - 1));
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
    assertThat(app.post("/api/products", product).status()).isEqualTo(201);
    RunningApp.Answer second = app.post("/api/products", product.replace("Twin", "twin"));
    assertThat(second.status()).isEqualTo(409);
    assertThat(second.json().get("detail").asString()).contains("There is already one called twin");
  }
}
