package org.nestrinse.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** No file is longer than can be read in one go, and none has a name that says nothing. */
class SourcesTest {
  private static final int LONGEST = 400;
  private static final Path ROOT = Path.of("..");
  private static final List<String> MODULES =
      List.of("core", "text", "app", "e2e", "bench", "ui/src");
  private static final Set<String> GENERATED = Set.of("schema.d.ts");
  private static final Set<String> SAYS_NOTHING = Set.of("Util", "Helper", "Manager", "Impl");

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
}
