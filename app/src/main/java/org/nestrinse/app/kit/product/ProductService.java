package org.nestrinse.app.kit.product;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.kit.Names;
import org.nestrinse.app.kit.Removable;
import org.nestrinse.app.kit.Thing;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.What;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Chemical;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The products on the household's shelf. */
@Service
public class ProductService implements Removable {
  private static final int LONGEST_NAME = 80;
  private static final Range PRICE = new Range(0, 1000);
  private static final Range PACK_G = new Range(1, 50000, Unit.GRAM);
  private static final Range LEFT_G = new Range(0, 100000, Unit.GRAM);
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final ProductRepository products;

  ProductService(ProductRepository products) {
    this.products = products;
  }

  /**
   * A row of a label as it is printed: grams, or pieces, for soft, medium and hard water. What the
   * label does not say is filled in.
   */
  public record RowChange(
      @Nullable Double softG, @Nullable Double mediumG, @Nullable Double hardG) {
    static final RowChange NOTHING = new RowChange(null, null, null);

    boolean empty() {
      return softG == null && mediumG == null && hardG == null;
    }

    List<String> missing() {
      List<String> all = new ArrayList<>();
      if (softG == null) {
        all.add("softG");
      }
      if (mediumG == null) {
        all.add("mediumG");
      }
      if (hardG == null) {
        all.add("hardG");
      }
      return all;
    }
  }

