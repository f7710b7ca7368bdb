package org.nestrinse.core.wash.caution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;
import static org.nestrinse.core.Pieces.soiled;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.plan.WashPlanner;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.WashJob;
import org.nestrinse.core.wash.step.WashJobBuilder;

/** A mark left by one wash gets a note at the next, saying what helps. */
class StillMarkedCautionTest {
  private static final List<SoiledPieces> LOAD =
      List.of(soiled(TRIFOLD, 12, Soil.STOOL), soiled(SHELL, 10, Soil.STOOL));

  private static List<Caution> told(School school, String... marked) {
    WashJob job =
        WashJobBuilder.builder(Pieces.job(LOAD, List.of(soiled(HAND_TOWEL, 8, Soil.DIRT)), null))
            .marked(Set.of(marked))
            .build();
    return WashPlanner.plan(job, school).cautions().stream()
        .filter(c -> c.key().equals("still-marked"))
        .toList();
  }

  private static String sentence(School school, String... marked) {
    return told(school, marked).get(0).sentence().toString();
  }

  @Test
  void nothingIsToldOfWhatIsNotInTheLoad() {
    assertThat(told(School.HOT_AND_FULL)).isEmpty();
    assertThat(told(School.HOT_AND_FULL, "bib")).isEmpty();
  }

  @Test
  void itIsToldWhereTheLoadIsPutIn() {
    assertThat(told(School.HOT_AND_FULL, "bamboo trifold"))
        .singleElement()
        .satisfies(c -> assertThat(c.step()).isEqualTo(1))
        .satisfies(c -> assertThat(c.strength()).isEqualTo(Caution.Strength.NOTE));
  }

  @Test
  void whitenerIsOfferedOnlyWhereNoneGoesIn() {
    assertThat(sentence(School.COOL_THEN_WARM, "bamboo trifold"))
        .contains(WashPhrase.MARKED_WHITENED.said().toString());
    assertThat(sentence(School.COOL_AND_SUN, "bamboo trifold"))
        .doesNotContain(WashPhrase.MARKED_WHITENED.said().toString());
  }

  @Test
  void noSunForWhatSunHarms() {
    assertThat(sentence(School.COOL_AND_SUN, "bamboo trifold"))
        .contains(WashPhrase.MARKED_SUN.said().toString());
    assertThat(sentence(School.COOL_AND_SUN, "pocket shell"))
        .doesNotContain(WashPhrase.MARKED_SUN.said().toString());
  }
}
