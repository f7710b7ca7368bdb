package org.nestrinse.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NumbersTest {

  @ParameterizedTest
  @CsvSource({
    "0.25, ¼ scoop",
    "1, 1 scoop",
    "1.5, 1½ scoops",
    "2.25, 2¼ scoops",
    "0, no scoop",
    "0.75, ¾ scoop"
  })
  void scoops(double scoops, String words) {
    assertThat(Numbers.scoops(scoops)).isEqualTo(words);
  }

  @ParameterizedTest
  @CsvSource({"5, 5 min", "60, 1 h", "155, 2 h 35", "61, 1 h 01"})
  void durations(double minutes, String words) {
    assertThat(Numbers.duration(minutes)).isEqualTo(words);
  }

  @ParameterizedTest
  @CsvSource({
    "1, wash cloth, 1 wash cloth",
    "2, pail, 2 pails",
    "3, brush, 3 brushes",
    "2, nappy, 2 nappies",
    "2, dish, 2 dishes"
  })
  void counts(int count, String noun, String words) {
    assertThat(Numbers.count(count, noun)).isEqualTo(words);
  }
}
