package org.nestrinse.app.kit;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The products on the household's shelf. */
@Service
public class ProductService {
  private static final int LONGEST_NAME = 80;
  private static final Range PRICE = new Range(0, 1000, "");
  private static final Range PACK_G = new Range(1, 50000, "g");
  private static final Range LEFT_G = new Range(0, 100000, "g");
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE, "");

  private final ProductRepository products;

  ProductService(ProductRepository products) {
    this.products = products;
  }

  /** A row of a label as it is sent: grams for soft, medium and hard water. */
  public record RowChange(
      @Nullable Double softG, @Nullable Double mediumG, @Nullable Double hardG) {}

  /** What is sent to add or change a product. */
  public record Change(
      @Nullable Integer version,
      @Nullable String name,
      Product.@Nullable Purpose purpose,
      Product.@Nullable Form form,
      @Nullable Boolean enzymes,
      @Nullable Boolean scented,
      @Nullable Boolean coats,
      @Nullable Boolean activator,
      @Nullable RowChange normal,
      @Nullable RowChange heavy,
      @Nullable Double referenceMassKg,
      @Nullable Double maxG,
      @Nullable Double scoopMl,
      @Nullable Double densityGMl,
      @Nullable Double packPrice,
      @Nullable Double packG,
      @Nullable ClaimChange claim,
      @Nullable Set<@Nullable Chemical> stated,
      @Nullable Double leftG) {}

  /** What a sanitising product claims on its label, as it is sent. */
  public record ClaimChange(
      @Nullable Double log,
      @Nullable Double minMlPerL,
      @Nullable Double minMinutes,
      @Nullable Double minC) {}

  /**
   * A product with the number of its changes.
   *
   * @param version counts its changes
   * @param product the product
   * @param leftG what is left of the pack [g]
   * @param chemicals the classes that decide what it must not meet
   */
  public record View(long version, Product product, double leftG, List<String> chemicals) {}

  /** Returns all products. */
  @Transactional(readOnly = true)
  public List<View> all() {
    return products.findAll(Sort.by("id")).stream().map(ProductService::view).toList();
  }

  /** Returns all products as values of core. */
  @Transactional(readOnly = true)
  public List<Product> products() {
    return products.findAll(Sort.by("id")).stream().map(ProductEntity::toProduct).toList();
  }

  /** Adds a product. */
  @Transactional
  public View add(Change change) {
    ProductEntity e = new ProductEntity();
    apply(e, change);
    return view(products.save(e));
  }

  /** Changes a product; throws {@link Stale} when it was changed since the version sent. */
  @Transactional
  public View change(long id, Change change) {
    ProductEntity e = products.findById(id).orElseThrow(() -> new NotFound("product", id));
    if (e.version != Given.whole("version", change.version, VERSION)) {
      throw new Stale(e.name, view(e));
    }
    apply(e, change);
    return view(products.saveAndFlush(e));
  }

  private static void apply(ProductEntity e, Change c) {
    e.name = Given.text("name", c.name, LONGEST_NAME);
    e.purpose = Given.choice("purpose", c.purpose, Product.Purpose.class);
    e.form = Given.choice("form", c.form, Product.Form.class);
    e.enzymes = Given.yesNo("enzymes", c.enzymes);
    e.scented = Given.yesNo("scented", c.scented);
    e.coats = Given.yesNo("coats", c.coats);
    e.activator = Given.yesNo("activator", c.activator);
    RowChange normal = row("normal", c.normal);
    e.normalSoftG = Given.number("normal.softG", normal.softG, Limits.LABEL_G);
    e.normalMediumG = Given.number("normal.mediumG", normal.mediumG, Limits.LABEL_G);
    e.normalHardG = Given.number("normal.hardG", normal.hardG, Limits.LABEL_G);
    RowChange heavy = row("heavy", c.heavy);
    e.heavySoftG = Given.number("heavy.softG", heavy.softG, Limits.LABEL_G);
    e.heavyMediumG = Given.number("heavy.mediumG", heavy.mediumG, Limits.LABEL_G);
    e.heavyHardG = Given.number("heavy.hardG", heavy.hardG, Limits.LABEL_G);
    e.referenceMassKg =
        Given.number("referenceMassKg", c.referenceMassKg, Limits.REFERENCE_MASS_KG);
    e.maxG = Given.optional("maxG", c.maxG, Limits.DOSE_G);
    e.scoopMl = Given.optional("scoopMl", c.scoopMl, Limits.SCOOP_ML);
    e.densityGMl = Given.optional("densityGMl", c.densityGMl, Limits.DENSITY_G_ML);
    e.packPrice = Given.number("packPrice", c.packPrice, PRICE);
    e.packG = Given.number("packG", c.packG, PACK_G);
    e.leftG = Given.optional("leftG", c.leftG, LEFT_G);
    Set<@Nullable Chemical> stated = c.stated;
    e.stated(
        stated == null
            ? null
            : stated.stream()
                .map(s -> Given.choice("stated", s, Chemical.class))
                .collect(Collectors.toSet()));
    ClaimChange claim = c.claim;
    e.claim(
        claim == null
            ? null
            : new Product.Claim(
                Given.number("claim.log", claim.log, Limits.CLAIM_LOG),
                Given.number("claim.minMlPerL", claim.minMlPerL, Limits.ML_PER_L),
                Given.number("claim.minMinutes", claim.minMinutes, Limits.MINUTES),
                Given.number("claim.minC", claim.minC, Limits.WATER_C)));
  }

  private static RowChange row(String field, @Nullable RowChange row) {
    if (row == null) {
      throw new OutOfRange(field, "missing", "grams for soft, medium and hard water");
    }
    return row;
  }

  /** Takes so many grams out of a pack, never below nothing; gives back when negative. */
  @Transactional
  public void take(long id, double grams) {
    ProductEntity e = products.findById(id).orElseThrow(() -> new NotFound("product", id));
    e.leftG = Math.max(0, left(e) - grams);
  }

  private static double left(ProductEntity e) {
    return e.leftG == null ? e.packG : e.leftG;
  }

  private static View view(ProductEntity e) {
    Product product = e.toProduct();
    List<String> chemicals = product.chemicals().stream().map(Chemical::words).sorted().toList();
    return new View(e.version, product, left(e), chemicals);
  }
}
