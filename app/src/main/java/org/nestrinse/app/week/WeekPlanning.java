package org.nestrinse.app.week;

import java.time.ZonedDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.snapshot.SnapshotReader;
import org.nestrinse.core.household.HouseholdSnapshot;
import org.nestrinse.core.household.WeekAhead;
import org.nestrinse.core.shelf.WeekQuestion;
import org.springframework.stereotype.Service;

/** Lays the coming days out, around what a person moved. */
@Service
class WeekPlanning {
  private final SnapshotReader houses;
  private final WeekPinRepository pins;
  private volatile @Nullable Known known;

  WeekPlanning(SnapshotReader houses, WeekPinRepository pins) {
    this.houses = houses;
    this.pins = pins;
  }

  /** How things dried that were asked for last: the same facts give the same hours. */
  private record Known(WeekAhead.DryingAhead facts, List<WeekQuestion.Drying> drying) {}

  /** Returns the best plan for the coming days. */
  WeekAhead ahead() {
    HouseholdSnapshot house = houses.now();
    ZonedDateTime now = house.shelf().now();
    List<ZonedDateTime> wanted =
        pins.findByStartAtGreaterThanEqualOrderByStartAt(now.toInstant()).stream()
            .map(p -> p.startAt.atZone(now.getZone()))
            .toList();
    return WeekAhead.of(house, wanted, drying(WeekAhead.DryingAhead.of(house)));
  }

  private List<WeekQuestion.Drying> drying(WeekAhead.DryingAhead facts) {
    Known before = known;
    if (before != null && before.facts.equals(facts)) {
      return before.drying;
    }
    List<WeekQuestion.Drying> drying = facts.drying();
    known = new Known(facts, drying);
    return drying;
  }
}
