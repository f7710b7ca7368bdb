package org.nestrinse.app.estimates;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import org.nestrinse.core.why.Model;
import tools.jackson.databind.JsonNode;

@OnSharedDemo
class EstimatesApiTest {
  @ParameterizedTest
  @EnumSource(Model.class)
  void everyModelHasAPageInPlainWords(Model model, RunningApp app) {
    JsonNode page = app.get("/api/v1/estimates/" + model).json();
    assertThat(page.get("title").asString()).startsWith("How ").doesNotContain("#");
    assertThat(page.get("html").asString())
        .contains("<p>")
        .doesNotContain("**", ".md", ".java", "docs/", "/api/");
  }

  @Test
  void aGermanHouseReadsThemInGerman() {
    try (RunningApp house = RunningApp.empty(DemoApp.MOMENT)) {
      house.send("PUT", "/api/v1/household/voice", "{\"language\":\"de\"}");
      for (Model model : Model.values()) {
        JsonNode page = house.get("/api/v1/estimates/" + model).json();
        assertThat(page.get("title").asString()).startsWith("W").doesNotStartWith("What");
        assertThat(page.get("html").asString()).doesNotContain(" the ", " and ", "**");
      }
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "de"})
  void noPageIsWithoutItsModel(String language) throws Exception {
    try (Stream<Path> files = Files.list(Path.of("../docs/estimates", language))) {
      assertThat(
              files
                  .filter(Files::isRegularFile)
                  .map(f -> f.getFileName().toString().replace(".md", "")))
          .containsExactlyInAnyOrderElementsOf(
              Stream.of(Model.values())
                  .map(m -> m.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                  .toList());
    }
  }

  @Test
  void anotherNameIsRefused(RunningApp app) {
    assertThat(app.get("/api/v1/estimates/MOON").status()).isEqualTo(400);
  }
}
