package org.nestrinse.core.wash;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.textile.Kind;

/**
 * Whether a product suits a load, and why not.
 *
 * @param product the product
 * @param used whether the routine uses it
 * @param suits whether nothing speaks against it
 * @param reasons what speaks against it, or for it when nothing does
 * @see "docs/models.md, which product for which load"
 */
public record ProductFit(Product product, boolean used, boolean suits, List<String> reasons) {
  public ProductFit {
    reasons = List.copyOf(reasons);
  }

  /** Returns the fit of every product on the shelf, those that suit first. */
  public static List<ProductFit> of(WashJob job, Routine routine) {
    return job.products().stream()
        .map(p -> of(job, routine, p))
        .sorted(
            Comparator.comparing((ProductFit f) -> !f.used)
                .thenComparing(f -> !f.suits)
                .thenComparing(f -> f.product.id()))
        .toList();
  }

  private static ProductFit of(WashJob job, Routine routine, Product p) {
    List<String> against = new ArrayList<>();
    boolean absorbs = job.all().stream().anyMatch(x -> x.kind().absorbent());
    boolean microfibre = job.mostlyMicrofibreCloths();
    boolean sensitive = job.needs(SkinNeed.SENSITIVE) || job.needs(SkinNeed.NEWBORN);
    boolean detergent = p.purpose() == Product.Purpose.DETERGENT;
    if (detergent && p.form().liquid() && absorbs && !microfibre) {
      against.add("Liquid tends to coat what must absorb.");
    }
    if (detergent && !p.form().liquid() && microfibre) {
      against.add("Undissolved powder scratches microfibre.");
    }
    if (p.enzymes() && job.hasWool()) {
      against.add("Enzymes eat wool and silk.");
    } else if (p.enzymes() && sensitive) {
      against.add("Enzymes, and someone's skin is sensitive.");
    }
    if (p.scented() && sensitive) {
      against.add("Scent, and someone's skin is sensitive.");
    }
    boolean settles =
        p.purpose() == Product.Purpose.SANITISER && p.forLastRinse() && job.gripsLint();
    if (settles || p.coats() || p.purpose() == Product.Purpose.SOFTENER) {
      against.add(
          microfibre || settles
              ? "It coats microfibre, which then no longer grabs."
              : absorbs
                  ? "It coats what must absorb; soap builds up."
                  : "It coats, and soap builds up.");
    }
    if (p.purpose() == Product.Purpose.OXYGEN_WHITENER && job.hasWool()) {
      against.add("Oxygen whitener is not for wool or silk.");
    }
    if (p.has(Chemical.CHLORINE)) {
      job.all().stream()
          .map(SoiledPieces::kind)
          .filter(k -> !k.bearsChlorine())
          .map(Kind::name)
          .findFirst()
          .ifPresent(k -> against.add("Chlorine ruins " + k + "."));
      against.add("Exceptional: never planned, only when you put it in.");
    }
    if (p.purpose() == Product.Purpose.SANITISER && p.claim() == null) {
      against.add("Its label makes no claim here, so it counts for nothing.");
    }
    boolean used =
        routine.steps().stream()
            .flatMap(s -> s.doses().stream())
            .anyMatch(d -> d.product().equals(p));
    boolean suits = against.isEmpty();
    return new ProductFit(p, used, suits, suits ? List.of(suitsBecause(p, microfibre)) : against);
  }

  private static String suitsBecause(Product p, boolean microfibre) {
    return switch (p.purpose()) {
      case DETERGENT ->
          !p.form().liquid()
              ? "Powder rinses out of what absorbs."
              : microfibre ? "Liquid is kind to microfibre." : "Nothing here must absorb.";
      case OXYGEN_WHITENER -> "Lifts stains, and kills in warmth.";
      case SANITISER -> "Counts at its label's strength, time and temperature.";
      case ACID -> "A little in the last rinse, if you like; never with chlorine.";
      case SODA -> "Softens water; a reset more than a routine.";
      case STAIN_REMOVER -> "Worked in with a brush, on what is still marked.";
      case SOFTENER, CHLORINE_BLEACH, OTHER -> "Not needed in this routine.";
    };
  }
}
