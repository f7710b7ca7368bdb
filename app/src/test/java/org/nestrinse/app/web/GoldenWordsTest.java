package org.nestrinse.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

/**
 * Whole pages of sentences as a person reads them, compared with what was read and found good. A
 * page that changed is written to target/words: read it, and when it is better, copy it over the
 * old one.
 */
class GoldenWordsTest {
  private static final Path WRITTEN = Path.of("target", "words");

  @Test
  void theLoadsThatSortProposes() throws IOException {
    compare("sort.txt", "/api/v1/sorting");
  }

  @Test
  void aPlanFromTheFirstRinseToTheCard() throws IOException {
    try (RunningApp app = RunningApp.demo(DemoApp.MOMENT)) {
      long pail = Lives.pail(app, "Nursery pail").get("id").asLong();
      JsonNode load = app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(pail)).json();
      String plan = "/api/v1/loads/%d/plan".formatted(load.get("id").asLong());
      compare("wash.txt", app.post(plan, "{\"school\":\"hot-and-full\"}").json());
    }
  }

  @Test
  void whatCausesASmell() throws IOException {
    compare("judge.txt", "/api/v1/judge");
  }

  @Test
  void aResetAndItsChecks() throws IOException {
    compare("reset.txt", "/api/v1/resets");
  }

  @Test
  void aPlanInGerman() throws IOException {
    try (RunningApp app = RunningApp.demo(DemoApp.MOMENT)) {
      app.send("PUT", "/api/v1/household/voice", "{\"language\":\"de\"}");
      long pail = Lives.pail(app, "Windeleimer").get("id").asLong();
      JsonNode load = app.post("/api/v1/loads", "{\"pailIds\":[%d]}".formatted(pail)).json();
      String plan = "/api/v1/loads/%d/plan".formatted(load.get("id").asLong());
      compare("wash-de.txt", app.post(plan, "{\"school\":\"hot-and-full\"}").json());
    }
  }

  private static void compare(String name, String path) throws IOException {
    try (RunningApp app = RunningApp.demo(DemoApp.MOMENT)) {
      compare(name, app.get(path).json());
    }
  }

  private static void compare(String name, JsonNode answer) throws IOException {
    Set<String> lines = new LinkedHashSet<>();
    read(answer, lines);
    String now = String.join("\n", lines) + "\n";
    Files.createDirectories(WRITTEN);
    Files.writeString(WRITTEN.resolve(name), now);
    assertThat(now).isEqualTo(golden(name));
  }

  /** Every text of an answer that has a blank, each once; the hour moves with the clock. */
  private static void read(JsonNode node, Set<String> lines) {
    if (node.isString() && node.asString().contains(" ")) {
      lines.add(node.asString().replaceAll("\\b\\d\\d:\\d\\d\\b", "hh:mm"));
    }
    node.forEach(child -> read(child, lines));
  }

  private static String golden(String name) throws IOException {
    try (InputStream in = GoldenWordsTest.class.getResourceAsStream("words/" + name)) {
      return in == null ? "" : new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
