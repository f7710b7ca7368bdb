package org.nestrinse.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;
import tools.jackson.databind.json.JsonMapper;

@OnSharedDemo
class OpenApiTest {
  private static final Path COMMITTED = Path.of("../ui/src/api/openapi.json");

  /**
   * The interface's types are generated from the committed document, and it is what is served.
   * {@code -Dnest.openapi=write} writes it anew.
   */
  @Test
  void theCommittedDocumentIsThatOfTheApi(RunningApp app) throws IOException {
    RunningApp.Answer made = app.get("/v3/api-docs");
    assertThat(made.status()).isEqualTo(200);
    if ("write".equals(System.getProperty("nest.openapi"))) {
      Files.writeString(COMMITTED, made.body());
    }
    assertThat(JsonMapper.shared().readTree(Files.readString(COMMITTED)))
        .as("stale: run ./nest api")
        .isEqualTo(made.json());
    assertThat(app.get("/openapi.json").status()).isEqualTo(200);
  }

  @Test
  void healthIsUp(RunningApp app) {
    assertThat(app.get("/actuator/health/readiness").json().get("status").asString())
        .isEqualTo("UP");
  }

  @Test
  void errorsNeverShowAStack(RunningApp app) {
    for (String path :
        new String[] {
          "/api/v1/nothing",
          "/api/v1/rounds/999999",
          "/api/v1/pails/x/entries",
          "/api/v1/record?page=-1"
        }) {
      RunningApp.Answer answer = app.get(path);
      assertThat(answer.status()).isBetween(400, 499);
      assertThat(answer.type()).startsWith("application/problem+json");
      assertThat(answer.body()).doesNotContain("org.nestrinse").doesNotContain("\tat ");
    }
  }

  @Test
  void otherSitesMayNotChangeAnything(RunningApp app) throws Exception {
    var request =
        java.net.http.HttpRequest.newBuilder(java.net.URI.create(app.address() + "/api/v1/loads"))
            .header("Content-Type", "application/json")
            .header("Sec-Fetch-Site", "cross-site")
            .POST(java.net.http.HttpRequest.BodyPublishers.ofString("{\"pailIds\":[1]}"))
            .build();
    var answer =
        java.net.http.HttpClient.newHttpClient()
            .send(request, java.net.http.HttpResponse.BodyHandlers.ofString());
    assertThat(answer.statusCode()).isEqualTo(403);
  }

  @Test
  void everyAddressOfAViewGivesThePage(RunningApp app) {
    for (String path :
        new String[] {
          "/", "/gather", "/sort", "/wash", "/dry", "/shelf", "/record", "/record/3", "/kit"
        }) {
      RunningApp.Answer page = app.get(path);
      assertThat(page.status()).as(path).isEqualTo(200);
      assertThat(page.body()).contains("<div id=\"app\">");
    }
  }
}
