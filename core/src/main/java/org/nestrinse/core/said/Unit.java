package org.nestrinse.core.said;

/** Units in which the models give their figures. How they are written is the catalogue's. */
public enum Unit {
  /** A bare number. */
  NONE,
  /** A large number, its thousands apart. */
  GROUPED,
  KILOGRAM,
  GRAM,
  /** Milligrams on a kilogram of dry textile. */
  MG_PER_KG,
  LITRE,
  MILLILITRE,
  CELSIUS,
  /** A temperature as it is set on a machine [°C]; some dials say cold, warm and hot instead. */
  DIAL,
  MINUTE,
  /** Minutes, written as hours and minutes. */
  DURATION,
  HOUR,
  SECOND,
  WATT,
  GRAM_PER_L,
  ML_PER_L,
  MG_PER_L,
  KG_PER_KG,
  M2,
  METRE_PER_S,
  WATT_PER_M2,
  BIT,
  /** Turns a minute. */
  RPM,
  /** Powers of ten of germs. */
  LOG,
  /** A share of one. */
  SHARE,
  /** A factor. */
  TIMES,
  KILOWATT_HOUR,
  /** Hardness of water. */
  MMOL_PER_L,
  /** In the household's currency. */
  MONEY,
  METRE,
  CUBIC_METRE,
  CUBIC_METRE_PER_H,
  WATT_PER_K,
  GRAM_PER_ML,
  LITRE_PER_KG,
  KELVIN_PER_MINUTE,
  KELVIN,
  /** Rain. */
  MILLIMETRE,
  /** Of a hundred. */
  PERCENT,
  PIECE,
  A_DAY,
  DAY,
  WEEK,
  YEAR,
  TRIP,
  RINSE,
  ROUND,
  BUNDLE,
  WIPE_A_DAY,
  /** A share of one, of a full drum. */
  OF_THE_DRUM,
  /** A factor to the planned dose. */
  OF_THE_DOSE,
  /** Measures are written in quarters. */
  SCOOP,
  /** The cap of a bottle. */
  CAP,
  TEASPOON,
  TABLESPOON,
  /** What is poured from a jug [mL]; in US measures cups and tablespoons. */
  POURED,
  /** Sixteen tablespoons. */
  CUP,
  SHEET,
  TAB
}
