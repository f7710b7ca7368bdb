package org.nestrinse.core.dry.plan;

import org.nestrinse.core.kit.Place;
import org.nestrinse.core.textile.Kind;

/** What dry checks have taught about each place and kind. */
@FunctionalInterface
public interface DryingFactors {
  /** Nothing was learnt yet. */
  DryingFactors NONE = (place, kind) -> 1;

  /** Returns how many times faster a kind dries in a place than the model says. */
  double of(Place place, Kind kind);
}
