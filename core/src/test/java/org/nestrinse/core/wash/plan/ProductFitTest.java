package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.WOOL_COVER;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.wash.CannotPlan;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.WashJob;

/** Which product suits which load; what a routine uses always does. */
class ProductFitTest {
  private static final List<School> ALL = School.ALL;

  private static Product product(long id, Product.Purpose purpose, boolean scented, boolean coats) {
    return new Product(
        id,
        "product " + id,
        purpose,
        Product.Form.LIQUID,
        false,
        scented,
        coats,
        false,
        new LabelRow(50, 50, 50),
        new LabelRow(50, 50, 50),
        4.5,
        null,
        30.0,
        1.0,
        5,
        1000);
  }

  private static final Product SOFTENER = product(30, Product.Purpose.SOFTENER, true, false);
  private static final Product SOAP = product(31, Product.Purpose.DETERGENT, false, true);
  private static final Product SCENTED = product(32, Product.Purpose.DETERGENT, true, false);
  private static final Product BLEACH = product(33, Product.Purpose.CHLORINE_BLEACH, false, false);
  private static final Product BARE = product(34, Product.Purpose.SANITISER, false, false);

  private static ProductFit fit(SoiledPieces pieces, Product product) {
    WashJob job = Pieces.with(job(List.of(pieces), List.of(), null), product);
    Routine routine = WashPlanner.plan(job, School.GENTLE_SKIN);
    return ProductFit.of(job, routine).stream()
        .filter(f -> f.product().equals(product))
        .findFirst()
        .orElseThrow();
  }

  private static String against(SoiledPieces pieces, Product product) {
    ProductFit fit = fit(pieces, product);
    assertThat(fit.suits()).isFalse();
    assertThat(fit.used()).isFalse();
    return fit.reasons().toString();
  }

  @Test
  void whatCoatsIsForNothingThatAbsorbsOrGrabs() {
    assertThat(against(soiled(TRIFOLD, 6, Soil.WET), SOFTENER)).contains("fit-coats-absorbent");
    assertThat(against(soiled(TRIFOLD, 6, Soil.WET), SOAP)).contains("fit-coats");
    assertThat(against(soiled(GLASS_CLOTH, 30, Soil.DIRT), SOFTENER))
        .contains("fit-coats-microfibre");
  }

  @Test
  void formFollowsTheTextile() {
    assertThat(against(soiled(TRIFOLD, 6, Soil.WET), Pieces.CLOTH_LIQUID))
        .contains("fit-liquid-coats");
    assertThat(against(soiled(GLASS_CLOTH, 30, Soil.DIRT), Pieces.NON_BIO))
        .contains("fit-powder-scratches");
    assertThat(fit(soiled(GLASS_CLOTH, 30, Soil.DIRT), Pieces.CLOTH_LIQUID).suits()).isTrue();
    assertThat(fit(soiled(SHELL, 9, Soil.WET), Pieces.CLOTH_LIQUID).suits()).isTrue();
  }

  @Test
  void skinAndWoolSpeakAgainstEnzymesAndScent() {
    SoiledPieces sensitive = soiled(HAND_TOWEL, 6, Soil.DIRT, SkinNeed.SENSITIVE);
    assertThat(against(sensitive, Pieces.BIO)).contains("fit-enzymes-skin");
    assertThat(against(sensitive, SCENTED)).contains("fit-scent-skin");
    assertThat(against(soiled(WOOL_COVER, 2, Soil.WET), Pieces.BIO)).contains("fit-enzymes-eat");
    assertThat(against(soiled(WOOL_COVER, 2, Soil.WET), Pieces.WHITENER))
        .contains("fit-no-whitener");
  }

  @Test
  void bleachIsNeverPlannedAndNamesWhatItRuins() {
    assertThat(against(soiled(SHELL, 9, Soil.WET), BLEACH))
        .contains("fit-chlorine-ruins{kind=pocket shells}");
    assertThat(against(soiled(HAND_TOWEL, 9, Soil.DIRT), BLEACH)).contains("fit-exceptional");
  }

  @Test
  void aSanitiserWithoutAClaimCountsForNothing() {
    assertThat(against(soiled(HAND_TOWEL, 9, Soil.DIRT), BARE)).contains("fit-no-claim");
  }

  @ParameterizedTest
  @FieldSource("ALL")
  void noSchoolUsesWhatDoesNotSuit(School school) {
    WashJob job = job(List.of(soiled(TRIFOLD, 16, Soil.STOOL)), List.of(), null);
    for (Product more : List.of(SOFTENER, SOAP, SCENTED, BLEACH, BARE, Pieces.VINEGAR)) {
      job = Pieces.with(job, more);
    }
    try {
      Routine routine = WashPlanner.plan(job, school);
      assertThat(ProductFit.of(job, routine))
          .filteredOn(ProductFit::used)
          .allMatch(ProductFit::suits);
    } catch (CannotPlan e) {
      assertThat(school.main().by()).isNotEqualTo(School.By.MACHINE);
    }
  }
}
