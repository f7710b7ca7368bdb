package org.nestrinse.app.rhythm;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/** Rhythms of the demo household, and of a household that has nothing yet. */
@Tag("long")
@OnSharedDemo
class RhythmApiTest {

  @Test
  void everyNeedHasItsRhythmsAndRarerIsShorterMoreOften(RunningApp app) {
    JsonNode rhythms = app.get("/api/v1/rhythms").json();
    assertThat(rhythms.get("everyDays").asInt()).isEqualTo(2);
    assertThat(rhythms.get("lines")).hasSize(12);
    assertThat(rhythms.get("meanDryingDays")).hasSize(12);
    for (int i = 0; i < 12; i += 4) {
      JsonNode daily = rhythms.get("lines").get(i);
      JsonNode third = rhythms.get("lines").get(i + 2);
      assertThat(daily.get("need")).isEqualTo(third.get("need"));
      assertThat(third.get("enough").asInt()).isGreaterThan(daily.get("enough").asInt());
      assertThat(shortages(third)).isGreaterThanOrEqualTo(shortages(daily));
      assertThat(third.get("withMore").asDouble()).isLessThanOrEqualTo(shortages(third));
      assertThat(runs(daily)).isGreaterThan(runs(third));
      JsonNode triggered = rhythms.get("lines").get(i + 3);
      assertThat(triggered.get("everyDays").asInt()).isZero();
      assertThat(triggered.get("rhythm").get("longestHoldingDays").asDouble())
          .isLessThanOrEqualTo(rhythms.get("everyDays").asInt());
      for (String taken : new String[] {"litres", "kwh", "money", "hours"}) {
        assertThat(daily.get("yearly").get(taken).asDouble())
            .isGreaterThan(third.get("yearly").get(taken).asDouble());
      }
      String key = daily.get("need").asString() + ".1";
      assertThat(rhythms.get("whys").get(key).get("lines").size()).isGreaterThan(4);
    }
    double winter = rhythms.get("meanDryingDays").get(0).asDouble();
    double summer = rhythms.get("meanDryingDays").get(6).asDouble();
    assertThat(winter).isGreaterThanOrEqualTo(summer);
  }

  private static double shortages(JsonNode line) {
    return line.get("rhythm").get("shortagesPerYear").asDouble();
  }

  private static double runs(JsonNode line) {
    return line.get("rhythm").get("runsPerYear").asDouble();
  }

  @Test
  void anEmptyHouseholdHasNoRhythmYet() {
    try (RunningApp empty = RunningApp.empty(DemoApp.MOMENT)) {
      JsonNode rhythms = empty.get("/api/v1/rhythms").json();
      assertThat(rhythms.get("lines")).isEmpty();
    }
  }
}
