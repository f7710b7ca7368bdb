package org.nestrinse.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;

class PlaceTest {
  private static Place place(Place.Type sort, double watts, Double metres, Integer pieces) {
    return new Place(
        "p", sort, Place.Facing.EAST, 0.25, 0.5, 0.5, 19, 60, watts > 0, watts, metres, pieces);
  }

  @ParameterizedTest
  @CsvSource({
    "SUN_LINE, true, false",
    "BALCONY, true, true",
    "MOVABLE_AIRER, true, false",
    "AIRER, false, true",
    "AIRING_CUPBOARD, false, true"
  })
  void eachSortKnowsItsWeather(Place.Type sort, boolean outdoors, boolean covered) {
    assertThat(place(sort, 0, null, null).outdoors()).isEqualTo(outdoors);
    assertThat(place(sort, 0, null, null).covered()).isEqualTo(covered);
  }

  @Test
  void roomIsLengthOrNumberOrNoQuestion() {
    double width = Math.sqrt(HAND_TOWEL.areaM2()) + 0.05;
    assertThat(HAND_TOWEL.widthM()).isCloseTo(width, within(1e-9));
    assertThat(place(Place.Type.AIRER, 0, 10.0, null).share(HAND_TOWEL))
        .isCloseTo(width / 10, within(1e-9));
    assertThat(place(Place.Type.AIRER, 0, null, 8).share(HAND_TOWEL)).isEqualTo(0.125);
    assertThat(place(Place.Type.AIRER, 0, null, null).share(SHELL)).isZero();
  }

  @Test
  void aMovableAirerKeepsItsRoomInside() {
    Place outside = place(Place.Type.MOVABLE_AIRER, 0, 8.0, null);
    Place inside = outside.carriedIn();
    assertThat(inside.outdoors()).isFalse();
    assertThat(inside.share(SHELL)).isEqualTo(outside.share(SHELL));
    assertThat(inside.roomC()).isEqualTo(19);
  }

  @ParameterizedTest
  @CsvSource({"4, false", "5, true", "11, true", "12, false"})
  void theEastHasTheMorning(int hour, boolean sunny) {
    assertThat(Place.Facing.EAST.sunny(hour)).isEqualTo(sunny);
    assertThat(Place.Facing.OPEN.sunny(hour)).isTrue();
    assertThat(Place.Facing.NORTH.sunny(hour)).isFalse();
  }

  @Test
  void itSaysWhatItIs() {
    assertThat(place(Place.Type.BALCONY, 0, 6.0, null).said())
        .isEqualTo(
            Said.row(
                List.of(
                    Place.Type.BALCONY,
                    Place.Facing.EAST,
                    Said.of(KitSaying.ROOM_FOR).with("room", new Quantity(6, Unit.METRE, 1)))));
    assertThat(place(Place.Type.AIRER, 40, null, 12).said())
        .isEqualTo(
            Said.row(
                List.of(
                    Place.Type.AIRER,
                    Said.of(KitSaying.ROOM_AIR)
                        .with("celsius", Quantity.celsius(19))
                        .with("damp", Quantity.of(60, Unit.PERCENT)),
                    KitSaying.FAN,
                    Said.of(KitSaying.ROOM_FOR).with("room", Quantity.of(12, Unit.PIECE)),
                    Said.of(KitSaying.DRAWS).with("power", Quantity.of(40, Unit.WATT)))));
  }

  @Test
  void absurdPlacesAreRefused() {
    assertThatThrownBy(() -> place(Place.Type.AIRER, -1, null, null))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> place(Place.Type.AIRER, 9000, null, null))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> place(Place.Type.AIRER, 0, 0.0, null)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> place(Place.Type.AIRER, 0, null, 0)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(
            () ->
                new Place(
                    "p",
                    Place.Type.SUN_LINE,
                    Place.Facing.OPEN,
                    0.35,
                    2,
                    1,
                    19,
                    60,
                    false,
                    0,
                    null,
                    null))
        .isInstanceOf(OutOfRange.class);
  }
}
