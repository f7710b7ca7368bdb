package org.nestrinse.app.gather;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** Pails of all sorts: emptied, changed by two carers, with wipes and advice beside them. */
class PailApiTest {
  private RunningApp app;

  @BeforeEach
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterEach
  void stop() {
    app.close();
  }

  private RunningApp.Answer empty(JsonNode pail) {
    return app.post(
        "/api/v1/pails/" + pail.get("id").asLong() + "/empty",
        "{\"version\":%d}".formatted(pail.get("version").asInt()));
  }

  @Test
  void aPailEmptiedTwiceIsToldAndTheLinersTakeTurns() {
    JsonNode pads = Lives.pail(app, "Aurel's pads");
    assertThat(pads.get("liner").asString()).isEqualTo("A");
    assertThat(empty(pads).status()).isEqualTo(200);
    JsonNode clean = Lives.pail(app, "Aurel's pads");
    assertThat(clean.get("liner").asString()).isEqualTo("B");
    RunningApp.Answer twice = empty(clean);
    assertThat(twice.status()).isEqualTo(409);
    assertThat(twice.json().get("detail").asString())
        .contains("was emptied", "nothing came in since");
    String path = "/api/v1/pails/" + pads.get("id").asLong() + "/empty";
    assertThat(app.send("DELETE", path, null).status()).isEqualTo(200);
    assertThat(Lives.pail(app, "Aurel's pads").get("liner").asString()).isEqualTo("A");
    assertThat(app.post("/api/v1/pails/999/empty", "{\"version\":0}").status()).isEqualTo(404);
    assertThat(app.post(path, "{}").json().get("field").asString()).isEqualTo("version");
  }

  @Test
  void twoCarersChangeOnePail() {
    JsonNode pail = Lives.pail(app, "Linnet's bag");
    String path = "/api/v1/pails/" + pail.get("id").asLong();
    String change = "{\"version\":%d,\"name\":\"%s\",\"capacityL\":%d,\"personId\":4,\"airy\":%s}";
    int version = pail.get("version").asInt();
    assertThat(
            app.send("PUT", path, change.formatted(version, "Linnet's bag", 14, "false")).status())
        .isEqualTo(200);
    RunningApp.Answer late = app.send("PUT", path, change.formatted(version, "Bag", 20, "true"));
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.json().get("current").get("capacityL").asDouble()).isEqualTo(14);
    JsonNode closed = Lives.pail(app, "Linnet's bag");
    assertThat(closed.get("styleWords").asString()).contains("closed");
    assertThat(closed.get("dueWords").asString())
        .as("closed, a day is the limit")
        .isNotEqualTo(pail.get("dueWords").asString());
    assertThat(empty(pail).status()).as("emptied from an old picture").isEqualTo(409);
  }

  @Test
  void theMixIsComputedFromTheHousehold() {
    JsonNode cleaning =
        app.get("/api/v1/pails/" + Lives.pail(app, "Aurel's pads").get("id").asLong() + "/cleaning")
            .json();
    assertThat(cleaning.get("steps").toString())
        .contains("mesh liner", "20 mL of pail disinfectant", "liner B", "Wash your hands last");
    assertThat(cleaning.get("mix").get("title").asString()).isEqualTo("20 mL");
    var house = (tools.jackson.databind.node.ObjectNode) app.get("/api/v1/household").json();
    house.remove("trim");
    house.remove("cleaner");
    assertThat(app.send("PUT", "/api/v1/household", house.toString()).status()).isEqualTo(200);
    JsonNode plain =
        app.get("/api/v1/pails/" + Lives.pail(app, "Nursery pail").get("id").asLong() + "/cleaning")
            .json();
    assertThat(plain.get("mix").isNull()).isTrue();
    assertThat(plain.get("steps").toString()).contains("Rinse it with cold water");
  }

  @Test
  void adviceFollowsSoilAndPail() {
    String path =
        "/api/v1/pails/%d/advice?kindId=%d&soil=%s&solids=%s"
            .formatted(
                Lives.pail(app, "Nursery pail").get("id").asLong(),
                Lives.kindId(app, "pocket shell"),
                "STOOL",
                "STILL_ON");
    assertThat(app.get(path).body()).contains("toilet", "Cold water only", "Close the tabs");
    assertThat(app.get(path.replace("STOOL", "MUD")).status()).isEqualTo(400);
  }

  @Test
  void wipesWantTheirOilToBeRead() {
    JsonNode kit = app.get("/api/v1/wipes").json();
    assertThat(kit.get("kind").asString()).isEqualTo("cotton wipe");
    assertThat(kit.get("pieces").asInt()).isEqualTo(6);
    RunningApp.Answer oil = app.post("/api/v1/wipes/2/fill", "{\"addition\":\"OIL\"}");
    assertThat(oil.status()).isEqualTo(409);
    assertThat(oil.json().get("detail").asString()).contains("poison small children");
    JsonNode filled = app.post("/api/v1/wipes/2/fill", "{\"addition\":\"PLAIN\"}").json();
    assertThat(filled.get("boxes").get(1).get("goodUntilWords").asString()).isEqualTo("Fri 9:40");
    assertThat(
            app.post("/api/v1/wipes/3/fill", "{\"addition\":\"PLAIN\"}")
                .json()
                .get("field")
                .asString())
        .isEqualTo("number");
    assertThat(app.post("/api/v1/wipes/1/fill", "{}").json().get("field").asString())
        .isEqualTo("addition");
  }
}
