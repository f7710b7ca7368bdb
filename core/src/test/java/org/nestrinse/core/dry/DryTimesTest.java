package org.nestrinse.core.dry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.textile.Material;

/** Five pieces in six places dry in times that people who hang them would call right. */
class DryTimesTest {
  private static final AirDrying.Air SUNNY_LINE = new AirDrying.Air(22, 55, 1.7, 300);
  private static final AirDrying.Air COLD_LINE = new AirDrying.Air(6, 75, 2, 60);
  private static final AirDrying.Air BALCONY = new AirDrying.Air(14, 65, 1, 40);
  private static final AirDrying.Air ROOM = new AirDrying.Air(19, 55, 0.1, 0);
  private static final AirDrying.Air FAN = new AirDrying.Air(19, 55, 1, 0);
  private static final AirDrying.Air CUPBOARD = new AirDrying.Air(28, 40, 0.1, 0);

  private static AirDrying.Air air(String place) {
    return switch (place) {
      case "sunny line" -> SUNNY_LINE;
      case "cold line" -> COLD_LINE;
      case "balcony" -> BALCONY;
      case "room" -> ROOM;
      case "fan" -> FAN;
      default -> CUPBOARD;
    };
  }

  private static double exposure(String place) {
    return place.endsWith("line") ? 0.35 : place.equals("cupboard") ? 0.15 : 0.25;
  }

  private static AirDrying.Hung piece(String name, double exposure) {
    return switch (name) {
      case "towel" -> new AirDrying.Hung(0.48, 0.9, Material.COTTON, exposure, 0.6);
      case "flat" -> new AirDrying.Hung(0.12, 0.5, Material.COTTON, exposure, 0.6);
      case "prefold" -> new AirDrying.Hung(0.11, 0.14, Material.COTTON, exposure, 0.6);
      case "thick insert" ->
          new AirDrying.Hung(0.07, 0.06, Material.BAMBOO_VISCOSE, exposure, 0.86);
      default -> new AirDrying.Hung(0.05, 0.11, Material.LAMINATE, exposure, 0.09);
    };
  }

  static double hours(String name, String place) {
    AirDrying drying = AirDrying.of(piece(name, exposure(place)), List.of(air(place)));
    return drying.hoursToDry() == null ? 97 : drying.hoursToDry();
  }

  @ParameterizedTest
  @CsvSource({
    "towel, sunny line, 1, 4",
    "flat, sunny line, 0.5, 2.5",
    "prefold, sunny line, 1.5, 5",
    "thick insert, sunny line, 3, 10",
    "shell, sunny line, 0.1, 1",
    "towel, cold line, 4, 20",
    "flat, cold line, 2, 10",
    "towel, balcony, 4, 14",
    "prefold, balcony, 6, 28",
    "towel, room, 9, 26",
    "flat, room, 4, 14",
    "prefold, room, 12, 30",
    "thick insert, room, 24, 70",
    "shell, room, 0.5, 6",
    "towel, fan, 4, 13",
    "prefold, fan, 6, 18",
    "thick insert, fan, 12, 36",
    "flat, cupboard, 3, 14",
    "shell, cupboard, 0.4, 6"
  })
  void timesAreBelievable(String name, String place, double from, double to) {
    assertThat(hours(name, place)).isBetween(from, to);
  }

  @Test
  void thickerIsSlowerAndAFanAlwaysHelps() {
    for (String place : List.of("sunny line", "cold line", "balcony", "room", "fan", "cupboard")) {
      double shell = hours("shell", place);
      double flat = hours("flat", place);
      double prefold = hours("prefold", place);
      double insert = hours("thick insert", place);
      assertThat(shell).isLessThan(flat);
      assertThat(flat).isLessThan(prefold);
      assertThat(prefold).isLessThanOrEqualTo(insert);
    }
    for (String name : List.of("towel", "flat", "prefold", "thick insert", "shell")) {
      assertThat(hours(name, "fan")).isLessThan(hours(name, "room"));
    }
  }
}
