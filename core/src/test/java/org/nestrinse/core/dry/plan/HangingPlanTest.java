package org.nestrinse.core.dry.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.dry.plan.HangingCases.AIRER;
import static org.nestrinse.core.dry.plan.HangingCases.HEAT_PUMP;
import static org.nestrinse.core.dry.plan.HangingCases.LINE;
import static org.nestrinse.core.dry.plan.HangingCases.OILY;
import static org.nestrinse.core.dry.plan.HangingCases.SPOTS;
import static org.nestrinse.core.dry.plan.HangingCases.TARIFF;
import static org.nestrinse.core.dry.plan.HangingCases.WHEELED_OUT;
import static org.nestrinse.core.dry.plan.HangingCases.all;
import static org.nestrinse.core.dry.plan.HangingCases.at;
import static org.nestrinse.core.dry.plan.HangingCases.batch;
import static org.nestrinse.core.dry.plan.HangingCases.place;
import static org.nestrinse.core.dry.plan.HangingCases.question;
import static org.nestrinse.core.dry.plan.HangingCases.wet;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.dry.DrySaying;
import org.nestrinse.core.dry.GoldenWeek;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.OutOfRange;

class HangingPlanTest {
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void onSmallCasesNothingBetterExistsAmongAllChoices(int seed) {
    Random random = new Random(seed);
    int hour = random.nextInt(120);
    boolean dryer = random.nextBoolean();
    Kind[] kinds = {TRIFOLD, SHELL, HAND_TOWEL, GLASS_CLOTH};
    List<DryingBatch> batches = new ArrayList<>();
    int number = dryer ? 2 : 3;
    for (int i = 0; i < number; i++) {
      Instant needed = random.nextBoolean() ? at(hour + 3 + random.nextInt(24)) : null;
      batches.add(batch(i, kinds[random.nextInt(kinds.length)], 2 + random.nextInt(2), needed));
    }
    // Room for one and a half of the batches, so that they are in each other's way.
    Spot line = new Spot(1, place("line", Place.Type.SUN_LINE, 2.6), false);
    Spot airer = new Spot(2, place("airer", Place.Type.AIRER, 1.8), false);
    DryingQuestion question = question(hour, List.of(line, airer), dryer, batches);
    HangingSearch search = new HangingSearch(question, DryingPolicy.BEST, RoomLoad.EMPTY);
    HangingPlan plan = search.plan(search.choose(), RoomLoad.EMPTY);
    PlanCost cheapest = cheapestOfAll(question);
    if (cheapest == null) {
      assertThat(plan.courses()).as("there is no room for all").anyMatch(Course::noRoom);
      return;
    }
    assertThat(plan.cost().compareTo(cheapest)).isZero();
  }

  private static PlanCost cheapestOfAll(DryingQuestion question) {
    DryingOptions ways = new DryingOptions(question, RoomLoad.EMPTY);
    List<List<HangingPlan.Option>> options = new ArrayList<>();
    for (DryingBatch part : BatchParts.of(question)) {
      int whole =
          question.batches().stream()
              .filter(b -> b.key() == part.key())
              .mapToInt(DryingBatch::count)
              .sum();
      options.add(
          ways
              .of(new DryingOptions.Part(options.size(), part, whole), DryingPolicy.BEST)
              .entrySet()
              .stream()
              .map(e -> HangingPlan.Option.of(e.getKey(), e.getValue(), question))
              .toList());
    }
    return cheapest(options, 0, new HangingPlan.Table(question), null);
  }

