package org.nestrinse.core.dry.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.JointDrying;
import org.nestrinse.core.dry.Shower;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.textile.DryerHeat;

/** A year of pretend weather, a week of each season, in three sorts of houses. */
class DryingYearTest {
  private static final Instant YEAR = Instant.parse("2026-01-01T00:00:00Z");
  private static final Tariff TARIFF =
      new Tariff(0.30, 0.15, LocalTime.of(0, 30), LocalTime.of(5, 30), 0.004);
  private static final Dryer DRYER = new Dryer("dryer", Dryer.Type.HEAT_PUMP, 5);
  private static final double DAMP_TOO_LONG_H = 24;

  /** Where a household can hang things, and whether it has a dryer. */
  private record House(String name, List<Spot> spots, boolean dryer) {
    @Override
    public String toString() {
      return name;
    }
  }

  private static Place place(String name, Place.Type sort, double exposure, double metres) {
    boolean fan = name.contains("fan");
    return new Place(
        name, sort, Place.Facing.OPEN, exposure, 1, 1, 19, 55, fan, fan ? 30 : 0, metres, null);
  }

  private static final Spot LINE = new Spot(1, place("line", Place.Type.SUN_LINE, 0.35, 14), false);
  private static final Spot AIRER = new Spot(2, place("airer", Place.Type.AIRER, 0.25, 10), false);
  private static final Spot FAN = new Spot(3, place("fan", Place.Type.AIRER, 0.25, 10), false);
  private static final Spot BALCONY =
      new Spot(4, place("balcony", Place.Type.BALCONY, 0.25, 8), false);

  private static final List<House> HOUSES =
      List.of(
          new House("garden and dryer", List.of(LINE, AIRER), true),
          new House("flat with a balcony", List.of(BALCONY, FAN), false),
          new House("one airer and a dryer", List.of(AIRER), true));

  static Stream<Arguments> weeks() {
    return HOUSES.stream()
        .flatMap(h -> Stream.of(20, 110, 200, 300).map(day -> Arguments.of(h, day)));
  }

  /**
   * An hour of the year: warm in July, cold in January, warm in the afternoon, rain now and then.
   */
  private static WeatherHour hour(int hourOfYear) {
    double day = hourOfYear / 24.0;
    int clock = hourOfYear % 24;
    Random chance = new Random(hourOfYear / 6);
    boolean rains = chance.nextDouble() < 0.18;
    double season = -Math.cos(2 * Math.PI * (day - 20) / 365);
    double swing = -Math.cos(2 * Math.PI * (clock - 3) / 24.0);
    double celsius = 10 + 8 * season + 3.5 * swing;
    double humidity = rains ? 95 : Math.max(35, Math.min(97, 78 - 6 * season - 12 * swing));
    double up = Math.max(0, Math.sin(Math.PI * (clock - 6) / 14.0));
    double sun = clock < 6 || clock > 20 || rains ? 0 : (260 + 220 * season) * up;
    return new WeatherHour(
        YEAR.plus(Duration.ofHours(hourOfYear)).atOffset(ZoneOffset.UTC),
        celsius,
        humidity,
        2 + 3 * chance.nextDouble(),
        sun,
        rains ? 1 : 0);
  }

  private static List<WeatherHour> weather(int from) {
    List<WeatherHour> all = new ArrayList<>();
    for (int hour = 0; hour < AirDrying.LONGEST_H; hour++) {
      all.add(hour(from + hour));
    }
    return all;
  }

  private static DryingBatch batch(long key, org.nestrinse.core.textile.Kind kind, int count) {
    return new DryingBatch(
        key, kind, count, HangingGroup.moistureAfterSpin(kind, 1200, 0.235), null);
  }

  private static List<DryingBatch> wash() {
    return List.of(batch(1, TRIFOLD, 14), batch(2, SHELL, 12), batch(3, HAND_TOWEL, 8));
  }

  private static DryingQuestion question(
      House house,
      Instant from,
      List<WeatherHour> weather,
      List<DryingBatch> batches,
      Instant dryerFree) {
    List<DryingQuestion.DryerAt> dryers =
        house.dryer ? List.of(new DryingQuestion.DryerAt(7, DRYER, dryerFree)) : List.of();
    return new DryingQuestion(
        from, ZoneOffset.UTC, weather, house.spots, dryers, batches, DryingFactors.NONE, TARIFF);
  }

