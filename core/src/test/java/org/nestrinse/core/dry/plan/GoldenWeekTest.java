package org.nestrinse.core.dry.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.BestPlace;
import org.nestrinse.core.dry.GoldenWeek;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.Shower;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.shelf.SlowestDrying;
import org.nestrinse.core.textile.Kind;

/** What the plan does in each sort of weather, and the laws of drying over a whole week. */
class GoldenWeekTest {
  private static final Place LINE = new Place("line", true, 0.35, 1, 1, 19, 60);
  private static final Place AIRER = new Place("airer", false, 0.25, 0, 0, 19, 60);
  private static final Place BALCONY =
      new Place(
          "balcony",
          Place.Type.BALCONY,
          Place.Facing.SOUTH,
          0.25,
          0.5,
          0.5,
          19,
          60,
          false,
          0,
          null,
          null);
  private static final Tariff TARIFF =
      new Tariff(0.30, 0.15, LocalTime.of(0, 30), LocalTime.of(5, 30), 0.004);

  private static Instant at(int hour) {
    return GoldenWeek.MONDAY.plus(Duration.ofHours(hour));
  }

  private static Course plan(int hour, Kind kind, Place... places) {
    List<Spot> spots = new java.util.ArrayList<>();
    for (int i = 0; i < places.length; i++) {
      spots.add(new Spot(i + 1, places[i], false));
    }
    DryingQuestion question =
        new DryingQuestion(
            at(hour),
            ZoneOffset.UTC,
            GoldenWeek.from(hour),
            spots,
            List.of(),
            List.of(new DryingBatch(1, kind, 2, 0.8, null)),
            DryingFactors.NONE,
            TARIFF);
    return HangingPlan.of(question, DryingPolicy.BEST).courses().get(0);
  }

  @ParameterizedTest
  @CsvSource({
    "0, line", // Monday, clear and breezy
    "2, airer", // Wednesday, drizzle all day
    "3, airer", // Thursday, fog
    "5, line" // Saturday, grey and windy
  })
  void aThickInsertHangsWhereTheDayWantsIt(int day, String place) {
    Course course = plan(24 * day + 9, TRIFOLD, LINE, AIRER);
    assertThat(course.legs().get(0).spot().place().name()).isEqualTo(place);
  }

