package org.nestrinse.app.running;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.nestrinse.app.NestRinse;

/** What was answered as saved is there after the process was killed without warning. */
@Order(1)
class KilledProcessTest {
  private static final String PERSON =
      """
      {"name":"Wren","about":"","sensitiveSkin":false,"ill":false,"newborn":false,
       "dayBundles":5,"nightBundles":1,"bedPads":0}""";

  private final HttpClient http = HttpClient.newHttpClient();

  /** How many times it is killed while it writes; more of them prove more and take longer. */
  private static final int KILLS = Integer.getInteger("nest.kills", 3);

  @Test
  @Timeout(value = 60, unit = TimeUnit.MINUTES)
  void killedWhileItWritesItLosesNothingItAnsweredAndStartsAgain(@TempDir Path data)
      throws Exception {
    Set<String> answered = ConcurrentHashMap.newKeySet();
    Random random = new Random(17);
    for (int kill = 0; kill <= KILLS; kill++) {
      int port = freePort();
      Process process = process(data, port);
      try {
        awaitReady(port, process);
        HttpRequest read = HttpRequest.newBuilder(uri(port, "/api/v1/people")).build();
        String people = http.send(read, HttpResponse.BodyHandlers.ofString()).body();
        assertThat(answered).as("after kill " + kill).allMatch(people::contains);
        if (kill == KILLS) {
          break;
        }
        int run = kill;
        Thread writer =
            new Thread(
                () -> {
                  for (int i = 0; write(port, "Wren-%d-%d-".formatted(run, i), answered); i++) {
                    // Until nobody answers.
                  }
                });
        writer.start();
        process.waitFor(200 + random.nextInt(900), TimeUnit.MILLISECONDS);
        process.destroyForcibly().waitFor();
        writer.join();
      } finally {
        process.destroyForcibly().waitFor();
      }
    }
    assertThat(answered).hasSizeGreaterThanOrEqualTo(KILLS);
  }

  private boolean write(int port, String name, Set<String> answered) {
    HttpRequest save =
        HttpRequest.newBuilder(uri(port, "/api/v1/people"))
            .header("Content-Type", "application/json")
            .timeout(Duration.ofSeconds(5))
            .POST(HttpRequest.BodyPublishers.ofString(PERSON.replace("Wren", name)))
            .build();
    try {
      if (http.send(save, HttpResponse.BodyHandlers.ofString()).statusCode() == 201) {
        answered.add(name);
      }
      return true;
    } catch (IOException gone) {
      return false;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  private static Process process(Path data, int port) throws IOException {
    return new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-XX:TieredStopAtLevel=1",
            "-cp",
            System.getProperty("java.class.path"),
            NestRinse.class.getName(),
            // What is not asked for is not made: the start is what takes the time here.
            "--spring.main.lazy-initialization=true",
            "--nest.data=" + data,
            "--server.port=" + port)
        .redirectErrorStream(true)
        .redirectOutput(data.resolve("log.txt").toFile())
        .start();
  }

  private void awaitReady(int port, Process process) throws Exception {
    HttpRequest health =
        HttpRequest.newBuilder(uri(port, "/actuator/health"))
            .timeout(Duration.ofSeconds(5))
            .build();
    while (process.isAlive()) {
      try {
        if (http.send(health, HttpResponse.BodyHandlers.ofString()).statusCode() == 200) {
          return;
        }
      } catch (IOException notYet) {
        process.waitFor(200, TimeUnit.MILLISECONDS);
      }
    }
    throw new AssertionError("it ended before it was ready");
  }

  private static URI uri(int port, String path) {
    return URI.create("http://localhost:" + port + path);
  }

  private static int freePort() throws IOException {
    try (java.net.ServerSocket socket = new java.net.ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }
}
