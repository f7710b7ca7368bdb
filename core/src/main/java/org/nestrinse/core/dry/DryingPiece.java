package org.nestrinse.core.dry;

/**
 * A hanging piece while it dries, minute by minute: fast while it is wet, ever more slowly once it
 * is below its critical moisture.
 *
 * @see "docs/models.md, section 8"
 */
final class DryingPiece {
  private static final double SECONDS_PER_MINUTE = 60;

  private final AirDrying.Hung piece;
  private final double critical;
  private final double dry;
  private double moisture;
  private double perMinute;
  private double wetted;
  private double dryAfter = -1;

  DryingPiece(AirDrying.Hung piece) {
    this.piece = piece;
    critical = piece.criticalMoisture();
    dry = AirDrying.dryMoisture(piece.material());
    moisture = piece.startMoisture();
  }

  /** Returns its moisture now [kg/kg]. */
  double moisture() {
    return moisture;
  }

  boolean isDry() {
    return moisture <= dry;
  }

  /**
   * Puts it into other air.
   *
   * @param air at the cloth
   * @param exposure share of both faces that the air reaches
   */
  void in(AirDrying.Air air, double exposure) {
    perMinute = 2 * piece.areaM2() * exposure / piece.massKg() * SECONDS_PER_MINUTE;
    wetted = AirDrying.wettedPerMinute(air, piece);
  }

  /**
   * Lets it dry for a minute; returns the water that went into the air [kg].
   *
   * @param evaporation from wet cloth in that air [kg per m² and s]
   * @param resting moisture that it would keep in that air for good [kg/kg]
   */
  double minute(double evaporation, double resting) {
    double slowed =
        moisture < critical && critical > resting
            ? Math.max(0, Math.min(1, (moisture - resting) / (critical - resting)))
            : 1;
    double lost = evaporation * perMinute * slowed;
    double next = moisture - lost;
    if (wetted > 0) {
      next = Math.max(next, Math.min(piece.soakedMoisture(), next + wetted));
    }
    dryAfter = next <= dry ? (moisture - dry) / (moisture - next) : -1;
    moisture = Math.max(next, dry);
    return lost * piece.massKg();
  }

  /** Returns after which part of the last minute it was dry, or -1. */
  double dryAfter() {
    return dryAfter;
  }
}
