package org.nestrinse.core.dry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;

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
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.OutOfRange;

class HangingPlanTest {
  private static final Tariff TARIFF =
      new Tariff(0.30, 0.15, LocalTime.of(0, 30), LocalTime.of(5, 30), 0.004);
  private static final Kind OILY =
      new Kind(
          90,
          "wheel cloth",
          Role.CLOTH,
          Bin.WORKSHOP,
          List.of(new Part("body", Material.COTTON, 0.05, false)),
          0.1,
          true,
          null);

  private static Place place(String name, Place.Sort sort, double metres) {
    double exposure = sort == Place.Sort.SUN_LINE ? 0.35 : 0.25;
    return new Place(name, sort, Place.Facing.OPEN, exposure, 1, 1, 19, 60, false, 0, metres, null);
  }

  private static final Spot LINE = new Spot(1, place("line", Place.Sort.SUN_LINE, 14), false);
  private static final Spot AIRER = new Spot(2, place("airer", Place.Sort.AIRER, 12), false);
  private static final Place WHEELED = place("wheeled airer", Place.Sort.MOVABLE_AIRER, 8);
  private static final Spot WHEELED_OUT = new Spot(3, WHEELED, false);
  private static final Spot WHEELED_IN = new Spot(3, WHEELED, true);
  private static final Dryer HEAT_PUMP = new Dryer("dryer", Dryer.Type.HEAT_PUMP, 3);

  private static Instant at(int hour) {
    return GoldenWeek.MONDAY.plus(Duration.ofHours(hour));
  }

  private static DryingQuestion question(
      int hour, List<Spot> spots, boolean dryer, List<Batch> batches) {
    Instant from = at(hour);
    List<DryingQuestion.DryerAt> dryers =
        dryer ? List.of(new DryingQuestion.DryerAt(7, HEAT_PUMP, from)) : List.of();
    return new DryingQuestion(
        from,
        ZoneOffset.UTC,
        GoldenWeek.from(hour),
        spots,
        dryers,
        batches,
        DryingFactors.NONE,
        TARIFF);
  }

  private static Batch batch(long key, Kind kind, int count, Instant neededBy) {
    double moisture = HangingGroup.moistureAfterSpin(kind, 1000, 0.24);
    return new Batch(key, kind, count, moisture, neededBy);
  }

  private static List<Batch> all(Instant neededBy) {
    return List.of(
        batch(1, TRIFOLD, 12, neededBy),
        batch(2, SHELL, 12, neededBy),
        batch(3, HAND_TOWEL, 10, null),
        batch(4, GLASS_CLOTH, 6, null),
        batch(5, OILY, 4, null));
  }

