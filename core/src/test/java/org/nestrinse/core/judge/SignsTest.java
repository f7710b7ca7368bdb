package org.nestrinse.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.nestrinse.core.run.Judgement;

/** What can be seen, what the record knows, and what answers on the way tell. */
class SignsTest {

  @ParameterizedTest
  @EnumSource(Sign.class)
  void everySignHasAGoodValueFirstAndNoNameTwice(Sign sign) {
    Set<String> ids = new HashSet<>();
    for (Sign.Value v : sign.all()) {
      assertThat(ids.add(v.id())).as(v.id()).isTrue();
      assertThat(sign.good(v.id())).isEqualTo(ids.size() == 1);
      assertThat(sign.value(v.id())).isEqualTo(v);
    }
    assertThat(ids).hasSizeGreaterThanOrEqualTo(2);
    assertThat(sign.check()).isEqualTo(!sign.how().nothing());
  }

  @Test
  void everyPlaceHasSomethingToTell() {
    Set<Sign> told = EnumSet.noneOf(Sign.class);
    for (Sign.Where where : Sign.Where.values()) {
      assertThat(Sign.noticed(where)).isNotEmpty().doesNotHaveDuplicates();
      told.addAll(Sign.noticed(where));
    }
    assertThat(told)
        .contains(
            Sign.SMELL_DRY,
            Sign.SMELL_WET,
            Sign.SUDS,
            Sign.FEEL,
            Sign.DROP,
            Sign.STAINS,
            Sign.LEAKS,
            Sign.COLOUR,
            Sign.ELASTIC,
            Sign.LAMINATE,
            Sign.SKIN,
            Sign.SEAM)
        .doesNotContain(Sign.DOSE, Sign.RESIDUE, Sign.HEAT, Sign.HOLD);
  }

  @ParameterizedTest
  @EnumSource(Cause.class)
  void everyNamedCauseHasSomethingToDoAndSomethingThatShowsIt(Cause cause) {
    if (cause == Cause.OTHER) {
      assertThat(CauseTable.TABLE.changes(cause)).isEmpty();
      return;
    }
    assertThat(CauseTable.TABLE.changes(cause)).isNotEmpty();
    boolean shown = false;
    for (Sign sign : Sign.values()) {
      for (Sign.Value v : sign.all()) {
        CauseReason reason = CauseTable.TABLE.reason(cause, sign, v.id());
        if (reason != null && !sign.where().isEmpty()) {
          shown = true;
        }
      }
    }
    assertThat(shown).as("seen by a person").isTrue();
  }

  private static HouseFacts facts(String name, @Nullable Double value) {
    return HouseFactsBuilder.builder()
        .hardnessMmolL(name.equals("hardness") ? value : null)
        .doseShare(name.equals("dose") ? value : null)
        .residueShare(name.equals("residue") ? value : null)
        .fill(name.equals("fill") ? value : null)
        .peakC(name.equals("peak") ? value : null)
        .shortC(name.equals("short") ? value : null)
        .holdingHours(name.equals("hold") ? value : null)
        .coats(null)
        .hotDryer(null)
        .washes(name.equals("washes") ? value : null)
        .lifeShare(name.equals("life") ? value : null)
        .build();
  }

  @ParameterizedTest
  @CsvSource({
    "hardness, 1.4, HARDNESS, soft",
    "hardness, 1.5, HARDNESS, medium",
    "hardness, 2.5, HARDNESS, hard",
    "dose, 0.79, DOSE, low",
    "dose, 0.8, DOSE, right",
    "dose, 1.25, DOSE, high",
    "residue, 1.0, RESIDUE, low",
    "residue, 1.01, RESIDUE, high",
    "fill, 0.49, DRUM, thin",
    "fill, 0.6, DRUM, good",
    "fill, 0.85, DRUM, stuffed",
    "peak, 30, HEAT, cold",
    "peak, 40, HEAT, warm",
    "peak, 58, HEAT, hot",
    "short, 4, PROBE, reached",
    "short, 8, PROBE, short",
    "hold, 50, HOLD, in_time",
    "hold, 51, HOLD, long",
    "washes, 2, AGE, new",
    "washes, 3, AGE, broken_in",
    "life, 0.75, AGE, old"
  })
  void theRecordSaysItAsValuesOfSigns(String name, double value, Sign sign, String expected) {
    Map<Sign, String> found = facts(name, value).findings();
    assertThat(found).containsExactly(Map.entry(sign, expected));
    sign.value(expected);
  }

  @Test
  void whatIsNotKnownCountsForNothing() {
    assertThat(HouseFacts.NONE.findings()).isEmpty();
    HouseFacts coats =
        HouseFactsBuilder.builder()
            .hardnessMmolL(null)
            .doseShare(null)
            .residueShare(null)
            .fill(null)
            .peakC(null)
            .shortC(null)
            .holdingHours(null)
            .coats(true)
            .hotDryer(false)
            .washes(null)
            .lifeShare(null)
            .build();
    assertThat(coats.findings())
        .containsOnly(Map.entry(Sign.PRODUCTS, "coating"), Map.entry(Sign.TUMBLE, "gentle"));
    HouseFacts oldButFew =
        HouseFactsBuilder.builder()
            .hardnessMmolL(null)
            .doseShare(null)
            .residueShare(null)
            .fill(null)
            .peakC(null)
            .shortC(null)
            .holdingHours(null)
            .coats(null)
            .hotDryer(null)
            .washes(1.0)
            .lifeShare(0.9)
            .build();
    assertThat(oldButFew.findings()).containsEntry(Sign.AGE, "old");
  }

  @ParameterizedTest
  @CsvSource({
    "SUDS, no, SUDS.none",
    "SUDS, yes, SUDS.suds",
    "SMELL, fresh, SMELL_WET.fresh",
    "SMELL, sharp, SMELL_WET.ammonia",
    "SMELL, musty, SMELL_WET.barnyard",
    "FILL, stuffed, DRUM.stuffed",
    "WATER, grey,",
    "STAINS, some,",
    "STUCK, yes,"
  })
  void answersOnTheWayTellWhatTheyAre(
      Judgement judgement, String answer, @Nullable String finding) {
    judgement.answer(answer);
    assertThat(RunSigns.of(judgement, answer, Instant.EPOCH, 7).map(Seen::finding).orElse(null))
        .isEqualTo(finding);
  }

  @ParameterizedTest
  @EnumSource(Change.class)
  void aChangeIsEitherOfTheDoseOrOfEveryRoutineOrThePersons(Change change) {
    assertThat(change.trimDirection() != 0 && change.standing() != null).isFalse();
    for (String finding : change.contrary()) {
      int dot = finding.indexOf('.');
      Sign sign = Sign.valueOf(finding.substring(0, dot));
      assertThat(sign.good(sign.value(finding.substring(dot + 1)).id())).isFalse();
    }
  }
}
