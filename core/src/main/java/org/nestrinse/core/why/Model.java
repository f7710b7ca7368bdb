package org.nestrinse.core.why;

/** The models that figures come from. Each has a page that says in plain words what it counts. */
public enum Model {
  FILL,
  DOSE,
  RINSE,
  TEMPERATURE,
  SOIL,
  GERMS,
  WEAR_OF_A_WASH,
  COST,
  AIR_DRYING,
  DRYER,
  HANGING_PLAN,
  WAITING,
  NEXT_WASH,
  NEW_PIECES,
  WIPES,
  DILUTION,
  BUNDLES,
  ENOUGH_UNTIL,
  HOW_MANY,
  WEEK,
  WEAR,
  CAUSES,
  ADJUSTMENT,
  RESET
}
