package org.nestrinse.app.gather;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

@OnSharedDemo
class TypedApiTest {
  private static String path(RunningApp app) {
    JsonNode pails = app.get("/api/v1/pails").json().get("pails");
    return "/api/v1/pails/" + pails.get(0).get("id").asLong() + "/typed";
  }

  private static String look(String text) {
    return "?soil=WET&text=" + URLEncoder.encode(text, StandardCharsets.UTF_8);
  }

  private static String body(String text) {
    return "{\"text\":\"" + text + "\",\"soil\":\"WET\",\"solids\":\"LINER\"}";
  }

  @Test
  void itIsReadInTheLanguageOfTheDeviceBeforeAnythingIsPutIn(RunningApp app) {
    JsonNode stock = Lives.stock(app, "bamboo trifold");
    JsonNode english = app.get(path(app) + look("3 trifolds wet, 2 poo")).json();
    assertThat(english.get("unclear").isNull()).isTrue();
    assertThat(english.get("pieces").get(0).get("words").asString()).isEqualTo("3 bamboo trifolds");
    assertThat(english.get("pieces").get(1).get("soil").asString()).isEqualTo("poo");
    JsonNode german =
        app.sendIn(
                "de;metric;german-degrees;24",
                "GET",
                path(app) + look("3 trifolds nass und 2 Stuhl"),
                null)
            .json();
    assertThat(german.get("pieces").get(1).get("soil").asString()).isEqualTo("Stuhl");
    assertThat(Lives.stock(app, "bamboo trifold")).isEqualTo(stock);
  }

  @Test
  void allOfItGoesInAndSolidsOnlyWhereThereAreSome(RunningApp app) {
    int clean = Lives.stock(app, "bamboo trifold").get("clean").asInt();
    RunningApp.Answer put = app.post(path(app), body("1 trifold pee, 1 poo"));
    assertThat(put.status()).isEqualTo(201);
    assertThat(put.json().get(0).get("solids").asString()).isEqualTo("NONE");
    assertThat(put.json().get(1).get("solids").asString()).isEqualTo("LINER");
    assertThat(Lives.stock(app, "bamboo trifold").get("clean").asInt()).isLessThanOrEqualTo(clean);
    for (JsonNode entry : put.json()) {
      app.send("DELETE", "/api/v1/entries/" + entry.get("id").asLong(), null);
    }
    assertThat(Lives.stock(app, "bamboo trifold").get("clean").asInt()).isEqualTo(clean);
  }

  @Test
  void whatIsNotUnderstoodPutsNothingIn(RunningApp app) {
    int pieces = app.get("/api/v1/pails").json().get("pieces").asInt();
    String says =
        app.get(path(app) + look("1 trifold, 3 curtains")).json().get("unclear").asString();
    assertThat(says).contains("3 curtains");
    for (String text : new String[] {"1 trifold, 3 curtains", "", "1 trifold, 199 trifolds"}) {
      assertThat(app.post(path(app), body(text)).status()).isBetween(400, 409);
    }
    assertThat(app.get("/api/v1/pails").json().get("pieces").asInt()).isEqualTo(pieces);
  }
}
