package org.nestrinse.core.dose;

import org.nestrinse.core.said.Saying;

/** What a dose needs to be reckoned. */
public enum DoseSaying implements Saying {
  WHAT_A_SCOOP_HOLDS
}
