package org.nestrinse.app.running;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.spi.ToolProvider;
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

  /** From so many on it pays to start and end once for an archive of the classes. */
  private static final int KILLS_WORTH_AN_ARCHIVE = 10;

  private final Set<String> answered = ConcurrentHashMap.newKeySet();
  private final Random random = new Random(17);
  private @TempDir Path data;
  private @TempDir Path shared;
  private String classes = "";
  private String sharing = "-Xshare:auto";

  @Test
  @Timeout(value = 60, unit = TimeUnit.MINUTES)
  void killedWhileItWritesItLosesNothingItAnsweredAndStartsAgain() throws Exception {
    classes = jars();
    if (KILLS >= KILLS_WORTH_AN_ARCHIVE) {
      whileItRuns(
          archived("-XX:ArchiveClassesAtExit="), (port, process) -> endInGoodOrder(process));
      sharing = archived("-XX:SharedArchiveFile=");
    }
    for (int kill = 1; kill <= KILLS; kill++) {
      int run = kill;
      whileItRuns(sharing, (port, process) -> killWhileItWrites(port, process, run));
    }
    whileItRuns(sharing, (port, process) -> endInGoodOrder(process));
    assertThat(answered).hasSizeGreaterThanOrEqualTo(KILLS);
  }

  /** What is done with an application that runs. */
  private interface Doing {
    void with(int port, Process process) throws Exception;
  }

  private void whileItRuns(String classSharing, Doing doing) throws Exception {
    int port = freePort();
    Process process = process(port, classSharing);
    try {
      awaitReady(port, process);
      HttpRequest read = HttpRequest.newBuilder(uri(port, "/api/v1/people")).build();
      String people = http.send(read, HttpResponse.BodyHandlers.ofString()).body();
      assertThat(answered).allMatch(people::contains);
      doing.with(port, process);
    } finally {
      process.destroyForcibly().waitFor();
    }
  }

  private static void endInGoodOrder(Process process) throws InterruptedException {
    process.destroy();
    process.waitFor();
  }

  private void killWhileItWrites(int port, Process process, int run) throws InterruptedException {
    Thread writer =
        new Thread(
            () -> {
              for (int i = 0; write(port, "Wren-%d-%d-".formatted(run, i)); i++) {
                // Until nobody answers.
              }
            });
    writer.start();
    process.waitFor(200 + random.nextInt(900), TimeUnit.MILLISECONDS);
    process.destroyForcibly().waitFor();
    writer.join();
  }

  private boolean write(int port, String name) {
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

  private String archived(String option) {
    return option + shared.resolve("classes.jsa");
  }

  private Process process(int port, String classSharing) throws IOException {
    return new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-XX:TieredStopAtLevel=1",
            "-XX:+UseSerialGC",
            classSharing,
            "-cp",
            classes,
            NestRinse.class.getName(),
            // What is not asked for is not made: the start is what takes the time here.
            "--spring.main.lazy-initialization=true",
            "--nest.data=" + data,
            "--server.port=" + port)
        .redirectErrorStream(true)
        .redirectOutput(data.resolve("log.txt").toFile())
        .start();
  }

  /** Returns the class path with each folder packed, since an archive takes jars only. */
  private String jars() throws IOException {
    ToolProvider jar = ToolProvider.findFirst("jar").orElseThrow();
    List<String> jars = new ArrayList<>();
    for (String part : System.getProperty("java.class.path").split(File.pathSeparator)) {
      if (Files.isDirectory(Path.of(part))) {
        String packed = shared.resolve(jars.size() + ".jar").toString();
        assertThat(jar.run(System.out, System.err, "-cf", packed, "-C", part, ".")).isZero();
        jars.add(packed);
      } else {
        jars.add(part);
      }
    }
    return String.join(File.pathSeparator, jars);
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
