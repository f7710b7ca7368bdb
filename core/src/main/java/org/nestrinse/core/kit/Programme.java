package org.nestrinse.core.kit;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * A programme of the household's machine.
 *
 * @param name as it is written on the machine
 * @param use what it is for
 * @param temperaturesC the temperatures that can be chosen [°C]; 0 is cold
 * @param shortfallC how much cooler the drum stays than the chosen temperature [K], 0 for an honest
 *     programme
 * @param measuredPeakC the peak that the household measured at its hottest setting [°C], or null
 * @param washMinutes minutes of the washing bath, 0 for a rinse or spin programme
 * @param agitation how it moves the load
 * @param rinses rinses of its own
 * @param extraRinses rinses that its option can add at most
 * @param interimRpm spin between rinses [rpm]
 * @param fastestSpinRpm fastest final spin [rpm]
 * @param mainL liquor of its washing bath as it states or the household measured [L], or null
 * @param rinseL fresh water of one rinse, likewise [L], or null
 * @param measured what a log in the drum or on the plug showed, or null
 * @param label what its own label says that it takes, or null
 */
@RecordBuilder
public record Programme(
    String name,
    Use use,
    List<Integer> temperaturesC,
    double shortfallC,
    @Nullable Double measuredPeakC,
    int washMinutes,
    Agitation agitation,
    int rinses,
    int extraRinses,
    int interimRpm,
    int fastestSpinRpm,
    @Nullable Double mainL,
    @Nullable Double rinseL,
    @Nullable Measured measured,
    @Nullable Label label) {
  /** Minutes of one rinse, filling and draining included. */
  public static final int RINSE_MINUTES = 9;

  /** Minutes of one rinse by hand: fill, plunge a minute or so, wring, empty. */
  public static final int HAND_RINSE_MINUTES = 5;

  /** Of a rinse by hand the plunger moves for so long [min]. */
  public static final double HAND_PLUNGE_MINUTES = 1.5;

  /** Minutes to wring a bucketful. */
  public static final int WRING_MINUTES = 5;

  /** Minutes of the final spin. */
  public static final int SPIN_MINUTES = 9;

  /**
   * What a log showed of one run of the programme.
   *
   * @param chosenC the setting that ran [°C]
   * @param peakC the highest temperature in the drum [°C], or null when only the plug was logged
   * @param holdMinutes how long it stayed within 2 K of the peak [min], or null
   * @param heaterW what the heater drew [W], or null when only the drum was logged
   * @param kwh electricity of the whole run [kWh], or null
   */
  public record Measured(
      int chosenC,
      @Nullable Double peakC,
      @Nullable Double holdMinutes,
      @Nullable Double heaterW,
      @Nullable Double kwh) {
    public Measured {
      Limits.WATER_C.check("measured.chosenC", chosenC);
      if (peakC != null) {
        Limits.WATER_C.check("measured.peakC", peakC);
      }
      if (holdMinutes != null) {
        Limits.MINUTES.check("measured.holdMinutes", holdMinutes);
      }
      if (heaterW != null) {
        Limits.HEATER_W.check("measured.heaterW", heaterW);
      }
    }
  }

  /** A steam programme holds its steam for so long once it is hot [min]. */
  public static final int STEAM_HOLD_MINUTES = 20;

  /** The wash before the steam is no warmer than this [°C]. */
  public static final int BEFORE_STEAM_C = 40;

  /**
   * What the label of a programme says that it takes, for one load at one temperature.
   *
   * @param kwh electricity [kWh]
   * @param litres water [L]
   * @param loadKg the load that it speaks of [kg]
   * @param temperatureC the temperature that it speaks of [°C]
   */
  public record Label(double kwh, double litres, double loadKg, int temperatureC) {
    /** What a label may say that one run takes [kWh]. */
    public static final Range KWH = new Range(0.01, 10, Unit.KILOWATT_HOUR);

    public Label {
      KWH.check("label.kwh", kwh);
      Limits.WATER_L.check("label.litres", litres);
      Limits.MASS_KG.check("label.loadKg", loadKg);
      Limits.WATER_C.check("label.temperatureC", temperatureC);
    }
  }

  /** Makes a programme without figures of its own label. */
  public Programme(
      String name,
      Use use,
      List<Integer> temperaturesC,
      double shortfallC,
      @Nullable Double measuredPeakC,
      int washMinutes,
      Agitation agitation,
      int rinses,
      int extraRinses,
      int interimRpm,
      int fastestSpinRpm,
      @Nullable Double mainL,
      @Nullable Double rinseL,
      @Nullable Measured measured) {
    this(
        name,
        use,
        temperaturesC,
        shortfallC,
        measuredPeakC,
        washMinutes,
        agitation,
        rinses,
        extraRinses,
        interimRpm,
        fastestSpinRpm,
        mainL,
        rinseL,
        measured,
        null);
  }

  /** Makes a programme that states no litres and was never measured. */
  public Programme(
      String name,
      Use use,
      List<Integer> temperaturesC,
      double shortfallC,
      @Nullable Double measuredPeakC,
      int washMinutes,
      Agitation agitation,
      int rinses,
      int extraRinses,
      int interimRpm,
      int fastestSpinRpm) {
    this(
        name,
        use,
        temperaturesC,
        shortfallC,
        measuredPeakC,
        washMinutes,
        agitation,
        rinses,
        extraRinses,
        interimRpm,
        fastestSpinRpm,
        null,
        null,
        null);
  }

  /** What a programme is for. */
  public enum Use {
    RINSE,
    WASH,
    WOOL,
    STEAM,
    SPIN
  }

  public Programme {
    if (temperaturesC.isEmpty()) {
      throw new OutOfRange("temperaturesC", Allowed.EMPTY, KitSaying.AT_LEAST_ONE_TEMPERATURE);
    }
    temperaturesC.forEach(t -> Limits.WATER_C.check("temperaturesC", t.doubleValue()));
    Limits.MINUTES.check("washMinutes", washMinutes);
    Limits.RINSES.check("rinses", rinses);
    Limits.RINSES.check("extraRinses", extraRinses);
    Limits.RPM.check("interimRpm", interimRpm);
    Limits.RPM.check("fastestSpinRpm", fastestSpinRpm);
    if (mainL != null) {
      Limits.WATER_L.check("mainL", mainL);
    }
    if (rinseL != null) {
      Limits.WATER_L.check("rinseL", rinseL);
    }
    temperaturesC = List.copyOf(temperaturesC);
  }

  /**
   * Returns the temperature that the drum reaches when {@code chosenC} is chosen [°C]. A log wins:
   * a hotter setting is off by as much, though never hotter than boiling, and a cooler one never
   * gets hotter than the log.
   */
  public double reachesC(int chosenC) {
    double reached = chosenC - shortfallC;
    if (measured != null && measured.peakC() != null) {
      reached =
          chosenC < measured.chosenC()
              ? Math.min(reached, measured.peakC())
              : Math.min(Limits.WATER_C.max(), chosenC - measured.chosenC() + measured.peakC());
    }
    return measuredPeakC == null ? reached : Math.min(reached, measuredPeakC);
  }

  /** Returns the same programme with what a log showed of it. */
  public Programme with(Measured seen) {
    return ProgrammeBuilder.builder(this).measured(seen).build();
  }

  /**
   * Returns the warmest setting that is no hotter than {@code limitC}, or null when every one is.
   */
  public @Nullable Integer warmestUpTo(int limitC) {
    return temperaturesC.stream().filter(t -> t <= limitC).max(Integer::compare).orElse(null);
  }

  /** Returns how long one rinse takes, filling and draining or emptying included [min]. */
  public int rinseMinutes() {
    return agitation == Agitation.PLUNGED ? HAND_RINSE_MINUTES : RINSE_MINUTES;
  }

  /** Returns how long the last spin, or wringing by hand, takes [min]. */
  public int spinMinutes() {
    return agitation == Agitation.PLUNGED ? WRING_MINUTES : SPIN_MINUTES;
  }

  /** Returns how long it runs with this many rinses in all [min]. */
  public int minutes(int rinsesInAll) {
    return washMinutes + rinsesInAll * rinseMinutes() + spinMinutes();
  }
}
