package org.nestrinse.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** The demo is made of one seed and dated relative to the moment at which it is made. */
@Tag("long")
class DemoHouseholdTest {

  private static String withoutMoments(String json) {
    return json.replaceAll("\\d{4}-\\d\\d-\\d\\dT[^\"]*", "…");
  }

  /** Packed once and moved, it is what would have been lived here and now. */
  @Test
  @EnabledIfSystemProperty(named = "nest.endure", matches = "true")
  void livedAnewItTellsTheSameStory() {
    try (RunningApp packed = RunningApp.demo(DemoApp.MOMENT);
        RunningApp lived = RunningApp.freshDemo(DemoApp.MOMENT)) {
      for (String path :
          new String[] {"/api/v1/record?size=50", "/api/v1/kinds", "/api/v1/judge/changes"}) {
        assertThat(withoutMoments(packed.get(path).body()))
            .isEqualTo(withoutMoments(lived.get(path).body()));
      }
    }
  }

  @Test
  void itsPastIsBroughtUpToToday() {
    int days = 15;
    String later = Instant.parse(DemoApp.MOMENT).plus(Duration.ofDays(days)).toString();
    try (RunningApp app = RunningApp.demo(DemoApp.MOMENT);
        RunningApp moved = RunningApp.demo(later)) {
      JsonNode then = app.get("/api/v1/record?size=50").json().get("rounds");
      JsonNode now = moved.get("/api/v1/record?size=50").json().get("rounds");
      assertThat(now).hasSameSizeAs(then);
      for (int i = 0; i < then.size(); i++) {
        Instant started = Instant.parse(then.get(i).get("startedAt").asString());
        assertThat(Instant.parse(now.get(i).get("startedAt").asString()))
            .isEqualTo(started.plus(Duration.ofDays(days)));
        assertThat(now.get(i).get("title")).isEqualTo(then.get(i).get("title"));
      }
      for (String path :
          new String[] {"/api/v1/kinds", "/api/v1/ledger", "/api/v1/ledger/unreadable"}) {
        assertThat(withoutMoments(moved.get(path).body()))
            .isEqualTo(withoutMoments(app.get(path).body()));
      }
      // What a text says of a date would be left behind.
      assertThat(moved.database().queryForList("script nosettings", String.class))
          .noneMatch(row -> row.matches("(?s).*\\d{4}-\\d\\d-\\d\\dT\\d\\d.*"));
    }
  }

  /** The hour before a clock change, and another one. */
  static Stream<String> moments() {
    Stream<String> all = Stream.of("2026-03-29T00:30:00Z", "2026-11-25T03:10:00Z");
    return Boolean.getBoolean("nest.endure") ? all : all.limit(1);
  }

  @ParameterizedTest
  @MethodSource("moments")
  void itIsAliveAtAnyHourOfAnyDay(String moment) {
    Instant now = Instant.parse(moment);
    try (RunningApp app = RunningApp.demo(moment)) {
      JsonNode rounds = app.get("/api/v1/record?size=50").json().get("rounds");
      assertThat(rounds).hasSize(31);
      assertThat(rounds.get(0).get("state").asString()).isEqualTo("HANGING");
      for (int i = 1; i < rounds.size(); i++) {
        assertThat(rounds.get(i).get("state").asString()).isEqualTo("SHELVED");
        assertThat(Instant.parse(rounds.get(i).get("shelvedAt").asString())).isBefore(now);
      }
      for (JsonNode pail : app.get("/api/v1/pails").json().get("pails")) {
        for (JsonNode entry : pail.get("entries")) {
          Instant came = Instant.parse(entry.get("cameIn").asString());
          assertThat(came).isBefore(now.plusSeconds(60));
          boolean basket = pail.get("style").asString().equals("BASKET");
          if (!basket && entry.get("soil").asString().equals("WET")) {
            assertThat(Duration.between(came, now)).isLessThan(Duration.ofHours(96));
          }
        }
      }
      assertThat(app.get("/api/v1/drying").json().get("groups")).isNotEmpty();
      assertThat(Lives.pail(app, "Nursery pail").get("pieces").asInt()).isGreaterThan(10);
      assertThat(app.get("/api/v1/shelf").json().get("days").asInt()).isPositive();
      assertThat(app.get("/api/v1/line").json().get("pegs")).hasSize(5);
    }
  }
}