  private static PlanCost cheapest(
      List<List<HangingPlan.Option>> options, int part, HangingPlan.Table table, PlanCost best) {
    if (part == options.size()) {
      PlanCost cost = table.cost();
      return best == null || cost.compareTo(best) < 0 ? cost : best;
    }
    PlanCost least = best;
    for (HangingPlan.Option option : options.get(part)) {
      if (table.add(option)) {
        least = cheapest(options, part + 1, table, least);
        table.removeLast();
      }
    }
    return least;
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 7, 13, 20, 31, 38, 50, 74, 98, 104, 128})
  void noPlanBreaksALimit(int hour) {
    for (DryingPolicy policy : DryingPolicy.values()) {
      HangingPlan plan = HangingPlan.of(question(hour, SPOTS, true, all(at(hour + 9))), policy);
      assertThat(plan.courses().stream().mapToInt(c -> c.batch().count()).sum()).isEqualTo(44);
      plan.courses().forEach(c -> checkLimits(c, hour));
      checkRoom(plan, hour);
    }
  }

  private static void checkLimits(Course course, int hour) {
    Kind kind = course.batch().kind();
    if (course.tumble() != null) {
      assertThat(kind).isNotIn(SHELL, OILY);
      assertThat(course.tumble().heat().ordinal()).isLessThanOrEqualTo(kind.tumble().ordinal());
    }
    for (Course.Mark mark : course.marks()) {
      if (mark.sort() != Course.Event.HANG && mark.sort() != Course.Event.DRY) {
        LocalTime time = mark.at().atZone(ZoneOffset.UTC).toLocalTime();
        assertThat(time).isBetween(LocalTime.of(6, 0), LocalTime.of(22, 0));
      }
    }
    List<WeatherHour> weather = GoldenWeek.from(hour);
    for (Course.Leg leg : course.legs()) {
      boolean open = leg.spot() != null && leg.spot().outdoors();
      for (Instant t = leg.from(); open && t.isBefore(leg.to()); t = t.plusSeconds(3600)) {
        int index = (int) Duration.between(at(hour), t).toHours();
        assertThat(weather.get(index).rains()).as("%s at %s", kind.name(), t).isFalse();
      }
    }
  }

  private static void checkRoom(HangingPlan plan, int hour) {
    for (Spot spot : List.of(LINE, AIRER, WHEELED_OUT)) {
      for (Instant t = at(hour); t.isBefore(at(hour + 90)); t = t.plusSeconds(1800)) {
        double spaced = metres(plan, spot, t, false);
        double crowded = metres(plan, spot, t, true);
        double room = spot.place().metres();
        assertThat(crowded > 0 ? spaced : 0).as("spaced beside crowded").isZero();
        assertThat(spaced).isLessThanOrEqualTo(room + 1e-6);
        assertThat(crowded).isLessThanOrEqualTo(room * Place.CROWDED_ROOM + 1e-6);
      }
    }
  }

  private static double metres(HangingPlan plan, Spot spot, Instant moment, boolean crowded) {
    return plan.courses().stream()
        .filter(
            c ->
                c.legs().stream()
                    .anyMatch(
                        leg ->
                            leg.spot() != null
                                && leg.crowded() == crowded
                                && leg.spot().placeId() == spot.placeId()
                                && !leg.from().isAfter(moment)
                                && leg.to().isAfter(moment)))
        .mapToDouble(c -> c.batch().count() * c.batch().kind().widthM())
        .sum();
  }

  @Test
  void theDryerHelpsOnlyWhenTheShelfWouldRunOut() {
    int wednesday = 2 * 24 + 9;
    List<Spot> spots = List.of(LINE, AIRER);
    HangingPlan relaxed =
        HangingPlan.of(
            question(wednesday, spots, true, List.of(batch(1, TRIFOLD, 12, null))),
            DryingPolicy.BEST);
    assertThat(relaxed.cost().compareTo(PlanCost.NONE)).isPositive();
    Instant tonight = at(wednesday + 10);
    HangingPlan pressed =
        HangingPlan.of(
            question(wednesday, spots, true, List.of(batch(1, TRIFOLD, 12, tonight))),
            DryingPolicy.BEST);
    assertThat(pressed.latePieces()).isZero();
    assertThat(pressed.kwh()).isPositive();
    assertThat(pressed.allDry()).isBeforeOrEqualTo(tonight);
    HangingPlan allDryer =
        HangingPlan.of(
            question(wednesday, spots, true, List.of(batch(1, TRIFOLD, 12, tonight))),
            DryingPolicy.DRYER_ONLY);
    assertThat(pressed.kwh()).as("it never takes more").isLessThanOrEqualTo(allDryer.kwh());
  }

  @ParameterizedTest
  @EnumSource(DryingPolicy.class)
  void thePlanIsNeverWorseThanAnyOtherWay(DryingPolicy policy) {
    DryingQuestion question =
        question(34, SPOTS, true, List.of(batch(1, TRIFOLD, 6, at(44)), batch(2, SHELL, 6, null)));
    HangingPlan plan = HangingPlan.of(question, DryingPolicy.BEST);
    assertThat(plan.cost().compareTo(HangingPlan.of(question, policy).cost()))
        .isLessThanOrEqualTo(0);
  }

  @Test
  void whatOneRunCannotHoldGoesOneAfterTheOther() {
    List<DryingBatch> much = List.of(batch(1, HAND_TOWEL, 30, null));
    HangingPlan plan =
        HangingPlan.of(question(8, List.of(AIRER), true, much), DryingPolicy.DRYER_ONLY);
    List<Course> tumbled = plan.courses().stream().filter(c -> c.tumble() != null).toList();
    assertThat(tumbled.size()).isGreaterThan(1);
    for (int i = 1; i < tumbled.size(); i++) {
      for (int j = 0; j < i; j++) {
        Course.Leg a = tumbled.get(i).legs().get(tumbled.get(i).legs().size() - 1);
        Course.Leg b = tumbled.get(j).legs().get(tumbled.get(j).legs().size() - 1);
        boolean apart = !a.from().isBefore(b.to()) || !b.from().isBefore(a.to());
        boolean together = a.from().equals(b.from()) && a.to().equals(b.to());
        assertThat(apart || together).isTrue();
      }
    }
  }

  @Test
  void lintAndCoolDownAreSaidEachTime() {
    DryingQuestion question =
        question(8, List.of(AIRER), true, List.of(batch(1, TRIFOLD, 4, null)));
    Course course = HangingPlan.of(question, DryingPolicy.DRYER_ONLY).courses().get(0);
    assertThat(course.marks()).anyMatch(m -> m.words().saying() == DrySaying.INTO_DRYER);
    assertThat(course.tumble().heat()).isEqualTo(DryerHeat.LOW);
    assertThat(course.tumble().minutes()).isGreaterThan(TumbleDrying.COOLING_MINUTES);
  }

  @Test
  void withoutRoomTheyHangCrowdedAndSlower() {
    Spot rail = new Spot(2, place("rail", Place.Type.AIRER, 0.7), false);
    HangingPlan plan =
        HangingPlan.of(
            question(8, List.of(rail), false, List.of(batch(1, TRIFOLD, 8, null))),
            DryingPolicy.BEST);
    assertThat(plan.courses()).anyMatch(c -> c.legs().get(0).crowded());
    Instant crowded =
        plan.courses().stream()
            .filter(c -> c.legs().get(0).crowded())
            .findFirst()
            .orElseThrow()
            .dryBy();
    HangingGroup spaced =
        HangingGroup.of(
            TRIFOLD,
            rail.place(),
            at(8),
            batch(1, TRIFOLD, 1, null).moisture(),
            GoldenWeek.from(8));
    assertThat(crowded).isAfter(spaced.dryBy());
  }

  @Test
  void aPlaceToHangAndWeatherAreNeeded() {
    assertThatThrownBy(() -> question(9, List.of(), false, List.of()))
        .isInstanceOf(OutOfRange.class);
    assertThat(HangingPlan.of(question(9, SPOTS, true, List.of()), DryingPolicy.BEST).courses())
        .isEmpty();
  }

  @Test
  @Timeout(30)
  void aDryerThatIsBusyForHoursDoesNotKeepThePlanFromBeingMade() {
    DryingQuestion free = question(20, SPOTS, true, all(null));
    DryingQuestion busy =
        new DryingQuestion(
            free.from(),
            free.zone(),
            free.weather(),
            free.spots(),
            List.of(new DryingQuestion.DryerAt(7, HEAT_PUMP, at(20 + 40))),
            List.of(
                batch(1, TRIFOLD, 30, null),
                batch(2, HAND_TOWEL, 30, null),
                batch(3, GLASS_CLOTH, 20, null),
                batch(4, SHELL, 20, null)),
            DryingFactors.NONE,
            TARIFF);
    for (DryingPolicy policy : DryingPolicy.values()) {
      HangingPlan plan = HangingPlan.of(busy, policy);
      assertThat(plan.courses().stream().mapToInt(c -> c.batch().count()).sum()).isEqualTo(100);
    }
    DryingQuestion small =
        question(8, List.of(AIRER), true, List.of(batch(1, HAND_TOWEL, 150, null)));
    assertThat(HangingPlan.of(small, DryingPolicy.DRYER_ONLY).courses()).isNotEmpty();
  }

  @Test
  void sunThatItHasHadAlreadyCountsWhenItIsPlannedAnew() {
    DryingBatch fresh = wet(SHELL);
    DryingBatch hung =
        new DryingBatch(
            1, fresh.kind(), 2, fresh.moisture(), null, LINE, at(9), WayInAir.STRONG_SUN_H - 1);
    Course course =
        HangingPlan.of(question(11, List.of(LINE), false, List.of(hung)), DryingPolicy.BEST)
            .courses()
            .get(0);
    assertThat(course.marks())
        .anyMatch(m -> m.sort() == Course.Event.SHADE && m.at().equals(at(12)));
    Course anew =
        HangingPlan.of(question(11, List.of(LINE), false, List.of(fresh)), DryingPolicy.BEST)
            .courses()
            .get(0);
    assertThat(course.wear()).isLessThan(anew.wear());
  }
}
