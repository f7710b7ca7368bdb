package org.nestrinse.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** The demo is made of one seed and dated relative to the moment at which it is made. */
class DemoHouseholdTest {

  private static String withoutMoments(String json) {
    return json.replaceAll("\\d{4}-\\d\\d-\\d\\dT[^\"]*", "…");
  }

  @Test
  void twoStartsAtOneMomentTellTheSameStory() {
    try (RunningApp one = RunningApp.demo(DemoApp.MOMENT);
        RunningApp other = RunningApp.freshDemo(DemoApp.MOMENT)) {
      for (String path : new String[] {"/api/record?size=50", "/api/kinds", "/api/judge/changes"}) {
        assertThat(withoutMoments(one.get(path).body()))
            .isEqualTo(withoutMoments(other.get(path).body()));
      }
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
      JsonNode rounds = app.get("/api/record?size=50").json().get("rounds");
      assertThat(rounds).hasSize(31);
      assertThat(rounds.get(0).get("state").asString()).isEqualTo("HANGING");
      for (int i = 1; i < rounds.size(); i++) {
        assertThat(rounds.get(i).get("state").asString()).isEqualTo("SHELVED");
        assertThat(Instant.parse(rounds.get(i).get("shelvedAt").asString())).isBefore(now);
      }
      for (JsonNode pail : app.get("/api/pails").json().get("pails")) {
        for (JsonNode entry : pail.get("entries")) {
          Instant came = Instant.parse(entry.get("cameIn").asString());
          assertThat(came).isBefore(now.plusSeconds(60));
          boolean basket = pail.get("style").asString().equals("BASKET");
          if (!basket && entry.get("soil").asString().equals("WET")) {
            assertThat(Duration.between(came, now)).isLessThan(Duration.ofHours(96));
          }
        }
      }
      assertThat(app.get("/api/drying").json().get("groups")).isNotEmpty();
      assertThat(Lives.pail(app, "Nursery pail").get("pieces").asInt()).isGreaterThan(10);
      assertThat(app.get("/api/shelf").json().get("days").asInt()).isPositive();
      assertThat(app.get("/api/line").json().get("pegs")).hasSize(5);
    }
  }
}
