package org.nestrinse.core.wash;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.safety.Caution.Strength;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.safety.Meetings;
import org.nestrinse.core.units.Numbers;

/**
 * Every product of a routine against every other that is in its bath, put in or carried over, and
 * chlorine against textile, heat and urine.
 *
 * @see "docs/models.md, products that must not meet"
 */
final class ChemistryCheck {
  /** Chlorine in warmer water fumes and does damage [°C]. */
  static final double CHLORINE_MOST_C = 30;

  private final WashJob job;
  private final List<Step> steps;
  private final Outcome outcome;
  private final List<Caution> found = new ArrayList<>();

  private ChemistryCheck(WashJob job, List<Step> steps, Outcome outcome) {
    this.job = job;
    this.steps = steps;
    this.outcome = outcome;
  }

  static List<Caution> of(WashJob job, List<Step> steps, Outcome outcome) {
    ChemistryCheck check = new ChemistryCheck(job, steps, outcome);
    for (Step step : steps) {
      for (PlannedDose dose : step.doses()) {
        int bath = check.bathOf(step, dose);
        if (bath >= 0) {
          check.meets(step, dose, bath);
          if (dose.product().has(Chemical.CHLORINE)) {
            check.textile(step, dose.product());
            check.heat(step, dose.product(), bath);
            check.urine(step, dose);
          }
        }
      }
    }
    return check.found;
  }

  /** Returns in which bath of the routine a dose enters, -1 when its run has none. */
  private int bathOf(Step step, PlannedDose dose) {
    int at = -1;
    for (int i = 0; i < outcome.baths().size(); i++) {
      Bath bath = outcome.baths().get(i);
      if (bath.step() != step.number() || bath.type() == Bath.Type.SPIN) {
        continue;
      }
      if (dose.into() == PlannedDose.Into.BATH) {
        return i;
      }
      if (bath.type() == Bath.Type.RINSE) {
        at = i;
      }
    }
    return at;
  }

  private boolean putInto(int bath, Product product) {
    return steps.stream()
        .anyMatch(
            s ->
                s.doses().stream()
                    .anyMatch(d -> d.product().equals(product) && bathOf(s, d) == bath));
  }

  private void meets(Step step, PlannedDose dose, int bath) {
    Outcome.Contents contents = outcome.contents().get(bath);
    for (var other : contents.gramsPerL().entrySet()) {
      Product there = other.getKey();
      if (there.equals(dose.product()) || other.getValue() <= 0) {
        continue;
      }
      boolean together = putInto(bath, there);
      double share = other.getValue() / startOf(there);
      boolean seenFromTheOther = together && there.id() < dose.product().id();
      if (seenFromTheOther || (!together && share <= Meetings.MEETS_ABOVE)) {
        continue;
      }
      strongest(dose.product(), there, together)
          .ifPresent(
              m -> add(step, dose.product(), there, m, together, share, contents.rinseFactor()));
    }
  }

  private double startOf(Product product) {
    return outcome.contents().stream()
        .mapToDouble(c -> c.gramsPerL().getOrDefault(product, 0.0))
        .max()
        .orElse(0);
  }

  private static Optional<Meetings.Meeting> strongest(
      Product one, Product other, boolean together) {
    return one.chemicals().stream()
        .flatMap(a -> other.chemicals().stream().flatMap(b -> Meetings.of(a, b).stream()))
        .filter(m -> together || m.carriedOver() != null)
        .min(Comparator.comparing(m -> together ? m.inOneBath() : m.carriedOver()));
  }

  private void add(
      Step step,
      Product comes,
      Product there,
      Meetings.Meeting m,
      boolean together,
      double share,
      double rinseFactor) {
    String key = key(m.one()) + "-" + key(m.other());
    if (together) {
      found.add(
          new Caution(
              m.inOneBath(),
              key,
              comes.name() + " meets " + there.name(),
              "Both are in one bath. " + m.what() + " Leave one of them out.",
              step.number()));
      return;
    }
    Strength strength = m.carriedOver() == null ? m.inOneBath() : m.carriedOver();
    int more =
        (int)
            Math.max(1, Math.ceil(Math.log(Meetings.MEETS_ABOVE / share) / Math.log(rinseFactor)));
    found.add(
        new Caution(
            strength,
            key,
            comes.name() + " meets " + there.name(),
            "%s of the %s is still there when the %s comes in. %s %s before it would make it safe."
                .formatted(
                    percent(share),
                    there.name(),
                    comes.name(),
                    m.what(),
                    Numbers.count(more, "rinse more", "rinses more")),
            step.number()));
  }

  private static String percent(double share) {
    return Numbers.of(100 * share, share < 0.1 ? 1 : 0) + " %";
  }

  private static String key(Chemical chemical) {
    return chemical.name().toLowerCase(Locale.ROOT);
  }

  private void textile(Step step, Product chlorine) {
    job.all().stream()
        .map(SoiledPieces::kind)
        .filter(k -> !k.bearsChlorine())
        .findFirst()
        .ifPresent(
            k ->
                found.add(
                    new Caution(
                        Strength.STOP,
                        "chlorine-textile",
                        chlorine.name() + " ruins " + k.name(),
                        "Wool, silk, elastic, laminate, nylon and microfibre do not bear chlorine. Take it out of the load,"
                            + " or leave the chlorine out.",
                        step.number())));
  }

  private void heat(Step step, Product chlorine, int bath) {
    double peak =
        outcome.baths().get(bath).profile().stream()
            .mapToDouble(p -> p.temperatureC())
            .max()
            .orElse(0);
    if (peak > CHLORINE_MOST_C) {
      found.add(
          new Caution(
              Strength.STOP,
              "chlorine-heat",
              chlorine.name() + " in warm water",
              "This bath reaches %s; above %s chlorine fumes and does damage. A cold bath, or leave it out."
                  .formatted(Numbers.of(peak, 0), Numbers.of(CHLORINE_MOST_C, 0)),
              step.number()));
    }
  }

  private void urine(Step step, PlannedDose dose) {
    boolean soaked =
        job.first().stream().anyMatch(p -> p.soil() == Soil.WET || p.soil() == Soil.STOOL);
    int before =
        steps.stream()
            .filter(s -> s.number() < step.number() && s.run() != null && !s.apart())
            .mapToInt(s -> s.run().rinses())
            .sum();
    int within =
        dose.into() == PlannedDose.Into.LAST_RINSE && step.run() != null
            ? step.run().rinses() - 1
            : 0;
    int missing = Meetings.RINSES_AFTER_URINE - before - within;
    if (soaked && missing > 0) {
      found.add(
          new Caution(
              Strength.STOP,
              "chlorine-ammonia",
              dose.product().name() + " meets urine",
              "Unrinsed urine with chlorine makes chloramine gas. Two full rinses must stand between; %s missing."
                  .formatted(missing == 1 ? "one is" : "both are"),
              step.number()));
    }
  }
}
