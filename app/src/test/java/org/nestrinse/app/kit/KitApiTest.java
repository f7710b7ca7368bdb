package org.nestrinse.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What can be added and changed in Kit, and every way in which it can be wrong. */
@OnSharedDemo
class KitApiTest {
  private static final String KIND =
      """
      {"name":"test flannel","role":"CLOTH","bin":"HOUSE","areaM2":0.1,"small":true,"owned":6,
       "parts":[{"name":"body","material":"COTTON","massKg":0.04,"elastic":false}]}""";
  private static final String PRODUCT =
      """
      {"name":"test powder","purpose":"OTHER","form":"POWDER","enzymes":false,"scented":false,"coats":true,
       "activator":false,"normal":{"softG":40,"mediumG":55,"hardG":70},"heavy":{"softG":50,"mediumG":65,"hardG":80},
       "referenceMassKg":4.5,"maxG":150,"scoopMl":60,"densityGMl":0.8,"packPrice":8,"packG":2000}""";
  private static final String PERSON =
      """
      {"name":"Test","about":"","sensitiveSkin":false,"ill":false,"newborn":false,"dayBundles":0,"nightBundles":0,
       "bedPads":0}""";
  private static final String PLACE =
      """
      {"name":"balcony","sort":"SUN_LINE","exposure":0.25,"windFactor":0.5,"sunFactor":0.6,"roomC":19,"roomHumidity":60}""";

  private static ObjectNode with(String json, String field, String value) {
    JsonMapper mapper = JsonMapper.shared();
    ObjectNode node = (ObjectNode) mapper.readTree(json);
    ObjectNode at = node;
    String[] path = field.split("\\.");
    for (int i = 0; i < path.length - 1; i++) {
      JsonNode next = at.get(path[i]);
      at = (ObjectNode) (next.isArray() ? next.get(0) : next);
    }
    if (value == null) {
      at.remove(path[path.length - 1]);
    } else {
      at.set(path[path.length - 1], mapper.readTree(value));
    }
    return node;
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      value = {
        "name | \"\" | name",
        "name | \"   \" | name",
        "name | - | name",
        "role | \"HAT\" | role",
        "bin | - | bin",
        "areaM2 | 0 | areaM2",
        "areaM2 | 1e6 | areaM2",
        "small | - | small",
        "owned | -1 | owned",
        "owned | 100000 | owned",
        "parts | [] | parts",
        "parts.massKg | 1e9 | parts.massKg",
        "parts.massKg | - | parts.massKg",
        "parts.material | \"GOLD\" | parts[0].material",
        "parts.elastic | - | parts.elastic",
        "label | {\"hottestWashC\":500,\"fastestSpinRpm\":800,\"dryer\":\"LOW\"} | label.hottestWashC",
        "label | {\"fastestSpinRpm\":9000} | label.fastestSpinRpm",
        "label | {\"dryer\":\"HOT\"} | label.dryer"
      })
  void aKindIsCheckedFieldByField(String field, String value, String named, RunningApp app) {
    refused(app, "/api/v1/kinds", with(KIND, field, value), named);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      value = {
        "purpose | \"MAGIC\" | purpose",
        "form | - | form",
        "enzymes | - | enzymes",
        "normal.softG | -1 | normal.softG",
        "pieceG | -2 | pieceG",
        "percarbonateShare | 2 | percarbonateShare",
        "heavy.hardG | 1e5 | heavy.hardG",
        "referenceMassKg | 0 | referenceMassKg",
        "maxG | -5 | maxG",
        "scoopMl | 0 | scoopMl",
        "densityGMl | 30 | densityGMl",
        "packPrice | -1 | packPrice",
        "packG | 0 | packG"
      })
  void aProductIsCheckedFieldByField(String field, String value, String named, RunningApp app) {
    refused(app, "/api/v1/products", with(PRODUCT, field, value), named);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      value = {
        "name | - | name",
        "dayBundles | 500 | dayBundles",
        "nightBundles | -1 | nightBundles",
        "bedPads | - | bedPads",
        "ill | \"yes\" | ill"
      })
  void aPersonIsCheckedFieldByField(String field, String value, String named, RunningApp app) {
    refused(app, "/api/v1/people", with(PERSON, field, value), named);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      value = {
        "name | - | name",
        "exposure | 7 | exposure",
        "windFactor | -1 | windFactor",
        "sunFactor | 3 | sunFactor",
        "roomHumidity | 0 | roomHumidity",
        "roomC | 99 | roomC",
        "sort | - | sort"
      })
  void aPlaceIsCheckedFieldByField(String field, String value, String named, RunningApp app) {
    refused(app, "/api/v1/places", with(PLACE, field, value), named);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      value = {
        "drumL | 0 | drumL",
        "capacityKg | 500 | capacityKg",
        "heaterW | -1 | heaterW",
        "programmes | [] | programmes",
        "programmes.washMinutes | 5000 | programmes.washMinutes",
        "programmes.rinses | 9 | programmes.rinses",
        "programmes.temperaturesC | [] | programmes.temperaturesC",
        "programmes.temperaturesC | [400] | temperaturesC",
        "programmes.agitation | \"WILD\" | programmes[0].agitation",
        "programmes.use | - | programmes.use"
      })
  void theMachineIsCheckedFieldByField(String field, String value, String named, RunningApp app) {
    JsonNode view = app.get("/api/v1/machines").json().get(0);
    ObjectNode machine = (ObjectNode) view.get("machine").deepCopy();
    machine.set("version", view.get("version"));
    ObjectNode broken = with(machine.toString(), field, value);
    RunningApp.Answer answer =
        app.send("PUT", "/api/v1/machines/" + view.get("id"), broken.toString());
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo(named);
    assertThat(app.get("/api/v1/machines").json().get(0)).isEqualTo(view);
  }

