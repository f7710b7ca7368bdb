package org.nestrinse.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/**
 * What was kept without a word once, and everything that is refused: named, and nothing is lost.
 */
class BadInputTableTest {
  private static final String PRODUCT =
      """
      {"name":"Powder %d","purpose":"DETERGENT","form":"POWDER","enzymes":false,"scented":false,"coats":false,
       "activator":false,"normal":{"softG":%s},"referenceMassKg":4.5,"packPrice":2,"packG":1000%s}""";
  private static final String MACHINE =
      """
      {"name":"%s","type":"FRONT_LOADER","drumL":50,"capacityKg":6,"drumRadiusM":0.23,"heaterW":2000,
       "programmes":[{"name":"Cottons","use":"WASH","temperaturesC":[%s],"shortfallC":0,"washMinutes":%s,
       "agitation":"NORMAL","rinses":3,"extraRinses":1,"interimRpm":800,"fastestSpinRpm":1400%s}]}""";
  private static final String ROUND =
      "uid,started_at,finished_at,school,contents,pieces,mass_kg,fill,programme,temperature_c,peak_c,hold_minutes,"
          + "detergent_g,trim,coats,rinses,spin_rpm,hygiene_total_log,hygiene_kill_log,goal,goal_met,residue_mg_kg,"
          + "residue_target_mg_kg,litres,kwh,cost,minutes,attended_minutes,hardness_mmol_l,items\n";
  private static RunningApp app;
  private static long person;
  private static long pail;
  private static int made;

  @BeforeAll
  static void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
    person = app.get("/api/v1/people").json().get(0).get("id").asLong();
    pail = Lives.pail(app, "Nursery pail").get("id").asLong();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  private static String product(String soft, String more) {
    return PRODUCT.formatted(made++, soft, more);
  }

  private static String machine(String temperatures, String minutes, String more) {
    return MACHINE.formatted("machine " + made++, temperatures, minutes, more);
  }

  private static String name(String name) {
    return """
        {"name":"%s","about":"","sensitiveSkin":false,"ill":false,"newborn":false,"dayBundles":0,
         "nightBundles":0,"bedPads":0}"""
        .formatted(name);
  }

  private static String round(String uid, String finished, int pieces, String log, boolean met) {
    return ROUND
        + uid
        + ",2026-05-01T08:00:00Z,"
        + finished
        + ",Hot and full,towels,"
        + pieces
        + ",2,0.5,Cottons,60,60,30,40,1,false,3,1000,"
        + log
        + ","
        + log
        + ",LIGHT,"
        + met
        + ",50,100,60,1,1,90,10,3,\"[{\"\"kind\"\":\"\"towel\"\",\"\"pieces\"\":2000,\"\"mass_kg\"\":2,"
        + "\"\"held_hours\"\":3,\"\"bulker\"\":false}]\"\n";
  }

  private static String spell(String from, String to) {
    return "{\"personId\":%d,\"sort\":\"AWAY\",\"from\":\"%s\",\"to\":\"%s\"}"
        .formatted(person, from, to);
  }

  private static Arguments row(String what, String method, String path, String body, String field) {
    return Arguments.of(what, method, path, body, field);
  }

  static Stream<Arguments> refused() {
    List<Arguments> rows = new ArrayList<>();
    rows.add(row("a school without a plan", "POST", "/api/v1/schools", "{\"name\":\"x\"}", "plan"));
    rows.add(row("times without days", "PUT", "/api/v1/week/people/" + person, "{}", "days"));
    rows.add(
        row("a label of nothing", "POST", "/api/v1/products", product("0", ""), "normal.softG"));
    rows.add(
        row(
            "a label that falls with hardness",
            "POST",
            "/api/v1/products",
            product("50,\"mediumG\":40,\"hardG\":30", ""),
            "mediumG"));
    rows.add(
        row("nothing allowed", "POST", "/api/v1/products", product("40", ",\"maxG\":0"), "maxG"));
    rows.add(
        row(
            "a wash of no minutes",
            "POST",
            "/api/v1/machines",
            machine("40", "0", ""),
            "programmes.washMinutes"));
    rows.add(
        row(
            "a peak below the tap",
            "POST",
            "/api/v1/machines",
            machine("40", "60", ",\"measuredPeakC\":0.5"),
            "programmes.measuredPeakC"));
    rows.add(
        row(
            "a bath of half a litre",
            "POST",
            "/api/v1/machines",
            machine("40", "60", ",\"mainL\":0.5"),
            "programmes.mainL"));
    rows.add(
        row(
            "twenty thousand temperatures",
            "POST",
            "/api/v1/machines",
            machine("40" + ",40".repeat(19_999), "60", ""),
            "programmes.temperaturesC"));
    String spells = "/api/v1/normal-days/spells";
    rows.add(
        row(
            "the year 999999999",
            "POST",
            spells,
            spell("+999999999-01-01", "+999999999-01-02"),
            ""));
    rows.add(row("the year 9999", "POST", spells, spell("9999-01-01", "9999-01-02"), "to"));
    rows.add(row("the year -4000", "POST", spells, spell("-4000-01-01", "-4000-01-02"), ""));
    rows.add(
        row("an end before its start", "POST", spells, spell("2026-05-25", "2026-05-21"), "to"));
    ofPeopleAndPieces(rows);
    return rows.stream();
  }

