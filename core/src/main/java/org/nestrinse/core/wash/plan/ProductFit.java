package org.nestrinse.core.wash.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.step.WashJob;

/**
 * Whether a product suits a load, and why not.
 *
 * @param product the product
 * @param used whether the routine uses it
 * @param suits whether nothing speaks against it
 * @param reasons what speaks against it, or for it when nothing does
 * @see "docs/models.md, which product for which load"
 */
public record ProductFit(Product product, boolean used, boolean suits, List<Said> reasons) {
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
    List<Said> against = new ArrayList<>();
    boolean absorbs = job.all().stream().anyMatch(x -> x.kind().absorbent());
    boolean microfibre = job.mostlyMicrofibreCloths();
    boolean sensitive = job.needs(SkinNeed.SENSITIVE) || job.needs(SkinNeed.NEWBORN);
    boolean detergent = p.purpose() == Product.Purpose.DETERGENT;
    if (detergent && p.form().liquid() && absorbs && !microfibre) {
      against.add(WashPhrase.FIT_LIQUID_COATS.said());
    }
    if (detergent && !p.form().liquid() && microfibre) {
      against.add(WashPhrase.FIT_POWDER_SCRATCHES.said());
    }
    if (p.enzymes() && job.hasWool()) {
      against.add(WashPhrase.FIT_ENZYMES_EAT.said());
    } else if (p.enzymes() && sensitive) {
      against.add(WashPhrase.FIT_ENZYMES_SKIN.said());
    }
    if (p.scented() && sensitive) {
      against.add(WashPhrase.FIT_SCENT_SKIN.said());
    }
    boolean settles =
        p.purpose() == Product.Purpose.SANITISER && p.forLastRinse() && job.gripsLint();
    if (settles || p.coats() || p.purpose() == Product.Purpose.SOFTENER) {
      against.add(
          (microfibre || settles
                  ? WashPhrase.FIT_COATS_MICROFIBRE
                  : absorbs ? WashPhrase.FIT_COATS_ABSORBENT : WashPhrase.FIT_COATS)
              .said());
    }
    if (p.purpose() == Product.Purpose.OXYGEN_WHITENER && job.hasWool()) {
      against.add(WashPhrase.FIT_NO_WHITENER.said());
    }
    if (p.has(Chemical.CHLORINE)) {
      job.all().stream()
          .map(SoiledPieces::kind)
          .filter(k -> !k.bearsChlorine())
          .map(Kind::plural)
          .findFirst()
          .ifPresent(k -> against.add(Said.of(WashPhrase.FIT_CHLORINE_RUINS).with("kind", k)));
      against.add(WashPhrase.FIT_EXCEPTIONAL.said());
    }
    if (p.purpose() == Product.Purpose.SANITISER && p.claim() == null) {
      against.add(WashPhrase.FIT_NO_CLAIM.said());
    }
    boolean used =
        routine.steps().stream()
            .flatMap(s -> s.doses().stream())
            .anyMatch(d -> d.product().equals(p));
    boolean suits = against.isEmpty();
    return new ProductFit(p, used, suits, suits ? List.of(suitsBecause(p, microfibre)) : against);
  }

  private static Said suitsBecause(Product p, boolean microfibre) {
    return suits(p, microfibre).said();
  }

  private static WashPhrase suits(Product p, boolean microfibre) {
    return switch (p.purpose()) {
      case DETERGENT ->
          !p.form().liquid()
              ? WashPhrase.FIT_POWDER_RINSES
              : microfibre ? WashPhrase.FIT_LIQUID_KIND : WashPhrase.FIT_NOTHING_ABSORBS;
      case OXYGEN_WHITENER -> WashPhrase.FIT_WHITENER;
      case SANITISER -> WashPhrase.FIT_SANITISER;
      case ACID -> WashPhrase.FIT_ACID;
      case SODA -> WashPhrase.FIT_SODA;
      case STAIN_REMOVER -> WashPhrase.FIT_STAIN_REMOVER;
      case SOFTENER, CHLORINE_BLEACH, OTHER -> WashPhrase.FIT_NOT_NEEDED;
    };
  }
}
