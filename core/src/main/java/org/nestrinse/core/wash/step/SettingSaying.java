package org.nestrinse.core.wash.step;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** How to set the machine */
public enum SettingSaying implements Saying {
  COLD,
  AT("celsius"),
  EXTRA_RINSE_OFF,
  EXTRA_RINSE_ON("times"),
  SPIN("speed"),
  PAUSE("after", "minutes"),
  DIAL("programme"),
  START,
  PAUSE_AND_RESTART("after", "minutes"),
  RUN("programme", "settings"),
  DOSE("measure", "product"),
  DOSE_IN_SOFTENER_DRAWER("measure", "product"),
  CARD_SUMMARY("pieces", "time", "yours", "method"),
  MIND("title", "sentence");

  private final Set<String> valueNames;

  SettingSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
