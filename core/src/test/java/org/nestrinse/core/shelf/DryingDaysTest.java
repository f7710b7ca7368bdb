package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.TRIFOLD;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.Kind;

/** Nights until the slowest kind is dry in its best place. */
class DryingDaysTest {
  private static final Instant ONE = Instant.parse("2026-05-20T13:00:00Z");
  private static final Place LINE = new Place("line", true, 0.35, 1, 1, 19, 60);
  private static final Place AIRER = new Place("airer", false, 0.25, 0, 0, 19, 60);
  private static final Place CELLAR = new Place("cellar", false, 0.05, 0, 0, 8, 98);

  private static int days(List<Kind> kinds, List<Place> places, double rainMm) {
    List<WeatherHour> weather =
        IntStream.range(0, 96)
            .mapToObj(
                h ->
                    new WeatherHour(
                        ONE.plusSeconds(3600L * h).atOffset(ZoneOffset.UTC),
                        24,
                        45,
                        5,
                        500,
                        rainMm))
            .toList();
    return DryingDays.of(kinds, places, ONE, weather, 0.235, ZoneOffset.UTC);
  }

  @Test
  void aBreezeDriesTheSameDayAndRainTakesNights() {
    assertThat(days(List.of(HAND_TOWEL), List.of(LINE), 0)).isZero();
    assertThat(days(List.of(HAND_TOWEL), List.of(LINE), 2)).isEqualTo(DryingDays.LONGEST);
    assertThat(days(List.of(HAND_TOWEL, TRIFOLD), List.of(LINE, AIRER), 2))
        .isBetween(1, DryingDays.LONGEST);
  }

  @Test
  void theSlowestKindDecidesAndTheBestPlaceHelps() {
    int both = days(List.of(HAND_TOWEL, TRIFOLD), List.of(AIRER), 0);
    assertThat(both)
        .isEqualTo(
            Math.max(
                days(List.of(HAND_TOWEL), List.of(AIRER), 0),
                days(List.of(TRIFOLD), List.of(AIRER), 0)));
    assertThat(days(List.of(TRIFOLD), List.of(CELLAR, AIRER), 0))
        .isLessThanOrEqualTo(days(List.of(TRIFOLD), List.of(CELLAR), 0));
    assertThat(days(List.of(), List.of(AIRER), 0)).isEqualTo(1);
  }
}
