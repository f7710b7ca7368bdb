package org.nestrinse.core.wash.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.WOOL_COVER;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;

class HeatLimitTest {
  private static int limit(SoiledPieces... pieces) {
    WashJob job = job(List.of(pieces), List.of(), null);
    return HeatLimit.of(job, job.all());
  }

  @Test
  void theMostDelicatePieceDecides() {
    SoiledPieces towels = soiled(HAND_TOWEL, 8, Soil.DIRT);
    SoiledPieces wool = soiled(WOOL_COVER, 1, Soil.WET);
    assertThat(limit(towels)).isEqualTo(HAND_TOWEL.limits().hottestWashC());
    assertThat(limit(towels, wool)).isEqualTo(WOOL_COVER.limits().hottestWashC());
    assertThat(limit(towels, wool)).isLessThan(limit(towels));
  }

  @Test
  void microfibreGetsFortyWhateverItsLabelAllows() {
    assertThat(GLASS_CLOTH.gripsLint()).isTrue();
    assertThat(limit(soiled(GLASS_CLOTH, 4, Soil.DIRT))).isEqualTo(40);
  }
}
