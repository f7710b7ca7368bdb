package org.nestrinse.core.gather;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.KindBuilder;

class SoilTest {
  private static Kind in(Bin bin) {
    return KindBuilder.builder(Pieces.DISH_CLOTH).bin(bin).build();
  }

  @Test
  void aWorkshopClothComesInWithOilOrGreaseOnly() {
    assertThat(Soil.choicesFor(in(Bin.WORKSHOP))).containsExactly(Soil.OIL, Soil.GREASE);
    assertThat(Soil.GREASE.fits(in(Bin.WORKSHOP))).isTrue();
    assertThat(Soil.WET.fits(in(Bin.WORKSHOP))).isFalse();
  }

  @ParameterizedTest
  @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "WORKSHOP")
  void anythingElseMayComeInWithAnySoil(Bin bin) {
    assertThat(Soil.choicesFor(in(bin))).isEmpty();
    assertThat(Soil.WET.fits(in(bin))).isTrue();
  }
}
