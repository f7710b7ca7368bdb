package org.nestrinse.core.wash;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.CleaningBath;
import org.nestrinse.core.bath.SoilType;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.units.Limits;

/**
 * The baths of a routine as the cleaning model sees them, and what they leave of each soil in the
 * load. Rinses after a wash are no new baths; before it, they wash a little too.
 */
final class CleaningLog {
  private static final double MINUTES_PER_HOUR = 60;

  private final WashJob job;
  private final List<CleaningBath> baths = new ArrayList<>();
  private int firstWhole = -1;
  private boolean washed;

  CleaningLog(WashJob job) {
    this.job = job;
  }

  /**
   * Notes a bath with its rinses.
   *
   * @param whole whether bulkers are in it
   * @param washes whether it is more than a rinse
   */
  void bath(CleaningBath bath, boolean whole, boolean washes) {
    if (whole && firstWhole < 0) {
      firstWhole = baths.size();
    }
    washed |= washes;
    baths.add(bath);
  }

  /** Returns whether a washing bath has been, after which rinses only rinse. */
  boolean washed() {
    return washed;
  }

  /** Notes rinses that follow the last bath. */
  void rinsed(int more) {
    int last = baths.size() - 1;
    CleaningBath bath = baths.get(last);
    int most = (int) Limits.RINSES.max();
    baths.set(last, bath.withRinses(Math.min(most, bath.rinses() + more)));
  }

  /** Returns what is left of each soil that the load brings, the worst first. */
  List<Cleaning> soils() {
    Map<SoilType, Cleaning> worst = new EnumMap<>(SoilType.class);
    job.first().forEach(p -> worse(worst, p, baths));
    List<CleaningBath> joined = firstWhole < 0 ? baths : baths.subList(firstWhole, baths.size());
    job.bulkers().forEach(p -> worse(worst, p, joined));
    return worst.values().stream()
        .sorted(java.util.Comparator.comparingDouble((Cleaning c) -> -c.soilLeft()))
        .toList();
  }

  private void worse(
      Map<SoilType, Cleaning> worst, SoiledPieces pieces, List<CleaningBath> through) {
    if (through.isEmpty()) {
      return;
    }
    Cleaning left = Cleaning.of(pieces.soil().type(), question(through, ageHours(pieces)));
    worst.merge(left.soil(), left, (a, b) -> a.soilLeft() >= b.soilLeft() ? a : b);
  }

  /** Returns what is left of what germs sit on. */
  Cleaning germs() {
    double oldest = job.first().stream().mapToDouble(this::ageHours).max().orElse(0);
    return Cleaning.of(SoilType.GERMS, question(baths, oldest));
  }

  private Cleaning.Question question(List<CleaningBath> through, double ageHours) {
    return new Cleaning.Question(ageHours, job.water().hardnessMmolL(), through);
  }

  private double ageHours(SoiledPieces pieces) {
    double hours = Duration.between(pieces.since(), job.now()).toMinutes() / MINUTES_PER_HOUR;
    return Cleaning.AGE_H.clamp(hours);
  }

  /** Returns the largest share of what destroys whitener that is left when a bath begins. */
  static double proteinBefore(List<Cleaning> soils, int bath) {
    return soils.stream()
        .filter(c -> c.soil().eatsOxygen() && bath < c.before().size())
        .mapToDouble(c -> Math.min(1, c.before().get(bath)))
        .max()
        .orElse(0);
  }

  /** Returns how many baths were noted. */
  int size() {
    return baths.size();
  }
}
