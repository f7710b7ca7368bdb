package org.nestrinse.core.run;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What is judged between two steps, and its answers */
public enum JudgementSaying implements Saying {
  WATER,
  WATER_CLEAR,
  WATER_GREY,
  WATER_SOLIDS,
  STUCK,
  STUCK_NO,
  STUCK_YES,
  STAINS,
  STAINS_NONE,
  STAINS_SOME,
  STAINS_MANY,
  FILL,
  FILL_GOOD,
  FILL_THIN,
  FILL_STUFFED,
  SUDS,
  SUDS_NO,
  SUDS_YES,
  SMELL,
  SMELL_FRESH,
  SMELL_SHARP,
  SMELL_MUSTY;

  private final Set<String> valueNames;

  JudgementSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