  /** What is sent to add or change a product. */
  @RecordBuilder
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
      @Nullable Double leftG,
      @Nullable Double pieceG,
      @Nullable Double percarbonateShare,
      @Nullable Boolean staysIn) {}

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
   * @param filledIn figures of its label that were filled in from the typical label of its form
   */
  public record View(
      long version, Product product, double leftG, List<Said> chemicals, List<String> filledIn) {}

  /** Returns all products. */
  @Transactional(readOnly = true)
  public List<View> all() {
    return products.findByRemovedAtIsNull(Sort.by("id")).stream()
        .map(ProductService::view)
        .toList();
  }

  /** Returns what products are called, the removed ones too. */
  @Transactional(readOnly = true)
  public Names names() {
    return new Names(products.findAll().stream().collect(Collectors.toMap(p -> p.id, p -> p.name)));
  }

  /** Returns all products as values of core. */
  @Transactional(readOnly = true)
  public List<Product> products() {
    return products.findByRemovedAtIsNull(Sort.by("id")).stream()
        .map(ProductEntity::toProduct)
        .toList();
  }

  /** Adds a product. */
  @Transactional
  public View add(Change change) {
    return add(change, List.of());
  }

  /** Adds a product of which more than its label was filled in. */
  View add(Change change, List<String> alsoFilledIn) {
    ProductEntity e = new ProductEntity();
    apply(e, change);
    e.filledIn = Stream.concat(e.filledIn.stream(), alsoFilledIn.stream()).toList();
    e.refuseTwins(products.findByRemovedAtIsNull(Sort.unsorted()));
    return view(products.save(e));
  }

  /** Changes a product; throws {@link Stale} when it was changed since the version sent. */
  @Transactional
  public View change(long id, Change change) {
    ProductEntity e = products.findById(id).orElseThrow(() -> new NotFound(What.PRODUCT, id));
    if (e.version != RequestChecks.whole("version", change.version, VERSION)) {
      throw new Stale(e.name, view(e));
    }
    apply(e, change);
    e.refuseTwins(products.findByRemovedAtIsNull(Sort.unsorted()));
    return view(products.saveAndFlush(e));
  }

  private static void apply(ProductEntity e, Change c) {
    e.name = RequestChecks.text("name", c.name, LONGEST_NAME);
    e.purpose = RequestChecks.choice("purpose", c.purpose, Product.Purpose.class);
    e.form = RequestChecks.choice("form", c.form, Product.Form.class);
    e.enzymes = RequestChecks.yesNo("enzymes", c.enzymes);
    e.scented = RequestChecks.yesNo("scented", c.scented);
    e.coats = RequestChecks.yesNo("coats", c.coats);
    e.activator = RequestChecks.yesNo("activator", c.activator);
    e.pieceG = RequestChecks.optional("pieceG", c.pieceG, Limits.PIECE_G);
    if (e.form.pieces() && e.pieceG == null) {
      throw new OutOfRange(
          "pieceG", Allowed.MISSING, Said.of(KitRefusal.WEIGHT_OF_ONE).with("form", e.form));
    }
    e.pieceG = e.form.pieces() ? e.pieceG : null;
    LabelRow typical = e.form.typicalLabel();
    RowChange normal = c.normal == null ? RowChange.NOTHING : c.normal;
    LabelRow asNormal = printed("normal", normal, typical);
    RowChange heavy = c.heavy == null ? RowChange.NOTHING : c.heavy;
    LabelRow asHeavy = heavy.empty() ? asNormal : printed("heavy", heavy, asNormal);
    e.normalSoftG = asNormal.softG();
    e.normalMediumG = asNormal.mediumG();
    e.normalHardG = asNormal.hardG();
    e.heavySoftG = asHeavy.softG();
    e.heavyMediumG = asHeavy.mediumG();
    e.heavyHardG = asHeavy.hardG();
    e.filledIn = filledIn(normal, heavy);
    e.percarbonateShare =
        RequestChecks.optional("percarbonateShare", c.percarbonateShare, Limits.PHASE_SHARE);
    e.staysIn = c.staysIn;
    e.referenceMassKg =
        RequestChecks.number("referenceMassKg", c.referenceMassKg, Limits.REFERENCE_MASS_KG);
    e.maxG = RequestChecks.optional("maxG", c.maxG, Limits.MOST_OF_A_BATH_G);
    e.scoopMl = RequestChecks.optional("scoopMl", c.scoopMl, Limits.SCOOP_ML);
    e.densityGMl = RequestChecks.optional("densityGMl", c.densityGMl, Limits.DENSITY_G_ML);
    e.packPrice = RequestChecks.number("packPrice", c.packPrice, PRICE);
    e.packG = RequestChecks.number("packG", c.packG, PACK_G);
    e.leftG = RequestChecks.optional("leftG", c.leftG, LEFT_G);
    Set<@Nullable Chemical> stated = c.stated;
    e.stated(
        stated == null
            ? null
            : stated.stream()
                .map(s -> RequestChecks.choice("stated", s, Chemical.class))
                .collect(Collectors.toSet()));
    ClaimChange claim = c.claim;
    e.claim(
        claim == null
            ? null
            : new Product.Claim(
                RequestChecks.number("claim.log", claim.log, Limits.CLAIM_LOG),
                RequestChecks.number("claim.minMlPerL", claim.minMlPerL, Limits.ML_PER_L),
                RequestChecks.number("claim.minMinutes", claim.minMinutes, Limits.MINUTES),
                RequestChecks.number("claim.minC", claim.minC, Limits.WATER_C)));
  }

  private static LabelRow printed(String field, RowChange row, LabelRow typical) {
    LabelRow made =
        LabelRow.asPrinted(
            RequestChecks.optional(field + ".softG", row.softG, Limits.PRINTED_LABEL_G),
            RequestChecks.optional(field + ".mediumG", row.mediumG, Limits.PRINTED_LABEL_G),
            RequestChecks.optional(field + ".hardG", row.hardG, Limits.PRINTED_LABEL_G),
            typical);
    // A label never asks for less in harder water.
    if (made.mediumG() < made.softG()) {
      throw new OutOfRange(
          field + ".mediumG",
          made.mediumG(),
          Said.of(KitRefusal.NOT_LESS_THAN_SOFT)
              .with("grams", new Quantity(made.softG(), Unit.GRAM, 1)));
    }
    if (made.hardG() < made.mediumG()) {
      throw new OutOfRange(
          field + ".hardG",
          made.hardG(),
          Said.of(KitRefusal.NOT_LESS_THAN_MEDIUM)
              .with("grams", new Quantity(made.mediumG(), Unit.GRAM, 1)));
    }
    return made;
  }

  private static List<String> filledIn(RowChange normal, RowChange heavy) {
    List<String> missing = new ArrayList<>();
    normal.missing().forEach(m -> missing.add("normal." + m));
    heavy.missing().forEach(m -> missing.add("heavy." + m));
    return missing;
  }

  /** Takes grams out of a pack, never below zero; a negative amount gives them back. */
  @Transactional
  public void take(long id, double grams) {
    ProductEntity e = products.findById(id).orElseThrow(() -> new NotFound(What.PRODUCT, id));
    e.leftG = Math.max(0, left(e) - grams);
  }

  private static double left(ProductEntity e) {
    return e.leftG == null ? e.packG : e.leftG;
  }

  private static View view(ProductEntity e) {
    Product product = e.toProduct();
    List<Said> chemicals = product.chemicals().stream().sorted().map(Chemical::said).toList();
    return new View(e.version, product, left(e), chemicals, List.copyOf(e.filledIn));
  }

  @Override
  public Thing thing() {
    return Thing.PRODUCT;
  }

  @Override
  public JpaRepository<? extends KitEntity, Long> rows() {
    return products;
  }
}
