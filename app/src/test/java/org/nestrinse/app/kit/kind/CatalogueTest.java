package org.nestrinse.app.kit.kind;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The catalogue of kinds, and weighing one's own. */
@OnSharedDemo
class CatalogueTest {

  @Test
  void everyPresetCanBeOwnedAndSaysWhereItsFiguresComeFrom() {
    try (RunningApp app = RunningApp.empty(DemoApp.MOMENT)) {
      JsonNode presets = app.get("/api/v1/catalogue").json();
      assertThat(presets.size()).isGreaterThanOrEqualTo(40);
      Set<String> roles = new TreeSet<>();
      for (JsonNode preset : presets) {
        ObjectNode kind = (ObjectNode) preset.get("kind");
        kind.put("owned", 4);
        RunningApp.Answer added = app.post("/api/v1/kinds", kind.toString());
        assertThat(added.status()).as(added.body()).isEqualTo(201);
        assertThat(preset.get("source").asString()).hasSizeGreaterThan(15);
        roles.add(kind.get("role").asString());
        double arealG =
            1000 * added.json().get("massKg").asDouble() / kind.get("areaM2").asDouble();
        assertThat(arealG).as(kind.get("name").asString()).isBetween(30.0, 2000.0);
      }
      assertThat(roles).hasSize(17);
    }
  }

  @Test
  void weighingScalesEveryPart(RunningApp app) {
    JsonNode pad = Lives.named(app.get("/api/v1/kinds").json(), "name", "mattress protector");
    String path = "/api/v1/kinds/%d/weigh".formatted(pad.get("id").asLong());
    String json = "{\"version\":%d,\"pieces\":2,\"grams\":1000}";
    JsonNode weighed = app.post(path, json.formatted(pad.get("version").asInt())).json();
    assertThat(weighed.get("massKg").asDouble())
        .isCloseTo(0.5, org.assertj.core.data.Offset.offset(1e-9));
    double before = pad.get("parts").get(0).get("massKg").asDouble() / pad.get("massKg").asDouble();
    assertThat(weighed.get("parts").get(0).get("massKg").asDouble() / 0.5)
        .isCloseTo(before, org.assertj.core.data.Offset.offset(1e-9));
    assertThat(app.post(path, json.formatted(pad.get("version").asInt())).status()).isEqualTo(409);
    assertThat(
            app.post(path, "{\"version\":1,\"pieces\":0,\"grams\":10}")
                .json()
                .get("field")
                .asString())
        .isEqualTo("pieces");
    assertThat(
            app.post(path, "{\"version\":1,\"pieces\":1,\"grams\":-1}")
                .json()
                .get("field")
                .asString())
        .isEqualTo("grams");
  }
}