  private static HangingPlan plan(House house, int hour) {
    Instant from = YEAR.plus(Duration.ofHours(hour));
    return HangingPlan.of(question(house, from, weather(hour), wash(), from), DryingPolicy.BEST);
  }

  private static int[] starts(int day) {
    return new int[] {day * 24 + 9, (day + 2) * 24 + 14, (day + 4) * 24 + 20};
  }

  @ParameterizedTest
  @MethodSource("weeks")
  void noPlaceIsEverOverItsLimit(House house, int day) {
    for (int start : starts(day)) {
      HangingPlan plan = plan(house, start);
      for (int hour = start; hour < start + AirDrying.LONGEST_H; hour++) {
        Instant at = YEAR.plus(Duration.ofHours(hour)).plus(Duration.ofMinutes(30));
        Map<Long, Double> used = new HashMap<>();
        Map<Long, Boolean> crowded = new HashMap<>();
        for (Course c : plan.courses()) {
          for (Course.Leg leg : c.legs()) {
            boolean there = !at.isBefore(leg.from()) && at.isBefore(leg.to());
            if (there && leg.spot() != null) {
              long id = leg.spot().placeId();
              double share = leg.spot().place().share(c.batch().kind()) * c.batch().count();
              used.merge(id, share, Double::sum);
              crowded.merge(id, leg.crowded(), Boolean::logicalOr);
            }
          }
        }
        used.forEach(
            (id, share) ->
                assertThat(share)
                    .as("place %d at %s", id, at)
                    .isLessThanOrEqualTo((crowded.get(id) ? Place.CROWDED_ROOM : 1) + 1e-6));
      }
    }
  }

