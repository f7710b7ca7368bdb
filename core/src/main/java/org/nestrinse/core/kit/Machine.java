package org.nestrinse.core.kit;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Saying;
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
 * @param programmes its programmes, as on its dial; none for what is plunged by hand
 * @param hotFillC temperature of the hot water it can be filled with [°C], or null for cold only
 * @param levelsL water levels that can be chosen, lowest first [L]; empty when it chooses itself
 * @param whitenerDrawer whether it has a drawer of its own for whitener
 * @param pauses whether a running programme can be paused
 */
@RecordBuilder
public record Machine(
    String name,
    Type type,
    double drumL,
    double capacityKg,
    double drumRadiusM,
    double heaterW,
    List<Programme> programmes,
    @Nullable Double hotFillC,
    List<Double> levelsL,
    boolean whitenerDrawer,
    boolean pauses) {

  /** How a machine moves the pieces, which decides how full it should be. */
  public enum Type implements Saying {
    /** Lifts and drops: two thirds to three quarters. */
    FRONT_LOADER(new FillWindow(0.5, 2.0 / 3, 0.75, 0.85)),
    /** Stirs in deep water, a thick stew: house figures, a half to two thirds. */
    TOP_LOADER(new FillWindow(0.3, 0.5, 2.0 / 3, 0.8)),
    /** Stirs in one tub and spins in the other; a person moves the pieces between them. */
    TWIN_TUB(new FillWindow(0.3, 0.5, 2.0 / 3, 0.8)),
    /** Plunged by hand, everything under water: house figures, a third to a half. */
    BUCKET(new FillWindow(0.1, 1.0 / 3, 0.5, 0.6)),
    /** Swirled and pressed by hand; as a bucket, shallower. */
    HAND_BASIN(new FillWindow(0.1, 1.0 / 3, 0.5, 0.6));

    private final FillWindow window;

    Type(FillWindow window) {
      this.window = window;
    }

    /** Returns how full it should be. */
    public FillWindow window() {
      return window;
    }

    /** Returns whether a person does the work of the machine. */
    public boolean byHand() {
      return this == BUCKET || this == HAND_BASIN;
    }
  }

  public Machine {
    Limits.DRUM_L.check("drumL", drumL);
    Limits.MASS_KG.check("capacityKg", capacityKg);
    Limits.DRUM_RADIUS_M.check("drumRadiusM", drumRadiusM);
    Limits.HEATER_W.check("heaterW", heaterW);
    if (hotFillC != null) {
      Limits.WATER_C.check("hotFillC", hotFillC);
    }
    levelsL.forEach(level -> Limits.WATER_L.check("levelsL", level));
    programmes = List.copyOf(programmes);
    levelsL = levelsL.stream().sorted().toList();
  }

  /** Makes a machine that fills cold, chooses its water, can be paused and has every drawer. */
  public Machine(
      String name,
      Type type,
      double drumL,
      double capacityKg,
      double drumRadiusM,
      double heaterW,
      List<Programme> programmes) {
    this(
        name,
        type,
        drumL,
        capacityKg,
        drumRadiusM,
        heaterW,
        programmes,
        null,
        List.of(),
        true,
        true);
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
