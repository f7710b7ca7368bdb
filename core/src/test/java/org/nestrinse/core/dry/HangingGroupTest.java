package org.nestrinse.core.dry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.NOW;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;

import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;

class HangingGroupTest {
  private static final Place LINE = new Place("line", true, 0.35, 1, 1, 19, 60);
  private static final Place AIRER = new Place("airer", false, 0.25, 0, 0, 19, 55);

  private static List<WeatherHour> weather(double rainMm) {
    return IntStream.range(0, 96)
        .mapToObj(
            h ->
                new WeatherHour(
                    NOW.plusSeconds(3600L * h).atOffset(ZoneOffset.UTC), 17, 60, 4, 350, rainMm))
        .toList();
  }

  @Test
  void outdoorsHalfOfWindAndSunReachTheCloth() {
    AirDrying.Air air = weather(0).get(0).at(LINE);
    assertThat(air.windMs()).isEqualTo(2);
    assertThat(air.irradianceWm2()).isEqualTo(175);
    Place shade = new Place("north wall", true, 0.35, 0.5, 0, 19, 60);
    assertThat(weather(0).get(0).at(shade).irradianceWm2()).isZero();
    assertThat(weather(0).get(0).at(shade).windMs()).isEqualTo(1);
  }

  @Test
  void indoorsTheWeatherDoesNotMatter() {
    assertThat(weather(0).get(0).at(AIRER)).isEqualTo(weather(5).get(0).at(AIRER));
    assertThat(weather(0).get(0).at(AIRER).temperatureC()).isEqualTo(19);
  }

  @Test
  void inRainNothingDriesOutdoors() {
    assertThat(HangingGroup.of(TRIFOLD, LINE, NOW, 0.8, weather(1)).dryBy()).isNull();
    assertThat(HangingGroup.of(TRIFOLD, AIRER, NOW, 0.8, weather(1)).dryBy()).isNotNull();
  }

  @Test
  void theLineInTheSunIsFasterThanTheAirer() {
    assertThat(HangingGroup.of(TRIFOLD, LINE, NOW, 0.8, weather(0)).dryBy())
        .isBefore(HangingGroup.of(TRIFOLD, AIRER, NOW, 0.8, weather(0)).dryBy());
  }

  @Test
  void aThirstyFibreKeepsMoreAfterTheSpinThanAWaterproofOne() {
    double bamboo = HangingGroup.moistureAfterSpin(TRIFOLD, 1000, 0.24);
    assertThat(bamboo).isCloseTo(0.596 * 1.45, within(0.005));
    assertThat(HangingGroup.moistureAfterSpin(SHELL, 1000, 0.24)).isLessThan(bamboo / 3);
  }

  @ParameterizedTest
  @CsvSource({"600, 1000", "800, 1200", "1000, 1400"})
  void aFasterSpinNeverDriesSlower(double slower, double faster) {
    double wetter = HangingGroup.moistureAfterSpin(TRIFOLD, slower, 0.24);
    double drier = HangingGroup.moistureAfterSpin(TRIFOLD, faster, 0.24);
    assertThat(HangingGroup.of(TRIFOLD, AIRER, NOW, drier, weather(0)).dryBy())
        .isBeforeOrEqualTo(HangingGroup.of(TRIFOLD, AIRER, NOW, wetter, weather(0)).dryBy());
  }

  @Test
  void hangingOnFromALaterHourReachesTheSameEnd() {
    HangingGroup whole = HangingGroup.of(TRIFOLD, AIRER, NOW, 0.8, weather(0));
    double afterThree = whole.drying().moisture().get(3);
    HangingGroup rest =
        HangingGroup.of(
            TRIFOLD, AIRER, NOW.plusSeconds(3 * 3600), afterThree, weather(0).subList(3, 96));
    assertThat(rest.drying().hoursToDry() + 3).isCloseTo(whole.drying().hoursToDry(), within(0.1));
  }

  @Test
  void theReasonNamesWhatItWasComputedFrom() {
    HangingGroup group = HangingGroup.of(TRIFOLD, LINE, NOW, 0.86, weather(0));
    assertThat(group.why(Said.from("14:30")).title().values())
        .isEqualTo(Map.of("kind", "bamboo trifold", "when", Said.from("14:30")));
    assertThat(group.why(Said.from("14:30")).lines())
        .anyMatch(l -> l.value().equals(Said.from(new Quantity(0.86, Unit.KG_PER_KG, 2))));
    assertThat(
            group
                .why(Said.from("14:30"))
                .lines()
                .get(group.why(Said.from("14:30")).lines().size() - 1)
                .total())
        .isTrue();
  }

  @Test
  void weatherIsNeeded() {
    assertThatThrownBy(() -> HangingGroup.of(TRIFOLD, LINE, NOW, 0.8, List.of()))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> HangingGroup.of(TRIFOLD, LINE, NOW, 9, weather(0)))
        .isInstanceOf(OutOfRange.class);
  }
}
