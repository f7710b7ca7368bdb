package org.nestrinse.core.gather;

import org.nestrinse.core.said.Saying;

/** The words that a person types for each soil, with commas between them. */
public enum TypedSoil implements Saying {
  WET,
  STOOL,
  BLOOD,
  VOMIT,
  MILK,
  FOOD,
  GREASE,
  WAX,
  OIL,
  DIRT;

  /** Returns the soil that the words mean. */
  public Soil soil() {
    return Soil.valueOf(name());
  }
}
