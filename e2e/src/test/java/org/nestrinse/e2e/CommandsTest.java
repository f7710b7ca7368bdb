package org.nestrinse.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * What ./nest says when it cannot do what was asked: one clear line, and an exit code that is not
 * 0.
 */
class CommandsTest {
  private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
  private static final long LONGEST_SECONDS = 60;

  /**
   * What a command said.
   *
   * @param exit exit code
   * @param text both streams
   */
  private record Said(int exit, String text) {}

  private static Said nest(Map<String, String> environment, String... arguments)
      throws IOException, InterruptedException {
    String[] command = new String[arguments.length + 2];
    command[0] = "/bin/sh";
    command[1] = ROOT.resolve("nest").toString();
    System.arraycopy(arguments, 0, command, 2, arguments.length);
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    builder.environment().putAll(environment);
    Process process = builder.start();
    String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor(LONGEST_SECONDS, TimeUnit.SECONDS)).isTrue();
    return new Said(process.exitValue(), text);
  }

  @Test
  void aTakenPortIsNamed(@TempDir Path data) throws Exception {
    try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
      String port = String.valueOf(taken.getLocalPort());
      Said said = nest(Map.of("NEST_PORT", port, "NEST_DATA", data.toString()), "demo");
      assertThat(said.exit()).isNotZero();
      assertThat(said.text().lines())
          .singleElement()
          .asString()
          .contains("port " + port + " is taken");
    }
  }

  /** The default folder is one word, and the database takes none but whole paths. */
  @Test
  void theDefaultFolderIsMadeWhole() throws Exception {
    String script = Files.readString(ROOT.resolve("nest"));
    assertThat(script).contains("data=${NEST_DATA:-data-demo}");
    try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
      // Stops at the taken port, after the folder was made out.
      String port = String.valueOf(taken.getLocalPort());
      ProcessBuilder traced =
          new ProcessBuilder("/bin/sh", "-x", ROOT.resolve("nest").toString(), "demo")
              .redirectErrorStream(true);
      traced.environment().put("NEST_PORT", port);
      Process process = traced.start();
      String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertThat(process.waitFor(LONGEST_SECONDS, TimeUnit.SECONDS)).isTrue();
      assertThat(text).contains("data=" + ROOT + "/data-demo");
    }
  }

  @Test
  void aPortThatIsNoneIsRefused() throws Exception {
    assertThat(nest(Map.of("NEST_PORT", "eighty"), "demo").text()).contains("must be a number");
    assertThat(nest(Map.of("NEST_PORT", "70000"), "demo").text()).contains("from 1 to 65535");
  }

  @Test
  void aFolderThatCannotBeWrittenIsNamed(@TempDir Path temp) throws Exception {
    Path file = Files.writeString(temp.resolve("file"), "not a folder");
    String data = file.resolve("data").toString();
    Said said = nest(Map.of("NEST_PORT", String.valueOf(freePort()), "NEST_DATA", data), "demo");
    assertThat(said.exit()).isNotZero();
    assertThat(said.text().lines()).singleElement().asString().contains(data).contains("NEST_DATA");
  }

  @Test
  void aMissingToolIsNamedWithWhatToInstall(@TempDir Path bin) throws Exception {
    link(bin, "dirname", "sed", "head", "cat");
    Said said = nest(Map.of("PATH", bin.toString()), "build");
    assertThat(said.exit()).isNotZero();
    assertThat(said.text().lines())
        .singleElement()
        .asString()
        .contains("java is missing")
        .contains("Install a JDK");
  }

  @Test
  void anOldJavaIsNamedWithItsVersion(@TempDir Path bin) throws Exception {
    link(bin, "dirname", "sed", "head", "cat");
    for (String tool : new String[] {"java", "javac"}) {
      Path fake =
          Files.writeString(
              bin.resolve(tool), "#!/bin/sh\necho 'openjdk version \"11.0.2\"' >&2\n");
      assertThat(fake.toFile().setExecutable(true)).isTrue();
    }
    Said said = nest(Map.of("PATH", bin.toString()), "build");
    assertThat(said.exit()).isNotZero();
    assertThat(said.text().lines())
        .singleElement()
        .asString()
        .contains("version 11")
        .contains("17 or newer");
  }

  @Test
  void helpTellsTheCommandsAndAnUnknownOneFails() throws Exception {
    assertThat(nest(Map.of(), "help").text()).contains("demo", "test", "build", "shots", "bench");
    assertThat(nest(Map.of(), "dance").exit()).isNotZero();
  }

  private static void link(Path bin, String... tools) throws IOException {
    for (String tool : tools) {
      for (String folder : new String[] {"/usr/bin", "/bin"}) {
        Path real = Path.of(folder, tool);
        if (Files.exists(real) && !Files.exists(bin.resolve(tool))) {
          Files.createSymbolicLink(bin.resolve(tool), real);
        }
      }
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }
}
