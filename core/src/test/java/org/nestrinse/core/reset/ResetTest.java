package org.nestrinse.core.reset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Heard.heard;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.judge.Cause;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;
import org.nestrinse.core.reset.ResetFitness.Fastness;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.CareLimits;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.KindBuilder;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.units.OutOfRange;

class ResetTest {
  private static final ResetDrum DRUM = new ResetDrum("the machine", 54, 0.235, 1000);

  private static Kind kind(
      String name, Material material, double kg, boolean elastic, Colour colour) {
    return KindBuilder.builder()
        .id(name.hashCode())
        .name(name)
        .role(Role.TOWEL)
        .bin(Bin.HOUSE)
        .parts(List.of(new Part("body", material, kg, elastic)))
        .areaM2(0.2)
        .small(true)
        .label(null)
        .colour(colour)
        .bulkFactor(1)
        .plural(name + "s")
        .build();
  }

  private static Kind towel(double kg) {
    return kind("towel", Material.COTTON, kg, false, Colour.PALE);
  }

  private static ResetPlan plan(ResetRecipe recipe, double vesselL, Map<Kind, Integer> pieces) {
    return plan(recipe, vesselL, pieces, 1800, 5.0);
  }

  private static ResetPlan plan(
      ResetRecipe recipe,
      double vesselL,
      Map<Kind, Integer> pieces,
      double burnerW,
      @Nullable Double chlorine) {
    return ResetPlan.of(
        ResetPlanQuestionBuilder.builder()
            .recipe(recipe)
            .vesselL(vesselL)
            .pieces(pieces)
            .hardnessMmolL(3.1)
            .burnerW(burnerW)
            .tapC(12)
            .roomC(20)
            .drum(DRUM)
            .residueMgKg(80)
            .sudsSeen(false)
            .factor(1)
            .chlorinePercent(chlorine)
            .build());
  }

  @ParameterizedTest
  @CsvSource({
    "SIMMER_POT, 10, 2, WASHING_SODA, 80.0, mL",
    "SIMMER_POT, 15, 2, WASHING_SODA, 120.0, mL",
    "OVERNIGHT_DETERGENT, 12, 2, CLOTH_DETERGENT, 64.0, mL",
    "OVERNIGHT_ACID, 12, 2, WHITE_VINEGAR, 240.0, mL",
    "MINERAL_SOAK, 12, 2.0, SODIUM_CITRATE, 40.0, g",
    "MINERAL_SOAK, 12, 1.0, SODIUM_CITRATE, 40.0, g",
    "MINERAL_SOAK, 12, 3.1, SODIUM_CITRATE, 48.8, g",
    "MINERAL_SOAK, 12, 4.0, SODIUM_CITRATE, 56.0, g"
  })
  void aFillingGetsByTheLitre(
      ResetRecipe recipe,
      double vesselL,
      double hardness,
      ResetSalt product,
      double amount,
      String unit) {
    List<ResetRecipe.Amount> all =
        ResetPlan.perBatch(recipe, ResetPlan.waterL(vesselL), hardness, null);
    assertThat(all).hasSize(1);
    assertThat(all.get(0).product().saying()).isEqualTo(product);
    assertThat(all.get(0).amount()).isCloseTo(amount, within(1e-9));
    assertThat(all.get(0).unit()).isEqualTo(unit);
    assertThat(all.get(0).spoons().values().get("value"))
        .isInstanceOfSatisfying(
            Quantity.class,
            q -> assertThat(q.unit()).isIn(Unit.TEASPOON, Unit.TABLESPOON, Unit.POURED));
  }

  @Test
  void boraxAndSodaShareThePot() {
    List<ResetRecipe.Amount> all =
        ResetPlan.perBatch(ResetRecipe.SIMMER_POT_BORAX, ResetPlan.waterL(15), 2, null);
    assertThat(all).extracting(ResetRecipe.Amount::amount).containsExactly(80.0, 80.0);
    assertThat(all.get(0).grams()).isCloseTo(88, within(1e-9));
    assertThat(all.get(0).spoons())
        .isEqualTo(Said.from(new Quantity(80 / 15.0, Unit.TABLESPOON, 2)));
  }

  @Test
  void chlorineIsDilutedByItsStrength() {
    List<ResetRecipe.Amount> all = ResetPlan.perBatch(ResetRecipe.CHLORINE_SOAK, 8, 2, 5.0);
    // 200 mg/L in 8 L are 1600 mg; a millilitre at 5 % holds 50 mg.
    assertThat(all.get(0).amount()).isCloseTo(32, within(1e-9));
    assertThatThrownBy(() -> ResetPlan.perBatch(ResetRecipe.CHLORINE_SOAK, 8, 2, null))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("in-kit");
  }

