package org.nestrinse.core.wash.plan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dose.Dose;
import org.nestrinse.core.dose.DoseBasisBuilder;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.school.Wishes;
import org.nestrinse.core.wash.simulation.Liquor;
import org.nestrinse.core.wash.step.MachineRun;
import org.nestrinse.core.wash.step.PlannedDose;
import org.nestrinse.core.wash.step.Step;
import org.nestrinse.core.wash.step.WashJob;

/** What goes into the baths of a load: detergent, whitener, sanitiser, and what a person adds. */
final class BathDoses {
  /** Vinegar for a kilogram of load [mL/kg]; never more than {@link Wishes#BESIDES_ML} allows. */
  private static final double VINEGAR_ML_KG = 15;

  private final WashJob job;
  private final School school;
  private final @Nullable ProductChoice detergent;
  private final @Nullable ProductChoice whitener;
  private final @Nullable Product sanitiser;

  /**
   * Chooses what of the household's products suits the load.
   *
   * @param school the method, bent to the person's wishes
   */
  BathDoses(WashJob job, School school) {
    this.job = job;
    this.school = school;
    this.detergent = ProductChoice.detergent(job, school).orElse(null);
    this.whitener = ProductChoice.whitener(job).orElse(null);
    this.sanitiser =
        school.chemistry().sanitiser() ? ProductChoice.sanitiser(job).orElse(null) : null;
  }

  boolean hasDetergent() {
    return detergent != null;
  }

  boolean hasWhitener() {
    return whitener != null;
  }

  @Nullable Product sanitiser() {
    return sanitiser;
  }

  /** Returns where the load, or the shelf, bends what the school would put in. */
  List<Said> bends() {
    List<Said> bends = new ArrayList<>();
    Product.Form wish = school.chemistry().form();
    bends.addAll(ProductChoice.notThePicked(school, detergent));
    if (school.picked().detergent() == null
        && detergent != null
        && wish != null
        && detergent.product().form().liquid() != wish.liquid()) {
      bends.add(
          Said.of(WashPhrase.FORM_INSTEAD)
              .with("form", wish.said().capital())
              .with("product", detergent.product().name())
              .with("reason", detergent.reason()));
    }
    if (school.chemistry().sanitiser() && sanitiser == null && job.gripsLint()) {
      bends.add(WashPhrase.NO_SANITISER_ON_MICROFIBRE.said());
    } else if (school.chemistry().sanitiser() && sanitiser == null) {
      bends.add(WashPhrase.NO_SANITISER_IN_KIT.said());
    }
    return bends;
  }

  /** Returns what goes into the first wash. */
  List<PlannedDose> first() {
    return besides(
        job,
        doses(false, school.first().detergentShare(), school.first().whitenerScoops()),
        Wishes.Where.FIRST_WASH,
        PlannedDose.Into.BATH);
  }

  /** Returns what goes into one of {@code washes} main washes. */
  List<PlannedDose> main(MachineRun run, long washes) {
    return besides(
        job,
        withSanitiser(doses(true, 1.0 / washes, school.chemistry().whitenerScoops() / washes), run),
        Wishes.Where.MAIN_WASH,
        PlannedDose.Into.BATH);
  }

  /** Puts into the last rinse what a person adds to it. */
  void besidesLastRinse(List<Step> steps) {
    besides(job, List.of(), Wishes.Where.LAST_RINSE, PlannedDose.Into.LAST_RINSE)
        .forEach(dose -> intoLastRinse(steps, dose));
  }

  /** A little vinegar in the last rinse, when the school or the person wants it. */
  List<Said> vinegar(List<Step> steps) {
    if (!school.chemistry().vinegar()) {
      return List.of();
    }
    Product acid =
        job.products().stream()
            .filter(p -> p.purpose() == Product.Purpose.ACID)
            .findFirst()
            .orElse(null);
    if (acid == null) {
      return List.of(WashPhrase.NO_VINEGAR.said());
    }
    double ml = Math.min(VINEGAR_ML_KG * job.wholeLoad().massKg(), Wishes.BESIDES_ML.max());
    intoLastRinse(
        steps,
        PlannedDose.besides(
            acid, ml, PlannedDose.Into.LAST_RINSE, Said.of(WashPhrase.VINEGAR_REASON)));
    return List.of();
  }

