package org.nestrinse.app.problem;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A field is called what a person calls it: no path, no unit, no number, no word of the code. */
class FieldNameTest {
  @ParameterizedTest
  @CsvSource({
    "hardnessMmolL, hardness",
    "places[2].roomForPieces, room for pieces",
    "claim.minMlPerL, min",
    "kindId, kind",
    "school, method",
    "request.trim, adjustment",
    "residueMgKg, leftover",
    "maxG, max"
  })
  void isWhatAPersonCallsIt(String field, String name) {
    assertThat(FieldName.of(field)).isEqualTo(name);
  }
}
