package org.nestrinse.core.wash.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.VEST;
import static org.nestrinse.core.Pieces.in;
import static org.nestrinse.core.Pieces.job;
import static org.nestrinse.core.Pieces.soiled;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.WashJob;

/** A load opens on the method that suits it, not on a fixed one. */
class OfferedMethodTest {
  private static final String CHOSEN = School.ALTERNATE_DAYS.id();
  private static final Machine BUCKET =
      new Machine("bucket", Machine.Type.BUCKET, 12, 2, 0.15, 0, List.of());

  private static OfferedMethod offered(SoiledPieces... first) {
    return OfferedMethod.of(job(List.of(first), List.of(), null), null, CHOSEN);
  }

  @Test
  void nappiesOpenOnWhatTheHouseChose() {
    OfferedMethod method = offered(soiled(TRIFOLD, 12, Soil.STOOL));
    assertThat(method.school()).isEqualTo(CHOSEN);
    assertThat(method.because()).isEqualTo(OfferedMethod.Because.CHOSEN);
  }

  @Test
  void whatWasUsedForTheseKindsComesBeforeEverything() {
    WashJob blood = job(List.of(soiled(TRIFOLD, 12, Soil.BLOOD)), List.of(), null);
    OfferedMethod method = OfferedMethod.of(blood, School.HOT_AND_FULL.id(), CHOSEN);
    assertThat(method.school()).isEqualTo(School.HOT_AND_FULL.id());
    assertThat(method.because()).isEqualTo(OfferedMethod.Because.USUAL);
  }

  @Test
  void microfibreClothsOpenOnSoftFibre() {
    OfferedMethod method = offered(soiled(GLASS_CLOTH, 12, Soil.DIRT));
    assertThat(method.school()).isEqualTo(School.SOFT_FIBRE.id());
    assertThat(offered(soiled(GLASS_CLOTH, 2, Soil.DIRT), soiled(HAND_TOWEL, 10, Soil.DIRT)))
        .extracting(OfferedMethod::because)
        .as("a few cloths among towels do not decide")
        .isEqualTo(OfferedMethod.Because.CHOSEN);
  }

  @Test
  void bloodOpensOnTheSoakThatIsPaused() {
    assertThat(offered(soiled(TRIFOLD, 12, Soil.WET), soiled(HAND_TOWEL, 1, Soil.BLOOD)).school())
        .isEqualTo(School.COOL_THEN_WARM.id());
  }

  @Test
  void delicateClothesOpenOnGentleSkinAndNappiesDoNot() {
    assertThat(offered(soiled(VEST, 6, Soil.MILK, SkinNeed.NEWBORN)).school())
        .isEqualTo(School.GENTLE_SKIN.id());
    assertThat(offered(soiled(VEST, 6, Soil.MILK, SkinNeed.SENSITIVE)).school())
        .isEqualTo(School.GENTLE_SKIN.id());
    assertThat(offered(soiled(TRIFOLD, 6, Soil.WET, SkinNeed.SENSITIVE)).school())
        .isEqualTo(CHOSEN);
  }

  @Test
  void aHouseWithABucketWashesByHand() {
    WashJob byHand = in(BUCKET, List.of(soiled(TRIFOLD, 6, Soil.STOOL)));
    assertThat(OfferedMethod.of(byHand, null, CHOSEN).school())
        .isEqualTo(School.BUCKET_AND_PLUNGE.id());
  }

  @ParameterizedTest
  @EnumSource(OfferedMethod.Because.class)
  void everyReasonIsSaidInItsOwnWords(OfferedMethod.Because because) {
    Said words = new OfferedMethod(CHOSEN, because).said();
    assertThat(words.saying().name()).endsWith(because.name());
    assertThat(
            Arrays.stream(OfferedMethod.Because.values())
                .map(b -> new OfferedMethod(CHOSEN, b).said())
                .collect(Collectors.toSet()))
        .hasSameSizeAs(OfferedMethod.Because.values());
  }
}
