package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.nestrinse.core.Heard.heard;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.CareLimits;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.school.Disagreement;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.school.Wishes;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** What a person wants beyond the school: positions, goals, and what would reach them. */
class WishesTest {
  private static final WashJob NAPPIES =
      job(
          List.of(soiled(TRIFOLD, 16, Soil.STOOL), soiled(SHELL, 12, Soil.WET)),
          List.of(soiled(HAND_TOWEL, 14, Soil.DIRT)),
          null);

  private static Routine choosing(WashJob job, School school, Disagreement question, String at) {
    return WashPlanner.plan(job.asking(null, job.wishes().with(question, at)), school);
  }

  private static int firstC(Routine routine) {
    return routine.steps().stream()
        .filter(s -> s.run() != null)
        .findFirst()
        .orElseThrow()
        .run()
        .temperatureC();
  }

  @Test
  void aHotFirstWashIsHotBecauseItIsAskedFor() {
    WashJob wet = job(List.of(soiled(TRIFOLD, 16, Soil.WET)), List.of(), null);
    assertThat(firstC(choosing(wet, School.HOT_AND_FULL, Disagreement.HOT_FIRST, "hot")))
        .isEqualTo(60);
    assertThat(firstC(choosing(wet, School.HOT_AND_FULL, Disagreement.HOT_FIRST, "cool")))
        .isEqualTo(40);
    assertThat(firstC(choosing(NAPPIES, School.HOT_AND_FULL, Disagreement.HOT_FIRST, "hot")))
        .as("the plan says what would set")
        .isEqualTo(60);
  }

  private static double detergentG(Step step) {
    return step.doses().stream()
        .filter(d -> d.product().purpose() == Product.Purpose.DETERGENT)
        .mapToDouble(d -> d.dose().doseG())
        .sum();
  }

  @Test
  void detergentBeforeTheMainWashIsNoneHalfOrFull() {
    assertThat(
            choosing(NAPPIES, School.HOT_AND_FULL, Disagreement.PRE_RINSE, "none").steps().get(1))
        .matches(s -> s.title().saying() == WashPhrase.COLD_RINSE && s.doses().isEmpty());
    double half =
        detergentG(
            choosing(NAPPIES, School.COOL_AND_SUN, Disagreement.PRE_RINSE, "half").steps().get(1));
    double full =
        detergentG(
            choosing(NAPPIES, School.COOL_AND_SUN, Disagreement.PRE_RINSE, "full").steps().get(1));
    assertThat(half).isPositive();
    assertThat(full).isCloseTo(2 * half, org.assertj.core.api.Assertions.within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"60, 60", "40, 40", "cold, 20"})
  void theMainWashIsAsHotAsChosenWhenAPieceBearsIt(String position, int celsius) {
    Routine routine = choosing(NAPPIES, School.ALTERNATE_DAYS, Disagreement.MAIN_HEAT, position);
    assertThat(routine.mainWash().run().temperatureC()).isEqualTo(celsius);
  }

  @Test
  void strengthFollowsThePosition() {
    double lean =
        detergentG(
            choosing(NAPPIES, School.HOT_AND_FULL, Disagreement.STRENGTH, "lean").mainWash());
    double label =
        detergentG(
            choosing(NAPPIES, School.HOT_AND_FULL, Disagreement.STRENGTH, "label").mainWash());
    double strong =
        detergentG(
            choosing(NAPPIES, School.HOT_AND_FULL, Disagreement.STRENGTH, "strong").mainWash());
    assertThat(lean / label).isCloseTo(0.6, org.assertj.core.api.Assertions.within(1e-9));
    assertThat(strong / label).isCloseTo(1.2, org.assertj.core.api.Assertions.within(1e-9));
  }