  private static void refused(RunningApp app, String path, ObjectNode json, String named) {
    int before = app.get(path).json().size();
    RunningApp.Answer answer = app.post(path, json.toString());
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).isEqualTo(named);
    assertThat(answer.json().get("allowed").asString()).isNotBlank();
    assertThat(app.get(path).json()).hasSize(before);
  }

  @Test
  void aKindIsAddedChangedAndItsLabelTakenOff(RunningApp app) {
    ObjectNode kind =
        with(KIND, "label", "{\"hottestWashC\":40,\"fastestSpinRpm\":800,\"dryer\":\"NONE\"}");
    kind.put("name", "flannel with a label");
    JsonNode added = app.post("/api/v1/kinds", kind.toString()).json();
    assertThat(added.get("limits").asString())
        .isEqualTo("up to 40°, spin up to 800 rpm, no tumbling");
    assertThat(Lives.stock(app, "flannel with a label").get("clean").asInt()).isEqualTo(6);
    kind.remove("label");
    kind.put("version", added.get("version").asInt());
    kind.put("owned", 9);
    JsonNode changed =
        app.send("PUT", "/api/v1/kinds/" + added.get("id").asLong(), kind.toString()).json();
    assertThat(changed.get("limits").asString()).isEqualTo("up to 60°, tumble normal");
    assertThat(changed.get("stock").get("clean").asInt()).isEqualTo(9);
    RunningApp.Answer stale =
        app.send("PUT", "/api/v1/kinds/" + added.get("id").asLong(), kind.toString());
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.json().get("current").get("stock").get("owned").asInt()).isEqualTo(9);
  }

  @Test
  void aKindHasAPluralOfItsOwnUntilItIsTakenBack(RunningApp app) {
    ObjectNode kind = (ObjectNode) JsonMapper.shared().readTree(KIND);
    kind.put("name", "training pant").put("plural", "pairs of training pants");
    JsonNode own = app.post("/api/v1/kinds", kind.toString()).json();
    assertThat(own.get("plural").asString()).isEqualTo("pairs of training pants");
    String path = "/api/v1/kinds/" + own.get("id").asLong();
    kind.put("version", own.get("version").asInt()).put("plural", " ");
    JsonNode regular = app.send("PUT", path, kind.toString()).json();
    assertThat(regular.get("plural").asString()).isEqualTo("training pants");
    kind.put("version", regular.get("version").asInt())
        .put("name", "wet bag, small")
        .put("plural", "training pants");
    assertThat(app.send("PUT", path, kind.toString()).json().get("plural").asString())
        .as("the old name's own plural does not stay with a new name")
        .isEqualTo("small wet bags");
  }

  @Test
  void aScoopChangesTheMeasureOfADose(RunningApp app) {
    JsonNode view = Lives.named(productsByName(app), "name", "cloth liquid");
    ObjectNode product = ((ObjectNode) view).deepCopy();
    long id = product.get("id").asLong();
    product.remove("id");
    product.put("scoopMl", 25);
    JsonNode changed = app.send("PUT", "/api/v1/products/" + id, product.toString()).json();
    assertThat(changed.get("product").get("scoopMl").asDouble()).isEqualTo(25);
    product.put("version", changed.get("version").asInt());
    product.put("scoopMl", 20);
    assertThat(app.send("PUT", "/api/v1/products/" + id, product.toString()).status())
        .isEqualTo(200);
    assertThat(app.send("PUT", "/api/v1/products/" + id, product.toString()).status())
        .isEqualTo(409);
    assertThat(app.send("PUT", "/api/v1/products/4711", product.toString()).status())
        .isEqualTo(404);
  }

  private static JsonNode productsByName(RunningApp app) {
    var list = JsonMapper.shared().createArrayNode();
    for (JsonNode view : app.get("/api/v1/products").json()) {
      ObjectNode flat = (ObjectNode) view.get("product");
      flat.set("version", view.get("version"));
      list.add(flat);
    }
    return list;
  }
}