  private static final List<Spot> SPOTS = List.of(LINE, AIRER, WHEELED_OUT, WHEELED_IN);

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void onSmallCasesNothingBetterExistsAmongAllChoices(int seed) {
    Random random = new Random(seed);
    int hour = random.nextInt(120);
    boolean dryer = random.nextBoolean();
    Kind[] kinds = {TRIFOLD, SHELL, HAND_TOWEL, GLASS_CLOTH};
    List<Batch> batches = new ArrayList<>();
    int number = dryer ? 2 : 3;
    for (int i = 0; i < number; i++) {
      Instant needed = random.nextBoolean() ? at(hour + 3 + random.nextInt(24)) : null;
      batches.add(batch(i, kinds[random.nextInt(kinds.length)], 2 + random.nextInt(2), needed));
    }
    // Room for one and a half of the batches, so that they are in each other's way.
    Spot line = new Spot(1, place("line", Place.Sort.SUN_LINE, 2.6), false);
    Spot airer = new Spot(2, place("airer", Place.Sort.AIRER, 1.8), false);
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
    Ways ways = new Ways(question, RoomLoad.EMPTY);
    List<List<HangingPlan.Option>> options = new ArrayList<>();
    for (Batch part : HangingPlan.parts(question)) {
      int whole =
          question.batches().stream()
              .filter(b -> b.key() == part.key())
              .mapToInt(Batch::count)
              .sum();
      options.add(
          ways.of(new Ways.Part(options.size(), part, whole), DryingPolicy.BEST).entrySet().stream()
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
      if (mark.sort() != Course.Sort.HANG && mark.sort() != Course.Sort.DRY) {
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
  void elasticAndWaterproofHaveThreeHoursOfStrongSunAndShadeInTheHeat() {
    DryingQuestion clear = question(9, List.of(LINE), false, List.of(wet(SHELL)));
    Course shell = HangingPlan.of(clear, DryingPolicy.BEST).courses().get(0);
    assertThat(shell.marks())
        .anyMatch(
            m -> m.sort() == Course.Sort.SHADE && m.at().equals(at(9 + WayInAir.STRONG_SUN_H)));
    Course towel =
        HangingPlan.of(
                question(9, List.of(LINE), false, List.of(wet(HAND_TOWEL))), DryingPolicy.BEST)
            .courses()
            .get(0);
    assertThat(towel.marks()).noneMatch(m -> m.sort() == Course.Sort.SHADE);
    int friday = 4 * 24 + 10;
    Course hot =
        HangingPlan.of(
                question(friday, List.of(LINE), false, List.of(wet(SHELL))), DryingPolicy.BEST)
            .courses()
            .get(0);
    assertThat(hot.marks()).anyMatch(m -> m.words().saying() == DrySaying.SHADE_HOT);
  }

  /** So wet and so slow that it hangs most of the day. */
  private static Batch wet(Kind kind) {
    return wet(kind, 0.05);
  }

  private static Batch wet(Kind kind, double areaM2) {
    Kind slow =
        new Kind(
            kind.id(),
            kind.name(),
            kind.role(),
            kind.bin(),
            kind.parts(),
            areaM2,
            kind.small(),
            kind.label());
    return new Batch(1, slow, 2, 1.5, null);
  }

  @Test
  void itIsBroughtInBeforeTheShowerAndNotBefore() {
    int tuesdayTen = 24 + 10;
    DryingQuestion question =
        question(tuesdayTen, List.of(LINE, AIRER), false, List.of(wet(HAND_TOWEL)));
    Ways.Part part = new Ways.Part(0, question.batches().get(0), 2);
    assertThat(new Ways(question, RoomLoad.EMPTY).of(part, DryingPolicy.BEST).values())
        .as("the way that goes out for these hours")
        .anySatisfy(
            course ->
                assertThat(course.marks())
                    .anyMatch(
                        m ->
                            m.sort() == Course.Sort.BRING_IN
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
            place("balcony", Place.Sort.BALCONY, 5),
            at(24 + 14),
            0.8,
            GoldenWeek.from(24 + 14));
    assertThat(covered.moistureAt(at(24 + 18))).isLessThan(covered.moistureAt(at(24 + 15)));
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
    List<Batch> much = List.of(batch(1, HAND_TOWEL, 30, null));
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
    Spot rail = new Spot(2, place("rail", Place.Sort.AIRER, 0.7), false);
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
            "balcony", Place.Sort.BALCONY, facing, 0.25, 0.6, 0.8, 19, 60, false, 0, null, null);
    assertThat(GoldenWeek.from(hour).get(0).sunAt(balcony) > 0).isEqualTo(sunny);
  }

  @Test
  void aFanDriesFasterAndCosts() {
    Place still = AIRER.place();
    Place fanned =
        new Place(
            "fan", Place.Sort.AIRER, Place.Facing.NORTH, 0.25, 0, 0, 19, 60, true, 40, 12.0, null);
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
    Batch fresh = wet(SHELL);
    Batch hung =
        new Batch(
            1, fresh.kind(), 2, fresh.moisture(), null, LINE, at(9), WayInAir.STRONG_SUN_H - 1);
    Course course =
        HangingPlan.of(question(11, List.of(LINE), false, List.of(hung)), DryingPolicy.BEST)
            .courses()
            .get(0);
    assertThat(course.marks())
        .anyMatch(m -> m.sort() == Course.Sort.SHADE && m.at().equals(at(12)));
    Course anew =
        HangingPlan.of(question(11, List.of(LINE), false, List.of(fresh)), DryingPolicy.BEST)
            .courses()
            .get(0);
    assertThat(course.wear()).isLessThan(anew.wear());
  }
}
