package org.nestrinse.app.calculators;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Two hundred questions and their answers, worked out from the formulas by the script {@code
 * figures/make.mjs}, which shares nothing with the code.
 */
@OnSharedDemo
class FiguresTest {
  private static final double NEXT_TO_NOTHING = 1e-9;

  private static List<JsonNode> rows() throws IOException {
    try (InputStream file =
        Objects.requireNonNull(FiguresTest.class.getResourceAsStream("figures/figures.json"))) {
      List<JsonNode> rows = new ArrayList<>();
      JsonMapper.builder().build().readTree(file).forEach(rows::add);
      return rows;
    }
  }

  @Test
  void thereAreTwoHundred() throws IOException {
    assertThat(rows()).hasSize(200);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"cleaning", "hygiene", "drying", "rinse", "dose", "bath-temperature", "tumble"})
  void theCodeAnswersTheSame(String calculator, RunningApp app) throws IOException {
    int compared = 0;
    for (JsonNode row : rows()) {
      if (!row.get("calculator").asString().equals(calculator)) {
        continue;
      }
      RunningApp.Answer answer =
          app.post("/api/calculators/" + calculator, row.get("question").toString());
      assertThat(answer.status()).as(row + answer.body()).isEqualTo(200);
      double percent = row.get("percent").asDouble();
      for (var field : row.get("answer").properties()) {
        JsonNode found = found(answer.json(), field.getKey());
        if (field.getValue().isNull()) {
          assertThat(found.isNull()).as(field.getKey() + " of " + row).isTrue();
          continue;
        }
        double expected = field.getValue().asDouble();
        assertThat(found.asDouble())
            .as(field.getKey() + " of " + row)
            .isCloseTo(expected, within(Math.abs(expected) * percent / 100 + NEXT_TO_NOTHING));
        compared++;
      }
    }
    assertThat(compared).isGreaterThan(15);
  }

  private static JsonNode found(JsonNode answer, String field) {
    if (field.equals("lastConcentration")) {
      JsonNode all = answer.get("concentrationsGL");
      return all.get(all.size() - 1);
    }
    return answer.get(field);
  }
}