  @Test
  void drizzleSpoilsTheLineAndNotTheBalcony() {
    int wednesday = 2 * 24 + 9;
    List<WeatherHour> weather = GoldenWeek.from(wednesday);
    HangingGroup open = HangingGroup.of(HAND_TOWEL, LINE, at(wednesday), 0.8, weather);
    HangingGroup roofed = HangingGroup.of(HAND_TOWEL, BALCONY, at(wednesday), 0.8, weather);
    assertThat(open.moistureAt(at(wednesday + 6))).isGreaterThanOrEqualTo(0.8);
    assertThat(roofed.moistureAt(at(wednesday + 6))).isLessThan(0.8);
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 9, 15, 33, 57, 81, 105, 129})
  void higherSpinThinnerAndFreerNeverDrySlower(int hour) {
    List<WeatherHour> weather = GoldenWeek.from(hour);
    double before = 0;
    for (double moisture = 0.3; moisture <= 1.3; moisture += 0.25) {
      double takes = hours(HangingGroup.of(TRIFOLD, AIRER, at(hour), moisture, weather));
      assertThat(takes).isGreaterThanOrEqualTo(before);
      before = takes;
    }
    before = 1000;
    for (double exposure = 0.1; exposure <= 0.5; exposure += 0.1) {
      Place place = new Place("p", true, exposure, 1, 1, 19, 60);
      double takes = hours(HangingGroup.of(SHELL, place, at(hour), 0.3, weather));
      assertThat(takes).isLessThanOrEqualTo(before);
      before = takes;
    }
  }

  /** More wind or sun at the cloth never dries slower, unless the air gives water instead. */
  @ParameterizedTest
  @ValueSource(ints = {9, 33, 81, 105, 129})
  void moreWindAndSunNeverDrySlower(int hour) {
    List<WeatherHour> weather = GoldenWeek.from(hour);
    double shaded = hours(HangingGroup.of(HAND_TOWEL, at("s", 1, 0), at(hour), 0.7, weather));
    double sunny = hours(HangingGroup.of(HAND_TOWEL, at("o", 1, 1), at(hour), 0.7, weather));
    assertThat(sunny).isLessThanOrEqualTo(shaded);
    double still = hours(HangingGroup.of(HAND_TOWEL, at("w", 0, 0), at(hour), 0.7, weather));
    assertThat(shaded).isLessThanOrEqualTo(still);
  }

  private static Place at(String name, double wind, double sun) {
    return new Place(name, true, 0.35, wind, sun, 19, 60);
  }

  private static double hours(HangingGroup group) {
    Double hours = group.drying().hoursToDry();
    return hours == null ? 999 : hours;
  }

  @Test
  void onAColdBrightSundayThingsDryTooOnlySlower() {
    int sunday = 6 * 24 + 9;
    double cold =
        hours(HangingGroup.of(HAND_TOWEL, LINE, at(sunday), 0.7, GoldenWeek.from(sunday)));
    double mild = hours(HangingGroup.of(HAND_TOWEL, LINE, at(9), 0.7, GoldenWeek.from(9)));
    assertThat(mild).isLessThan(cold);
  }

  @Test
  void pointsFollowTheClockAndTheMoistureBetweenThem() {
    Instant start = at(9).plusSeconds(40 * 60);
    HangingGroup group = HangingGroup.of(TRIFOLD, AIRER, start, 0.8, GoldenWeek.from(9));
    List<HangingGroup.Point> points = group.points();
    assertThat(points.get(0).at()).isEqualTo(start);
    assertThat(points.get(1).at()).as("what is left of the first hour").isEqualTo(at(10));
    assertThat(points.get(2).at()).isEqualTo(at(11));
    assertThat(points.get(points.size() - 1).at()).isEqualTo(group.dryBy());
    double middle = group.moistureAt(at(10).plusSeconds(1800));
    assertThat(middle).isBetween(points.get(2).moisture(), points.get(1).moisture());
    assertThat(group.moistureAt(start.minusSeconds(60))).isEqualTo(0.8);
    assertThat(group.moistureAt(at(90))).isEqualTo(points.get(points.size() - 1).moisture());
  }

  @ParameterizedTest
  @ValueSource(ints = {22, 23, 46, 94})
  void hungLateItStaysInsideAndGoesOutInTheMorningWhenThatHelps(int hour) {
    Course course = plan(hour, TRIFOLD, LINE, AIRER);
    assertThat(course.legs().get(0).spot().outdoors()).isFalse();
    course.marks().stream()
        .filter(m -> m.sort() == Course.Event.OUT)
        .forEach(m -> assertThat(m.at().atZone(ZoneOffset.UTC).getHour()).isBetween(6, 21));
  }

  @Test
  void cheapNightPowerIsCountedByTheHoursOfTheRun() {
    DryingQuestion question =
        new DryingQuestion(
            at(9),
            ZoneOffset.UTC,
            GoldenWeek.from(9),
            List.of(new Spot(1, AIRER, false)),
            List.of(new DryingQuestion.DryerAt(1, new Dryer("d", Dryer.Type.VENTED, 5), at(9))),
            List.of(),
            DryingFactors.NONE,
            TARIFF);
    assertThat(question.money(1, at(12), 60)).isCloseTo(0.30, within(1e-9));
    assertThat(question.money(1, at(25), 60)).isCloseTo(0.15, within(1e-9));
    assertThat(question.money(1, at(24), 60)).isBetween(0.16, 0.29);
    assertThat(question.up(0)).isTrue();
    assertThat(question.up(14)).as("23 o'clock").isFalse();
    assertThat(question.indexOf(at(12))).isEqualTo(3);
  }

  @Test
  void aSupposedShowerWetsItsTwoHoursAndNoOthers() {
    List<WeatherHour> before = GoldenWeek.from(9);
    List<WeatherHour> after = Shower.over(before, at(15));
    for (int i = 0; i < before.size(); i++) {
      boolean wet = i == 6 || i == 7;
      assertThat(after.get(i).rains()).isEqualTo(wet || before.get(i).rains());
      if (!wet) {
        assertThat(after.get(i)).isEqualTo(before.get(i));
      }
    }
    assertThat(Shower.over(before, at(15)).get(6).irradianceWm2())
        .isLessThan(before.get(6).irradianceWm2());
  }

  @Test
  void aRoundDriesAsItsSlowestKindDoesAndComesInBeforeTheRain() {
    var towels =
        SlowestDrying.of(List.of(HAND_TOWEL), List.of(LINE, AIRER), GoldenWeek.from(9), 0.235);
    var both =
        SlowestDrying.of(
            List.of(HAND_TOWEL, TRIFOLD), List.of(LINE, AIRER), GoldenWeek.from(9), 0.235);
    assertThat(both.hours()).isGreaterThanOrEqualTo(towels.hours());
    assertThat(SlowestDrying.of(List.of(), List.of(LINE), GoldenWeek.from(9), 0.235).hours())
        .isZero();
    // Tuesday at one: the shower comes at three, and the thick ones are not dry by then.
    var tuesday =
        SlowestDrying.of(List.of(TRIFOLD), List.of(LINE), GoldenWeek.from(24 + 13), 0.235);
    assertThat(tuesday.bringInAfterH()).isEqualTo(2);
    var inside =
        SlowestDrying.of(List.of(TRIFOLD), List.of(AIRER), GoldenWeek.from(24 + 13), 0.235);
    assertThat(inside.bringInAfterH()).isNull();
    var nowhere = SlowestDrying.of(List.of(TRIFOLD), List.of(), GoldenWeek.from(9), 0.235);
    assertThat(nowhere.hours()).isEqualTo(AirDrying.LONGEST_H);
  }

  @ParameterizedTest
  @ValueSource(ints = {9, 33, 57, 81, 129})
  void theBestPlaceIsNeverBeatenByAnother(int hour) {
    List<Place> places = List.of(LINE, AIRER, BALCONY);
    for (Kind kind : List.of(TRIFOLD, HAND_TOWEL, SHELL)) {
      BestPlace best =
          BestPlace.of(kind, places, at(hour), GoldenWeek.from(hour), 0.235).orElseThrow();
      double moisture = HangingGroup.moistureAfterSpin(kind, 1000, 0.235);
      for (Place place : places) {
        HangingGroup there =
            HangingGroup.of(kind, place, at(hour), moisture, GoldenWeek.from(hour));
        assertThat(best.hours()).isLessThanOrEqualTo(hours(there));
        if (place.equals(best.place())) {
          assertThat(best.dryBy(at(hour))).isEqualTo(there.dryBy());
        }
      }
    }
    Place cellar = new Place("cellar", false, 0.02, 0, 0, 6, 99);
    assertThat(BestPlace.of(TRIFOLD, List.of(cellar), at(hour), GoldenWeek.from(hour), 0.235))
        .isEmpty();
  }
}
