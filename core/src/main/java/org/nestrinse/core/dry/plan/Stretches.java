package org.nestrinse.core.dry.plan;

import java.util.HashMap;
import java.util.Map;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.Spot;

/** How a cloth dries in each hour at each spot, worked out once. */
final class Stretches {
  private final DryingQuestion question;
  private final Map<Long, AirDrying.Stretch> known = new HashMap<>();

  Stretches(DryingQuestion question) {
    this.question = question;
  }

  /** Returns it for a spot and an hour, in the shade or not. */
  AirDrying.Stretch of(int spot, int hour, boolean shade) {
    Spot s = question.spots().get(spot);
    long key = ((long) spot * question.weather().size() + hour) * 2 + (shade ? 1 : 0);
    return known.computeIfAbsent(
        key, k -> AirDrying.Stretch.of(question.weather().get(hour).at(s.felt(), shade), 1, null));
  }
}
