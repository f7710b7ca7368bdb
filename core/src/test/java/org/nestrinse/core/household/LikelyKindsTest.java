package org.nestrinse.core.household;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.gather.PailStyle;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Role;

class LikelyKindsTest {
  private static final StockedKind TOWEL = kind(1, "bath towel", Bin.HOUSE, 6, 0);
  private static final StockedKind FLAT = kind(2, "flat", Bin.BODY, 24, 2);
  private static final StockedKind PAD = kind(3, "pad", Bin.BODY, 10, 7);
  private static final StockedKind CLOTH = kind(4, "dish cloth", Bin.KITCHEN, 12, 9);
  private static final StockedKind NONE = kind(5, "swim nappy", Bin.BODY, 0, 0);
  private static final List<StockedKind> ALL = List.of(TOWEL, FLAT, PAD, CLOTH, NONE);

  private static StockedKind kind(long id, String name, Bin bin, int owned, int waiting) {
    return new StockedKind(
        Pieces.kind(id, name, Role.FLAT, bin, true, Pieces.part(Material.COTTON, 0.05, true)),
        new Stock(owned, owned - waiting, waiting, 0, 0));
  }

  private static List<String> names(Map<Long, Integer> inPail, PailStyle style) {
    return LikelyKinds.of(ALL, inPail, style).stream().map(Kind::name).toList();
  }

  @Test
  void anEmptyPailOffersWhatItIsForAndUsedMost() {
    assertThat(names(Map.of(), PailStyle.DRY_PAIL))
        .containsExactly("pad", "flat", "dish cloth", "bath towel");
    assertThat(names(Map.of(), PailStyle.BASKET)).startsWith("bath towel", "dish cloth");
  }

  @Test
  void whatLiesInItComesFirstAndThenItsLike() {
    assertThat(names(Map.of(2L, 3), PailStyle.SORTED_BIN))
        .containsExactly("flat", "pad", "dish cloth", "bath towel");
  }
}
