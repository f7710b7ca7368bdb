package org.nestrinse.app.record;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** Record files: what is wrong in them */
public enum ArchiveSaying implements Saying {
  NOTHING,
  BLANK,
  A_UID,
  A_MOMENT,
  FROM_2000_TO_2100,
  NO_LIST,
  TOO_LONG,
  JSON,
  ONLY_ONCE,
  NO_ENTRIES,
  MEND_FILE,
  NO_PART("part"),
  ALL_THERE_KEPT,
  ALL_THERE,
  PART("count", "part"),
  ADDED("parts"),
  WILL_ADD("parts"),
  ADDED_SOME_THERE("parts", "known"),
  WILL_ADD_SOME_THERE("parts", "known"),
  BYTES("bytes"),
  MORE_THAN("most"),
  A_RECORD_FILE,
  FORMAT_FIRST("format"),
  ONE_OF_COLUMNS("columns"),
  COMMA_SEPARATED,
  A_DAY,
  NOT_BEFORE("day"),
  NOT_BEFORE_START,
  NOT_BEFORE_OUT,
  SUM_OF_ITEMS("pieces"),
  AS_THE_GOAL,
  NOT_A_PLAN,
  A_PLAN,
  EACH_NUMBER_ONCE,
  ONLY_FOR_DROPS,
  A_KIND_IN_KIT,
  A_ROUND,
  FINDINGS,
  THE_HOUSEHOLD;

  private final Set<String> valueNames;

  ArchiveSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
