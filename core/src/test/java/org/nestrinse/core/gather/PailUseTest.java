package org.nestrinse.core.gather;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.textile.Bin;

class PailUseTest {
  @Test
  void aHouseNeedsAPailForEachSortOfThingAndOneAtLeast() {
    assertThat(PailUse.needed(Set.of())).containsExactly(PailUse.BODY);
    assertThat(PailUse.needed(Set.of(Bin.KITCHEN, Bin.BODY)))
        .containsExactly(PailUse.BODY, PailUse.CLOTHS);
    assertThat(PailUse.needed(Set.of(Bin.HOUSE))).containsExactly(PailUse.HOUSE);
    assertThat(PailUse.needed(EnumSet.allOf(Bin.class))).containsExactly(PailUse.values());
  }

  @ParameterizedTest
  @EnumSource
  void everyKindHasOneSortOfPail(Bin bin) {
    assertThat(Arrays.stream(PailUse.values()).filter(u -> u.bins().contains(bin))).hasSize(1);
  }

  @ParameterizedTest
  @EnumSource
  void everyPailSaysWhatItIsFor(PailStyle style) {
    assertThat(PailUse.of(style)).isNotEmpty().allMatch(u -> !u.soils().isEmpty());
  }
}
