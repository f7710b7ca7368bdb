package org.nestrinse.app.presence;

import org.nestrinse.core.said.Saying;

/** Presence: what may be given */
public enum PresenceSaying implements Saying {
  BOTH_TIMES,
  DAYS_OF_WEEK,
  A_TIME
}
