package org.nestrinse.app.kit.household;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@OnSharedDemo
class HouseholdApiTest {

  private static ObjectNode household(RunningApp app) {
    ObjectNode house = (ObjectNode) app.get("/api/v1/household").json();
    house.remove("zone");
    house.remove("trim");
    return house;
  }

  @Test
  void aLostRaceShowsWhatItIsNow(RunningApp app) {
    ObjectNode first = household(app);
    ObjectNode second = first.deepCopy();
    first.put("roomC", 19.5);
    second.put("roomC", 21.0);
    assertThat(app.send("PUT", "/api/v1/household", first.toString()).status()).isEqualTo(200);
    RunningApp.Answer lost = app.send("PUT", "/api/v1/household", second.toString());
    assertThat(lost.status()).isEqualTo(409);
    assertThat(lost.json().get("current").get("roomC").asDouble()).isEqualTo(19.5);
    ObjectNode back = household(app);
    back.put("roomC", 19.0);
    assertThat(app.send("PUT", "/api/v1/household", back.toString()).status()).isEqualTo(200);
  }

  @Test
  void absurdFactsAreRefusedAndNothingChanges(RunningApp app) {
    String before = app.get("/api/v1/household").body();
    for (String bad :
        new String[] {"hardnessMmolL:31", "inletC:-4", "waterPerM3:-1", "roomC:400"}) {
      String[] parts = bad.split(":");
      ObjectNode house = household(app);
      house.put(parts[0], Double.parseDouble(parts[1]));
      RunningApp.Answer answer = app.send("PUT", "/api/v1/household", house.toString());
      assertThat(answer.status()).isEqualTo(400);
      assertThat(answer.json().get("field").asString()).isEqualTo(parts[0]);
    }
    assertThat(app.get("/api/v1/household").body()).isEqualTo(before);
  }

  @Test
  void fewerThanWaitCannotBeOwned(RunningApp app) {
    JsonNode shell = null;
    for (JsonNode kind : app.get("/api/v1/kinds").json()) {
      if (kind.get("name").asString().equals("pocket shell")) {
        shell = kind;
      }
    }
    ObjectNode change = (ObjectNode) shell;
    long id = change.get("id").asLong();
    for (String field :
        new String[] {
          "id", "massKg", "limits", "soilChoices", "stock", "label", "usual", "bulkFactor"
        }) {
      change.remove(field);
    }
    change.put("owned", 1);
    RunningApp.Answer answer = app.send("PUT", "/api/v1/kinds/" + id, change.toString());
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo("owned");
    assertThat(answer.json().get("allowed").asString()).contains("or more");
  }

  @Test
  void theDemoHouseholdIsWhatItShouldBe(RunningApp app) {
    assertThat(app.get("/api/v1/kinds").json().size()).isGreaterThanOrEqualTo(25);
    assertThat(app.get("/api/v1/machines").json().get(0).get("machine").get("programmes"))
        .hasSize(9);
    assertThat(app.get("/api/v1/people").json()).hasSize(5);
    assertThat(app.get("/api/v1/products").json()).hasSize(10);
    assertThat(app.get("/api/v1/record").json().get("total").asInt()).isGreaterThanOrEqualTo(13);
    assertThat(app.get("/api/v1/pails").json().get("pails")).hasSize(7);
    for (JsonNode kind : app.get("/api/v1/kinds").json()) {
      JsonNode stock = kind.get("stock");
      int everywhere =
          stock.get("clean").asInt()
              + stock.get("waiting").asInt()
              + stock.get("washing").asInt()
              + stock.get("drying").asInt();
      assertThat(everywhere).as(kind.get("name").asString()).isEqualTo(stock.get("owned").asInt());
    }
  }
}
