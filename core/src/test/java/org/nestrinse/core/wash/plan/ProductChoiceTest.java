package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.wash.school.School;

/** Which detergent a load gets. */
class ProductChoiceTest {

  @Test
  void enzymesOnlyForProteinAndNeverForSensitiveSkin() {
    assertThat(chosen(soiled(TRIFOLD, 5, Soil.STOOL))).contains(Pieces.BIO);
    assertThat(chosen(soiled(TRIFOLD, 5, Soil.WET))).contains(Pieces.NON_BIO);
    assertThat(chosen(soiled(TRIFOLD, 5, Soil.STOOL, SkinNeed.SENSITIVE))).contains(Pieces.NON_BIO);
    assertThat(chosen(soiled(TRIFOLD, 5, Soil.STOOL, SkinNeed.NEWBORN))).contains(Pieces.NON_BIO);
    assertThat(chosen(soiled(Pieces.WOOL_COVER, 2, Soil.STOOL))).contains(Pieces.CLOTH_LIQUID);
  }

  private static Optional<Product> chosen(SoiledPieces pieces) {
    return ProductChoice.detergent(job(List.of(pieces), List.of(), null), School.HOT_AND_FULL)
        .map(ProductChoice::product);
  }
}
