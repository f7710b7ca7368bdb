package org.nestrinse.core.bath;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** How clean, how many germs are left, and why no more can be claimed */
public enum BathSaying implements Saying {
  UNDER_ONE_PERCENT,
  ABOUT("share"),
  LEFT("clean", "left"),
  GERMS_AS_FEW("most"),
  GERMS_MOST_STAY,
  GERMS_LEFT("typical", "low", "high"),
  GERMS_LEFT_AND_FEWER("typical", "low", "high"),
  HEAT_CAPPED("most", "would"),
  OXYGEN_CAPPED("most", "would"),
  NO_WHITENER_ON_WOOL,
  ADDITIVE_TOO_THIN("share"),
  ADDITIVE_SPENT("share"),
  ADDITIVE_TOO_SHORT("wanted", "celsius", "minutes"),
  NO_GERMS_THAT_MATTER,
  ENOUGH_FOR("goal"),
  NOT_QUITE("goal", "has", "wanted"),
  MUST_KILL_MORE("goal", "has", "wanted"),
  ILLNESS_MEANS,
  AT_LEAST_ONE_BATH,
  AT_LEAST_TWO_POINTS,
  NOT_BEFORE_THE_LAST;

  private final Set<String> valueNames;

  BathSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
