package org.nestrinse.core.textile;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.said.Said;

class CareLabelTest {
  private static Kind kind(Part... parts) {
    return new Kind(1, "cloth", Role.CLOTH, Bin.HOUSE, List.of(parts), 0.1, true, null);
  }

  private static final Kind CLOTH =
      kind(
          new Part("face", Material.MICROFIBRE, 0.03, false),
          new Part("back", Material.COTTON, 0.03, true));

  private static Said material(Material material) {
    return Said.from(material);
  }

  @Test
  void withoutALabelTheMostDelicateMaterialDecidesAndIsNamed() {
    UsualCare usual = UsualCare.of(CLOTH);
    assertThat(CLOTH.limits().hottestWashC()).isEqualTo(Material.MICROFIBRE.hottestWashC());
    assertThat(usual.wash().saying()).isEqualTo(TextileSaying.FROM_MATERIAL);
    assertThat(usual.wash().values()).containsEntry("material", material(Material.MICROFIBRE));
    assertThat(usual.spin().saying()).isEqualTo(TextileSaying.FROM_ELASTIC);
    assertThat(usual.dryer().saying()).isEqualTo(TextileSaying.FROM_ELASTIC);
  }

  @Test
  void aLabelWinsOnlyWhereItSaysSomething() {
    Kind labelled = CLOTH.labelled(new CareLabel(60, null, null));
    assertThat(labelled.limits().hottestWashC()).isEqualTo(60);
    assertThat(labelled.limits().fastestSpinRpm()).isEqualTo(CLOTH.limits().fastestSpinRpm());
    assertThat(labelled.limits().dryer()).isEqualTo(CLOTH.limits().dryer());
    assertThat(CLOTH.labelled(new CareLabel(null, null, null)).label()).isNull();
    assertThat(CLOTH.labelled(null)).isEqualTo(CLOTH);
    assertThat(labelled.labelled(null).label()).isNull();
  }
}
