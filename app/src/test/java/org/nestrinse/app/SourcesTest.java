package org.nestrinse.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** No file is longer than can be read in one go, and none has a name that says nothing. */
class SourcesTest {
  private static final int LONGEST = 400;
  private static final Path ROOT = Path.of("..");
  private static final List<String> MODULES =
      List.of("core", "text", "app", "e2e", "bench", "ui/src");
  private static final Set<String> GENERATED = Set.of("schema.d.ts");
  private static final int LONGEST_METHOD = 60;
  private static final Set<String> SAYS_NOTHING = Set.of("Util", "Helper", "Manager", "Impl");

  /** Names that could be those of anything. */
  private static final Pattern TOLD_NOTHING =
      Pattern.compile(
          "\\b(?:class|record|enum|interface)"
              + " (Look|Sort|Batch|Ways|Given|NotNow|Told|Kept)\\b");

  private static final Pattern TYPE = Pattern.compile("\\b(class|record|enum|interface)\\b");
  private static final Pattern STATEMENT =
      Pattern.compile("(if|for|while|switch|try|return|else|do)\\b.*");

  private static List<Path> sources() throws IOException {
    return MODULES.stream().flatMap(SourcesTest::in).toList();
  }

  private static Stream<Path> in(String module) {
    try (Stream<Path> files = Files.walk(ROOT.resolve(module))) {
      return files
          .filter(f -> f.toString().matches(".*\\.(java|ts|vue)"))
          .filter(f -> !f.toString().contains("/target/"))
          .filter(f -> !GENERATED.contains(f.getFileName().toString()))
          .toList()
          .stream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Test
  void noFileIsLongerThanCanBeReadInOneGo() throws IOException {
    assertThat(sources()).hasSizeGreaterThan(700);
    assertThat(sources())
        .allSatisfy(
            f ->
                assertThat(Files.readAllLines(f))
                    .as(f.toString())
                    .hasSizeLessThanOrEqualTo(LONGEST));
  }

  @Test
  void everyNameSaysWhatItIs() throws IOException {
    assertThat(sources())
        .noneMatch(
            f ->
                SAYS_NOTHING.stream()
                    .anyMatch(word -> f.getFileName().toString().matches(".*" + word + "\\.\\w+")));
  }

  @Test
  void noMethodIsLongerThanCanBeSeenAtOnce() throws IOException {
    List<String> tooLong = new ArrayList<>();
    for (Path file : sources()) {
      if (file.toString().endsWith(".java")) {
        for (String indent : List.of("  ", "    ")) {
          tooLong.addAll(longMethods(file, Files.readAllLines(file), indent));
        }
      }
    }
    assertThat(tooLong).isEmpty();
  }

  /** The formatter closes a method where it began, so its indentation finds both. */
  private static List<String> longMethods(Path file, List<String> lines, String indent) {
    List<String> found = new ArrayList<>();
    int began = -1;
    for (int i = 0; i < lines.size(); i++) {
      String line = lines.get(i);
      if (!line.startsWith(indent) || line.substring(indent.length()).isBlank()) {
        continue;
      }
      String rest = line.substring(indent.length());
      if (rest.equals("}") && began >= 0 && i - began >= LONGEST_METHOD) {
        found.add(file + ": " + lines.get(began).strip());
      }
      if ("@*/})".indexOf(rest.charAt(0)) < 0 && rest.charAt(0) != ' ') {
        began = TYPE.matcher(rest).find() || STATEMENT.matcher(rest).matches() ? -1 : i;
      }
    }
    return found;
  }

  @Test
  void noTypeHasANameThatCouldBeAnythings() throws IOException {
    for (Path file : sources()) {
      if (file.toString().endsWith(".java") && !file.endsWith("SourcesTest.java")) {
        assertThat(TOLD_NOTHING.matcher(Files.readString(file)).results())
            .as(file.toString())
            .isEmpty();
      }
    }
  }
}
