package org.nestrinse.core.run;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Running a wash */
public enum RunSaying implements Saying {
  TOO_SOON("step", "took", "minutes"),
  UNLOAD_WITHIN("time"),
  LIES_WET("time"),
  LIES_SOUR("time"),
  TREAT_TITLE,
  TREAT_DETAIL,
  TREAT_REASON,
  ADD_TITLE,
  ADD_DETAIL,
  ADD_REASON,
  TAKE_OUT_TITLE,
  TAKE_OUT_DETAIL,
  TAKE_OUT_REASON,
  NEVER_SKIP_LOADING,
  NEVER_SKIP_MAIN,
  ONCE_MORE("step"),
  YOU_SAW_IT,
  RINSE_AGAIN,
  FILL_PLUNGE,
  RUN_AT("programme", "settings");

  private final Set<String> valueNames;

  RunSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
