package org.nestrinse.core.dry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Examples.halfPercent;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.OutOfRange;

/** The tumble dryer: water to remove over its rate, its energy, its limits. */
class TumbleDryingTest {
  private static final Dryer VENTED = new Dryer("dryer", Dryer.Type.VENTED, 6);
  private static final Dryer HEAT_PUMP = new Dryer("dryer", Dryer.Type.HEAT_PUMP, 6);

  private static TumbleDrying towels(Dryer dryer, int count, double moisture) {
    return TumbleDrying.of(dryer, List.of(new TumbleDrying.Damp(HAND_TOWEL, count, moisture)));
  }

  @Test
  void timeAndEnergyFollowTheWater() {
    TumbleDrying dry = towels(VENTED, 20, 0.6);
    // 20 × 0.15 kg; cotton is dry in balance with air of 70 %, and 0.01 above.
    double water = 3.0 * (0.6 - 0.085 * Math.pow(70 / 65.0, 1.2) - 0.01);
    assertThat(dry.heat()).isEqualTo(DryerHeat.NORMAL);
    assertThat(dry.waterKg()).isCloseTo(water, within(1e-9));
    assertThat(dry.minutes())
        .as("warm-up and cool-down")
        .isCloseTo(water / 1.6 * 60 + 14, within(1e-9));
    assertThat(dry.kwh()).isCloseTo(water * 1.0, within(1e-9));
    assertThat(towels(HEAT_PUMP, 20, 0.6).kwh()).isCloseTo(water * 0.42, within(1e-9));
    assertThat(towels(HEAT_PUMP, 20, 0.6).minutes()).isCloseTo(water / 1.2 * 60 + 14, within(1e-9));
    assertThat(towels(VENTED, 1, 0.2).minutes()).as("never shorter").isEqualTo(20);
  }

  @Test
  void theWorkedExamples() {
    TumbleDrying cotton =
        TumbleDrying.of(HEAT_PUMP, TextileLoad.of(Material.COTTON, 4), 0.55, DryerHeat.NORMAL);
    assertThat(cotton.waterKg()).isCloseTo(1.788, halfPercent(1.788));
    assertThat(cotton.minutes()).isCloseTo(103.4, halfPercent(103.4));
    assertThat(cotton.kwh()).isCloseTo(0.751, halfPercent(0.751));
    TextileLoad mixed =
        TextileLoad.of(Material.COTTON, 1).plus(TextileLoad.of(Material.BAMBOO_VISCOSE, 1));
    TumbleDrying low = TumbleDrying.of(VENTED, mixed, 0.70, DryerHeat.LOW);
    assertThat(low.waterKg()).isCloseTo(1.145, halfPercent(1.145));
    assertThat(low.minutes()).isCloseTo(96.5, halfPercent(96.5));
    assertThat(low.kwh()).isCloseTo(1.260, halfPercent(1.260));
  }

  @Test
  void bambooIsTumbledLowAndTakesLonger() {
    TumbleDrying dry = TumbleDrying.of(VENTED, List.of(new TumbleDrying.Damp(TRIFOLD, 20, 0.6)));
    assertThat(dry.heat()).isEqualTo(DryerHeat.LOW);
    assertThat(dry.minutes()).isCloseTo(dry.waterKg() / (0.9 * 0.85) * 60 + 14, within(1e-9));
    assertThat(dry.kwh()).isCloseTo(dry.waterKg() * 1.1, within(1e-9));
    TumbleDrying cloths =
        TumbleDrying.of(VENTED, List.of(new TumbleDrying.Damp(GLASS_CLOTH, 20, 0.4)));
    assertThat(cloths.heat()).isEqualTo(DryerHeat.NO_HEAT);
    assertThat(cloths.kwh()).isCloseTo(0.2 * cloths.minutes() / 60, within(1e-9));
  }

  @Test
  void whatMayNotBeTumbledIsNamed() {
    assertThatThrownBy(() -> TumbleDrying.of(VENTED, List.of(new TumbleDrying.Damp(SHELL, 3, 0.2))))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("pocket shell");
    assertThatThrownBy(() -> TumbleDrying.of(VENTED, List.of()))
        .hasMessageContaining("at-least-one");
    assertThatThrownBy(() -> new Dryer("dryer", Dryer.Type.VENTED, 0))
        .hasMessageContaining("capacityKg");
  }

  @Test
  void damperFullerAndOverloadedTakeLonger() {
    assertThat(towels(VENTED, 20, 0.7).minutes()).isGreaterThan(towels(VENTED, 20, 0.6).minutes());
    assertThat(towels(VENTED, 30, 0.6).minutes()).isGreaterThan(towels(VENTED, 20, 0.6).minutes());
    assertThat(towels(VENTED, 40, 0.6).loads()).isEqualTo(1);
    assertThat(towels(VENTED, 41, 0.6).loads()).isEqualTo(2);
    assertThat(towels(VENTED, 5, 0.05).waterKg()).isZero();
  }

  @Test
  void inTheDryerMoistureFallsOnAStraightLineToDry() {
    double dry = TumbleDrying.dryMoisture(HAND_TOWEL);
    assertThat(TumbleDrying.moistureAfter(HAND_TOWEL, 0.6, 0, 50)).isEqualTo(0.6);
    assertThat(TumbleDrying.moistureAfter(HAND_TOWEL, 0.6, 25, 50))
        .isCloseTo((0.6 + dry) / 2, within(1e-9));
    assertThat(TumbleDrying.moistureAfter(HAND_TOWEL, 0.6, 50, 50)).isCloseTo(dry, within(1e-9));
    assertThat(TumbleDrying.moistureAfter(HAND_TOWEL, 0.6, 900, 50)).isCloseTo(dry, within(1e-9));
    assertThat(TumbleDrying.moistureAfter(HAND_TOWEL, dry / 2, 25, 50)).isEqualTo(dry / 2);
  }
}
