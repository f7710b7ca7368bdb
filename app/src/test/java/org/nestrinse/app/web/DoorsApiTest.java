package org.nestrinse.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.app.house.MadeUpHouse;
import org.nestrinse.app.running.RunningApp;

/** It answers by its own names only, and its own pages alone may change anything. */
class DoorsApiTest {
  private static RunningApp app;
  private static int port;

  @BeforeAll
  static void start() throws IOException {
    app =
        RunningApp.over(
            java.nio.file.Files.createTempDirectory("nest-rinse"),
            "--nest.hosts=pi.home, Nest.Home");
    port = URI.create(app.address()).getPort();
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "localhost",
        "LOCALHOST",
        "127.0.0.1",
        "127.1.2.3",
        "[::1]",
        "pi.home",
        "nest.home"
      })
  void ownNamesAreAnswered(String host) throws IOException {
    assertThat(status("GET", "Host: " + host + ":" + port)).isEqualTo(200);
    assertThat(status("GET", "Host: " + host)).isEqualTo(200);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "rebound.example",
        "localhost.rebound.example",
        "127.0.0.1.rebound.example",
        "1127.0.0.1",
        "192.0.2.7",
        "[2001:db8::7]"
      })
  void othersAreNot(String host) throws IOException {
    assertThat(status("GET", "Host: " + host + ":" + port)).isEqualTo(421);
    assertThat(status("POST", "Host: " + host, "Origin: http://" + host)).isEqualTo(421);
  }

  @ParameterizedTest
  @CsvSource({
    "http://rebound.example, ''",
    "null, ''",
    "http://localhost, same-site",
    "http://localhost:1, ''",
    "'', cross-site",
    "'', same-site",
    "file://, ''"
  })
  void aChangeFromElsewhereIsRefused(String origin, String site) throws IOException {
    String named = origin.isEmpty() ? "X: y" : "Origin: " + origin;
    String fetched = site.isEmpty() ? "X-Other: y" : "Sec-Fetch-Site: " + site;
    assertThat(status("POST", "Host: localhost:" + port, named, fetched)).isEqualTo(403);
    assertThat(status("DELETE", "Host: localhost:" + port, named, fetched)).isEqualTo(403);
  }

  @Test
  void aChangeFromItsOwnPageOrFromAProgramIsTaken() throws IOException {
    String host = "Host: localhost:" + port;
    String origin = "Origin: http://localhost:" + port;
    // There is nothing in the body, which is what it then says.
    assertThat(status("POST", host, origin)).isEqualTo(400);
    assertThat(status("POST", host, origin, "Sec-Fetch-Site: same-origin")).isEqualTo(400);
    assertThat(status("POST", host)).isEqualTo(400);
  }

  @Test
  void theMadeUpHouseHasTheSameDoor() throws IOException {
    assertThat(
            statusOf(
                "/made-up/api/v1/people",
                "GET",
                "Host: rebound.example",
                "Origin: http://x.example"))
        .isEqualTo(421);
    String host = "Host: localhost:" + port;
    assertThat(statusOf("/made-up/api/v1/people", "POST", host, "Origin: http://rebound.example"))
        .isEqualTo(403);
    assertThat(app.bean(MadeUpHouse.class).isShut()).as("nobody came in").isTrue();
  }

  private static int status(String method, String... headers) throws IOException {
    return statusOf("/api/v1/people", method, headers);
  }

  private static int statusOf(String path, String method, String... headers) throws IOException {
    try (Socket socket = new Socket("localhost", port)) {
      String request =
          method
              + " "
              + path
              + " HTTP/1.1\r\n"
              + String.join("\r\n", List.of(headers))
              + "\r\nContent-Type: application/json\r\nContent-Length: 0\r\nConnection: close\r\n\r\n";
      socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
      String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      int status = Integer.parseInt(answer.split(" ")[1]);
      if (status == 421 || status == 403) {
        assertThat(answer).contains("application/problem+json", "\"detail\":");
      }
      return status;
    }
  }
}
