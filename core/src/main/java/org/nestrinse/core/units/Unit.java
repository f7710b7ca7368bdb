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
  HOUR,
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
