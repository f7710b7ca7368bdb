package org.nestrinse.core.units;

/** Units in which the models give their figures. How they are written is the catalogue's. */
public enum Unit {
  /** A bare number. */
  NONE,
  KILOGRAM,
  GRAM,
  /** Milligrams on a kilogram of dry textile. */
  MG_PER_KG,
  LITRE,
  MILLILITRE,
  CELSIUS,
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
  MONEY
}
