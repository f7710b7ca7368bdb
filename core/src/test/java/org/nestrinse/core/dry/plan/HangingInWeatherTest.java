package org.nestrinse.core.dry.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.dry.plan.HangingCases.AIRER;
import static org.nestrinse.core.dry.plan.HangingCases.LINE;
import static org.nestrinse.core.dry.plan.HangingCases.WHEELED_IN;
import static org.nestrinse.core.dry.plan.HangingCases.WHEELED_OUT;
import static org.nestrinse.core.dry.plan.HangingCases.at;
import static org.nestrinse.core.dry.plan.HangingCases.batch;
import static org.nestrinse.core.dry.plan.HangingCases.place;
import static org.nestrinse.core.dry.plan.HangingCases.question;
import static org.nestrinse.core.dry.plan.HangingCases.wet;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.dry.GoldenWeek;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Place;

/** What sun, rain, wind and a fan do to what hangs. */
class HangingInWeatherTest {
  @Test
  void elasticAndWaterproofHaveThreeHoursOfStrongSunAndShadeInTheHeat() {
    DryingQuestion clear = question(9, List.of(LINE), false, List.of(wet(SHELL)));
    Course shell = HangingPlan.of(clear, DryingPolicy.BEST).courses().get(0);
    assertThat(shell.marks())
        .anyMatch(
            m -> m.sort() == Course.Event.SHADE && m.at().equals(at(9 + WayInAir.STRONG_SUN_H)));
    Course towel =
        HangingPlan.of(
                question(9, List.of(LINE), false, List.of(wet(HAND_TOWEL))), DryingPolicy.BEST)
            .courses()
            .get(0);
    assertThat(towel.marks()).noneMatch(m -> m.sort() == Course.Event.SHADE);
    int friday = 4 * 24 + 10;
    Course hot =
        HangingPlan.of(
                question(friday, List.of(LINE), false, List.of(wet(SHELL))), DryingPolicy.BEST)
            .courses()
            .get(0);
    assertThat(hot.marks()).anyMatch(m -> m.words().saying() == DrySaying.SHADE_HOT);
  }

  /** So wet and so slow that it hangs most of the day. */
  @Test
  void itIsBroughtInBeforeTheShowerAndNotBefore() {
    int tuesdayTen = 24 + 10;
    DryingQuestion question =
        question(tuesdayTen, List.of(LINE, AIRER), false, List.of(wet(HAND_TOWEL)));
    DryingOptions.Part part = new DryingOptions.Part(0, question.batches().get(0), 2);
    assertThat(new DryingOptions(question, RoomLoad.EMPTY).of(part, DryingPolicy.BEST).values())
        .as("the way that goes out for these hours")
        .anySatisfy(
            course ->
                assertThat(course.marks())
                    .anyMatch(
                        m ->
                            m.sort() == Course.Event.BRING_IN
                                && m.at().equals(at(24 + 15))
                                && m.words().saying() == DrySaying.BRING_IN_BEFORE_RAIN));
  }

  @Test
  void onAWheeledAirerItComesInWithItsRails() {
    DryingQuestion question =
        question(24 + 10, List.of(WHEELED_OUT, WHEELED_IN), false, List.of(wet(HAND_TOWEL, 0.12)));
    Course course = HangingPlan.of(question, DryingPolicy.BEST).courses().get(0);
    assertThat(course.legs()).extracting(Course.Leg::spot).startsWith(WHEELED_OUT, WHEELED_IN);
  }

  @Test
  void rainWetsAgainWhatNobodyCanBringIn() {
    Place line = LINE.place();
    HangingGroup out = HangingGroup.of(TRIFOLD, line, at(24 + 14), 0.8, GoldenWeek.from(24 + 14));
    double before = out.moistureAt(at(24 + 15));
    double after = out.moistureAt(at(24 + 18));
    assertThat(after).isGreaterThan(before);
    HangingGroup covered =
        HangingGroup.of(
            TRIFOLD,
            place("balcony", Place.Type.BALCONY, 5),
            at(24 + 14),
            0.8,
            GoldenWeek.from(24 + 14));
    assertThat(covered.moistureAt(at(24 + 18))).isLessThan(covered.moistureAt(at(24 + 15)));
  }

  @ParameterizedTest
  @CsvSource({
    "9, EAST, true",
    "15, EAST, false",
    "15, WEST, true",
    "9, WEST, false",
    "12, NORTH, false"
  })
  void theSunReachesAPlaceByItsSide(int hour, Place.Facing facing, boolean sunny) {
    Place balcony =
        new Place(
            "balcony", Place.Type.BALCONY, facing, 0.25, 0.6, 0.8, 19, 60, false, 0, null, null);
    assertThat(GoldenWeek.from(hour).get(0).sunAt(balcony) > 0).isEqualTo(sunny);
  }

  @Test
  void aFanDriesFasterAndCosts() {
    Place still = AIRER.place();
    Place fanned =
        new Place(
            "fan", Place.Type.AIRER, Place.Facing.NORTH, 0.25, 0, 0, 19, 60, true, 40, 12.0, null);
    List<WeatherHour> week = GoldenWeek.from(9);
    assertThat(HangingGroup.of(TRIFOLD, fanned, at(9), 0.8, week).dryBy())
        .isBefore(HangingGroup.of(TRIFOLD, still, at(9), 0.8, week).dryBy());
    Course course =
        HangingPlan.of(
                question(
                    9,
                    List.of(new Spot(4, fanned, false)),
                    false,
                    List.of(batch(1, TRIFOLD, 4, null))),
                DryingPolicy.BEST)
            .courses()
            .get(0);
    assertThat(course.kwh()).isPositive();
    assertThat(course.money()).isPositive();
  }
}
