package org.nestrinse.core.reset;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What to take care of in a reset */
public enum CareSaying implements Saying {
  SIMMER_POT_TITLE,
  SIMMER_POT,
  SODA_TITLE,
  SODA,
  BORAX_TITLE,
  BORAX,
  BUCKET_TITLE,
  BUCKET,
  HOT_WATER_TITLE,
  HOT_WATER,
  ACID_TITLE,
  ACID,
  CHLORINE_TITLE,
  CHLORINE;

  private final Set<String> valueNames;

  CareSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
