package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.app.running.RunningApp;
import org.openqa.selenium.WebElement;

/**
 * Mornings of core's tests lived in the browser: a household is set up from the data, its pails are
 * emptied into the loads that should come of them.
 */
@Tag("long")
class MorningsTest {
  private static final Path FOLDER = Path.of("../core/src/test/resources/mornings");
  private static final Instant NOW = Instant.parse("2026-05-20T09:00:00Z");

  private final Map<String, Long> kinds = new HashMap<>();
  private RunningApp app;

  @ParameterizedTest
  @ValueSource(strings = {"04-ill-child.txt", "07-workshop-rags.txt", "12-everything.txt"})
  void thePailsBecomeTheRightLoads(String morning) throws IOException {
    List<String> lines = Files.readAllLines(FOLDER.resolve(morning));
    app = RunningApp.empty(NOW.toString());
    try (Browser browser = new Browser(app.address())) {
      setUp(lines);
      browser.open("/sort");
      browser.see("[data-drum='1']");
      List<String> drums =
          browser.visible("[data-drum]").stream().map(WebElement::getText).toList();
      for (String line : lines) {
        expect(browser, drums, line);
      }
      browser.click("button[data-main]", "Accept");
      String ready = drums.size() + (drums.size() == 1 ? " load ready" : " loads ready");
      browser.see("[data-peg=sort]", ready);
      assertThat(browser.visible("[data-ready]")).hasSize(drums.size());
    } finally {
      app.close();
    }
  }

  private static void expect(Browser browser, List<String> drums, String line) {
    if (line.startsWith("expect drum ")) {
      String[] parts = line.substring("expect drum ".length()).split(", ");
      assertThat(drums)
          .anyMatch(text -> Arrays.stream(parts).allMatch(p -> text.contains(stem(p))));
    } else if (line.startsWith("expect runs ")) {
      assertThat(drums).hasSize(Integer.parseInt(line.substring("expect runs ".length())));
    } else if (line.startsWith("expect waits ")) {
      browser.see("[data-wait]", line.substring("expect waits ".length()));
    } else if (line.startsWith("expect answer ")) {
      browser.see("[data-answer]", line.substring("expect answer ".length()));
    }
  }

  /** A word of which there may be one or many: "2 night nappies" has "2 night napp" in it. */
  private static String stem(String words) {
    return words.endsWith("y") ? words.substring(0, words.length() - 1) : words;
  }

  private void setUp(List<String> lines) throws IOException {
    sent(
        "POST",
        "/api/v1/machines",
        """
        {"name":"the machine","drumL":54,"capacityKg":7,"drumRadiusM":0.235,"heaterW":2000,"programmes":[
         {"name":"Cottons","use":"WASH","temperaturesC":[40,60],"shortfallC":0,"washMinutes":120,
          "agitation":"NORMAL","rinses":2,"extraRinses":1,"interimRpm":600,"fastestSpinRpm":1400}]}""");
    for (String kind : Files.readAllLines(FOLDER.resolve("kinds.csv")).stream().skip(1).toList()) {
      kind(kind.split(";", -1));
    }
    long pail = 0;
    for (String line : lines) {
      if (line.startsWith("pail ")) {
        pail = pail(line.split(" "));
      } else if (line.startsWith("  ")) {
        piece(pail, line.strip().split(" "));
      }
    }
  }

  private void kind(String[] f) {
    List<String> parts = new ArrayList<>();
    for (String part : f[6].split("\\|")) {
      String[] p = part.split(" ");
      parts.add(
          "{\"name\":\"body\",\"material\":\"%s\",\"massKg\":%s,\"elastic\":%s}"
              .formatted(p[0], p[1], p.length > 2));
    }
    String label = "null";
    if (!f[7].isEmpty()) {
      String[] l = f[7].split(" ");
      label =
          "{\"hottestWashC\":%s,\"fastestSpinRpm\":%s,\"dryer\":\"%s\"}"
              .formatted(l[0], l[1], l[2]);
    }
    String json =
        """
        {"name":"%s","role":"%s","bin":"%s","small":%s,"areaM2":%s,"colour":"%s","parts":[%s],
         "label":%s,"owned":200}"""
            .formatted(
                f[0], f[1], f[2], f[3].equals("yes"), f[4], f[5], String.join(",", parts), label);
    kinds.put(f[0], sent("POST", "/api/v1/kinds", json));
  }

  private long pail(String[] words) {
    String last = words[words.length - 1];
    boolean need = last.equals("ILL") || last.equals("NEWBORN");
    String person = "null";
    if (need) {
      person =
          String.valueOf(
              sent(
                  "POST",
                  "/api/v1/people",
                  """
                  {"name":"%s one","about":"","sensitiveSkin":false,"ill":%s,"newborn":%s,
                   "dayBundles":0,"nightBundles":0,"bedPads":0}"""
                      .formatted(last, last.equals("ILL"), last.equals("NEWBORN"))));
    }
    int style = words.length - (need ? 2 : 1);
    String name = Arrays.stream(words, 1, style).collect(Collectors.joining(" "));
    String json =
        "{\"name\":\"%s\",\"style\":\"%s\",\"capacityL\":60,\"personId\":%s}"
            .formatted(name, words[style], person);
    RunningApp.Answer answer = app.post("/api/v1/pails", json);
    assertThat(answer.status()).as(answer.body()).isEqualTo(201);
    return answer.json().get("pails").size();
  }

  private void piece(long pail, String[] words) {
    int end = words.length;
    Duration ago = Duration.ofHours(Long.parseLong(words[end - 1].replace("h", "")));
    String kind = Arrays.stream(words, 1, end - 2).collect(Collectors.joining(" "));
    sent(
        "POST",
        "/api/v1/pails/" + pail + "/entries",
        "{\"kindId\":%d,\"count\":%s,\"soil\":\"%s\",\"solids\":\"NONE\",\"cameIn\":\"%s\"}"
            .formatted(kinds.get(kind), words[0], words[end - 2], NOW.minus(ago)));
  }

  private long sent(String method, String path, String json) {
    RunningApp.Answer answer = app.send(method, path, json);
    assertThat(answer.status()).as(answer.body()).isBetween(200, 201);
    return answer.json().has("id") ? answer.json().get("id").asLong() : 0;
  }
}
