package org.nestrinse.core.dry.plan;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.Spot;

/** How a cloth dries in each hour at each spot, worked out once. */
final class Stretches {
  private final DryingQuestion question;
  private final int hours;
  private final AirDrying.@Nullable Stretch[] known;

  Stretches(DryingQuestion question) {
    this.question = question;
    hours = question.weather().size();
    known = new AirDrying.Stretch[question.spots().size() * hours * 2];
  }

  /** Returns it for a spot and an hour, in the shade or not. */
  AirDrying.Stretch of(int spot, int hour, boolean shade) {
    int key = (spot * hours + hour) * 2 + (shade ? 1 : 0);
    AirDrying.Stretch stretch = known[key];
    if (stretch == null) {
      Spot there = question.spots().get(spot);
      stretch = AirDrying.Stretch.of(question.weather().get(hour).at(there.felt(), shade), 1, null);
      known[key] = stretch;
    }
    return stretch;
  }
}
