package org.nestrinse.core.household;

import static org.assertj.core.api.Assertions.assertThat;
import static org.nestrinse.core.household.Houses.INSERT;
import static org.nestrinse.core.household.Houses.NOON;
import static org.nestrinse.core.household.Houses.POCKET;
import static org.nestrinse.core.household.Houses.clean;
import static org.nestrinse.core.household.Houses.house;
import static org.nestrinse.core.household.Houses.shelf;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.shelf.WeekQuestion;

/** The coming days of a household. */
class WeekAheadTest {
  private static HouseholdSnapshot waiting(int pieces, int hours) {
    HouseholdSnapshot house = house(shelf(clean(POCKET, 30), clean(INSERT, 30)));
    SoiledPieces wet =
        new SoiledPieces(
            INSERT, pieces, Soil.WET, true, NOON.minusHours(hours).toInstant(), Set.of());
    return new HouseholdSnapshot(
        house.shelf(),
        house.equipment(),
        house.weather(),
        List.of(wet),
        List.of(),
        null,
        house.past(),
        house.habits());
  }

  private static WeekAhead ahead(HouseholdSnapshot house) {
    return WeekAhead.of(house, List.of(), WeekAhead.DryingAhead.of(house).drying());
  }

  @Test
  void itAsksForWhatWaitsAndForHowLongItHas() {
    WeekQuestion question = ahead(waiting(9, 20)).question();
    assertThat(question.waiting()).isEqualTo(9);
    assertThat(question.oldestH()).isEqualTo(21);
    assertThat(question.shape()).isEqualTo(WeekQuestion.Shape.USUAL);
    assertThat(question.needs())
        .singleElement()
        .satisfies(n -> assertThat(n.coveredH()).isPositive());
  }

  @Test
  void whatWaitsIsWashedBeforeItHasWaitedTooLong() {
    WeekAhead ahead = ahead(waiting(9, 20));
    assertThat(ahead.plan().rounds()).isNotEmpty();
    assertThat(ahead.plan().rounds().get(0).start()).isBeforeOrEqualTo(NOON.plusHours(48 - 20));
  }

  @Test
  void aStartThatSomebodyChoseStays() {
    HouseholdSnapshot house = waiting(9, 20);
    var chosen = NOON.plusHours(5);
    assertThat(
            WeekAhead.of(house, List.of(chosen), WeekAhead.DryingAhead.of(house).drying())
                .plan()
                .rounds())
        .anySatisfy(
            r -> {
              assertThat(r.start()).isEqualTo(chosen);
              assertThat(r.pinned()).isTrue();
            });
  }

  @Test
  void dryingIsKnownForEveryHourThatARoundMayStart() {
    WeekAhead.DryingAhead facts = WeekAhead.DryingAhead.of(waiting(9, 20));
    assertThat(facts.drying())
        .hasSize(WeekAhead.HOURS)
        .allMatch(d -> d.hours() > 0 && d.hours() <= Duration.ofDays(4).toHours());
    assertThat(WeekAhead.DryingAhead.of(waiting(9, 20))).isEqualTo(facts);
  }
}
