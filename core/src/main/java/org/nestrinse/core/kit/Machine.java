package org.nestrinse.core.kit;

import java.util.List;
import org.nestrinse.core.units.Limits;

/**
 * What the household washes in.
 *
 * @param name what the household calls it
 * @param type how it moves the pieces
 * @param drumL volume of the drum, the tub or the bucket [L]
 * @param capacityKg dry mass it is made for [kg]
 * @param drumRadiusM drum radius [m]
 * @param heaterW heater power [W], 0 for none
 * @param programmes its programmes, as on its dial
 */
public record Machine(
    String name,
    Type type,
    double drumL,
    double capacityKg,
    double drumRadiusM,
    double heaterW,
    List<Programme> programmes) {

  /** How a machine moves the pieces, which decides how full it should be. */
  public enum Type {
    /** Lifts and drops: two thirds to three quarters. */
    FRONT_LOADER("front loader", new FillWindow(0.5, 2.0 / 3, 0.75, 0.85)),
    /** Stirs in deep water, a thick stew: house figures, a half to two thirds. */
    TOP_LOADER("top loader", new FillWindow(0.3, 0.5, 2.0 / 3, 0.8)),
    /** Plunged by hand, everything under water: house figures, a third to a half. */
    BUCKET("bucket", new FillWindow(0.1, 1.0 / 3, 0.5, 0.6));

    private final String words;
    private final FillWindow window;

    Type(String words, FillWindow window) {
      this.words = words;
      this.window = window;
    }

    /** Returns the name a person uses. */
    public String words() {
      return words;
    }

    /** Returns how full it should be. */
    public FillWindow window() {
      return window;
    }
  }

  public Machine {
    Limits.DRUM_L.check("drumL", drumL);
    Limits.MASS_KG.check("capacityKg", capacityKg);
    Limits.DRUM_RADIUS_M.check("drumRadiusM", drumRadiusM);
    Limits.HEATER_W.check("heaterW", heaterW);
    programmes = List.copyOf(programmes);
  }

  /** Makes a front loader. */
  public Machine(
      String name,
      double drumL,
      double capacityKg,
      double drumRadiusM,
      double heaterW,
      List<Programme> programmes) {
    this(name, Type.FRONT_LOADER, drumL, capacityKg, drumRadiusM, heaterW, programmes);
  }

  /** Returns how full it should be. */
  public FillWindow window() {
    return type.window();
  }
}
