package org.nestrinse.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What there is to say stands in the catalogue: core has keys and values, and no sentence. */
class NoSentencesTest {
  private static final Path CORE = Path.of("src/main/java/org/nestrinse/core");
  private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");

  @Test
  void noLiteralHasABlank() throws IOException {
    try (Stream<Path> files = Files.walk(CORE)) {
      List<Path> sources = files.filter(f -> f.toString().endsWith(".java")).toList();
      assertThat(sources).hasSizeGreaterThan(100);
      for (Path source : sources) {
        for (String line : Files.readAllLines(source)) {
          Matcher literal = LITERAL.matcher(comment(line.trim()) ? "" : line);
          while (literal.find()) {
            assertThat(literal.group(1)).as(source.getFileName() + "").doesNotContain(" ");
          }
        }
      }
    }
  }

  private static boolean comment(String line) {
    return line.startsWith("*") || line.startsWith("/*") || line.startsWith("//");
  }
}
