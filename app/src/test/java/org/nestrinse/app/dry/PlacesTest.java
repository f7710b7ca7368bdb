package org.nestrinse.app.dry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.any;
import static org.mockito.Mockito.atLeastOnce;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.ArgumentCaptor;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.nestrinse.app.kit.household.HouseholdBuilder;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.kind.KindService;
import org.nestrinse.app.kit.kind.StockService;
import org.nestrinse.app.kit.machine.DryerService;
import org.nestrinse.app.kit.place.PlaceService;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.sort.LoadPieces;
import org.nestrinse.app.wash.round.RoundWashedBuilder;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.dry.DryingWishes;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.gather.NewPieceRule;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.household.DailyUse;
import org.nestrinse.core.household.ShelfStock;
import org.nestrinse.core.household.Stock.Whereabouts;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;

/**
 * What comes out of the machine hangs where it dries first: the line in the sun, the airer when it
 * rains.
 */
@ExtendWith(MockitoExtension.class)
class PlacesTest {
  private static final Instant NOON = Instant.parse("2026-05-20T12:00:00Z");
  private static final Kind FLAT =
      new Kind(
          1,
          "flat",
          Role.INSERT,
          Bin.BODY,
          List.of(new Part("body", Material.COTTON, 0.07, false)),
          0.5,
          true,
          null);

  @Mock HangingRepository groups;
  @Mock DryingFactorRepository factors;
  @Mock ShelfService shelf;
  @Mock KindService kinds;
  @Mock PlaceService places;
  @Mock DryerService dryers;
  @Mock StockService stock;
  @Mock HouseholdService households;
  @Mock WeatherService weather;

  private DryService service(double rainMm, PlaceService.Numbered... there) {
    when(places.all()).thenReturn(List.of(there));
    when(households.current())
        .thenReturn(
            HouseholdBuilder.builder()
                .version(0)
                .name("h")
                .zone("UTC")
                .hardnessMmolL(2)
                .inletC(11)
                .roomC(19)
                .dayPerKwh(0.3)
                .nightPerKwh(0.2)
                .nightFrom(null)
                .nightTo(null)
                .waterPerM3(4)
                .goal(HygieneGoal.LIGHT)
                .trim(1)
                .wetHours(48)
                .cleaner(null)
                .pretendDevices(true)
                .pretendWeather(true)
                .boraxLawful(false)
                .drying(DryingWishes.NONE)
                .usualMethod(null)
                .newPieces(NewPieceRule.FIBRE)
                .pailsShut(false)
                .build());
    when(shelf.stock())
        .thenReturn(
            new ShelfStock(NOON.atZone(ZoneOffset.UTC), List.of(), DailyUse.NOTHING, Map.of()));
    when(weather.hours(any(), anyInt()))
        .thenReturn(
            IntStream.range(0, 96)
                .mapToObj(
                    h ->
                        new WeatherHour(
                            NOON.plusSeconds(3600L * h).atOffset(ZoneOffset.UTC),
                            16,
                            60,
                            4,
                            400,
                            rainMm))
                .toList());
    Clock clock = Clock.fixed(NOON, ZoneOffset.UTC);
    DryingReader reader =
        new DryingReader(groups, factors, kinds, places, dryers, shelf, households, weather, clock);
    return new DryService(reader, groups, places, dryers, stock, clock);
  }

  @ParameterizedTest
  @CsvSource({"0.0, 1", "2.0, 2"})
  void hangsWhereItDriesFirst(double rainMm, long expectedPlace) {
    DryService dry =
        service(
            rainMm,
            new PlaceService.Numbered(
                1, 0, new Place("line", true, 0.35, 1, 1, 19, 60), Said.NOTHING),
            new PlaceService.Numbered(
                2, 0, new Place("airer", false, 0.25, 0, 0, 19, 55), Said.NOTHING));
    LoadPieces pieces =
        new LoadPieces(
            1, List.of(new SoiledPieces(FLAT, 6, Soil.WET, true, NOON, Set.of())), List.of());

    dry.hang(
        RoundWashedBuilder.builder()
            .roundId(9)
            .pieces(pieces)
            .spinRpm(1000)
            .drumRadiusM(0.235)
            .peakC(60)
            .oxygen(false)
            .chlorine(false)
            .at(NOON)
            .byHand(false)
            .build());

    ArgumentCaptor<HangingEntity> hung = ArgumentCaptor.forClass(HangingEntity.class);
    verify(groups).save(hung.capture());
    assertThat(hung.getValue().placeId).isEqualTo(expectedPlace);
    assertThat(hung.getValue().startMoisture).isBetween(0.5, 0.7);
    verify(stock).move(Map.of(FLAT.id(), 6), Whereabouts.WASHING, Whereabouts.DRYING);
  }

  private static PlaceService.Numbered place(long id, Place.Type sort, double metres) {
    double exposure = sort == Place.Type.SUN_LINE ? 0.35 : 0.25;
    Place place =
        new Place(
            sort.name(), sort, Place.Facing.OPEN, exposure, 1, 1, 19, 60, false, 0, metres, null);
    return new PlaceService.Numbered(id, 0, place, Said.NOTHING);
  }

  @Test
  void followingThePlanDividesAGroupAndLeavesWhatStaysAsItHangs() {
    DryService dry = service(0, place(1, Place.Type.SUN_LINE, 8), place(2, Place.Type.AIRER, 12));
    Instant hungAt = NOON.minusSeconds(4 * 3600);
    HangingEntity group = new HangingEntity();
    group.id = 5L;
    group.roundId = 9L;
    group.kindId = FLAT.id();
    group.pieces = 24;
    group.hang(2, false, true, hungAt, 0.9);
    when(groups.findByDryAtIsNullOrderByHungAtAscIdAsc()).thenReturn(List.of(group));
    when(kinds.byId()).thenReturn(Map.of(FLAT.id(), FLAT));

    dry.follow();

    ArgumentCaptor<HangingEntity> saved = ArgumentCaptor.forClass(HangingEntity.class);
    verify(groups, atLeastOnce()).save(saved.capture());
    double width = FLAT.widthM();
    int all = 0;
    int onTheLine = 0;
    int spaced = 0;
    for (HangingEntity part : saved.getAllValues()) {
      all += part.pieces;
      onTheLine += part.placeId == 1 ? part.pieces : 0;
      spaced += part.placeId == 2 && !part.crowded ? part.pieces : 0;
      boolean stays = part.placeId == 2 && part.crowded;
      assertThat(part.hungAt.equals(hungAt)).isEqualTo(stays);
      assertThat(part.dryerId).isNull();
      assertThat(part.startMoisture).isBetween(0.5, 0.9);
    }
    assertThat(all).as("no piece is lost").isEqualTo(24);
    assertThat(onTheLine).isPositive();
    assertThat(onTheLine * width).isLessThanOrEqualTo(8);
    assertThat(spaced * width).isLessThanOrEqualTo(12);
  }

  @Test
  void rainStopsDryingOutdoorsAndNotIndoors() {
    WeatherHour rain = new WeatherHour(NOON.atOffset(ZoneOffset.UTC), 16, 60, 4, 400, 1);
    assertThat(rain.at(new Place("line", true, 0.35, 1, 1, 19, 60)).evaporation()).isZero();
    assertThat(rain.at(new Place("airer", false, 0.25, 0, 0, 19, 60)).evaporation()).isPositive();
  }
}
