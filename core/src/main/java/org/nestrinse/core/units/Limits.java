package org.nestrinse.core.units;

/**
 * The ranges that the models accept. They are wide enough for any household and narrow enough that
 * a slipped decimal point is noticed.
 */
public final class Limits {
  public static final Range MASS_KG = new Range(0.001, 50, "kg");
  public static final Range PIECE_MASS_KG = new Range(0.001, 10, "kg");
  public static final Range DRUM_L = new Range(1, 300, "L");
  public static final Range WATER_L = new Range(0.1, 500, "L");
  public static final Range DOSE_G = new Range(0, 2000, "g");
  public static final Range LABEL_G = new Range(0, 1000, "g");
  public static final Range PRINTED_LABEL_G = new Range(0.1, 1000, "g");
  public static final Range MOST_OF_A_BATH_G = new Range(1, 2000, "g");
  public static final Range RPM = new Range(0, 2000, "rpm");
  public static final Range DRUM_RADIUS_M = new Range(0.05, 1, "m");
  public static final Range HARDNESS_MMOL_L = new Range(0, 10, "mmol/L");
  public static final Range REFERENCE_MASS_KG = new Range(0.5, 20, "kg");
  public static final Range PHASE_SHARE = new Range(0, 1, "");
  public static final Range STRENGTH = new Range(0.1, 2, "");
  public static final Range TRIM = new Range(0.6, 1.4, "");
  public static final Range SCOOP_ML = new Range(1, 1000, "mL");
  public static final Range PIECE_G = new Range(0.5, 200, "g");
  public static final Range DENSITY_G_ML = new Range(0.1, 3, "g/mL");
  public static final Range RINSES = new Range(0, 8, "");
  public static final Range TARGET_MG_KG = new Range(1, 10000, "mg/kg");
  public static final Range WATER_C = new Range(0, 100, "°C");
  public static final Range ROOM_C = new Range(-10, 45, "°C");
  public static final Range MINUTES = new Range(0, 1440, "minutes");
  public static final Range HEATER_W = new Range(0, 10000, "W");
  public static final Range LOSS_W_K = new Range(0, 100, "W/K");
  public static final Range AIR_C = new Range(-30, 55, "°C");
  public static final Range HUMIDITY_PERCENT = new Range(1, 100, "%");
  public static final Range WIND_M_S = new Range(0, 40, "m/s");
  public static final Range IRRADIANCE_W_M2 = new Range(0, 1400, "W/m²");
  public static final Range AREA_M2 = new Range(0.001, 20, "m²");
  public static final Range EXPOSURE = new Range(0.01, 1, "");
  public static final Range MOISTURE = new Range(0, 4, "kg/kg");
  public static final Range CLAIM_LOG = new Range(0, 10, "log");
  public static final Range ML_PER_L = new Range(0.001, 1000, "mL/L");
  public static final Range ADDITIVE_ML = new Range(0, 5000, "mL");
  public static final Range COUNT = new Range(1, 200, "pieces");

  private Limits() {}
}
