package org.nestrinse.app.changes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.app.demo.TravellingClock;
import org.nestrinse.app.house.House;
import org.nestrinse.app.running.DemoApp;
import org.nestrinse.app.running.Lives;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.JsonNode;

@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class CachedAnswersTest {
  private final HttpClient http = HttpClient.newHttpClient();
  private RunningApp app;

  @BeforeAll
  void start() {
    app = RunningApp.demo(DemoApp.MOMENT);
  }

  @AfterAll
  void stop() {
    app.close();
  }

  private HttpResponse<String> get(String path, String... headers)
      throws IOException, InterruptedException {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(app.address() + path));
    if (headers.length > 0) {
      request.headers(headers);
    }
    return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
  }

  private String tag(String path) throws IOException, InterruptedException {
    return get(path).headers().firstValue("ETag").orElseThrow();
  }

  private int again(String path, String tag) throws IOException, InterruptedException {
    return get(path, "If-None-Match", tag).statusCode();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/api/v1/pails",
        "/api/v1/kinds",
        "/api/v1/sorting",
        "/api/v1/drying",
        "/api/v1/shelf",
        "/api/v1/week",
        "/api/v1/cover",
        "/api/v1/record?page=0&size=5",
        "/api/v1/judge",
        "/api/v1/resets"
      })
  void whoHasTheAnswerIsNotSentItAgain(String path) throws IOException, InterruptedException {
    String tag = tag(path);
    HttpResponse<String> again = get(path, "If-None-Match", tag);
    assertThat(again.statusCode()).isEqualTo(304);
    assertThat(again.body()).isEmpty();
    assertThat(again.headers().firstValue("Cache-Control")).hasValue("no-cache, private");
  }

  @Test
  void anyChangeMakesEveryAnswerAnew() throws IOException, InterruptedException {
    String tag = tag("/api/v1/pails");
    int before = app.get("/api/v1/pails").json().get("pieces").asInt();
    long kind = Lives.kindId(app, "tea towel");
    long pail = app.get("/api/v1/pails").json().get("pails").get(0).get("id").asLong();
    String coming =
        "{\"kindId\":%d,\"count\":1,\"soil\":\"FOOD\",\"solids\":\"NONE\"}".formatted(kind);
    assertThat(app.post("/api/v1/pails/" + pail + "/entries", coming).status()).isEqualTo(201);
    assertThat(again("/api/v1/pails", tag)).isEqualTo(200);
    assertThat(app.get("/api/v1/pails").json().get("pieces").asInt()).isEqualTo(before + 1);
  }

  @Test
  void whatIsRefusedChangesNothing() throws IOException, InterruptedException {
    String tag = tag("/api/v1/kinds");
    assertThat(app.post("/api/v1/kinds", "{\"name\":\"\"}").status()).isEqualTo(400);
    assertThat(again("/api/v1/kinds", tag)).isEqualTo(304);
  }

  @Test
  void theClockMakesAnswersAnewToo() throws IOException, InterruptedException {
    String tag = tag("/api/v1/drying");
    app.bean(TravellingClock.class).forward(Duration.ofMinutes(5));
    assertThat(again("/api/v1/drying", tag)).isEqualTo(200);
  }

  @Test
  void readingAnythingWritesNothing() throws IOException, InterruptedException {
    String tag = tag("/api/v1/kinds");
    int read = 0;
    for (Map.Entry<String, JsonNode> path :
        app.get("/openapi.json").json().get("paths").properties()) {
      JsonNode get = path.getValue().get("get");
      if (get != null && !path.getKey().contains("{") && !asksForMore(get)) {
        assertThat(get(path.getKey()).statusCode()).as(path.getKey()).isEqualTo(200);
        read++;
      }
    }
    assertThat(read).isGreaterThan(30);
    assertThat(again("/api/v1/kinds", tag)).isEqualTo(304);
  }

  private static boolean asksForMore(JsonNode operation) {
    return operation.has("parameters")
        && StreamSupport.stream(operation.get("parameters").spliterator(), false)
            .anyMatch(p -> p.has("required") && p.get("required").asBoolean());
  }

  @Test
  void theMadeUpHouseHasTagsOfItsOwn() throws IOException, InterruptedException {
    ChangeCount changes = app.bean(ChangeCount.class);
    String own = changes.state().tag("");
    String madeUp = House.MADE_UP.get(() -> changes.state().tag(""));
    assertThat(madeUp).isNotEqualTo(own);
  }

  /** A table without a topic would change without anybody being told. */
  @Test
  void everyTableHasATopic() {
    List<String> quiet = List.of("request_key", "flyway_schema_history", "packed_past");
    List<String> tables =
        app
            .database()
            .queryForList(
                "select table_name from information_schema.tables where table_schema = 'PUBLIC'",
                String.class)
            .stream()
            .map(name -> name.toLowerCase(Locale.ROOT))
            .filter(name -> !quiet.contains(name))
            .toList();
    assertThat(Topic.tables()).containsExactlyInAnyOrderElementsOf(tables);
  }

  @Test
  void theInterfaceKnowsEveryTopic() throws IOException {
    String interfaceTopics = Files.readString(Path.of("../ui/src/api/topics.ts"));
    assertThat(Topic.values())
        .allSatisfy(t -> assertThat(interfaceTopics).contains("'" + t + "',"));
  }
}
