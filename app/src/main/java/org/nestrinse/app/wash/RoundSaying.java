package org.nestrinse.app.wash;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Washing: what is not possible, and what happened */
public enum RoundSaying implements Saying {
  A_PRODUCT,
  A_LOAD,
  A_METHOD,
  ONLY_SHELVED,
  IN_RECORD,
  PLAN_NOT_READABLE,
  ONLY_FIGURES,
  BUSY,
  RUNNING,
  STOP("title", "sentence"),
  READ_FIRST("titles"),
  STEP_FIRST("number", "step"),
  NONE_OF("product"),
  SHARE_OF("share", "measure", "product"),
  NO_STEP_TICKED,
  BACK_TO("step"),
  NOT_LOOKED_AT,
  ANSWERED("question", "answer"),
  ADDED("step"),
  NOTHING_ANSWERED,
  NOT("answer"),
  TOO_OLD_TO_SKIP,
  SKIPPED("step", "reason"),
  HELD_ALREADY,
  HELD("reason"),
  NOT_HELD,
  MORE_MINUTES("minutes"),
  HANDED_OVER("person"),
  WENT_ON,
  EVERY_STEP_DONE,
  NOT_IN_MACHINE,
  TOO_MANY_OWN,
  A_FREE_NAME,
  OWN_METHOD,
  A_BENT_PLAN,
  DOSE("step", "measure", "product"),
  YOU("what"),
  CARD_TITLE("title"),
  RESET,
  STARTED,
  STOPPED;

  private final Set<String> valueNames;

  RoundSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