  @Test
  void enzymesForSensitiveSkinAreChecked() {
    WashJob sensitive =
        job(List.of(soiled(TRIFOLD, 16, Soil.STOOL, SkinNeed.SENSITIVE)), List.of(), null);
    Routine usual = WashPlanner.plan(sensitive, School.HOT_AND_FULL);
    assertThat(usual.mainWash().doses().get(0).product().enzymes()).isFalse();
    Routine wanted = choosing(sensitive, School.HOT_AND_FULL, Disagreement.ENZYMES, "wanted");
    assertThat(wanted.mainWash().doses().get(0).product()).isEqualTo(Pieces.BIO);
    assertThat(wanted.cautions()).anyMatch(c -> c.key().equals("enzymes-skin"));
    WashJob wool = job(List.of(soiled(Pieces.WOOL_COVER, 2, Soil.STOOL)), List.of(), null);
    assertThat(
            choosing(wool, School.HOT_AND_FULL, Disagreement.ENZYMES, "wanted")
                .mainWash()
                .doses()
                .get(0)
                .product()
                .enzymes())
        .isFalse();
  }

  @Test
  void microfibreStaysAtFortyUnlessItsLabelAndThePersonSaySixty() {
    Kind labelled =
        new Kind(
            50,
            "labelled cloth",
            GLASS_CLOTH.role(),
            GLASS_CLOTH.bin(),
            GLASS_CLOTH.parts(),
            0.1,
            true,
            new CareLimits(60, 1400, DryerHeat.NO_HEAT));
    WashJob cloths = job(List.of(soiled(labelled, 60, Soil.DIRT)), List.of(), null);
    Routine usual = WashPlanner.plan(cloths, School.HOT_AND_FULL);
    assertThat(usual.mainWash().run().temperatureC()).isEqualTo(40);
    assertThat(usual.bends()).anyMatch(b -> heard(b, WashPhrase.MICROFIBRE_40));
    assertThat(
            choosing(cloths, School.HOT_AND_FULL, Disagreement.MICROFIBRE_HEAT, "60")
                .mainWash()
                .run()
                .temperatureC())
        .isEqualTo(60);
    WashJob plain = job(List.of(soiled(GLASS_CLOTH, 60, Soil.DIRT)), List.of(), null);
    assertThat(
            choosing(plain, School.HOT_AND_FULL, Disagreement.MICROFIBRE_HEAT, "60")
                .mainWash()
                .run()
                .temperatureC())
        .isEqualTo(40);
  }

