package org.nestrinse.core.wash.caution;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.nestrinse.core.bath.Additive;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.safety.Caution.Strength;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.safety.Meetings;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.Outcome;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/**
 * Every product of a routine against every other that is in its bath, put in or carried over, and
 * chlorine against textile, heat and urine.
 *
 * @see "docs/models.md, products that must not meet"
 */
public final class ChemistryCheck {
  /** Chlorine in warmer water fumes and does damage [°C]. */
  static final double CHLORINE_MOST_C = 30;

  /** What makes gas with chlorine before it is rinsed out. */
  private static final Set<Soil> REACTS = EnumSet.of(Soil.WET, Soil.STOOL, Soil.VOMIT);

  private static final double ANIONIC_TENTH = 0.1;

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
            check.soil(step, dose);
            check.chlorine(step, dose.product(), bath);
          }
        }
        check.coats(step, dose.product());
      }
      check.found.addAll(LabelMaximum.check(job, step));
    }
    check.staysOnSkin();
    return check.found;
  }

  /** Returns whether chlorine, where some is planned, is followed by enough rinsing. */
  public static boolean chlorineRinsedOut(WashJob job, List<Step> steps, Outcome outcome) {
    ChemistryCheck check = new ChemistryCheck(job, steps, outcome);
    for (Step step : steps) {
      for (PlannedDose dose : step.doses()) {
        int bath = check.bathOf(step, dose);
        if (bath >= 0
            && dose.product().has(Chemical.CHLORINE)
            && dose.into() == PlannedDose.Into.BATH) {
          After after = check.after(dose.product(), bath);
          if (after.rinses < Meetings.RINSES_AFTER_CHLORINE
              || after.remains > Meetings.MEETS_ABOVE) {
            return false;
          }
        }
      }
    }
    return true;
  }

  /** How many rinses come after a bath, and what share of a product remains then. */
  private record After(int rinses, double remains) {}

  private After after(Product product, int bath) {
    int rinses = 0;
    double start = startOf(product);
    double remains = 1;
    for (int i = bath + 1; i < outcome.baths().size(); i++) {
      if (!outcome.contents().get(i).apart()) {
        remains = outcome.contents().get(i).gramsPerL().getOrDefault(product, 0.0) / start;
        rinses += outcome.baths().get(i).type() == Bath.Type.RINSE ? 1 : 0;
      }
    }
    return new After(rinses, remains);
  }

  /** Chlorine is never in the last bath, and two rinses follow it; gloves and air always. */
  private void chlorine(Step step, Product product, int bath) {
    After after = after(product, bath);
    if (after.rinses == 0) {
      found.add(new WashCaution.ChlorineLast(product).at(step.number()));
    } else if (after.rinses < Meetings.RINSES_AFTER_CHLORINE
        || after.remains > Meetings.MEETS_ABOVE) {
      found.add(
          new WashCaution.ChlorineRinses(product, after.rinses, after.remains).at(step.number()));
    }
    job.all().stream()
        .filter(p -> p.firstWash() || p.newDye() || p.kind().colour() == Colour.DARK)
        .findFirst()
        .ifPresent(
            p ->
                found.add(
                    new WashCaution.ChlorineDye(product, p.kind(), p.kind().colour() != Colour.DARK)
                        .at(step.number())));
    if (job.needs(SkinNeed.NEWBORN)) {
      found.add(new WashCaution.ChlorineNewborn(product).at(step.number()));
    }
    boolean byHand = step.action() == Step.Action.BY_HAND;
    found.add(new WashCaution.ChlorineCare(product, byHand).at(step.number()));
  }

  /** Softener, or what has softener or soap in it, on what it harms. */
  private void coats(Step step, Product product) {
    Optional<Kind> microfibre = kind(Kind::gripsLint);
    boolean settles = product.forLastRinse() && microfibre.isPresent();
    if (!settles && !product.coats() && product.purpose() != Product.Purpose.SOFTENER) {
      return;
    }
    double mgKg = outcome.leftoverMgKg(product);
    Optional<Kind> absorbs = kind(Kind::absorbent);
    WashCaution.Harmed harmed =
        microfibre.isPresent()
            ? WashCaution.Harmed.MICROFIBRE
            : absorbs.isPresent() ? WashCaution.Harmed.ABSORBENT : WashCaution.Harmed.NEWBORN;
    if (harmed == WashCaution.Harmed.NEWBORN && !job.needs(SkinNeed.NEWBORN)) {
      return;
    }
    String what =
        microfibre.or(() -> absorbs).map(Kind::name).orElse(job.first().get(0).kind().name());
    found.add(new WashCaution.Coats(product, harmed, what, mgKg).at(step.number()));
  }

  private Optional<Kind> kind(Predicate<Kind> which) {
    return job.all().stream().map(SoiledPieces::kind).filter(which).findFirst();
  }

  /** Nothing but water may dry on what touches skin, unless somebody wants it there. */
  private void staysOnSkin() {
    boolean skin = job.all().stream().anyMatch(p -> p.kind().touchesSkin());
    if (!skin) {
      return;
    }
    for (Step step : steps) {
      for (PlannedDose dose : step.doses()) {
        Product product = dose.product();
        boolean stays =
            product.purpose() == Product.Purpose.SANITISER
                || product.purpose() == Product.Purpose.SOFTENER;
        int bath = bathOf(step, dose);
        if (stays && bath >= 0 && !rinsedAfter(bath)) {
          boolean labelSays = Boolean.TRUE.equals(product.staysIn());
          double mgKg = outcome.leftoverMgKg(product);
          found.add(new WashCaution.StaysOnSkin(product, mgKg, labelSays).at(step.number()));
        }
      }
    }
  }

  private boolean rinsedAfter(int bath) {
    for (int i = bath + 1; i < outcome.baths().size(); i++) {
      if (outcome.baths().get(i).type() == Bath.Type.RINSE && !outcome.contents().get(i).apart()) {
        return true;
      }
    }
    return false;
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
      if (seenFromTheOther
          || (!together && share <= Meetings.MEETS_ABOVE && !cancels(dose.product(), there))) {
        continue;
      }
      if (!together && cancels(dose.product(), there) && !meet(dose.product(), there, contents)) {
        continue;
      }
      strongest(dose.product(), there, together)
          .ifPresent(
              m -> add(step, dose.product(), there, m, together, share, contents.rinseFactor()));
    }
  }

  private static boolean cancels(Product comes, Product carried) {
    return comes.has(Chemical.CATIONIC) && carried.has(Chemical.ANIONIC);
  }

  /** Surfactant carried into a bath at which detergent meets a cationic product. */
  private static boolean meet(Product one, Product other, Outcome.Contents contents) {
    Product anionic = one.has(Chemical.ANIONIC) ? one : other;
    Product cationic = one.has(Chemical.CATIONIC) ? one : other;
    double surfactant = contents.gramsPerL().getOrDefault(anionic, 0.0) * Additive.ANIONIC_SHARE;
    return surfactant > ANIONIC_TENTH * contents.gramsPerL().getOrDefault(cationic, 0.0);
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
              meetsTitle(comes, there),
              Said.of(WashPhrase.MEETS_TOGETHER).with("what", m.what()),
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
            meetsTitle(comes, there),
            Said.of(WashPhrase.MEETS_CARRIED)
                .with("share", new Quantity(share, Unit.SHARE, share < 0.1 ? 1 : 0))
                .with("there", there.name())
                .with("comes", comes.name())
                .with("what", m.what())
                .with("rinses", more),
            step.number()));
  }

  private static Said meetsTitle(Product comes, Product there) {
    return Said.of(WashPhrase.MEETS_TITLE)
        .with("one", Said.from(comes.name()).capital())
        .with("other", there.name());
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
                        Said.of(WashPhrase.RUINS_TITLE)
                            .with("product", Said.from(chlorine.name()).capital())
                            .with("kind", k.plural()),
                        WashPhrase.RUINS.said(),
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
              Said.of(WashPhrase.WARM_CHLORINE_TITLE)
                  .with("product", Said.from(chlorine.name()).capital()),
              Said.of(WashPhrase.WARM_CHLORINE)
                  .with("celsius", Quantity.celsius(peak))
                  .with("most", Quantity.celsius(CHLORINE_MOST_C)),
              step.number()));
    }
  }

  /** Urine, stool and vomit react with chlorine until they are rinsed out. */
  private void soil(Step step, PlannedDose dose) {
    boolean soaked = job.first().stream().anyMatch(p -> REACTS.contains(p.soil()));
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
              Said.of(WashPhrase.MEETS_SOIL_TITLE)
                  .with("product", Said.from(dose.product().name()).capital()),
              Said.of(WashPhrase.MEETS_SOIL).with("missing", missing),
              step.number()));
    }
  }
}
