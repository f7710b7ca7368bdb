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
  CHECK_SOURCE,
  TRIM_TITLE("trim"),
  TRIM,
  MOVED,
  NOW,
  TRIM_SOURCE;

  private final Set<String> valueNames;

  JudgeSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
