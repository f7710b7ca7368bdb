package org.nestrinse.app.dry;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Why a way of drying takes and costs what it does. */
public enum DryingSaying implements Saying {
  POLICY_TITLE("policy", "when"),
  PIECES_WHERE("pieces", "kind", "where"),
  TOO_LATE,
  ELECTRICITY,
  COSTS,
  WEAR,
  DRYER_TITLE("kind", "when"),
  DRYER,
  WENT_IN,
  DRY_AT,
  WATER,
  HEAT,
  COOL_DOWN,
  TAKES,
  NO_PLACE,
  OIL_NEVER("kind"),
  NEVER_TUMBLE("kind"),
  TOO_HEAVY("pieces", "mass", "dryer", "most"),
  OUT_OF_THE_DRYER,
  STILL_THERE("place"),
  NOTHING_LEARNT,
  LEARNT("kind", "place", "factor", "checks"),
  DRY_ALREADY,
  A_PLACE,
  A_DRYER,
  MEND_FILE,
  FORECAST_KEPT("hours", "from", "to"),
  FORECAST_READ("hours", "from", "to"),
  HOURLY_WEATHER,
  MORE_COLUMNS("columns"),
  COMMA_SEPARATED,
  JSON,
  LIST_OF_HOURS,
  FULL_HOUR,
  A_TIME,
  NOTHING,
  NO_HOURS,
  AT_LEAST_ONE_HOUR,
  SIXTEEN_DAYS,
  NEAR_NOW,
  HOUR_AFTER("expected"),
  TYPICAL_DAY,
  FORECAST("age", "until", "then"),
  MADE_FOR_HOUR("station"),
  MADE_FOR_HOUR_ENDED("station", "ended"),
  NO_FORECAST,
  NO_FORECAST_ENDED("ended"),
  FETCH_NOTHING,
  FETCH("pieces"),
  DRY_AS_WITHOUT("when"),
  DRY_WITH_WITHOUT("when", "without"),
  RAIN("from", "hours", "fetch", "dry"),
  THE_DRYER,
  TRIP_NOW("what"),
  TAKE_IN_PIECES("pieces"),
  CARRY_PIECES("pieces"),
  TAKE_IN("what"),
  CARRY("what", "words"),
  THEN("one", "then"),
  CROWDED("place"),
  NEVER_OIL,
  NEVER_WATERPROOF,
  TUMBLE("time", "kwh", "money"),
  TUMBLE_TOO_MANY("time", "kwh", "money", "runs"),
  A_DRYER_ONCE,
  BY("time"),
  FROM_TO("from", "to"),
  BUT_SMELLS("when", "smell"),
  NOT_IN_FOUR_DAYS;

  private final Set<String> valueNames;

  DryingSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
