package org.nestrinse.core.reset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.OutOfRange;

class RinseOutTest {
  private static final TextileLoad TOWELS = TextileLoad.of(Material.COTTON, 3);

  private static RinseOut rinseOut(double residue, boolean suds, double factor) {
    return RinseOut.of(new RinseOut.Question(TOWELS, residue, suds, 800, 0.235, factor));
  }

  @Test
  void moreResidueNeedsMoreRinsesAndEachThinsTheWater() {
    int before = 0;
    for (double residue : new double[] {0, 100, 600, 3000, 20_000}) {
      RinseOut r = rinseOut(residue, false, 1);
      assertThat(r.rinses()).isGreaterThanOrEqualTo(before);
      before = r.rinses();
      assertThat(r.concentrationsGL()).hasSize(r.rinses());
      for (int i = 1; i < r.rinses(); i++) {
        assertThat(r.concentrationsGL().get(i)).isLessThan(r.concentrationsGL().get(i - 1));
      }
      assertThat(r.concentrationsGL().get(r.rinses() - 1)).isLessThan(0.2);
    }
    assertThat(rinseOut(0, false, 1).rinses()).isEqualTo(1);
    assertThat(rinseOut(0, true, 1).rinses()).isBetween(2, 4);
  }

  @Test
  void whatWasCountedCorrectsTheNextPrediction() {
    double thins = RinseOut.oneRinse(TOWELS, 800, 0.235);
    assertThat(thins).isGreaterThan(3);
    int predicted = rinseOut(600, false, 1).rinses();
    double factor = RinseOut.learnt(1, predicted, predicted + 2, thins);
    assertThat(factor).isGreaterThan(1);
    assertThat(rinseOut(600, false, factor).rinses()).isEqualTo(predicted + 1);
    assertThat(RinseOut.learnt(1, 3, 3, thins)).isEqualTo(1);
    assertThat(RinseOut.learnt(1, 4, 2, thins)).isLessThan(1);
    assertThatThrownBy(() -> RinseOut.learnt(1, 2, 9, thins)).isInstanceOf(OutOfRange.class);
  }
}