  @ParameterizedTest
  @MethodSource("weeks")
  void nothingThatADryerTakesStaysDampForMoreThanADay(House house, int day) {
    for (int start : starts(day)) {
      for (Course c : plan(house, start).courses()) {
        boolean mayTumble = house.dryer && c.batch().kind().tumble() != DryerHeat.NONE;
        if (mayTumble) {
          assertThat(c.noRoom()).isFalse();
          assertThat(c.dampTooLong()).as(c.batch().kind().name() + " " + c.legs()).isFalse();
        }
        if (c.dryBy() != null && !c.dampTooLong()) {
          Instant begun = c.legs().get(0).from();
          assertThat(Duration.between(begun, c.dryBy()).toMinutes() / 60.0)
              .isLessThanOrEqualTo(DAMP_TOO_LONG_H + 3);
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("weeks")
  void threeTripsADayAreEnoughAndNoneIsMadeAtNight(House house, int day) {
    for (int start : starts(day)) {
      Map<Long, TreeSet<Instant>> trips = new HashMap<>();
      for (Course c : plan(house, start).courses()) {
        for (Course.Mark mark : c.marks()) {
          boolean carried =
              mark.sort() == Course.Event.OUT
                  || mark.sort() == Course.Event.BRING_IN
                  || mark.sort() == Course.Event.DRYER;
          if (carried) {
            trips
                .computeIfAbsent(mark.at().getEpochSecond() / 86_400, k -> new TreeSet<>())
                .add(mark.at());
            int clock = mark.at().atOffset(ZoneOffset.UTC).getHour();
            boolean fetched = mark.sort() == Course.Event.BRING_IN;
            assertThat(fetched || (clock >= 6 && clock < 22)).as(mark.toString()).isTrue();
          }
          if (mark.words().saying() == DrySaying.THICK_SIDE_TO_SUN
              && mark.sort() == Course.Event.TURN) {
            int clock = mark.at().atOffset(ZoneOffset.UTC).getHour();
            assertThat(clock).as("only in the sun").isBetween(6, 20);
          }
        }
      }
      trips.values().forEach(t -> assertThat(t.size()).isLessThanOrEqualTo(3));
    }
  }

  /**
   * Hung too close in the evening, since there was no room: the dryer takes them in the morning.
   */
  @ParameterizedTest
  @MethodSource("weeks")
  void whatHangsTooCloseAlreadyStillFinishesInTheDryer(House house, int day) {
    Instant hung = YEAR.plus(Duration.ofHours(day * 24L + 23));
    int now = (day + 1) * 24 + 2;
    Spot airer = house.spots.get(house.spots.size() - 1);
    double moisture = HangingGroup.moistureAfterSpin(HAND_TOWEL, 1200, 0.235);
    List<DryingBatch> close = new ArrayList<>();
    for (int key = 1; key <= 4; key++) {
      close.add(
          DryingBatchBuilder.builder()
              .key(key)
              .kind(HAND_TOWEL)
              .count(8)
              .moisture(moisture)
              .neededBy(null)
              .at(airer)
              .hungAt(hung)
              .strongSunH(0)
              .crowded(true)
              .dampSince(hung)
              .build());
    }
    Instant from = YEAR.plus(Duration.ofHours(now));
    HangingPlan plan =
        HangingPlan.of(question(house, from, weather(now), close, from), DryingPolicy.BEST);
    for (Course c : plan.courses()) {
      assertThat(c.marks())
          .as("nobody rehangs anything at two in the morning")
          .noneMatch(
              m ->
                  m.at().equals(from)
                      && (m.sort() == Course.Event.HANG || m.sort() == Course.Event.DRYER));
    }
    if (house.dryer) {
      assertThat(plan.dampTooLong()).isZero();
    }
  }

  @ParameterizedTest
  @MethodSource("weeks")
  void aSecondLookTenMinutesLaterReversesNothing(House house, int day) {
    int start = day * 24 + 9;
    Instant from = YEAR.plus(Duration.ofHours(start));
    HangingPlan first = plan(house, start);
    List<DryingBatch> hung = new ArrayList<>();
    long key = 100;
    Instant dryerFree = from;
    for (Course c : first.courses()) {
      Course.Leg leg = c.legs().get(0);
      if (leg.tumble() != null && leg.to().isAfter(dryerFree)) {
        dryerFree = leg.to();
      }
      if (leg.spot() != null) {
        hung.add(
            DryingBatchBuilder.builder()
                .key(key++)
                .kind(c.batch().kind())
                .count(c.batch().count())
                .moisture(c.batch().moisture())
                .neededBy(null)
                .at(leg.spot())
                .hungAt(from)
                .strongSunH(0)
                .crowded(leg.crowded())
                .dampSince(from)
                .build());
      }
    }
    if (hung.isEmpty()) {
      return;
    }
    Instant later = from.plus(Duration.ofMinutes(10));
    HangingPlan second =
        HangingPlan.of(question(house, later, weather(start), hung, dryerFree), DryingPolicy.BEST);
    for (Course c : second.courses()) {
      Course.Leg leg = c.legs().get(0);
      assertThat(leg.spot())
          .as("it stays where it was hung: " + c.legs())
          .isEqualTo(c.batch().at());
      assertThat(leg.to()).isAfterOrEqualTo(from.plus(Duration.ofHours(1)));
    }
  }

  @Test
  void aShowerNeverHastensWhatIsLeftWhereItHangs() {
    Random random = new Random(4);
    for (int i = 0; i < 120; i++) {
      int start = random.nextInt(365 * 24 - AirDrying.LONGEST_H - 1);
      Spot spot = HOUSES.get(i % 2).spots.get(0);
      Instant from = YEAR.plus(Duration.ofHours(start));
      List<WeatherHour> dry = weather(start);
      Instant rain = from.plus(Duration.ofHours(random.nextInt(12)));
      List<JointDrying.Group> group =
          List.of(new JointDrying.Group(1, TRIFOLD, spot, spot.place().exposure(), 6, from, 0.8));
      Double without = JointDrying.of(group, dry).get(1L).hoursToDry();
      Double with = JointDrying.of(group, Shower.over(dry, rain)).get(1L).hoursToDry();
      double never = AirDrying.LONGEST_H + 1;
      assertThat(with == null ? never : with)
          .as("from %s, rain at %s", from, rain)
          .isGreaterThanOrEqualTo((without == null ? never : without) - 1e-9);
    }
  }
}
