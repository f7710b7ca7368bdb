package org.nestrinse.app.kit.product;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.core.dose.PrintedDose;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.units.Limits;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Adds a detergent as its label prints it: a dose or two, in whatever the label counts in. What the
 * label does not say is filled in from the usual one of its form, and marked as filled in.
 */
@Service
class LabelReader {
  /** A label of this kind speaks of a load of [kg]. */
  private static final double REFERENCE_MASS_KG = 4.5;

  /** What a pack usually holds and costs: house figures, until somebody says. */
  private static final double PACK_G = 1500;

  private static final double PACK_PRICE = 7;
  private static final double SHEET_G = 4;
  private static final double TAB_G = 25;

  private final ProductService products;

  LabelReader(ProductService products) {
    this.products = products;
  }

  /**
   * A label as it is sent.
   *
   * @param name by what it is
   * @param form how it comes
   * @param unit what the label counts in
   * @param dose the dose it prints; with two, that for less soil or a smaller load
   * @param strongDose the dose for more soil or a larger load, or null
   * @param scoopMl what the household's scoop or cap holds [mL], or null
   */
  record Printed(
      @Nullable String name,
      Product.@Nullable Form form,
      PrintedDose.@Nullable Unit unit,
      @Nullable Double dose,
      @Nullable Double strongDose,
      @Nullable Double scoopMl) {}

  /** Adds it to the shelf. */
  @Transactional
  public ProductService.View add(Printed label) {
    Product.Form form = RequestChecks.choice("form", label.form, Product.Form.class);
    PrintedDose.Unit unit = RequestChecks.choice("unit", label.unit, PrintedDose.Unit.class);
    double density = form.usualDensityGMl();
    double dose = RequestChecks.number("dose", label.dose, Limits.PRINTED_LABEL_G);
    Double strong = RequestChecks.optional("strongDose", label.strongDose, Limits.PRINTED_LABEL_G);
    double normal = new PrintedDose(dose, unit).forLabel(density, label.scoopMl);
    Double heavy =
        strong == null
            ? null
            : Double.valueOf(new PrintedDose(strong, unit).forLabel(density, label.scoopMl));
    return products.add(
        ProductServiceChangeBuilder.builder()
            .version(null)
            .name(label.name)
            .purpose(Product.Purpose.DETERGENT)
            .form(form)
            .enzymes(false)
            .scented(false)
            .coats(false)
            .activator(false)
            .normal(new ProductService.RowChange(null, normal, null))
            .heavy(heavy == null ? null : new ProductService.RowChange(null, heavy, null))
            .referenceMassKg(REFERENCE_MASS_KG)
            .maxG(null)
            .scoopMl(form.pieces() ? null : label.scoopMl)
            .densityGMl(form.pieces() ? null : Double.valueOf(density))
            .packPrice(PACK_PRICE)
            .packG(PACK_G)
            .claim(null)
            .stated(null)
            .leftG(null)
            .pieceG(pieceG(form))
            .percarbonateShare(null)
            .staysIn(null)
            .build(),
        List.of("packPrice", "packG"));
  }

  private static @Nullable Double pieceG(Product.Form form) {
    return form.pieces() ? Double.valueOf(form == Product.Form.SHEET ? SHEET_G : TAB_G) : null;
  }
}
