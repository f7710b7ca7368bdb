package org.nestrinse.app.wash;

import static org.assertj.core.api.Assertions.assertThat;

import com.lowagie.text.pdf.PdfReader;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/**
 * What a person can ask of a plan: positions, goals, vessels, products besides, own schools, a
 * card.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PlanApiTest {
  private static final String HOT = "\"school\":\"hot-and-full\"";
  private static final String COOL = "\"school\":\"cool-and-sun\"";

  private RunningApp app;
  private NursingLoad load;

  @BeforeAll
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
    load = NursingLoad.of(app);
  }

  @AfterAll
  void stop() {
    app.close();
  }

  @Test
  void aChosenPositionDoesWhatItsEffectSaid() {
    JsonNode options = app.post("/api/v1/loads/" + load.id() + "/options", "{" + COOL + "}").json();
    assertThat(options.get("questions")).hasSize(15);
    JsonNode heat = Lives.named(options.get("questions"), "id", "MAIN_HEAT");
    String effect = Lives.named(heat.get("positions"), "id", "60").get("effect").asString();
    double before = load.plan(COOL).get("figures").get("kwh").asDouble();
    JsonNode after = load.plan(COOL + ",\"positions\":{\"MAIN_HEAT\":\"60\"}");
    double more = after.get("figures").get("kwh").asDouble() - before;
    assertThat(effect).contains("+%.1f kWh".formatted(more));
    assertThat(after.get("figures").get("temperatureC").asInt()).isEqualTo(60);
  }

  @Test
  void whatIsSetOnALoadIsPlannedAndAMethodOfOnesOwnKeepsIt() {
    String set =
        HOT
            + ",\"settings\":{\"main\":{\"programme\":\"Easy care\",\"strength\":0.5},"
            + "\"ending\":{\"rinses\":4,\"spinRpm\":600}}";
    JsonNode plan = load.plan(set);
    assertThat(plan.get("steps").toString()).contains("Easy care");
    JsonNode kept =
        app.post("/api/v1/schools", "{\"name\":\"easy way\",\"plan\":{" + set + "}}").json();
    JsonNode again = load.plan("\"school\":\"" + kept.get("id").asString() + "\"");
    for (String figure : new String[] {"minutes", "litres", "kwh", "cost", "residueMgKg"}) {
      assertThat(again.get("figures").get(figure)).isEqualTo(plan.get("figures").get(figure));
    }
    app.send("DELETE", "/api/v1/schools/" + kept.get("id").asString(), null);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"first\":{\"celsius\":300}}",
        "{\"first\":{\"detergentShare\":7}}",
        "{\"first\":{\"before\":\"DANCE\"}}",
        "{\"main\":{\"minutes\":-1}}",
        "{\"main\":{\"strength\":40}}",
        "{\"main\":{\"whitenerScoops\":99}}",
        "{\"ending\":{\"rinses\":50}}",
        "{\"ending\":{\"spinRpm\":90000}}",
        "[]",
      })
  void whatNobodyCanSetIsRefused(String settings) {
    RunningApp.Answer answer =
        app.post(
            "/api/v1/loads/" + load.id() + "/plan", "{" + HOT + ",\"settings\":" + settings + "}");
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.type()).contains("problem+json");
  }

  @Test
  void remediesReachTheGoalWhenTaken() {
    String cool = COOL + ",\"goal\":\"EXTRA_CARE\"";
    JsonNode plan = load.plan(cool);
    assertThat(plan.get("figures").get("goalMet").asBoolean()).isFalse();
    JsonNode remedies =
        app.post("/api/v1/loads/" + load.id() + "/options", "{" + cool + "}")
            .json()
            .get("remedies");
    assertThat(remedies.size()).isPositive();
    for (JsonNode r : remedies) {
      String ask = cool + ",\"boosts\":" + r.get("boosts");
      if (!r.get("temperatureC").isNull()) {
        ask += ",\"temperatureC\":" + r.get("temperatureC").asInt();
      }
      assertThat(load.plan(ask).get("figures").get("goalMet").asBoolean()).isTrue();
    }
  }

  @Test
  void bleachBesidesIsAStopThatCannotBePassed() {
    String besides =
        HOT
            + ",\"besides\":[{\"productId\":%d,\"where\":\"MAIN_WASH\",\"ml\":60}]"
                .formatted(Lives.productId(app, "chlorine bleach 4 %"));
    JsonNode plan = load.plan(besides);
    assertThat(plan.get("cautions").toString())
        .contains("chlorine-textile")
        .contains("chlorine-heat")
        .contains("\"STOP\"");
    RunningApp.Answer start =
        load.tryStart(besides, "\"chlorine-textile\",\"chlorine-heat\",\"chlorine-peroxide\"");
    assertThat(start.status()).isEqualTo(409);
    assertThat(start.json().get("detail").asString()).startsWith("Stop.");
    assertThat(load.tryStart(besides + ",\"practise\":true", "").status()).isEqualTo(409);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"positions\":{\"SPIN\":\"round\"} | positions.SPIN | high, low",
        "\"positions\":{\"TEA\":\"yes\"} | positions | BABY_CLOTHES",
        "\"besides\":[{\"productId\":1,\"where\":\"MAIN_WASH\",\"ml\":0}] | besides.ml | 1 and 1000",
        "\"besides\":[{\"productId\":999,\"where\":\"MAIN_WASH\",\"ml\":9}] | besides.productId | a product",
        "\"besides\":[{\"where\":\"MAIN_WASH\",\"ml\":9}] | besides.productId | a product from Kit",
        "\"besides\":[{\"productId\":1,\"ml\":9}] | besides.where | MAIN_WASH",
        "\"goal\":\"SPOTLESS\" | goal | EVERYDAY",
        "\"boosts\":[\"MAGIC\"] | boosts | WHITENER"
      })
  void whatCannotBeAskedIsNamed(String more, String field, String allowed) {
    RunningApp.Answer answer = load.tryPlan(HOT + "," + more);
    assertThat(answer.status()).as(answer.body()).isEqualTo(400);
    assertThat(answer.json().get("field").asString()).contains(field);
    assertThat(answer.json().get("allowed").asString()).contains(allowed);
  }

  @Test
  void theBucketWashesByHandAndTheFrontLoaderDoesNot() {
    JsonNode byHand = load.plan("\"school\":\"bucket-and-plunge\"");
    assertThat(byHand.get("machine").asString()).isEqualTo("the 12 L bucket");
    assertThat(byHand.get("steps").toString()).contains("Only their last rinse is separate");
    long front = app.get("/api/v1/machines").json().get(0).get("id").asLong();
    RunningApp.Answer refused =
        load.tryPlan("\"school\":\"bucket-and-plunge\",\"machineId\":" + front);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.json().get("detail").asString()).contains("by hand");
    assertThat(load.tryPlan(HOT + ",\"machineId\":999").status()).isEqualTo(404);
  }

  @Test
  void aGoalIsJudgedForThisLoadAlone() {
    String goals = "/api/v1/loads/" + load.id() + "/plans?goal=";
    JsonNode strict = app.get(goals + "ILLNESS").json();
    JsonNode usual = app.get("/api/v1/loads/" + load.id() + "/plans").json();
    assertThat(met(strict)).isLessThan(met(usual));
    assertThat(strict.get("calledFor")).isEqualTo(usual.get("calledFor"));
    assertThat(app.get(goals + "SPOTLESS").status()).isEqualTo(400);
  }

  private static long met(JsonNode comparison) {
    long met = 0;
    for (JsonNode plan : comparison.get("plans")) {
      met += plan.get("figures").get("goalMet").asBoolean() ? 1 : 0;
    }
    return met;
  }

  @Test
  void aSchoolOfOnesOwnIsKeptChangedAndPutAway() {
    String keep =
        "{\"name\":\"%s\",\"plan\":{%s,\"temperatureC\":60,\"positions\":{\"STRENGTH\":\"strong\",\"VINEGAR\":\"yes\"}}}";
    RunningApp.Answer kept = app.post("/api/v1/schools", keep.formatted("Our sixty", COOL));
    assertThat(kept.status()).as(kept.body()).isEqualTo(201);
    String id = kept.json().get("id").asString();
    JsonNode school = kept.json().get("school");
    assertThat(school.get("main").get("celsius").asInt()).isEqualTo(60);
    assertThat(school.get("chemistry").get("strength").asDouble()).isEqualTo(1.2);
    assertThat(kept.json().get("basedOn").asString()).isEqualTo("Cool and sun");
    assertThat(app.post("/api/v1/schools", keep.formatted("our SIXTY", COOL)).status())
        .isEqualTo(400);
    assertThat(app.post("/api/v1/schools", keep.formatted("Gentle skin", COOL)).status())
        .isEqualTo(400);
    assertThat(app.post("/api/v1/schools", keep.formatted(" ", COOL)).status()).isEqualTo(400);

    JsonNode plan = load.plan("\"school\":\"" + id + "\"");
    assertThat(plan.get("figures").get("temperatureC").asInt()).isEqualTo(60);
    assertThat(plan.get("steps").toString()).contains("white vinegar");
    app.restart();
    assertThat(app.get("/api/v1/loads/" + load.id() + "/plans").json().get("plans").toString())
        .contains("Our sixty");

    String change =
        """
        {"version":%d,"name":"Our forty","before":"COLD_RINSE","firstCelsius":0,"detergentShare":0,
         "firstWhitenerScoops":0,"mainCelsius":%s,"mainMinutes":75,"strength":1,"whitenerScoops":0,
         "enzymes":"BY_SOIL","sanitiser":false,"vinegar":false,"extraRinses":1,"spinRpm":800,"drying":"On the line."}""";
    assertThat(app.send("PUT", "/api/v1/schools/" + id, change.formatted(0, "400")).status())
        .isEqualTo(400);
    RunningApp.Answer changed = app.send("PUT", "/api/v1/schools/" + id, change.formatted(0, "40"));
    assertThat(changed.json().get("school").get("name").asString()).isEqualTo("Our forty");
    assertThat(app.send("PUT", "/api/v1/schools/" + id, change.formatted(0, "40")).status())
        .isEqualTo(409);
    assertThat(app.send("PUT", "/api/v1/schools/hot-and-full", change.formatted(0, "40")).status())
        .isEqualTo(400);

    JsonNode round = load.practise("\"school\":\"" + id + "\"");
    assertThat(app.send("DELETE", "/api/v1/schools/" + id, null).status()).isEqualTo(204);
    assertThat(app.get("/api/v1/schools").json()).hasSize(10);
    assertThat(round.get("plan").get("schoolName").asString()).isEqualTo("Our forty");
    app.post("/api/v1/schools/" + id + "/restore", null);
    assertThat(app.get("/api/v1/schools").json()).hasSize(11);
    app.send("DELETE", "/api/v1/schools/" + id, null);
  }

  @Test
  void theWallCardIsOnePageOnEitherPaper() throws IOException, InterruptedException {
    JsonNode card = app.post("/api/v1/loads/" + load.id() + "/card", "{" + HOT + "}").json();
    assertThat(card.get("steps").toString()).contains("dial to Cottons long").contains("scoop");
    for (String size : new String[] {"A5", "A4"}) {
      HttpRequest request =
          HttpRequest.newBuilder(
                  URI.create(
                      app.address() + "/api/v1/loads/" + load.id() + "/card.pdf?size=" + size))
              .header("Content-Type", "application/json")
              .POST(HttpRequest.BodyPublishers.ofString("{" + HOT + "}"))
              .build();
      HttpResponse<byte[]> answer =
          HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofByteArray());
      assertThat(answer.statusCode()).isEqualTo(200);
      try (PdfReader pdf = new PdfReader(answer.body())) {
        assertThat(pdf.getNumberOfPages()).isEqualTo(1);
        float wide = pdf.getPageSize(1).getWidth();
        assertThat(wide)
            .isBetween(size.equals("A5") ? 410f : 590f, size.equals("A5") ? 430f : 600f);
      }
    }
    assertThat(
            app.post("/api/v1/loads/" + load.id() + "/card.pdf?size=A9", "{" + HOT + "}").status())
        .isEqualTo(400);
  }
}