  private static void ofPeopleAndPieces(List<Arguments> rows) {
    rows.add(
        row(
            "stretches of the year 9999",
            "GET",
            "/api/v1/record/beside?aFrom=9999-01-01&aTo=9999-01-02&bFrom=2026-01-01&bTo=2026-01-02",
            null,
            "aTo"));
    rows.add(row("a dragon", "GET", "/api/v1/judge?kind=dragon", null, "kind"));
    rows.add(row("an id in hexadecimal", "DELETE", "/api/v1/entries/0x10", null, "id"));
    rows.add(row("an id in octal", "GET", "/api/v1/rounds/010", null, "id"));
    rows.add(row("a page in hexadecimal", "GET", "/api/v1/record?page=0x1", null, "page"));
    rows.add(
        row(
            "a doubled key",
            "POST",
            "/api/v1/people",
            name("Ada").replaceFirst("\\{", "{\"name\":\"Bea\","),
            ""));
    rows.add(row("a name with NUL", "POST", "/api/v1/people", name("a\\u0000b"), "name"));
    rows.add(row("half a character", "POST", "/api/v1/people", name("a\\ud800b"), "name"));
    rows.add(row("nothing to be seen", "POST", "/api/v1/people", name("\\u200b\\u2060"), "name"));
    rows.add(row("turned writing", "POST", "/api/v1/people", name("ab\\u202ecd"), "name"));
    rows.add(
        row(
            "a number for a text",
            "POST",
            "/api/v1/people",
            name("Ada").replace("\"Ada\"", "5"),
            "name"));
    rows.add(
        row(
            "a place without a size",
            "POST",
            "/api/v1/places",
            "{\"name\":\"rack\",\"sort\":\"AIRER\",\"exposure\":0.25,\"windFactor\":1,\"sunFactor\":1,\"roomC\":19,\"roomHumidity\":60}",
            "metres"));
    rows.add(
        row(
            "a piece from the future",
            "POST",
            "/api/v1/pails/" + pail + "/entries",
            "{\"kindId\":1,\"count\":1,\"soil\":\"WET\",\"solids\":\"NONE\",\"cameIn\":\"9999-01-01T00:00:00Z\"}",
            "cameIn"));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("refused")
  void isRefusedByName(String what, String method, String path, String body, String field) {
    String before = everything();
    RunningApp.Answer no = app.send(method, path, body);
    assertThat(no.status()).as(what + ": " + no.body()).isEqualTo(400);
    assertThat(no.type()).startsWith("application/problem+json");
    if (!field.isEmpty()) {
      assertThat(no.json().get("field").asString()).endsWith(field);
    }
    String english = no.json().get("detail").asString();
    assertThat(english).isNotBlank();
    RunningApp.Answer german = app.sendIn("de;metric;german-degrees;24", method, path, body);
    assertThat(german.status()).isEqualTo(400);
    assertThat(german.json().get("detail").asString())
        .isNotEqualTo(english)
        .doesNotContainPattern(ENGLISH);
    assertThat(everything()).isEqualTo(before);
  }

  private static final Pattern ENGLISH =
      Pattern.compile("\\b(must|between|and|or|the|is|not|missing|at least|of|number|text)\\b");

  private static String everything() {
    return app.get("/api/v1/people").body()
        + app.get("/api/v1/products").body()
        + app.get("/api/v1/machines").body()
        + app.get("/api/v1/places").body()
        + app.get("/api/v1/normal-days").body()
        + app.get("/api/v1/schools").body()
        + app.get("/api/v1/week").json().get("settings")
        + app.get("/api/v1/record").json().get("total");
  }

  static Stream<Arguments> files() {
    return Stream.of(
        Arguments.of("a blank name", round(" ", "", 2000, "3", true), "uid"),
        Arguments.of("an odd name", round("a b", "", 2000, "3", true), "uid"),
        Arguments.of(
            "an end before its start",
            round("u1", "2026-04-30T08:00:00Z", 2000, "3", true),
            "finished_at"),
        Arguments.of(
            "the year 9999", round("u1", "9999-01-01T00:00:00Z", 2000, "3", true), "finished_at"),
        Arguments.of("a sum of 3 in 2,000 pieces", round("u1", "", 3, "3", true), "pieces"),
        Arguments.of("60 logs and the goal missed", round("u1", "", 2000, "60", false), "goal_met"),
        Arguments.of("no logs and the goal reached", round("u1", "", 2000, "0", true), "goal_met"),
        Arguments.of(
            "a hexadecimal number", round("u1", "", 2000, "0x3", true), "hygiene_total_log"));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("files")
  void importsAreHeldToTheSame(String what, String text, String column) {
    JsonNode read = app.post("/api/v1/record/files?keep=true", text).json();
    assertThat(read.get("kept").asBoolean()).as(what).isFalse();
    assertThat(read.get("errors").toString()).contains("\"column\":\"" + column + "\"");
  }

  @Test
  void aForecastOfTheYear9999IsNone() {
    String text =
        "time,temperature_c,humidity_percent,wind_ms,irradiance_wm2,rain_mm\n9999-01-01T00:00,10,60,1,0,0\n";
    JsonNode read =
        app.post(
                "/api/v1/drying/weather",
                "{\"keep\":true,\"text\":%s}"
                    .formatted(
                        tools.jackson.databind.json.JsonMapper.shared().writeValueAsString(text)))
            .json();
    assertThat(read.get("kept").asBoolean()).isFalse();
    assertThat(read.get("errors").toString()).contains("a time near now");
  }

  @Test
  void deletingNothingSaysSo() {
    for (String path :
        List.of(
            "/api/v1/drying/learnt/9999/9999",
            "/api/v1/week/moves/2026-05-21T09:00:00Z",
            "/api/v1/entries/999999",
            "/api/v1/record/999999",
            "/api/v1/record/observations/999999",
            "/api/v1/normal-days/spells/999999")) {
      assertThat(app.send("DELETE", path, null).status()).as(path).isIn(404, 409);
    }
  }

  @Test
  void anAddressThatNoViewHasShowsThePageAndSaysSo() {
    RunningApp.Answer nowhere = app.get("/nonsense");
    assertThat(nowhere.status()).isEqualTo(404);
    assertThat(nowhere.type()).startsWith("text/html");
    assertThat(app.get("/nonsense/deeper/still").type()).startsWith("text/html");
    assertThat(app.get("/api/v1/nonsense").type()).startsWith("application/problem+json");
    assertThat(app.get("/gather").status()).isEqualTo(200);
  }

  /** Every operation of the API is asked in ways that cannot be meant. */
  @Test
  void everyRefusalIsAProblemDocument() {
    List<String> broken = new ArrayList<>();
    String[] bodies = {"", "null", "{}", "[]", "{\"x\":1}"};
    JsonNode paths = app.get("/openapi.json").json().get("paths");
    for (var path : paths.properties()) {
      for (var operation : path.getValue().properties()) {
        String method = operation.getKey().toUpperCase(java.util.Locale.ROOT);
        for (String id : List.of("999999", "abc")) {
          String address = path.getKey().replaceAll("\\{[^}]*}", id);
          for (String body :
              method.equals("GET") || method.equals("DELETE") ? new String[] {null} : bodies) {
            RunningApp.Answer answer = app.send(method, address, body);
            boolean problem = answer.type().startsWith("application/problem+json");
            if (answer.status() >= 500 || (answer.status() >= 400 && !problem)) {
              broken.add(
                  method
                      + " "
                      + address
                      + " "
                      + body
                      + " → "
                      + answer.status()
                      + " "
                      + answer.type());
            }
          }
        }
      }
    }
    assertThat(broken).isEmpty();
  }
}
