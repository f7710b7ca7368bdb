package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.WOOL_COVER;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.school.OwnSettings;
import org.nestrinse.core.wash.school.OwnSettingsMainBuilder;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.school.Wishes;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** What a person sets on one load is planned as it is set, and a method kept from it washes so. */
class OwnSettingsTest {
  private static final WashJob NAPPIES =
      job(
          List.of(soiled(TRIFOLD, 16, Soil.WET), soiled(SHELL, 12, Soil.WET)),
          List.of(soiled(HAND_TOWEL, 14, Soil.DIRT)),
          null);
  private static final OwnSettings.Main MAIN =
      OwnSettingsMainBuilder.builder()
          .minutes(null)
          .strength(null)
          .whitenerScoops(null)
          .sanitiser(null)
          .detergent(null)
          .programme(null)
          .build();

  private static Routine plan(WashJob job, OwnSettings settings) {
    return WashPlanner.plan(
        job.asking(job.askedC(), Wishes.NONE.with(settings)), School.HOT_AND_FULL);
  }

  private static Routine main(OwnSettings.Main main) {
    return plan(NAPPIES, new OwnSettings(null, main, null));
  }

  private static Routine first(OwnSettings.First first) {
    return plan(NAPPIES, new OwnSettings(first, null, null));
  }

  private static Routine ending(Integer rinses, Integer spinRpm, Boolean again) {
    return plan(
        NAPPIES, new OwnSettings(null, null, new OwnSettings.Ending(rinses, spinRpm, again)));
  }

  private static List<Step> runs(Routine routine) {
    return routine.steps().stream().filter(s -> s.run() != null).toList();
  }

  private static Step mainWash(Routine routine) {
    return runs(routine).stream()
        .filter(s -> s.wholeLoad() && s.run().washes())
        .findFirst()
        .orElseThrow();
  }

  private static double grams(Step step, Product.Purpose purpose) {
    return step.doses().stream()
        .filter(d -> d.product().purpose() == purpose)
        .map(PlannedDose::dose)
        .mapToDouble(d -> d.doseG())
        .sum();
  }

  private static int rinses(Routine routine) {
    return runs(routine).stream().filter(Step::wholeLoad).mapToInt(s -> s.run().rinses()).sum();
  }

  @Test
  void withNothingSetItIsTheMethod() {
    assertThat(plan(NAPPIES, OwnSettings.NONE))
        .isEqualTo(WashPlanner.plan(NAPPIES, School.HOT_AND_FULL));
  }

  @ParameterizedTest
  @EnumSource(School.Before.class)
  void whatComesFirstIsWhatIsSet(School.Before before) {
    List<Step> runs = runs(first(new OwnSettings.First(before, null, null, null, null)));
    Step opening = runs.get(0);
    switch (before) {
      case NOTHING -> assertThat(opening.wholeLoad()).isTrue();
      case COLD_RINSE -> assertThat(opening.run().washes()).isFalse();
      case SHORT_WASH -> assertThat(opening.run().washes() && !opening.wholeLoad()).isTrue();
      case SOAK_PAUSE -> assertThat(opening.run().pauseMinutes()).isBetween(45, 60);
    }
  }

  @Test
  void aHotFirstWashIsHotAndItsDoseIsTheShareThatIsSet() {
    Routine half = first(new OwnSettings.First(null, 60, 0.5, null, null));
    Routine whole = first(new OwnSettings.First(null, 60, 1.0, null, null));
    assertThat(runs(half).get(0).run().temperatureC()).isEqualTo(60);
    assertThat(grams(runs(whole).get(0), Product.Purpose.DETERGENT))
        .isCloseTo(2 * grams(runs(half).get(0), Product.Purpose.DETERGENT), within(1e-6));
  }

  @Test
  void whoSetsTheHeatOfAFirstWashGetsOne() {
    OwnSettings warm =
        new OwnSettings(new OwnSettings.First(null, 30, null, null, null), null, null);
    Routine plain = WashPlanner.plan(NAPPIES, School.COOL_AND_SUN);
    Routine set =
        WashPlanner.plan(NAPPIES.asking(null, Wishes.NONE.with(warm)), School.COOL_AND_SUN);
    assertThat(runs(plain).get(0).run().washes()).isFalse();
    assertThat(runs(set).get(0).run().washes()).isTrue();
    assertThat(runs(set).get(0).run().temperatureC()).isEqualTo(30);
  }

  @Test
  void byHandRinsesAndDetergentAreAsSetToo() {
    Machine bucket = new Machine("bucket", Machine.Type.BUCKET, 12, 2, 0.15, 0, List.of());
    WashJob wool = Pieces.in(bucket, List.of(soiled(WOOL_COVER, 2, Soil.WET)));
    OwnSettings.Main bio = OwnSettingsMainBuilder.builder(MAIN).detergent(Pieces.BIO.id()).build();
    Routine set = plan(wool, new OwnSettings(null, bio, new OwnSettings.Ending(5, null, null)));
    Routine fewer = plan(wool, new OwnSettings(null, null, new OwnSettings.Ending(3, null, null)));
    assertThat(rinses(set) - rinses(fewer)).isEqualTo(2);
    assertThat(set.bends()).contains(WashPhrase.PICKED_STAYS_OUT.said());
  }

  @Test
  void aHotFirstWashIsPlannedAndWhatProteinWouldSetIsTold() {
    WashJob blood = job(List.of(soiled(TRIFOLD, 16, Soil.BLOOD)), List.of(), null);
    OwnSettings hot =
        new OwnSettings(new OwnSettings.First(null, 60, null, null, null), null, null);
    Routine planned = plan(blood, hot);
    assertThat(runs(planned).get(0).run().temperatureC()).isEqualTo(60);
    assertThat(planned.cautions())
        .anyMatch(c -> c.key().equals("protein-heat") && c.strength() == Caution.Strength.CHECK);
  }

