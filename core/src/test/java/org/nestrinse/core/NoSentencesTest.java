package org.nestrinse.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What there is to say stands in the catalogue. These packages have no sentence left; the others
 * join them one by one.
 */
class NoSentencesTest {
  private static final Path CORE = Path.of("src/main/java/org/nestrinse/core");
  private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");

  @ParameterizedTest
  @ValueSource(strings = {"record", "why"})
  void noLiteralHasABlank(String name) throws IOException {
    try (Stream<Path> files = Files.list(CORE.resolve(name))) {
      List<Path> sources = files.filter(f -> f.toString().endsWith(".java")).toList();
      assertThat(sources).isNotEmpty();
      for (Path source : sources) {
        for (String line : Files.readAllLines(source)) {
          Matcher literal = LITERAL.matcher(line.trim().startsWith("*") ? "" : line);
          while (literal.find()) {
            assertThat(literal.group(1).trim()).as(source.getFileName() + "").doesNotContain(" ");
          }
        }
      }
    }
  }
}
