package org.nestrinse.app.problem;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Errors */
public enum ProblemSaying implements Saying {
  NO_SUCH("what", "id"),
  CHANGED_MEANWHILE("what"),
  NOT_THERE_TITLE,
  NOT_NOW_TITLE,
  NO_PLAN_TITLE,
  CHANGED_TITLE,
  BROKE_TITLE,
  CHECK_TITLE("field"),
  LOST_RACE,
  CONTRADICTS,
  BROKE,
  NOT_UNDERSTOOD,
  FIELD("field", "value", "allowed"),
  FIELD_MISSING("field"),
  FIELD_MISSING_MUST_BE("field", "allowed"),
  ANOTHER_TYPE,
  OF_ANOTHER_TYPE,
  RIGHT_TYPE,
  OUT_OF_REACH,
  FROM_2000_TO_2100,
  UNKNOWN_FIELD,
  NOT_JSON,
  ONE_JSON_OBJECT,
  ONE_JSON_OBJECT_AT("line", "column"),
  SOME_VALUE,
  A_KEY("header"),
  OTHER_REQUEST("header"),
  DONE_ALREADY_TITLE,
  DONE_ALREADY,
  NOT_THAT_NAME_TITLE,
  NOT_THAT_NAME,
  NOT_FROM_THERE_TITLE,
  NOT_FROM_THERE,
  NOT_YET_TITLE,
  HOUSE_BROKEN,
  HOUSE_COMING;

  private final Set<String> valueNames;

  ProblemSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
