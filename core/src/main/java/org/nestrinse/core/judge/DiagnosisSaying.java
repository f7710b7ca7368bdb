package org.nestrinse.core.judge;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What the judgement says */
public enum DiagnosisSaying implements Saying {
  PERHAPS("cause"),
  PROBABLY("cause"),
  VERY_LIKELY("cause"),
  TWO_AT_ONCE("one", "other"),
  DOES_NOTHING("change", "cause"),
  NOTHING_TO_WATCH,
  DOSE_WAITS,
  DOSE_WOULD_FIT("factor"),
  SET_BACK,
  TAKEN_BACK,
  NOT_ENOUGH,
  NOT_ENOUGH_BUT_CHECKS,
  CLINICIAN,
  NOTHING_SEEN,
  NOTHING_WRONG,
  AS_IT_WOULD_BE,
  OTHERWISE,
  TOO_FAR,
  TOO_FEW_LOOKED,
  ROUNDS_LOOKED_AT("looked", "rounds"),
  DID_NOT_HELP,
  DID_NOT_HELP_BACK,
  NOT_ENOUGH_YET,
  GONE("rounds"),
  SEEN_AGAIN("bad", "rounds");

  private final Set<String> valueNames;

  DiagnosisSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
