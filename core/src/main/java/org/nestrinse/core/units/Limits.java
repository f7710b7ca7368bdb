package org.nestrinse.core.units;

import org.nestrinse.core.said.Unit;

/**
 * The ranges that the models accept. They are wide enough for any household and narrow enough that
 * a slipped decimal point is noticed.
 */
public final class Limits {
  public static final Range MASS_KG = new Range(0.001, 50, Unit.KILOGRAM);
  public static final Range PIECE_MASS_KG = new Range(0.001, 10, Unit.KILOGRAM);
  public static final Range DRUM_L = new Range(1, 300, Unit.LITRE);
  public static final Range WATER_L = new Range(0.1, 500, Unit.LITRE);
  public static final Range DOSE_G = new Range(0, 2000, Unit.GRAM);
  public static final Range LABEL_G = new Range(0, 1000, Unit.GRAM);
  public static final Range PRINTED_LABEL_G = new Range(0.1, 1000, Unit.GRAM);
  public static final Range MOST_OF_A_BATH_G = new Range(1, 2000, Unit.GRAM);
  public static final Range RPM = new Range(0, 2000, Unit.RPM);
  public static final Range DRUM_RADIUS_M = new Range(0.05, 1, Unit.METRE);
  public static final Range HARDNESS_MMOL_L = new Range(0, 10, Unit.MMOL_PER_L);
  public static final Range REFERENCE_MASS_KG = new Range(0.5, 20, Unit.KILOGRAM);
  public static final Range PHASE_SHARE = new Range(0, 1);
  public static final Range STRENGTH = new Range(0.1, 2);
  public static final Range TRIM = new Range(0.6, 1.4);
  public static final Range SCOOP_ML = new Range(1, 1000, Unit.MILLILITRE);
  public static final Range PIECE_G = new Range(0.5, 200, Unit.GRAM);
  public static final Range DENSITY_G_ML = new Range(0.1, 3, Unit.GRAM_PER_ML);
  public static final Range RINSES = new Range(0, 8);
  public static final Range TARGET_MG_KG = new Range(1, 10000, Unit.MG_PER_KG);
  public static final Range WATER_C = new Range(0, 100, Unit.CELSIUS);
  public static final Range ROOM_C = new Range(-10, 45, Unit.CELSIUS);
  public static final Range MINUTES = new Range(0, 1440, Unit.MINUTE);
  public static final Range HEATER_W = new Range(0, 10000, Unit.WATT);
  public static final Range LOSS_W_K = new Range(0, 100, Unit.WATT_PER_K);
  public static final Range AIR_C = new Range(-30, 55, Unit.CELSIUS);
  public static final Range HUMIDITY_PERCENT = new Range(1, 100, Unit.PERCENT);
  public static final Range WIND_M_S = new Range(0, 40, Unit.METRE_PER_S);
  public static final Range IRRADIANCE_W_M2 = new Range(0, 1400, Unit.WATT_PER_M2);
  public static final Range AREA_M2 = new Range(0.001, 20, Unit.M2);
  public static final Range EXPOSURE = new Range(0.01, 1);
  public static final Range MOISTURE = new Range(0, 4, Unit.KG_PER_KG);
  public static final Range CLAIM_LOG = new Range(0, 10, Unit.LOG);
  public static final Range ML_PER_L = new Range(0.001, 1000, Unit.ML_PER_L);
  public static final Range ADDITIVE_ML = new Range(0, 5000, Unit.MILLILITRE);
  public static final Range COUNT = new Range(1, 200, Unit.PIECE);

  private Limits() {}
}
