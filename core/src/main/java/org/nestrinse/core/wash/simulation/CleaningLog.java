package org.nestrinse.core.wash.simulation;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.CleaningBath;
import org.nestrinse.core.bath.CleaningBathBuilder;
import org.nestrinse.core.bath.SoilType;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/**
 * The baths of a routine as the cleaning model sees them, and what they leave of each soil in the
 * load. Rinses after a wash are no new baths; before it, they wash a little too.
 */
final class CleaningLog {
  private static final double MINUTES_PER_HOUR = 60;

  /** However fast it spins, so much stays in the textile [L]. */
  private static final double LEAST_KEPT_L = 1e-6;

  private final WashJob job;
  private final List<CleaningBath> baths = new ArrayList<>();
  private int firstWhole = -1;
  private boolean washed;

  CleaningLog(WashJob job) {
    this.job = job;
  }

  /**
   * A run of the machine.
   *
   * @param baths that it had
   * @param rinseL fresh water of each rinse [L]
   * @param keptL water that stays in the textile between the baths [L]
   * @param fill how full the drum is when it begins
   */
  record Ran(
      Step step, MachineRun run, List<Bath> baths, double rinseL, double keptL, double fill) {
    private boolean steams() {
      return baths.stream().anyMatch(b -> b.type() == Bath.Type.STEAM);
    }

    private List<PlannedDose> detergents() {
      return step.doses().stream()
          .filter(d -> d.into() == PlannedDose.Into.BATH)
          .filter(d -> d.product().purpose() == Product.Purpose.DETERGENT)
          .toList();
    }

    /** A plunger moves for a part of a bath only, and a paused machine not at all. */
    private double speed() {
      Agitation agitation = run.programme().agitation();
      if (run.washes()) {
        return agitation.meanSpeed(run.programme().washMinutes(), run.pauseMinutes());
      }
      double idle = baths.get(0).minutes() - Programme.HAND_PLUNGE_MINUTES;
      return agitation == Agitation.PLUNGED
          ? agitation.meanSpeed(Programme.HAND_PLUNGE_MINUTES, idle)
          : agitation.speed();
    }
  }

  /** Notes what a run was for the soil: a bath with its rinses, or rinses alone. */
  void ran(Ran r) {
    if (r.baths.isEmpty()) {
      return;
    }
    if (!r.run.washes() && washed) {
      rinsed(r.run.rinses());
      return;
    }
    Bath first = r.baths.get(0);
    boolean byHand = job.machine().type().byHand();
    int rinses = r.run.washes() ? r.run.rinses() : r.run.rinses() - 1;
    double kept = Math.max(r.keptL, LEAST_KEPT_L);
    double everydayG =
        r.detergents().stream()
            .mapToDouble(d -> d.product().everydayG(d.dose().roundedDoseG()))
            .sum();
    bath(
        r,
        CleaningBathBuilder.builder()
            .waterL(first.liquorL())
            .profile(first.profile())
            .speed(r.speed())
            .drumFill(r.fill)
            .byHand(byHand)
            .detergentG(Limits.DOSE_G.clamp(everydayG))
            .enzymes(r.detergents().stream().anyMatch(d -> d.product().enzymes()))
            .rinses(r.steams() ? 0 : rinses)
            .rinseL(r.rinseL)
            .retainedL(kept)
            .build());
    if (r.steams()) {
      Bath steam = r.baths.get(1);
      bath(
          r,
          CleaningBathBuilder.builder()
              .waterL(Math.max(steam.liquorL(), kept))
              .profile(steam.profile())
              .speed(Agitation.GENTLE.speed())
              .drumFill(r.fill)
              .byHand(byHand)
              .detergentG(0)
              .enzymes(false)
              .rinses(rinses)
              .rinseL(r.rinseL)
              .retainedL(kept)
              .build());
    }
  }

  private void bath(Ran r, CleaningBath bath) {
    if (r.step.wholeLoad() && firstWhole < 0) {
      firstWhole = baths.size();
    }
    washed |= r.run.washes();
    baths.add(bath);
  }

  /** Rinses that follow the last bath. */
  private void rinsed(int more) {
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
        .sorted(Comparator.comparingDouble((Cleaning c) -> -c.soilLeft()))
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