  @Test
  void aProgrammeIsTakenByItsName() {
    Routine easy = main(OwnSettingsMainBuilder.builder(MAIN).programme(Pieces.EASY.name()).build());
    assertThat(mainWash(easy).run().programme()).isEqualTo(Pieces.EASY);
    assertThat(mainWash(easy).run().temperatureC()).isEqualTo(60);
    Routine shorter = first(new OwnSettings.First(null, null, null, null, Pieces.EASY.name()));
    assertThat(runs(shorter).get(0).run().programme()).isEqualTo(Pieces.EASY);
  }

  @Test
  void aProgrammeThatIsNotThereIsReplacedAndThatIsShown() {
    Routine none = main(OwnSettingsMainBuilder.builder(MAIN).programme("Night wash").build());
    assertThat(none.bends())
        .contains(Said.of(WashPhrase.PROGRAMME_NOT_HERE).with("programme", "Night wash"));
    WashJob wool = job(List.of(soiled(WOOL_COVER, 3, Soil.WET)), List.of(), null);
    Routine cotton =
        plan(
            wool,
            new OwnSettings(
                null,
                OwnSettingsMainBuilder.builder(MAIN).programme(Pieces.COTTONS.name()).build(),
                null));
    assertThat(mainWash(cotton).run().programme()).as("never for wool").isEqualTo(Pieces.WOOL);
  }

  @Test
  void minutesStrengthAndWhitenerAreAsSet() {
    Routine set =
        main(
            OwnSettingsMainBuilder.builder(MAIN)
                .minutes(70)
                .strength(0.5)
                .whitenerScoops(2.0)
                .build());
    Routine label = main(OwnSettingsMainBuilder.builder(MAIN).strength(1.0).build());
    assertThat(mainWash(set).run().programme()).isEqualTo(Pieces.EASY);
    assertThat(grams(mainWash(set), Product.Purpose.DETERGENT))
        .isCloseTo(grams(mainWash(label), Product.Purpose.DETERGENT) / 2, within(1e-6));
    assertThat(grams(mainWash(set), Product.Purpose.OXYGEN_WHITENER))
        .isCloseTo(
            2
                * grams(
                    mainWash(
                        main(OwnSettingsMainBuilder.builder(MAIN).whitenerScoops(1.0).build())),
                    Product.Purpose.OXYGEN_WHITENER),
            within(1e-6));
  }

  @Test
  void theDetergentIsTheOneThatWasPickedUnlessItHarms() {
    OwnSettings.Main bio = OwnSettingsMainBuilder.builder(MAIN).detergent(Pieces.BIO.id()).build();
    assertThat(mainWash(main(bio)).doses().get(0).product()).isEqualTo(Pieces.BIO);
    WashJob wool = job(List.of(soiled(WOOL_COVER, 3, Soil.WET)), List.of(), null);
    Routine plan = plan(wool, new OwnSettings(null, bio, null));
    assertThat(mainWash(plan).doses()).extracting(PlannedDose::product).doesNotContain(Pieces.BIO);
    assertThat(plan.bends()).contains(WashPhrase.PICKED_STAYS_OUT.said());
  }

  @Test
  void rinsesAreNeitherFewerNorMoreThanSetButForThoseOfTheProgramme() {
    assertThat(rinses(ending(6, null, null))).isEqualTo(6);
    assertThat(rinses(ending(3, null, null))).isEqualTo(3);
    Routine fewest = ending(0, null, null);
    assertThat(rinses(fewest)).isEqualTo(Pieces.COTTONS.rinses());
    assertThat(fewest.bends())
        .contains(
            Said.of(WashPhrase.RINSES_OF_ITS_OWN)
                .with("programme", Pieces.COTTONS.name())
                .with("times", Pieces.COTTONS.rinses()));
    assertThat(ending(6, null, null).outcome().litres())
        .isGreaterThan(ending(3, null, null).outcome().litres());
  }

  @Test
  void itSpinsAsSetAndWithinWhatThePiecesTolerate() {
    assertThat(mainWash(ending(null, 400, null)).run().spinRpm()).isEqualTo(400);
    assertThat(mainWash(ending(null, 1400, null)).run().spinRpm())
        .isEqualTo(SHELL.limits().fastestSpinRpm());
    assertThat(ending(null, null, true).bends())
        .as("this machine cannot only spin")
        .contains(WashPhrase.NO_SPIN_RUN.said());
  }

  @Test
  void aMethodThatIsKeptWashesAsItWasSet() {
    OwnSettings all =
        new OwnSettings(
            new OwnSettings.First(School.Before.SHORT_WASH, 30, 0.25, 0.5, null),
            OwnSettingsMainBuilder.builder(MAIN)
                .strength(0.75)
                .detergent(Pieces.NON_BIO.id())
                .programme(Pieces.EASY.name())
                .build(),
            new OwnSettings.Ending(4, 600, false));
    Routine set = plan(NAPPIES, all);
    School kept = Wishes.NONE.with(all).bend(School.HOT_AND_FULL);
    assertThat(WashPlanner.plan(NAPPIES, kept).steps()).isEqualTo(set.steps());
  }

  @Test
  void whatNobodyCanSetIsRefused() {
    assertThatThrownBy(() -> first(new OwnSettings.First(null, 300, null, null, null)))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> main(OwnSettingsMainBuilder.builder(MAIN).strength(9.0).build()))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> ending(99, null, null)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> ending(null, 9000, null)).isInstanceOf(OutOfRange.class);
  }
}