  @ParameterizedTest
  @CsvSource({"0.4, 10, 1", "0.4666, 10, 1", "0.5, 10, 2", "2.0, 10, 5", "0.01, 10, 1"})
  void batchesByMass(double kg, double vesselL, int batches) {
    assertThat(ResetPlan.batches(kg, vesselL)).isEqualTo(batches);
  }

  @Test
  void aVesselTakesTwoThirdsAndSeventyGramsALitre() {
    for (double vesselL : new double[] {3, 5, 10, 14.5, 20}) {
      for (int count = 1; count <= 25; count += 4) {
        Map<Kind, Integer> pieces = new LinkedHashMap<>();
        pieces.put(towel(0.06), count);
        pieces.put(kind("tea towel", Material.LINEN, 0.045, false, Colour.PALE), 3);
        ResetPlan plan = plan(ResetRecipe.SIMMER_POT, vesselL, pieces);
        assertThat(plan.waterL()).isCloseTo(vesselL * 2 / 3, within(1e-9));
        int placed = 0;
        for (ResetBatch b : plan.batches()) {
          assertThat(b.massKg()).isLessThanOrEqualTo(plan.waterL() * 0.07 + 1e-6);
          placed += b.count();
        }
        assertThat(placed).isEqualTo(count + 3);
        assertThat(plan.batches().size())
            .isGreaterThanOrEqualTo(ResetPlan.batches(count * 0.06 + 0.135, vesselL));
      }
    }
  }

  @Test
  void twoBatchesHaveAllTheirStepsAndOneClosingWash() {
    ResetPlan plan = plan(ResetRecipe.SIMMER_POT, 10, Map.of(towel(0.06), 12));
    assertThat(plan.batches()).hasSize(2);
    assertThat(plan.steps().stream().map(ResetStep::action))
        .containsExactly(
            ResetStep.Action.FILL,
            ResetStep.Action.HEAT,
            ResetStep.Action.PUT_IN,
            ResetStep.Action.WORK,
            ResetStep.Action.LOOK,
            ResetStep.Action.FILL,
            ResetStep.Action.HEAT,
            ResetStep.Action.PUT_IN,
            ResetStep.Action.WORK,
            ResetStep.Action.LOOK,
            ResetStep.Action.CLOSING_WASH,
            ResetStep.Action.HANG);
    assertThat(plan.steps()).extracting(ResetStep::number).isSorted().startsWith(1);
    ResetStep boil = plan.steps().get(3);
    assertThat(boil.minutes()).isBetween(10, 15);
    assertThat(boil.stirEveryMinutes()).isEqualTo(5);
    assertThat(boil.attended()).isTrue();
    assertThat(plan.minutes()).isEqualTo(plan.steps().stream().mapToInt(ResetStep::minutes).sum());
    assertThat(plan.minutes()).isGreaterThan(2 * (15 + (int) plan.heatingMinutes()));
    assertThat(plan.cautions()).anyMatch(c -> c.key().equals("reset-simmer-pot"));
    assertThat(plan.why().lines())
        .anyMatch(l -> String.valueOf(l.value().values().get("spoons")).contains("TABLESPOON"));
  }

  @Test
  void paleAndDarkNeverShareABatch() {
    Map<Kind, Integer> pieces = new LinkedHashMap<>();
    pieces.put(kind("red towel", Material.COTTON, 0.05, false, Colour.DARK), 2);
    pieces.put(towel(0.05), 2);
    List<ResetBatch> batches = plan(ResetRecipe.SIMMER_POT, 20, pieces).batches();
    assertThat(batches).hasSize(2);
    assertThat(batches.get(0).said()).isEqualTo(Said.pieces(2, "towel", "towels"));
  }

  @Test
  void heatingTakesLongerForMoreWaterAndLessPower() {
    Map<Kind, Integer> few = Map.of(towel(0.06), 3);
    double small = plan(ResetRecipe.SIMMER_POT, 6, few).heatingMinutes();
    double large = plan(ResetRecipe.SIMMER_POT, 12, few).heatingMinutes();
    double strong = plan(ResetRecipe.SIMMER_POT, 12, few, 3000, null).heatingMinutes();
    // 4 L by 88 K need 1.47 MJ; 1170 W less losses give it in some 25 minutes.
    assertThat(small).isBetween(21.0, 29.0);
    assertThat(large).isGreaterThan(small);
    assertThat(strong).isLessThan(large);
    assertThatThrownBy(() -> plan(ResetRecipe.SIMMER_POT, 100, few, 500, null))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("burner");
  }

