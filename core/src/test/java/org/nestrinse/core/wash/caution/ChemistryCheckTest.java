package org.nestrinse.core.wash.caution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Heard.heard;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.safety.Caution.Strength;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.safety.Meetings;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.plan.WashPlanner;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.school.Wishes;
import org.nestrinse.core.wash.simulation.Simulation;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;
import org.nestrinse.core.wash.step.WashJobBuilder;

/** What is put in and what is carried over, over a whole routine. */
class ChemistryCheckTest {
  private static final List<SoiledPieces> TOWELS = List.of(soiled(HAND_TOWEL, 20, Soil.DIRT));

  private static Product product(long id, Chemical... contains) {
    return new Product(
        id,
        "product " + id,
        Product.Purpose.OTHER,
        Product.Form.LIQUID,
        false,
        false,
        false,
        false,
        new LabelRow(50, 50, 50),
        new LabelRow(50, 50, 50),
        4.5,
        200.0,
        30.0,
        1.0,
        5,
        1000,
        null,
        Set.of(contains));
  }

  /** A cold bath with one product, and a second bath with another after so many rinses. */
  private static List<Caution> after(
      List<SoiledPieces> pieces, Product one, Product other, int rinses, boolean together) {
    return after(pieces, one, other, rinses, together, 60);
  }

  private static List<Caution> after(
      List<SoiledPieces> pieces,
      Product one,
      Product other,
      int rinses,
      boolean together,
      double ofTheFirst) {
    WashJob job = job(pieces, List.of(), null);
    Programme bath = Pieces.SHORT;
    List<Step> steps = new ArrayList<>();
    PlannedDose first = PlannedDose.besides(one, ofTheFirst, PlannedDose.Into.BATH, Said.NOTHING);
    PlannedDose second = PlannedDose.besides(other, 60, PlannedDose.Into.BATH, Said.NOTHING);
    List<PlannedDose> begins = together ? List.of(first, second) : List.of(first);
    steps.add(run(bath(rinses), begins));
    if (!together) {
      steps.add(run(bath(1), List.of(second)));
    }
    assertThat(bath.use()).isEqualTo(Programme.Use.WASH);
    List<Step> numbered = Step.numbered(steps);
    return ChemistryCheck.of(job, numbered, Simulation.of(job, numbered)).stream()
        .filter(c -> c.title().saying() == WashPhrase.MEETS_TITLE)
        .toList();
  }

  private static Programme bath(int rinses) {
    Programme p = Pieces.SHORT;
    return new Programme(
        "cold", p.use(), List.of(0), 0, null, 20, p.agitation(), rinses, 0, 600, 1200);
  }

  private static Step run(Programme programme, List<PlannedDose> doses) {
    MachineRun run = new MachineRun(programme, 0, 0, 1200);
    return new Step(
        1,
        Step.Action.RUN,
        Said.from("run"),
        Said.NOTHING,
        true,
        run,
        doses,
        run.minutes(),
        Said.NOTHING);
  }

  static Stream<Arguments> pairs() {
    return Meetings.all().stream()
        .filter(m -> m.one() != Chemical.AMMONIA && m.other() != Chemical.AMMONIA)
        .flatMap(
            m ->
                Stream.of(
                    Arguments.of(m, m.one(), m.other()), Arguments.of(m, m.other(), m.one())));
  }

  @ParameterizedTest
  @MethodSource("pairs")
  void everyPairInOneBathAndCarriedOver(Meetings.Meeting meeting, Chemical one, Chemical other) {
    Product a = product(101, one);
    Product b = product(102, other);
    assertThat(after(TOWELS, a, b, 1, true))
        .singleElement()
        .satisfies(
            c -> {
              assertThat(c.strength()).isEqualTo(meeting.inOneBath());
              assertThat(c.sentence().saying()).isEqualTo(WashPhrase.MEETS_TOGETHER);
              assertThat(heard(c.sentence(), meeting.what())).isTrue();
              assertThat(c.title().toString()).contains("product 101").contains("product 102");
            });
    List<Caution> carried = after(TOWELS, a, b, 0, false);
    if (one == Chemical.ANIONIC && other == Chemical.CATIONIC) {
      assertThat(carried).as("less than a tenth of it").isEmpty();
      assertThat(after(TOWELS, a, b, 0, false, 400))
          .as("so much detergent is carried over that it cancels a sanitising rinse")
          .singleElement()
          .satisfies(c -> assertThat(heard(c.sentence(), meeting.what())).isTrue());
    } else if (meeting.carriedOver() == null) {
      assertThat(carried).isEmpty();
    } else {
      assertThat(carried)
          .singleElement()
          .satisfies(
              c -> {
                assertThat(c.strength()).isEqualTo(meeting.carriedOver());
                assertThat(c.step()).isEqualTo(2);
                assertThat(c.title().values()).containsEntry("other", "product 101");
                assertThat(c.sentence().values())
                    .containsEntry("there", "product 101")
                    .containsKey("rinses");
              });
    }
    assertThat(after(TOWELS, a, b, 4, false)).isEmpty();
  }

