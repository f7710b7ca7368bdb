package org.nestrinse.core.textile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.CAUTIOUS_COVER;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.WOOL_COVER;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;

class KindTest {

  @ParameterizedTest
  @CsvSource({
    "COTTON, 1.00, 1.00, 7.5, 0.62, 0.30, 0.085, 60, NORMAL",
    "LINEN, 0.90, 0.95, 7.0, 0.65, 0.28, 0.120, 60, NORMAL",
    "BAMBOO_VISCOSE, 1.20, 1.45, 7.5, 0.60, 0.35, 0.130, 60, LOW",
    "HEMP_COTTON, 1.10, 1.15, 7.0, 0.62, 0.32, 0.100, 60, LOW",
    "MICROFIBRE, 0.90, 0.45, 9.0, 0.60, 0.25, 0.012, 40, NO_HEAT",
    "POLYESTER_FLEECE, 0.40, 0.30, 12.0, 0.75, 0.15, 0.004, 60, LOW",
    "LAMINATE, 0.15, 0.15, 9.0, 0.85, 0.05, 0.004, 60, NONE",
    "POLYCOTTON, 0.70, 0.70, 7.5, 0.65, 0.25, 0.045, 60, LOW",
    "WOOL, 1.00, 0.90, 9.0, 0.70, 0.40, 0.160, 30, NONE"
  })
  void everyMaterialHasTheConstantsOfTheTable(
      Material m,
      double a,
      double f,
      double b,
      double w,
      double k,
      double regain,
      int c,
      DryerHeat dryer) {
    assertThat(m.absorbency()).isEqualTo(a);
    assertThat(m.spinFactor()).isEqualTo(f);
    assertThat(m.looseBulkLKg()).isEqualTo(b);
    assertThat(m.wetPack()).isEqualTo(w);
    assertThat(m.sorptionLKg()).isEqualTo(k);
    assertThat(m.regain()).isEqualTo(regain);
    assertThat(m.hottestWashC()).isEqualTo(c);
    assertThat(m.dryer()).isEqualTo(dryer);
  }

  @ParameterizedTest
  @EnumSource(Material.class)
  void elasticNeverMakesAPieceBearMore(Material material) {
    CareLimits plain = CareLimits.usual(material, false);
    CareLimits elastic = CareLimits.usual(material, true);
    assertThat(elastic.hottestWashC()).isLessThanOrEqualTo(plain.hottestWashC());
    assertThat(elastic.fastestSpinRpm()).isLessThanOrEqualTo(1000);
    assertThat(elastic.dryer()).isEqualTo(DryerHeat.NONE);
  }

  @Test
  void aKindBearsWhatItsStrictestPartBears() {
    assertThat(SHELL.limits()).isEqualTo(new CareLimits(60, 1000, DryerHeat.NONE));
    assertThat(TRIFOLD.limits()).isEqualTo(new CareLimits(60, 1600, DryerHeat.LOW));
    assertThat(WOOL_COVER.limits()).isEqualTo(new CareLimits(30, 800, DryerHeat.NONE));
  }

  @Test
  void itsOwnLabelWinsInBothDirections() {
    assertThat(CAUTIOUS_COVER.limits().hottestWashC()).isEqualTo(40);
    Kind boldMicrofibre =
        new Kind(
            1,
            "sturdy cloth",
            Role.CLOTH,
            Bin.GLASS,
            List.of(new Part("body", Material.MICROFIBRE, 0.05, false)),
            0.1,
            true,
            new CareLimits(60, 1200, DryerHeat.NO_HEAT));
    assertThat(boldMicrofibre.limits().hottestWashC()).isEqualTo(60);
  }

  @Test
  void limitsAreSaidInWords() {
    assertThat(SHELL.limits().said())
        .isEqualTo(
            Said.of(TextileSaying.CARE_SPIN)
                .with("celsius", Quantity.celsius(60))
                .with("spin", Quantity.of(1000, Unit.RPM))
                .with("dryer", DryerHeat.NONE));
    assertThat(TRIFOLD.limits().said())
        .isEqualTo(
            Said.of(TextileSaying.CARE)
                .with("celsius", Quantity.celsius(60))
                .with("dryer", DryerHeat.LOW));
  }

  @Test
  void severalPiecesWeighAsManyTimesAsOne() {
    assertThat(SHELL.massKg()).isCloseTo(0.08, within(1e-9));
    assertThat(SHELL.load(12).massKg()).isCloseTo(0.96, within(1e-9));
    assertThat(SHELL.load(12).share(Material.LAMINATE)).isCloseTo(0.625, within(1e-9));
  }

  @Test
  void lintGiversAndGrippersAreTold() {
    assertThat(GLASS_CLOTH.gripsLint()).isTrue();
    assertThat(GLASS_CLOTH.givesLint()).isFalse();
    assertThat(TRIFOLD.givesLint()).isTrue();
    assertThat(TRIFOLD.gripsLint()).isFalse();
  }

  @Test
  void aKindNeedsAPartAndAnArea() {
    assertThatThrownBy(
            () -> new Kind(1, "nothing", Role.CLOTH, Bin.HOUSE, List.of(), 0.1, true, null))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("at-least-one-part");
    assertThatThrownBy(
            () -> new Kind(1, "flat", Role.CLOTH, Bin.HOUSE, TRIFOLD.parts(), 0, true, null))
        .isInstanceOf(OutOfRange.class);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -0.1, 11, Double.NaN, Double.NEGATIVE_INFINITY})
  void anAbsurdMassIsRefused(double massKg) {
    assertThatThrownBy(() -> new Part("body", Material.COTTON, massKg, false))
        .isInstanceOfSatisfying(OutOfRange.class, e -> assertThat(e.field()).isEqualTo("massKg"));
  }

  @Test
  void aLoadHeavierThanAnyMachineIsRefusedAsAWhole() {
    List<TextileLoad.MaterialMass> three =
        List.of(
            new TextileLoad.MaterialMass(Material.COTTON, 20),
            new TextileLoad.MaterialMass(Material.COTTON, 20),
            new TextileLoad.MaterialMass(Material.COTTON, 20));
    assertThatThrownBy(() -> new TextileLoad(three))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("amount=60.0");
  }

  @Test
  void anEmptyLoadHasNoShares() {
    assertThat(TextileLoad.EMPTY.isEmpty()).isTrue();
    assertThat(TextileLoad.EMPTY.share(Material.COTTON)).isZero();
    assertThat(TextileLoad.EMPTY.plus(TRIFOLD.load(1)).massKg()).isEqualTo(TRIFOLD.massKg());
  }
}