  @Test
  void aPieceTooLargeForTheVesselIsNamed() {
    assertThatThrownBy(() -> plan(ResetRecipe.SIMMER_POT, 5, Map.of(towel(0.6), 1)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("kind=towel")
        .hasMessageContaining("amount=13.0");
  }

  @Test
  void chlorineIsRinsedTwiceBeforeAnythingElse() {
    ResetPlan plan = plan(ResetRecipe.CHLORINE_SOAK, 12, Map.of(towel(0.06), 4));
    List<ResetStep.Action> actions = plan.steps().stream().map(ResetStep::action).toList();
    int closing = actions.indexOf(ResetStep.Action.CLOSING_WASH);
    assertThat(actions.subList(closing - 2, closing)).containsOnly(ResetStep.Action.RINSE);
    assertThat(plan.cautions()).anyMatch(c -> c.strength() == Caution.Strength.CHECK);
  }

  @ParameterizedTest
  @EnumSource(ResetRecipe.class)
  void everyRecipeSaysWhatToTakeCareOf(ResetRecipe recipe) {
    ResetPlan plan = plan(recipe, 12, Map.of(towel(0.06), 4));
    assertThat(plan.cautions()).isNotEmpty();
    assertThat(plan.steps().get(plan.steps().size() - 1).action()).isEqualTo(ResetStep.Action.HANG);
    assertThat(plan.litres()).isPositive();
  }

  @ParameterizedTest
  @CsvSource({
    // what forbids it, by recipe, with what it may have instead
    "WOOL, false, SIMMER_POT, ANIMAL_FIBRE,",
    "WOOL, false, RINSE_OUT, ANIMAL_FIBRE,",
    "SILK, false, OVERNIGHT_ACID, ANIMAL_FIBRE,",
    "LAMINATE, false, SIMMER_POT, NO_BOIL, RINSE_OUT",
    "LAMINATE, false, MINERAL_SOAK, LAMINATE_NO_SOAK, RINSE_OUT",
    "COTTON, true, SIMMER_POT, ELASTIC_NO_BOIL, RINSE_OUT",
    "COTTON, true, OVERNIGHT_ACID, ELASTIC_NO_SOAK, RINSE_OUT",
    "NYLON, false, SIMMER_POT, NO_BOIL, MINERAL_SOAK",
    "NYLON, false, CHLORINE_SOAK, CHLORINE_RUINS, MINERAL_SOAK",
    "MICROFIBRE, false, SIMMER_POT, NO_BOIL, OVERNIGHT_DETERGENT",
    "MICROFIBRE, false, CHLORINE_SOAK, CHLORINE_RUINS, OVERNIGHT_DETERGENT",
    "BAMBOO_VISCOSE, false, SIMMER_POT_BORAX, NO_BOIL, MINERAL_SOAK",
    "POLYESTER_FLEECE, false, SIMMER_POT, NO_BOIL, MINERAL_SOAK",
    "BAMBOO_VISCOSE, false, CHLORINE_SOAK, CHLORINE_ONLY_WHITE, MINERAL_SOAK"
  })
  void whatMayNotIsNamedWithWhatItMayHaveInstead(
      Material material,
      boolean elastic,
      ResetRecipe recipe,
      FitSaying named,
      @Nullable ResetRecipe instead) {
    ResetFitness f =
        ResetFitness.of(
            kind("thing", material, 0.1, elastic, Colour.PALE), recipe, Fastness.NOT_TRIED);
    assertThat(f.allowed()).isFalse();
    assertThat(f.reason().saying()).isEqualTo(named);
    assertThat(f.instead()).isEqualTo(instead);
    assertThat(f.insteadWords().nothing()).isFalse();
    if (instead != null) {
      Kind same = kind("thing", material, 0.1, elastic, Colour.PALE);
      assertThat(ResetFitness.of(same, instead, Fastness.NOT_TRIED).allowed()).isTrue();
    }
  }

  @Test
  void aDarkPieceNeedsTheDampWhiteCloth() {
    Kind red = kind("red towel", Material.COTTON, 0.1, false, Colour.DARK);
    ResetFitness untried = ResetFitness.of(red, ResetRecipe.SIMMER_POT, Fastness.NOT_TRIED);
    assertThat(untried.allowed()).isFalse();
    assertThat(untried.test()).isTrue();
    assertThat(untried.reason().saying()).isEqualTo(FitSaying.NOT_TRIED);
    assertThat(ResetFitness.of(red, ResetRecipe.SIMMER_POT, Fastness.FAST).allowed()).isTrue();
    ResetFitness bleeds = ResetFitness.of(red, ResetRecipe.MINERAL_SOAK, Fastness.BLEEDS);
    assertThat(bleeds.allowed()).isFalse();
    assertThat(bleeds.instead()).isEqualTo(ResetRecipe.RINSE_OUT);
    assertThat(ResetFitness.of(red, ResetRecipe.RINSE_OUT, Fastness.NOT_TRIED).allowed()).isTrue();
    assertThat(ResetFitness.of(red, ResetRecipe.CHLORINE_SOAK, Fastness.FAST).allowed()).isFalse();
  }

  @Test
  void itsOwnLabelWins() {
    Kind cool =
        new Kind(
            1,
            "printed towel",
            Role.TOWEL,
            Bin.HOUSE,
            List.of(new Part("body", Material.COTTON, 0.1, false)),
            0.2,
            true,
            new CareLimits(40, 1200, DryerHeat.LOW));
    ResetFitness f = ResetFitness.of(cool, ResetRecipe.SIMMER_POT, Fastness.FAST);
    assertThat(f.allowed()).isFalse();
    assertThat(f.reason())
        .isEqualTo(Said.of(FitSaying.LABEL_ENDS_AT).with("celsius", Quantity.celsius(40)));
  }

  private static List<Seen> seen(String findings) {
    List<Seen> all = new ArrayList<>();
    for (String f : findings.isBlank() ? new String[0] : findings.split(" ")) {
      all.add(new Seen(Sign.valueOf(f.split("\\.")[0]), f.split("\\.")[1], Instant.EPOCH, null));
    }
    return all;
  }

  @ParameterizedTest
  @CsvSource({
    "COTTON, '', 3.1, NOT_NEEDED,",
    "COTTON, SMELL_WET.ammonia, 3.1, NOT_NEEDED,",
    "COTTON, SUDS.suds, 3.1, WANTED, RINSE_OUT",
    "COTTON, DROP.beads, 1.0, WANTED, SIMMER_POT",
    "BAMBOO_VISCOSE, DROP.beads, 1.0, WANTED, MINERAL_SOAK",
    "MICROFIBRE, GRAB.streaks, 1.0, WANTED, OVERNIGHT_DETERGENT",
    "MICROFIBRE, COLOUR.dull, 1.0, WANTED, OVERNIGHT_ACID",
    "BAMBOO_VISCOSE, DROP.slow, 3.1, WANTED, MINERAL_SOAK",
    "COTTON, FEEL.stiff, 1.0, WANTED, RINSE_OUT"
  })
  void whatWasSeenCallsForARecipe(
      Material material,
      String findings,
      double hardness,
      ResetNeed.State state,
      @Nullable ResetRecipe recipe) {
    ResetNeed need =
        ResetNeed.of(
            kind("cloth", material, 0.1, false, Colour.PALE),
            seen(findings),
            hardness,
            0,
            null,
            null);
    assertThat(need.state()).isEqualTo(state);
    assertThat(need.recipe()).isEqualTo(recipe);
  }

  @Test
  void whereJudgeSeesACauseThatNoResetTouchesThatComesFirst() {
    Kind towel = towel(0.4);
    ResetNeed heat = ResetNeed.of(towel, seen("DROP.slow"), 3.1, 0, null, Cause.HEAT_DAMAGED);
    assertThat(heat.state()).isEqualTo(ResetNeed.State.ROUTINE_FIRST);
    assertThat(heard(heat.says(), Cause.HEAT_DAMAGED)).isTrue();
    ResetNeed film = ResetNeed.of(towel, seen("DROP.slow"), 3.1, 0, null, Cause.HARD_WATER_FILM);
    assertThat(film.state()).isEqualTo(ResetNeed.State.WANTED);
    Seen own = new Seen(Sign.JAR, "suds", Instant.parse("2026-05-20T12:00:00Z"), 7L, true);
    assertThat(ResetNeed.of(towel, List.of(own), 3.1, 1, 2, null).state())
        .as("the water of a reset asks for no other")
        .isEqualTo(ResetNeed.State.NOT_NEEDED);
  }

  @Test
  void wantedMoreOftenThanItsYearlyMeasureTheRoutineIsToBlame() {
    Kind towel = towel(0.4);
    ResetNeed need = ResetNeed.of(towel, seen("COLOUR.dull"), 3.1, 1, 60, Cause.UNDER_DOSED);
    assertThat(need.state()).isEqualTo(ResetNeed.State.ROUTINE_FIRST);
    assertThat(heard(need.says(), Cause.UNDER_DOSED)).isTrue();
    assertThat(ResetNeed.yearly(towel)).isEqualTo(1);
    Kind kitchen =
        new Kind(
            2,
            "tea towel",
            Role.TOWEL,
            Bin.KITCHEN,
            List.of(new Part("body", Material.LINEN, 0.06, false)),
            0.3,
            true,
            null);
    assertThat(ResetNeed.yearly(kitchen)).isEqualTo(4);
  }
}
