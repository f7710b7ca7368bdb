package org.nestrinse.core.household;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.household.Houses.INSERT;
import static org.nestrinse.core.household.Houses.POCKET;
import static org.nestrinse.core.household.Houses.clean;
import static org.nestrinse.core.household.Houses.house;
import static org.nestrinse.core.household.Houses.shelf;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.shelf.Rhythm;

/** Which rhythm would do in a household. */
class RhythmsTest {
  private static Rhythms of(int bundles) {
    HouseholdSnapshot house = house(shelf(clean(POCKET, bundles), clean(INSERT, bundles)));
    return Rhythms.of(Rhythms.Question.of(house), house.weather());
  }

  @Test
  void everyRhythmIsTriedAndMorePiecesNeverRunShorter() {
    Rhythms rhythms = of(14);
    assertThat(rhythms.lines())
        .extracting(Rhythms.Line::everyDays)
        .containsExactly(1, 2, 3, Rhythm.BY_TRIGGER);
    assertThat(rhythms.meanDryingDays()).hasSize(12).allMatch(d -> d >= 0 && d <= 4);
    assertThat(rhythms.lines())
        .allSatisfy(
            l -> assertThat(l.withMore()).isLessThanOrEqualTo(l.rhythm().shortagesPerYear()));
  }

  @Test
  void aLongerRhythmNeedsMoreAndWashesLessOften() {
    List<Rhythms.Line> lines = of(14).lines();
    assertThat(lines.get(2).enough()).isGreaterThan(lines.get(0).enough());
    assertThat(lines.get(2).rhythm().runsPerYear()).isLessThan(lines.get(0).rhythm().runsPerYear());
  }

  @Test
  void theSameHouseGivesTheSameYears() {
    assertThat(of(14)).isEqualTo(of(14));
  }

  @Test
  void withoutAMachineNothingIsLived() {
    HouseholdSnapshot house = house(shelf(clean(POCKET, 4), clean(INSERT, 4)));
    Equipment none = new Equipment(null, List.of(), List.of(), house.equipment().tariff());
    Rhythms.Question question =
        Rhythms.Question.of(
            new HouseholdSnapshot(
                house.shelf(),
                none,
                house.weather(),
                List.of(),
                List.of(),
                null,
                house.past(),
                house.habits()));
    assertThat(question.canWash()).isFalse();
    assertThat(Rhythms.of(question, house.weather())).isEqualTo(Rhythms.NONE);
  }
}