  @Test
  void theRinsesItAsksForMakeItSafeAndOneFewerDoesNot() {
    Product bleach = product(101, Chemical.CHLORINE);
    Product vinegar = product(102, Chemical.ACID);
    Said sentence = after(TOWELS, vinegar, bleach, 0, false).get(0).sentence();
    int more = (int) sentence.values().get("rinses");
    assertThat(after(TOWELS, vinegar, bleach, more, false)).isEmpty();
    assertThat(after(TOWELS, vinegar, bleach, more - 1, false)).isNotEmpty();
  }

  @Test
  void chlorineStopsOnTextileHeatAndUrine() {
    Product bleach = product(101, Chemical.CHLORINE);
    for (Kind kind : List.of(Pieces.SHELL, Pieces.WOOL_COVER, Pieces.GLASS_CLOTH)) {
      assertThat(asked(kind, Soil.DIRT, bleach, Wishes.Where.LAST_RINSE))
          .anyMatch(c -> c.key().equals("chlorine-textile") && c.strength() == Strength.STOP);
    }
    assertThat(asked(HAND_TOWEL, Soil.DIRT, bleach, Wishes.Where.MAIN_WASH))
        .anyMatch(c -> c.key().equals("chlorine-heat") && c.strength() == Strength.STOP);
    assertThat(asked(HAND_TOWEL, Soil.DIRT, bleach, Wishes.Where.LAST_RINSE))
        .as("nothing rinses it out there")
        .anyMatch(c -> c.key().equals("chlorine-last") && c.strength() == Strength.STOP);
    assertThat(asked(Pieces.TRIFOLD, Soil.VOMIT, bleach, Wishes.Where.FIRST_WASH))
        .as("vomit reacts too")
        .anyMatch(c -> c.key().equals("chlorine-ammonia") && c.strength() == Strength.STOP);
    assertThat(asked(Pieces.TRIFOLD, Soil.WET, bleach, Wishes.Where.FIRST_WASH))
        .anyMatch(c -> c.key().equals("chlorine-ammonia") && c.strength() == Strength.STOP);
    assertThat(asked(Pieces.TRIFOLD, Soil.WET, bleach, Wishes.Where.LAST_RINSE))
        .noneMatch(c -> c.key().equals("chlorine-ammonia"));
  }

  private static List<Caution> asked(Kind kind, Soil soil, Product product, Wishes.Where where) {
    WashJob plain = job(List.of(soiled(kind, 14, soil)), List.of(), null);
    List<Product> products = new ArrayList<>(plain.products());
    products.add(product);
    Wishes wishes =
        new Wishes(
            null,
            java.util.Map.of(),
            List.of(new Wishes.Besides(product.id(), where, 60)),
            Set.of());
    WashJob job =
        WashJobBuilder.builder()
            .first(plain.first())
            .bulkers(plain.bulkers())
            .machine(plain.machine())
            .water(plain.water())
            .roomC(plain.roomC())
            .products(products)
            .tariff(plain.tariff())
            .houseGoal(plain.houseGoal())
            .trim(plain.trim())
            .now(plain.now())
            .start(plain.start())
            .askedC(null)
            .wishes(wishes)
            .marked(plain.marked())
            .rules(plain.rules())
            .build();
    return WashPlanner.plan(job, School.HOT_AND_FULL).cautions();
  }

  @ParameterizedTest
  @CsvSource({
    "DETERGENT, POWDER, ANIONIC ALKALI",
    "DETERGENT, LIQUID, ANIONIC",
    "OXYGEN_WHITENER, POWDER, PEROXIDE",
    "SANITISER, LIQUID, CATIONIC",
    "SOFTENER, LIQUID, CATIONIC",
    "ACID, LIQUID, ACID",
    "SODA, POWDER, ALKALI",
    "CHLORINE_BLEACH, LIQUID, CHLORINE",
    "OTHER, LIQUID, UNKNOWN"
  })
  void aPurposeTellsWhatIsUsuallyInIt(Product.Purpose purpose, Product.Form form, String classes) {
    Product plain =
        new Product(
            1,
            "plain",
            purpose,
            form,
            false,
            false,
            false,
            false,
            new LabelRow(1, 1, 1),
            new LabelRow(1, 1, 1),
            4.5,
            null,
            null,
            null,
            1,
            1);
    assertThat(plain.chemicals())
        .extracting(Chemical::name)
        .containsExactlyInAnyOrder(classes.split(" "));
    assertThat(product(2).chemicals())
        .as("something else whose label nobody read")
        .containsExactly(Chemical.UNKNOWN);
  }
}
