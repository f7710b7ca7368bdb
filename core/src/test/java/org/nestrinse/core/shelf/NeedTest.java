package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;

/** What each need is served by, whatever sort of nappy a house has. */
class NeedTest {
  private static final Kind FLAT = kind(1, "terry flat", Role.FLAT, Material.COTTON);
  private static final Kind COVER = kind(2, "cover", Role.COVER, Material.LAMINATE);
  private static final Kind ALL_IN_ONE =
      kind(3, "all-in-one", Role.ALL_IN_ONE, Material.BAMBOO_VISCOSE);
  private static final Kind SHELL = kind(4, "pocket shell", Role.SHELL, Material.LAMINATE);
  private static final Kind INSERT = kind(5, "trifold", Role.INSERT, Material.BAMBOO_VISCOSE);
  private static final Kind SANITARY = kind(6, "sanitary pad", Role.SANITARY_PAD, Material.COTTON);
  private static final Kind NURSING = kind(7, "nursing pad", Role.NURSING_PAD, Material.COTTON);
  private static final Kind PAD = kind(8, "bed pad", Role.BED_PAD, Material.COTTON);

  private static Kind kind(long id, String name, Role role, Material material) {
    return new Kind(
        id,
        name,
        role,
        Bin.BODY,
        List.of(new Part("body", material, 0.08, false)),
        0.1,
        false,
        null);
  }

  private static Map<Kind, Integer> there(Object... pairs) {
    Map<Kind, Integer> clean = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      clean.put((Kind) pairs[i], (Integer) pairs[i + 1]);
    }
    return clean;
  }

  private static int uses(Need need, Map<Kind, Integer> there) {
    return need.uses(Bundling.of(there, Map.of()), there);
  }

  @Test
  void twelveFlatsAndEightCoversAreTwelveDayUses() {
    assertThat(uses(Need.DAYS, there(FLAT, 12, COVER, 8))).isEqualTo(12);
  }

  @ParameterizedTest
  @CsvSource({"12, 4, 8", "12, 1, 2", "4, 8, 4", "12, 0, 0"})
  void aCoverIsAiredAndWornAgainButNotForEver(int flats, int covers, int uses) {
    assertThat(uses(Need.DAYS, there(FLAT, flats, COVER, covers))).isEqualTo(uses);
  }

  @Test
  void anAllInOneNeedsNeitherCoverNorBooster() {
    assertThat(uses(Need.DAYS, there(ALL_IN_ONE, 9))).isEqualTo(9);
    assertThat(uses(Need.NIGHTS, there(ALL_IN_ONE, 9))).isZero();
  }

  @Test
  void pocketsCountByTheScarcerPart() {
    assertThat(uses(Need.DAYS, there(SHELL, 10, INSERT, 6))).isEqualTo(6);
    assertThat(uses(Need.DAYS, there(SHELL, 4, INSERT, 6))).isEqualTo(4);
  }

  @Test
  void differentSortsOfDayNappiesAddUp() {
    assertThat(uses(Need.DAYS, there(SHELL, 4, INSERT, 4, ALL_IN_ONE, 3))).isEqualTo(7);
  }

  @Test
  void padsAreNeedsOfTheirOwn() {
    Map<Kind, Integer> all = there(SANITARY, 5, NURSING, 8, PAD, 3);
    assertThat(uses(Need.SANITARY, all)).isEqualTo(5);
    assertThat(uses(Need.NURSING, all)).isBetween(4, 8);
    assertThat(uses(Need.PADS, all)).isEqualTo(3);
    assertThat(uses(Need.DAYS, all)).isZero();
  }

  @Test
  void aNeedIsMadeOnlyOfWhatTheHouseHas() {
    assertThat(Need.DAYS.madeOf(there(FLAT, 1, COVER, 1).keySet())).contains(Recipe.FLAT_DAY);
    assertThat(Need.DAYS.madeOf(there(ALL_IN_ONE, 1).keySet())).containsExactly(Recipe.ALL_IN_ONE);
    assertThat(Need.DAYS.roles(there(ALL_IN_ONE, 1).keySet())).containsExactly(Role.ALL_IN_ONE);
  }

  @Test
  void everyNeedIsFoundByItsName() {
    for (Need need : Need.values()) {
      assertThat(need.fromHour()).isLessThan(need.toHour());
    }
  }
}
