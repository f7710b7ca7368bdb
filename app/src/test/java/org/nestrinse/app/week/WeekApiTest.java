package org.nestrinse.app.week;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.OwnPieces;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The week of the demo household: laid out, moved, given to a calendar, across summer time too. */
@Tag("long")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class WeekApiTest {
  private RunningApp app;

  @BeforeAll
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterAll
  void stop() {
    app.close();
  }

  private JsonNode week() {
    return app.get("/api/v1/week").json();
  }

  private ZoneId zone() {
    return ZoneId.of(app.get("/api/v1/household").json().get("zone").asString());
  }

  @Test
  @Order(1)
  void roundsComeWhenSomebodyIsThereAndItIsNotQuiet() {
    JsonNode week = week();
    assertThat(week.get("rounds").size()).isBetween(3, 7);
    int noted = 0;
    for (JsonNode round : week.get("rounds")) {
      LocalTime start = local(round.get("start"));
      LocalTime hang = local(round.get("hang"));
      assertThat(start).isBetween(LocalTime.of(7, 0), LocalTime.of(21, 0));
      assertThat(hang).isBetween(LocalTime.of(7, 0), LocalTime.of(21, 0));
      noted += round.get("notes").isEmpty() ? 0 : 1;
      assertThat(round.get("carers")).isNotEmpty();
      assertThat(week.get("whys").has(round.get("start").asString())).isTrue();
    }
    assertThat(noted).as("rounds that come late").isLessThanOrEqualTo(1);
    assertThat(week.get("extras").toString()).contains("HOUSEHOLD").contains("MAINTENANCE");
    assertThat(week.get("moveCost").asDouble()).isZero();
  }

  private LocalTime local(JsonNode instant) {
    return Instant.parse(instant.asString()).atZone(zone()).toLocalTime();
  }

  @Test
  @Order(2)
  void theCalendarHoldsEveryStepAtItsMoment() throws Exception {
    RunningApp.Answer file = app.get("/api/v1/week/rounds.ics");
    assertThat(file.status()).isEqualTo(200);
    Map<Instant, String> events = events(file.body());
    JsonNode week = week();
    int expected = week.get("extras").size();
    for (JsonNode round : week.get("rounds")) {
      for (JsonNode step : round.get("steps")) {
        Instant at = Instant.parse(step.get("at").asString());
        assertThat(events).containsKey(at);
        expected++;
      }
      assertThat(events.get(Instant.parse(round.get("start").asString()))).startsWith("Wash");
      assertThat(events.get(Instant.parse(round.get("hang").asString()))).isEqualTo("Hang");
    }
    assertThat(events.size()).isLessThanOrEqualTo(expected);
  }

  private static Map<Instant, String> events(String text) throws Exception {
    Calendar calendar = new CalendarBuilder().build(new StringReader(text));
    Map<Instant, String> events = new HashMap<>();
    for (var component : calendar.getComponents("VEVENT")) {
      VEvent event = (VEvent) component;
      Instant start = Instant.from(event.getDateTimeStart().getDate());
      assertThat(Instant.from(event.getDateTimeEnd().getDate())).isAfter(start);
      events.put(start, event.getSummary().getValue());
    }
    return events;
  }

  /** A move as it is sent: day and hour in the house. */
  private String at(Instant start, String instead) {
    ZonedDateTime there =
        start.atZone(ZoneId.of(app.get("/api/v1/line").json().get("zone").asString()));
    String was = instead == null ? "" : ",\"instead\":\"" + instead + "\"";
    return "{\"date\":\"%s\",\"hour\":%d%s}".formatted(there.toLocalDate(), there.getHour(), was);
  }

  @Test
  @Order(3)
  void aMovedRoundStaysTheCostIsSaidAndItCanGoBack() {
    JsonNode before = week();
    String from = before.get("rounds").get(1).get("start").asString();
    Instant to = Instant.parse(from).plusSeconds(3600 * 5);
    JsonNode moved = app.post("/api/v1/week/moves", at(to, from)).json();
    JsonNode there = Lives.named(moved.get("rounds"), "start", to.toString());
    assertThat(there.get("pinned").asBoolean()).isTrue();
    assertThat(moved.get("moveCost").asDouble()).isGreaterThanOrEqualTo(0);
    app.restart();
    assertThat(Lives.named(week().get("rounds"), "start", to.toString()).get("pinned").asBoolean())
        .isTrue();
    Instant night = to.plusSeconds(3600 * 11);
    JsonNode both = app.post("/api/v1/week/moves", at(night, to.toString())).json();
    JsonNode atNight = Lives.named(both.get("rounds"), "start", night.toString());
    assertThat(atNight.get("notes").toString()).contains("nobody is there");
    assertThat(both.get("moveCost").asDouble()).isPositive();
    RunningApp.Answer tooNear = app.post("/api/v1/week/moves", at(night.plusSeconds(3600), null));
    assertThat(tooNear.status()).isEqualTo(400);
    assertThat(Lives.named(week().get("rounds"), "start", night.toString())).isNotNull();
    JsonNode back = app.send("DELETE", "/api/v1/week/moves/" + night, null).json();
    assertThat(back.get("moveCost").asDouble()).isZero();
    assertThat(back.get("rounds").get(1).get("start").asString()).isEqualTo(from);
    assertThat(app.post("/api/v1/week/moves", "{}").json().get("field").asString())
        .isEqualTo("date");
    for (String date : List.of("2020-01-01", "0000-01-01", "+999999999-12-31", "2026-02-30")) {
      assertThat(
              app.post("/api/v1/week/moves", "{\"date\":\"%s\",\"hour\":9}".formatted(date))
                  .status())
          .as(date)
          .isEqualTo(400);
    }
    assertThat(app.send("DELETE", "/api/v1/week/moves/someday", null).status()).isEqualTo(400);
  }

  @Test
  @Order(4)
  void peopleAndQuietHoursAreKeptAndChecked() {
    long sunniva =
        Lives.named(app.get("/api/v1/people").json(), "name", "Sunniva").get("id").asLong();
    String path = "/api/v1/week/people/" + sunniva;
    String body = "{\"days\":[\"TUESDAY\",\"SATURDAY\"],\"from\":\"09:00\",\"to\":\"%s\"}";
    assertThat(app.send("PUT", path, body.formatted("08:00")).status()).isEqualTo(400);
    assertThat(app.send("PUT", path, "{\"days\":[\"TUESDAY\"]}").json().get("field").asString())
        .isEqualTo("from");
    JsonNode week = app.send("PUT", path, body.formatted("19:00")).json();
    JsonNode times = Lives.named(week.get("settings").get("times"), "name", "Sunniva");
    assertThat(times.get("days").toString()).isEqualTo("[\"TUESDAY\",\"SATURDAY\"]");
    assertThat(app.send("PUT", "/api/v1/week/people/999", body.formatted("19:00")).status())
        .isEqualTo(404);
    ObjectNode settings = (ObjectNode) week.get("settings");
    settings.remove("times");
    settings.put("householdEveryDays", 99);
    assertThat(app.send("PUT", "/api/v1/week/settings", settings.toString()).status())
        .isEqualTo(400);
    settings.put("householdEveryDays", 0);
    settings.remove("quietTo");
    assertThat(app.send("PUT", "/api/v1/week/settings", settings.toString()).json().get("field"))
        .asString()
        .contains("quietTo");
    settings.remove("quietFrom");
    JsonNode free = app.send("PUT", "/api/v1/week/settings", settings.toString()).json();
    assertThat(free.get("extras").toString()).doesNotContain("HOUSEHOLD");
    assertThat(app.send("PUT", "/api/v1/week/settings", settings.toString()).status())
        .isEqualTo(409);
    JsonNode maintained = app.post("/api/v1/week/maintained", null).json();
    assertThat(maintained.get("extras").toString()).doesNotContain("MAINTENANCE");
    assertThat(maintained.get("maintainedWords").asString()).isNotBlank();
  }

  @Test
  @Order(5)
  void acrossTheEndOfSummerTimeTheClockOnTheWallIsKept() throws Exception {
    try (RunningApp autumn = RunningApp.empty("2026-10-23T08:10:00Z")) {
      ObjectNode house = (ObjectNode) autumn.get("/api/v1/household").json();
      house.put("zone", "Europe/Oslo");
      house.remove("trim");
      assertThat(autumn.send("PUT", "/api/v1/household", house.toString()).status()).isEqualTo(200);
      autumn.post(
          "/api/v1/machines",
          "{\"name\":\"basin\",\"type\":\"HAND_BASIN\",\"drumL\":15,\"capacityKg\":2,\"drumRadiusM\":0.2,\"heaterW\":0}");
      new OwnPieces(autumn).kind("towel", "TOWEL", "HOUSE", "COTTON", "PALE");
      long carer =
          autumn
              .post(
                  "/api/v1/people",
                  "{\"name\":\"A\",\"about\":\"\",\"sensitiveSkin\":false,\"ill\":false,\"newborn\":false,"
                      + "\"dayBundles\":0,\"nightBundles\":0,\"bedPads\":0}")
              .json()
              .get("id")
              .asLong();
      String all =
          "[\"MONDAY\",\"TUESDAY\",\"WEDNESDAY\",\"THURSDAY\",\"FRIDAY\",\"SATURDAY\",\"SUNDAY\"]";
      autumn.send(
          "PUT",
          "/api/v1/week/people/" + carer,
          "{\"days\":%s,\"from\":\"08:00\",\"to\":\"13:00\"}".formatted(all));
      JsonNode settings = autumn.get("/api/v1/week").json().get("settings");
      String daily =
          "{\"version\":%d,\"householdEveryDays\":1}".formatted(settings.get("version").asInt());
      assertThat(autumn.send("PUT", "/api/v1/week/settings", daily).status()).isEqualTo(200);
      Map<Instant, String> events = events(autumn.get("/api/v1/week/rounds.ics").body());
      ZoneId oslo = ZoneId.of("Europe/Oslo");
      boolean summer = false;
      boolean winter = false;
      for (Instant at : events.keySet()) {
        assertThat(at.atZone(oslo).toLocalTime())
            .isBetween(LocalTime.of(8, 0), LocalTime.of(13, 0));
        boolean dst = oslo.getRules().isDaylightSavings(at);
        summer |= dst;
        winter |= !dst;
      }
      assertThat(summer && winter).as("events on both sides of the change").isTrue();
    }
  }
}
