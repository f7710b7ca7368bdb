package org.nestrinse.app.judge;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** How likely a cause is, what a check tells, and how the dose is adjusted. */
public enum JudgeSaying implements Saying {
  CAUSE_TITLE("probability", "cause"),
  BAYES,
  PROBABILITY,
  CHECK_TITLE("check", "gain"),
  BITS,
  GAIN,
  WORK,
  FOR_WORK,
  A_MINUTE("gain"),
  TRIM_TITLE("trim"),
  TRIM,
  MOVED,
  NOW,
  ARGUMENT("sign", "reason"),
  OUTCOME("cause", "probability"),
  FROM_TO("what", "before", "after"),
  DETERGENT,
  HYGIENE,
  LEFTOVER,
  WATER_USED,
  COST_OF,
  TIME_OF,
  ONE_AT_A_TIME("change"),
  DOES_THAT_ALREADY,
  A_KIND,
  DECIDED_ALREADY,
  ANOTHER_BEGUN,
  KEPT_BY_YOU,
  TAKEN_BACK_BY_YOU,
  BACK_TO_LABEL,
  AS_LABEL,
  LEARNED,
  DOSE("now", "before"),
  CAUSES_SOURCE;

  private final Set<String> valueNames;

  JudgeSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
