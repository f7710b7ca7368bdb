package org.nestrinse.core.wash.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.school.Disagreement;
import org.nestrinse.core.wash.school.School;
import org.nestrinse.core.wash.step.WashJob;

/**
 * Which products a load gets. Powder for what absorbs, liquid for microfibre; enzymes for stool and
 * blood unless someone's skin or wool forbids; nothing that coats.
 *
 * @param product the product
 * @param reason why this one
 */
record ProductChoice(Product product, Said reason) {

  /** Returns the detergent for a load, or nothing when none on the shelf suits it. */
  static Optional<ProductChoice> detergent(WashJob job, School school) {
    Long picked = school.picked().detergent();
    return picked == null
        ? detergent(job, school.chemistry())
        : harmless(job)
            .filter(p -> p.id() == picked)
            .findFirst()
            .map(p -> new ProductChoice(p, WashPhrase.YOU_PICKED_IT.said()))
            .or(() -> detergent(job, school.chemistry()));
  }

  /** Returns what to tell when a detergent was picked and another one is taken. */
  static List<Said> notThePicked(School school, @Nullable ProductChoice taken) {
    Long picked = school.picked().detergent();
    boolean another = picked != null && (taken == null || taken.product.id() != picked);
    return another ? List.of(WashPhrase.PICKED_STAYS_OUT.said()) : List.of();
  }

  /** Detergents that coat nothing, and without enzymes where wool would suffer. */
  private static Stream<Product> harmless(WashJob job) {
    return job.products().stream()
        .filter(p -> p.purpose() == Product.Purpose.DETERGENT && !p.coats())
        .filter(p -> !(p.enzymes() && job.hasWool()));
  }

  private static Optional<ProductChoice> detergent(WashJob job, School.Chemistry wish) {
    boolean microfibre = job.mostlyMicrofibreCloths();
    boolean wool = job.hasWool();
    boolean sensitive = job.needs(SkinNeed.SENSITIVE) || job.needs(SkinNeed.NEWBORN);
    boolean asked = wish.enzymes() == School.Enzymes.WANTED;
    boolean gentleSkin = wish.enzymes() == School.Enzymes.AVOIDED || (sensitive && !asked);
    boolean wantsEnzymes = (job.hasProtein() || asked) && !gentleSkin && !wool;
    Product.Form form = microfibre || wool ? Product.Form.LIQUID : Product.Form.POWDER;
    if (job.wishes().chose(Disagreement.FORM, "liquid")) {
      form = Product.Form.LIQUID;
    } else if (job.wishes().chose(Disagreement.FORM, "powder") && !wool && !microfibre) {
      form = Product.Form.POWDER;
    }
    Product.Form wished = form;
    return harmless(job)
        .filter(p -> !(p.enzymes() && gentleSkin))
        .filter(p -> !(p.scented() && (gentleSkin || sensitive)))
        .min(
            Comparator.comparing((Product p) -> relied(wish) && p.form() != wish.form())
                .thenComparing(p -> p.form().liquid() != wished.liquid())
                .thenComparing(p -> p.enzymes() != wantsEnzymes)
                .thenComparing(Product::scented)
                .thenComparing(Product::id))
        .map(
            p ->
                new ProductChoice(
                    p,
                    relied(wish) && p.form() == wish.form()
                        ? WashPhrase.CONCENTRATE_BY_METHOD.said()
                        : reason(p, job, wool, gentleSkin, sensitive)));
  }

  /** A tiny dose is meant of a concentrate; other forms go by the textile. */
  private static boolean relied(School.Chemistry wish) {
    return wish.form() == Product.Form.CONCENTRATE;
  }

  private static Said reason(
      Product p, WashJob job, boolean wool, boolean plain, boolean sensitive) {
    Said form =
        WashWords.form(
            p.form().liquid(),
            job.mostlyMicrofibreCloths(),
            job.wishes().chose(Disagreement.FORM, "liquid"));
    if (p.enzymes()) {
      return Said.sentences(List.of(form, WashPhrase.ENZYMES_TAKE_PROTEIN.said()));
    }
    if (wool) {
      return Said.sentences(List.of(form, WashPhrase.NO_ENZYMES_ON_WOOL.said()));
    }
    WashPhrase without = sensitive ? WashPhrase.PLAIN_FOR_SKIN : WashPhrase.PLAIN_BY_METHOD;
    return plain ? Said.sentences(List.of(form, without.said())) : form;
  }

  /** Returns the oxygen whitener for a load, or nothing when there is none or wool forbids it. */
  static Optional<ProductChoice> whitener(WashJob job) {
    if (job.hasWool()) {
      return Optional.empty();
    }
    return job.products().stream()
        .filter(p -> p.purpose() == Product.Purpose.OXYGEN_WHITENER && p.scoopMl() != null)
        .min(Comparator.comparing(Product::id))
        .map(
            p ->
                new ProductChoice(
                    p, (p.activator() ? WashPhrase.OXYGEN_ACTIVATED : WashPhrase.OXYGEN).said()));
  }

  /**
   * Returns the sanitising product whose label makes a claim, the strongest first. What goes into a
   * last rinse settles on the fibre, so microfibre gets none of that.
   */
  static Optional<Product> sanitiser(WashJob job) {
    return job.products().stream()
        .filter(p -> p.purpose() == Product.Purpose.SANITISER && p.claim() != null)
        .filter(p -> !job.hasWool())
        .filter(p -> !p.forLastRinse() || !job.gripsLint())
        .max(
            Comparator.comparingDouble((Product p) -> p.claim().log())
                .thenComparing(Comparator.comparing(Product::id).reversed()));
  }
}
