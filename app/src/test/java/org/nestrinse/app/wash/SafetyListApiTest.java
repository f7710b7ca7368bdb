package org.nestrinse.app.wash;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.OwnPieces;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Everything that the safety rules forbid, asked for over the API on pieces of its own. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SafetyListApiTest {
  private RunningApp app;
  private OwnPieces own;
  private long bleach;
  private long white;
  private long cloth;
  private long vest;
  private long towel;
  private long rag;

  @BeforeAll
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
    own = new OwnPieces(app);
    bleach = Lives.productId(app, "chlorine bleach 4 %");
    white = own.kind("white rag", "CLOTH", "HOUSE", "COTTON", "PALE");
    cloth = own.kind("shine cloth", "CLOTH", "GLASS", "MICROFIBRE", "PALE");
    vest = own.kind("little vest", "CLOTHES", "BODY", "COTTON", "PALE");
    towel = own.kind("face towel", "TOWEL", "BODY", "COTTON", "PALE");
    rag = own.kind("workshop rag", "CLOTH", "WORKSHOP", "COTTON", "DARK");
  }

  @AfterAll
  void stop() {
    app.close();
  }

  private NursingLoad load(long kind, int count, String soil) {
    return new NursingLoad(app, own.load(kind, count, soil));
  }

  private NursingLoad load(long kind, int count, String soil, long person) {
    return new NursingLoad(app, own.load(kind, count, soil, person));
  }

  private static String school(String id) {
    return "\"school\":\"%s\"".formatted(id);
  }

  private static String with(String school, String where, int ml, long... products) {
    StringBuilder besides = new StringBuilder();
    for (long p : products) {
      besides.append(besides.isEmpty() ? "" : ",");
      besides.append("{\"productId\":%d,\"where\":\"%s\",\"ml\":%d}".formatted(p, where, ml));
    }
    return school(school) + ",\"besides\":[" + besides + "]";
  }

  /** Returns the caution of a plan with this key; fails when it has none. */
  private static JsonNode caution(JsonNode plan, String key) {
    return Lives.named(plan.get("cautions"), "key", key);
  }

  private void stopped(NursingLoad load, String request, String key) {
    JsonNode plan = load.plan(request);
    assertThat(caution(plan, key).get("strength").asString()).isEqualTo("STOP");
    assertThat(load.tryStart(request, "\"%s\"".formatted(key)).status())
        .as("reading a stop does not lift it")
        .isEqualTo(409);
  }

  /** A check stops nobody who has read it, and everybody who has not. */
  private JsonNode checked(NursingLoad load, String request, String key) {
    JsonNode check = caution(load.plan(request), key);
    assertThat(check.get("strength").asString()).isEqualTo("CHECK");
    RunningApp.Answer unread = load.tryStart(request, "");
    assertThat(unread.status()).isEqualTo(409);
    return check;
  }

  @Test
  void chlorineOnDarkPieces() {
    NursingLoad dark = load(own.kind("navy rag", "CLOTH", "HOUSE", "COTTON", "DARK"), 20, "DIRT");
    stopped(dark, with("hot-and-full", "FIRST_WASH", 20, bleach), "chlorine-dye");
  }

  @Test
  void chlorineOnNewPieces() {
    long fresh = own.kind("new rag", "CLOTH", "HOUSE", "COTTON", "PALE");
    RunningApp.Answer lot =
        app.post("/api/v1/prep", "{\"kindId\":%d,\"count\":12}".formatted(fresh));
    assertThat(lot.status()).as(lot.body()).isBetween(200, 201);
    long pail = Lives.pail(app, "New pieces").get("id").asLong();
    long load =
        app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(pail)).json().get("id").asLong();
    stopped(
        new NursingLoad(app, load), with("hot-and-full", "FIRST_WASH", 20, bleach), "chlorine-dye");
  }

  @Test
  void chlorineOnVomit() {
    NursingLoad sick = load(white, 20, "VOMIT");
    stopped(sick, with("hot-and-full", "FIRST_WASH", 20, bleach), "chlorine-ammonia");
  }

  @Test
  void chlorineForANewborn() {
    NursingLoad little = load(vest, 20, "MILK", own.person("Wren", false, true));
    stopped(little, with("hot-and-full", "FIRST_WASH", 20, bleach), "chlorine-newborn");
  }

  @Test
  void chlorineByHandWithoutGlovesOrTooFewRinses() {
    NursingLoad bucket = load(white, 20, "DIRT");
    String asked = with("bucket-and-plunge", "MAIN_WASH", 20, bleach);
    assertThat(checked(bucket, asked, "chlorine-care").get("sentence").asString())
        .contains("gloves");
    stopped(bucket, asked, "chlorine-rinses");
    stopped(bucket, with("bucket-and-plunge", "LAST_RINSE", 20, bleach), "chlorine-last");
  }

  @Test
  void whatHasNoBathToGoIntoIsNamedAsLeftOut() {
    JsonNode plan =
        load(white, 20, "DIRT").plan(with("bucket-and-plunge", "FIRST_WASH", 20, bleach));
    assertThat(plan.get("steps").toString()).doesNotContain("chlorine");
    assertThat(plan.get("bends").toString()).contains("Chlorine bleach 4 % stays out");
  }

  @Test
  void bleachAndAcidByProductsWithEmptyStatements() {
    long acid = own.product("clear descaler", "ACID", "LIQUID", ",\"stated\":[]");
    long strong = own.product("white cleaner", "CHLORINE_BLEACH", "LIQUID", ",\"stated\":[]");
    NursingLoad load = load(white, 20, "DIRT");
    stopped(load, with("hot-and-full", "FIRST_WASH", 20, strong, acid), "chlorine-acid");
  }

  @Test
  void softenerOnMicrofibreAndForANewborn() {
    long softener = own.product("softener", "SOFTENER", "LIQUID", "");
    String asked = with("gentle-skin", "LAST_RINSE", 30, softener);
    JsonNode grips = checked(load(cloth, 20, "GREASE"), asked, "softener");
    assertThat(grips.get("sentence").asString()).contains("no longer grabs").contains("mg/kg");
    NursingLoad little = load(vest, 20, "MILK", own.person("Lark", false, true));
    JsonNode skin = checked(little, asked, "softener");
    assertThat(skin.get("sentence").asString()).contains("newborn").contains("mg/kg");
    assertThat(caution(little.plan(asked), "stays-in").get("sentence").asString())
        .contains("mg/kg");
  }

  @Test
  void aSanitiserIsRinsedOutOfWhatTouchesSkinOrCounted() {
    NursingLoad load = load(towel, 20, "DIRT");
    JsonNode planned = load.plan(school("sixty-with-sanitiser"));
    assertThat(planned.get("steps").toString()).contains("Sanitising rinse", "Rinse once more");
    assertThat(planned.get("cautions").toString()).doesNotContain("stays-in");
    long rinse = Lives.productId(app, "sanitising rinse");
    JsonNode left = checked(load, with("hot-and-full", "LAST_RINSE", 40, rinse), "stays-in");
    assertThat(left.get("sentence").asString()).containsPattern("[1-9][0-9]* mg/kg");
  }

  @Test
  void aSanitiserPowderForTheMainWashGoesIntoItsDrawer() {
    long powder =
        own.product(
            "sanitising powder",
            "SANITISER",
            "POWDER",
            ",\"claim\":{\"log\":9,\"minMlPerL\":3,\"minMinutes\":10,\"minC\":30}");
    NursingLoad load = load(towel, 20, "DIRT");
    JsonNode plan = load.plan(school("sixty-with-sanitiser"));
    for (JsonNode step : plan.get("steps")) {
      for (JsonNode dose : step.get("doses")) {
        if (dose.get("productId").asLong() == powder) {
          assertThat(dose.get("lastRinse").asBoolean()).isFalse();
          assertThat(step.get("title").asString()).isEqualTo("Main wash");
        }
      }
    }
    assertThat(plan.get("steps").toString()).contains("sanitising powder");
    String card =
        app.post(
                "/api/v1/loads/%d/card".formatted(load.id()),
                "{" + school("sixty-with-sanitiser") + "}")
            .body();
    assertThat(card).contains("sanitising powder").doesNotContain("softener drawer\"");
    app.send("DELETE", "/api/v1/products/" + powder, null);
  }

  @Test
  void aProgrammeThatLoggedHotterIsPlannedAsHotAsItWas() {
    long machine = app.get("/api/v1/machines").json().get(0).get("id").asLong();
    StringBuilder log = new StringBuilder("time,°C\n");
    for (int minute = 0; minute < 150; minute++) {
      double c = Math.min(74, 15 + minute * 1.2);
      log.append("2026-05-02T%02d:%02d:00,%.1f%n".formatted(8 + minute / 60, minute % 60, c));
    }
    RunningApp.Answer kept =
        app.post(
            "/api/v1/machines/" + machine + "/logs",
            "{\"sort\":\"TEMPERATURE\",\"programme\":\"Cottons long\",\"chosenC\":60,\"text\":%s,\"keep\":true}"
                .formatted(JsonMapper.shared().writeValueAsString(log.toString())));
    assertThat(kept.status()).as(kept.body()).isBetween(200, 201);
    NursingLoad load = load(towel, 40, "DIRT");
    JsonNode plan = load.plan(school("hot-and-full"));
    boolean stops = plan.get("cautions").toString().contains("too-hot");
    assertThat(stops || plan.get("figures").get("peakC").asDouble() <= 63).isTrue();
    JsonNode ninety = load.plan(school("hot-and-full") + ",\"temperatureC\":90");
    assertThat(caution(ninety, "too-hot").get("strength").asString()).isEqualTo("STOP");
    String programme = URLEncoder.encode("Cottons long", StandardCharsets.UTF_8);
    app.send("DELETE", "/api/v1/machines/" + machine + "/logs?programme=" + programme, null);
  }

  @Test
  void whatHeldOilGoesNeitherIntoTheDrumNorIntoSteamNorOntoTheStove() {
    RunningApp.Answer soaked = own.tryLoad(rag, 10, "OIL", null);
    assertThat(soaked.status()).isEqualTo(409);
    assertThat(soaked.json().get("detail").asString()).contains("catch fire");
    NursingLoad load = load(rag, 20, "GREASE");
    RunningApp.Answer steam = load.tryPlan(school("hygiene-steam"));
    boolean refused = steam.status() == 422;
    assertThat(refused || caution(steam.json(), "oil").get("strength").asString().equals("STOP"))
        .as(steam.body())
        .isTrue();
    RunningApp.Answer stove =
        app.post(
            "/api/v1/resets/plan",
            "{\"recipe\":\"SIMMER_POT\",\"vessel\":\"pot\",\"vesselL\":10,\"pieces\":[{\"kindId\":%d,\"count\":4}]}"
                .formatted(rag));
    assertThat(stove.body()).contains("catches fire on a stove");
  }

  @Test
  void aWorkshopClothIsTakenWithOilOrGreaseOnly() {
    assertThat(own.tryEntry(rag, 2, "WET"))
        .satisfies(refused -> assertThat(refused.status()).isEqualTo(400))
        .satisfies(refused -> assertThat(refused.json().get("field").asString()).isEqualTo("soil"));
    assertThat(own.tryEntry(rag, 2, "GREASE").status()).isEqualTo(201);
    assertThat(own.tryEntry(rag, 2, "OIL").status()).isEqualTo(201);
    JsonNode told = Lives.named(app.get("/api/v1/kinds").json(), "name", "workshop rag");
    assertThat(told.get("soilChoices")).hasSize(2);
  }

  @Test
  void moreThanTheLabelAllowsByHand() {
    long liquid = own.product("hand liquid", "DETERGENT", "LIQUID", "");
    NursingLoad load = load(white, 20, "DIRT");
    stopped(load, with("bucket-and-plunge", "MAIN_WASH", 300, liquid), "above-maximum");
    app.send("DELETE", "/api/v1/products/" + liquid, null);
  }

  @Test
  void proteinStraightIntoHeat() {
    NursingLoad load = load(towel, 30, "BLOOD");
    String straight = school("hot-and-full") + ",\"positions\":{\"HOT_FIRST\":\"hot\"}";
    JsonNode heat = checked(load, straight, "protein-heat");
    assertThat(heat.get("sentence").asString().toLowerCase(Locale.ROOT)).contains("cold");
  }

  @Test
  void adviceKeepsTheRules() {
    JsonNode micro = fits(load(cloth, 20, "GREASE"));
    assertThat(suits(micro, "non-bio powder")).isFalse();
    assertThat(suits(micro, "sanitising rinse")).isFalse();
    assertThat(suits(micro, "scent-free liquid")).isTrue();
    JsonNode delicate = fits(load(vest, 20, "FOOD", own.person("Ida", true, false)));
    assertThat(suits(delicate, "bio powder")).isFalse();
    assertThat(suits(delicate, "non-bio powder")).isTrue();
    JsonNode asked = load(cloth, 20, "GREASE").plan(school("sixty-with-sanitiser"));
    assertThat(asked.get("steps").toString()).doesNotContain("sanitising rinse");
    assertThat(asked.get("bends").toString()).contains("settles on microfibre");
  }

  private JsonNode fits(NursingLoad load) {
    RunningApp.Answer answer =
        app.post(
            "/api/v1/loads/%d/options".formatted(load.id()), "{" + school("gentle-skin") + "}");
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json().get("fits");
  }

  private static boolean suits(JsonNode fits, String product) {
    return Lives.named(fits, "product", product).get("suits").asBoolean();
  }
}