  private static void intoLastRinse(List<Step> steps, PlannedDose dose) {
    for (int i = steps.size() - 1; i >= 0; i--) {
      Step s = steps.get(i);
      if (s.run() != null && s.run().rinses() > 0) {
        List<PlannedDose> doses = new ArrayList<>(s.doses());
        doses.add(dose);
        steps.set(i, s.with(doses));
        return;
      }
    }
  }

  /** Returns what a person wants to put into a bath that the plan does not have. */
  static List<Said> leftOut(WashJob job, List<Step> steps) {
    List<PlannedDose> in =
        new ArrayList<>(
            steps.stream()
                .flatMap(s -> s.doses().stream())
                .filter(PlannedDose::byMillilitres)
                .toList());
    List<Said> out = new ArrayList<>();
    for (Wishes.Besides b : job.wishes().besides()) {
      PlannedDose.Into into =
          b.where() == Wishes.Where.LAST_RINSE
              ? PlannedDose.Into.LAST_RINSE
              : PlannedDose.Into.BATH;
      boolean found =
          in.stream()
              .filter(d -> d.product().id() == b.productId() && d.into() == into)
              .findFirst()
              .map(in::remove)
              .orElse(false);
      if (!found) {
        job.products().stream()
            .filter(p -> p.id() == b.productId())
            .forEach(p -> out.add(WashWords.staysOut(p, b.where())));
      }
    }
    return out;
  }

  /** Adds what a person puts in besides; throws {@link OutOfRange} for a product not in Kit. */
  static List<PlannedDose> besides(
      WashJob job, List<PlannedDose> doses, Wishes.Where where, PlannedDose.Into into) {
    List<PlannedDose> more = new ArrayList<>(doses);
    for (Wishes.Besides b : job.wishes().besides()) {
      if (b.where() != where) {
        continue;
      }
      Product product =
          job.products().stream()
              .filter(p -> p.id() == b.productId())
              .findFirst()
              .orElseThrow(
                  () ->
                      new OutOfRange(
                          "besides.productId", b.productId(), WashPhrase.A_PRODUCT_IN_KIT));
      more.add(PlannedDose.besides(product, b.ml(), into, WashPhrase.YOU_ADD_IT.said()));
    }
    return more;
  }

  /** A sanitiser that works beside the detergent goes into the main wash, by its own strength. */
  private List<PlannedDose> withSanitiser(List<PlannedDose> doses, MachineRun run) {
    if (sanitiser == null || sanitiser.claim() == null || sanitiser.forLastRinse()) {
      return doses;
    }
    List<PlannedDose> more = new ArrayList<>(doses);
    double waterL = Liquor.main(job.machine(), run.programme(), job.wholeLoad());
    more.add(PlannedDose.byClaim(sanitiser, sanitiser.claim(), waterL, 0));
    return more;
  }

  private List<PlannedDose> doses(boolean whole, double detergentShare, double whitenerScoops) {
    List<PlannedDose> doses = new ArrayList<>();
    double massKg = (whole ? job.wholeLoad() : job.firstLoad()).massKg();
    if (detergent != null && detergentShare > 0) {
      Product p = detergent.product();
      LabelRow row = p.gramsOf(job.heavySoil() ? p.heavy() : p.normal());
      doses.add(
          planned(
              detergent,
              massKg,
              row,
              p.referenceMassKg(),
              detergentShare,
              school.chemistry().strength(),
              job.trim()));
    }
    if (whitener != null && whitenerScoops > 0) {
      Product p = whitener.product();
      // A whitener's label speaks of scoops for a load, not of its mass: one scoop, at the
      // reference mass.
      doses.add(
          planned(
              whitener,
              p.referenceMassKg(),
              p.gramsOf(p.normal()).times(Math.max(1, whitenerScoops)),
              p.referenceMassKg(),
              Math.min(1, whitenerScoops),
              1,
              1));
    }
    return doses;
  }

  private PlannedDose planned(
      ProductChoice choice,
      double massKg,
      LabelRow row,
      double referenceKg,
      double share,
      double strength,
      double trim) {
    Product p = choice.product();
    Dose.Basis basis =
        DoseBasisBuilder.builder()
            .massKg(massKg)
            .label(row)
            .referenceMassKg(referenceKg)
            .hardnessMmolL(job.water().hardnessMmolL())
            .phaseShare(share)
            .strength(strength)
            .trim(trim)
            .maxG(p.maxG())
            .scoopMl(p.scoopMl())
            .densityGMl(p.densityGMl())
            .pieceG(p.pieceG())
            .build();
    return new PlannedDose(p, Dose.of(basis), basis, choice.reason());
  }
}
