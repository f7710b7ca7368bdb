package org.nestrinse.core.judge;

import org.nestrinse.core.said.Saying;

/**
 * What may be wrong with a routine or a piece. {@link #OTHER} stands for all that the table does
 * not know; it keeps the model from being sure of too much, and is never named to a person.
 */
public enum Cause implements Saying {
  UNDER_DOSED,
  OVER_DOSED,
  FEW_RINSES,
  HARD_WATER_FILM,
  COATING,
  SOAP_BUILD_UP,
  UNDER_FULL,
  OVER_FULL,
  TOO_COOL,
  HELD_TOO_LONG,
  STORED_DAMP,
  HEAT_DAMAGED,
  UNPREPARED,
  HEAT_SET_STAIN,
  FIT_OR_ABSORBENCY,
  BIN_MIXING,
  WORN_OUT,
  OTHER;
}
