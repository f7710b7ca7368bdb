package org.nestrinse.app.kit.machine;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** Several machines in one household, and what is in and left of a product. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class MachinesApiTest {
  private static final String TWIN =
      """
      {"version":%d,"name":"%s","type":"TWIN_TUB","drumL":40,"capacityKg":5,"drumRadiusM":0.2,"heaterW":0,
       "hotFillC":%s,"levelsL":%s,"whitenerDrawer":false,"pauses":true,"programmes":[
        {"name":"Timer","use":"WASH","temperaturesC":[0,40,60],"shortfallC":0,"washMinutes":15,"agitation":"NORMAL",
         "rinses":1,"extraRinses":2,"interimRpm":0,"fastestSpinRpm":1200,"mainL":30,"rinseL":25}]}""";

  private RunningApp app;

  @BeforeAll
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterAll
  void stop() {
    app.close();
  }

  @Test
  void aSecondMachineIsAddedChangedAndPlannedWith() {
    RunningApp.Answer added =
        app.post("/api/v1/machines", TWIN.formatted(0, "the old twin tub", "55", "[40,20,30]"));
    assertThat(added.status()).as(added.body()).isEqualTo(201);
    JsonNode view = added.json();
    assertThat(view.get("machine").get("levelsL").toString()).isEqualTo("[20.0,30.0,40.0]");
    assertThat(view.get("machine").get("programmes").get(0).get("mainL").asDouble()).isEqualTo(30);
    String path = "/api/v1/machines/" + view.get("id").asLong();
    int version = view.get("version").asInt();
    RunningApp.Answer changed =
        app.send("PUT", path, TWIN.formatted(version, "twin tub", "null", "[]"));
    assertThat(changed.json().get("machine").get("hotFillC").isNull()).isTrue();
    assertThat(app.send("PUT", path, TWIN.formatted(version, "x", "55", "[]")).status())
        .isEqualTo(409);
    assertThat(app.send("PUT", "/api/v1/machines/999", TWIN.formatted(0, "x", "55", "[]")).status())
        .isEqualTo(404);
    app.restart();
    assertThat(Lives.named(app.get("/api/v1/machines").json(), "id", view.get("id").asString()))
        .isNotNull();
    assertThat(app.get("/api/v1/machines").json().get(0).get("machine").get("name").asString())
        .isEqualTo("the front loader");

    long nursery = Lives.pail(app, "Nursery pail").get("id").asLong();
    long load =
        app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(nursery))
            .json()
            .get("id")
            .asLong();
    JsonNode plan =
        app.post(
                "/api/v1/loads/" + load + "/plan",
                "{\"school\":\"hot-and-full\",\"machineId\":%d}".formatted(view.get("id").asLong()))
            .json();
    assertThat(plan.get("machine").asString()).isEqualTo("twin tub");
    assertThat(plan.get("bends").toString()).contains("as cold as the tap");
    assertThat(plan.get("baths").toString()).contains("\"liquorL\":30.0");
  }

  @Test
  void whatNoMachineHasIsRefusedByItsField() {
    assertField(TWIN.formatted(0, "x", "140", "[]"), "hotFillC");
    assertField(TWIN.formatted(0, "x", "55", "[0.01]"), "levelsL");
    assertField(TWIN.formatted(0, "x", "55", "[1,2,3,4,5,6,7,8,9]"), "levelsL");
    assertField(TWIN.formatted(0, " ", "55", "[]"), "name");
    assertField(
        TWIN.formatted(0, "x", "55", "[]").replace("\"mainL\":30", "\"mainL\":-3"),
        "programmes.mainL");
    assertField(TWIN.formatted(0, "x", "55", "[]").replace("TWIN_TUB", "SPACESHIP"), "type");
  }

  @Test
  void theLabelOfAProgrammeIsKeptWholeOrNotAtAll() {
    String twin = TWIN.formatted(0, "labelled tub", "55", "[]");
    String whole =
        "\"label\":{\"kwh\":1.1,\"litres\":52,\"loadKg\":5,\"temperatureC\":55},\"mainL\":30";
    JsonNode added = app.post("/api/v1/machines", twin.replace("\"mainL\":30", whole)).json();
    JsonNode label = added.get("machine").get("programmes").get(0).get("label");
    assertThat(label.get("kwh").asDouble()).isEqualTo(1.1);
    assertThat(label.get("temperatureC").asInt()).isEqualTo(55);
    for (String missing : new String[] {"kwh", "litres", "loadKg", "temperatureC"}) {
      String part = whole.replaceFirst("\"" + missing + "\":[0-9.]+", "\"" + missing + "\":null");
      assertField(
          twin.replace("labelled", missing).replace("\"mainL\":30", part),
          "programmes.label." + missing);
    }
  }

  private void assertField(String body, String field) {
    RunningApp.Answer answer = app.post("/api/v1/machines", body);
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo(field);
  }

  @Test
  void aBucketNeedsNoProgrammes() {
    RunningApp.Answer bucket =
        app.post(
            "/api/v1/machines",
            """
            {"version":0,"name":"basin","type":"HAND_BASIN","drumL":15,"capacityKg":2,"drumRadiusM":0.2,"heaterW":0}""");
    assertThat(bucket.status()).as(bucket.body()).isEqualTo(201);
    assertThat(bucket.json().get("machine").get("programmes")).isEmpty();
  }

  @Test
  void whatALabelStatesWinsOverThePurpose() {
    String product =
        """
        {"name":"pine cleaner","purpose":"OTHER","form":"LIQUID","enzymes":false,"scented":true,"coats":false,
         "activator":false,"normal":{"softG":1,"mediumG":1,"hardG":1},"heavy":{"softG":1,"mediumG":1,"hardG":1},
         "referenceMassKg":4.5,"packPrice":3,"packG":500%s}""";
    JsonNode plain = app.post("/api/v1/products", product.formatted("")).json();
    assertThat(plain.get("chemicals").toString()).contains("unknown cleaner");
    assertThat(plain.get("leftG").asDouble()).isEqualTo(500);
    String other = product.replace("pine cleaner", "other pine cleaner");
    JsonNode stated =
        app.post("/api/v1/products", other.formatted(",\"stated\":[\"PHENOLIC\"],\"leftG\":120"))
            .json();
    assertThat(stated.get("chemicals").toString()).isEqualTo("[\"phenolic cleaner\"]");
    assertThat(stated.get("leftG").asDouble()).isEqualTo(120);
    assertThat(app.post("/api/v1/products", product.formatted(",\"stated\":[\"LOVE\"]")).status())
        .isEqualTo(400);
    assertThat(app.post("/api/v1/products", product.formatted(",\"leftG\":-1")).status())
        .isEqualTo(400);
  }
}
