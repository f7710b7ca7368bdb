package org.nestrinse.core.sort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.MACHINE;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.sort.FillAdvice.State;
import org.nestrinse.core.why.Why;

class FillAdviceTest {

  @ParameterizedTest
  @CsvSource({
    "0.10, TOO_LITTLE",
    "0.499, TOO_LITTLE",
    "0.50, A_LITTLE_LOW",
    "0.66, A_LITTLE_LOW",
    "0.67, GOOD",
    "0.75, GOOD",
    "0.76, A_LITTLE_HIGH",
    "0.85, A_LITTLE_HIGH",
    "0.86, TOO_MUCH",
    "1.40, TOO_MUCH"
  })
  void everyFillHasItsAdvice(double main, State state) {
    FillAdvice advice = FillAdvice.of(new Fill(3, main, main, main), MACHINE.window());
    assertThat(advice.state()).isEqualTo(state);
    assertThat(advice.words().values()).containsEntry("share", Quantity.share(main));
  }

  @Test
  void nothingIsNothing() {
    assertThat(FillAdvice.of(new Fill(0, 0, 0, 0), MACHINE.window()).state())
        .isEqualTo(State.EMPTY);
  }

  @ParameterizedTest
  @CsvSource({"0.30", "0.45", "0.60", "0.6665"})
  void theWantedBulkersReachTheWindowAndOneLessDoesNot(double main) {
    double drumL = 54;
    double perPiece = HAND_TOWEL.massKg() * 7.5 / drumL;
    int wanted = FillAdvice.wantedBulkers(new Fill(3, main, main, main), HAND_TOWEL, MACHINE);
    assertThat(main + wanted * perPiece).isGreaterThanOrEqualTo(MACHINE.window().from() - 1e-6);
    assertThat(main + (wanted - 1) * perPiece).isLessThan(MACHINE.window().from());
  }

  @Test
  void aFullDrumWantsNone() {
    assertThat(FillAdvice.wantedBulkers(new Fill(6, 0.8, 0.7, 0.7), HAND_TOWEL, MACHINE)).isZero();
    assertThat(FillAdvice.whyWanted(new Fill(6, 0.8, 0.7, 0.7), HAND_TOWEL, MACHINE).lines())
        .contains(
            new Why.Line(
                Said.of(FillSaying.MISSING), Said.from(new Quantity(0, Unit.LITRE, 1)), false));
  }
}