  @Test
  void vinegarGoesIntoTheLastRinseAndNeverTooMuch() {
    Routine without = choosing(NAPPIES, School.HOT_AND_FULL, Disagreement.VINEGAR, "yes");
    assertThat(heard(without.bends(), WashPhrase.NO_VINEGAR)).isTrue();
    WashJob job = Pieces.with(NAPPIES, Pieces.VINEGAR);
    Routine routine = choosing(job, School.HOT_AND_FULL, Disagreement.VINEGAR, "yes");
    PlannedDose dose =
        routine.steps().stream()
            .flatMap(s -> s.doses().stream())
            .filter(d -> d.product().equals(Pieces.VINEGAR))
            .findFirst()
            .orElseThrow();
    assertThat(dose.into()).isEqualTo(PlannedDose.Into.LAST_RINSE);
    assertThat(dose.dose().doseMl()).isLessThanOrEqualTo(20 * job.wholeLoad().massKg());
    assertThat(routine.outcome().cost())
        .isGreaterThan(WashPlanner.plan(job, School.HOT_AND_FULL).outcome().cost());
    assertThat(routine.stop()).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(Disagreement.class)
  void everyPositionTellsWhatItChanges(Disagreement question) {
    Routine now = WashPlanner.plan(NAPPIES, School.HOT_AND_FULL);
    List<Effects.Effect> effects =
        Effects.of(NAPPIES, School.HOT_AND_FULL, now).stream()
            .filter(e -> e.question() == question)
            .toList();
    assertThat(effects).hasSameSizeAs(question.positions());
    assertThat(effects).allMatch(e -> !e.words().nothing() && !e.chosen());
    assertThat(question.standing().nothing()).isFalse();
    assertThatThrownBy(() -> question.position("sideways"))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining(question.name());
  }

  @Test
  void anEffectIsTheDifferenceOfTwoPlans() {
    Routine now = WashPlanner.plan(NAPPIES, School.HOT_AND_FULL);
    Routine other = choosing(NAPPIES, School.HOT_AND_FULL, Disagreement.MAIN_HEAT, "40");
    Said words =
        Effects.of(NAPPIES, School.HOT_AND_FULL, now).stream()
            .filter(e -> e.question() == Disagreement.MAIN_HEAT && e.position().id().equals("40"))
            .findFirst()
            .orElseThrow()
            .words();
    double kwh = now.outcome().kwh() - other.outcome().kwh();
    assertThat((List<?>) words.values().get("values"))
        .anyMatch(
            part ->
                part.equals(
                    Said.of(WashPhrase.LESS)
                        .with("amount", new Quantity(kwh, Unit.KILOWATT_HOUR, 1))));
  }

  @Test
  void remediesReachTheGoalAndTheCheapestComesFirst() {
    List<SoiledPieces> care = List.of(soiled(TRIFOLD, 16, Soil.STOOL, SkinNeed.NEWBORN));
    WashJob job = job(care, List.of(), null);
    Routine cool = WashPlanner.plan(job, School.COOL_AND_SUN);
    assertThat(cool.outcome().verdict().met()).isFalse();
    List<Remedies.Remedy> remedies = Remedies.of(job, School.COOL_AND_SUN, cool);
    assertThat(remedies).isNotEmpty();
    assertThat(remedies).allMatch(r -> r.routine().outcome().verdict().met());
    assertThat(remedies).allMatch(r -> r.routine().stop().isEmpty() && !r.words().nothing());
    assertThat(remedies)
        .isSortedAccordingTo(
            java.util.Comparator.comparingDouble(r -> r.routine().outcome().cost()));
    Routine hot = WashPlanner.plan(job, School.HOT_AND_FULL);
    assertThat(Remedies.of(job, School.HOT_AND_FULL, hot)).isEmpty();
  }

  @Test
  void aGoalCanBeChosenAndALowerOneIsChecked() {
    Wishes light = new Wishes(HygieneGoal.LIGHT, Map.of(), List.of(), Set.of());
    Routine routine = WashPlanner.plan(NAPPIES.asking(null, light), School.HOT_AND_FULL);
    assertThat(routine.outcome().goal()).isEqualTo(HygieneGoal.LIGHT);
    assertThat(routine.cautions()).anyMatch(c -> c.key().equals("goal-lowered"));
    Wishes more = new Wishes(HygieneGoal.ILLNESS, Map.of(), List.of(), Set.of());
    Routine strict = WashPlanner.plan(NAPPIES.asking(null, more), School.HOT_AND_FULL);
    assertThat(strict.outcome().goal()).isEqualTo(HygieneGoal.ILLNESS);
    assertThat(strict.cautions()).noneMatch(c -> c.key().equals("goal-lowered"));
  }

  @Test
  void wishesAreChecked() {
    assertThatThrownBy(
            () -> new Wishes(null, Map.of(Disagreement.SPIN, "round"), List.of(), Set.of()))
        .hasMessageContaining("high, low");
    assertThatThrownBy(() -> new Wishes.Besides(1, Wishes.Where.MAIN_WASH, 0))
        .hasMessageContaining("besides.ml");
    Wishes unknown =
        new Wishes(
            null, Map.of(), List.of(new Wishes.Besides(999, Wishes.Where.MAIN_WASH, 10)), Set.of());
    assertThatThrownBy(() -> WashPlanner.plan(NAPPIES.asking(null, unknown), School.HOT_AND_FULL))
        .hasMessageContaining("a-product-in-kit");
  }
}
