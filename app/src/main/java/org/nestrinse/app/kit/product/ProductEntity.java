package org.nestrinse.app.kit.product;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.store.CommaList;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.kit.ProductBuilder;
import org.nestrinse.core.safety.Chemical;

@Entity
@DynamicUpdate
@Table(name = "product")
class ProductEntity extends KitEntity {

  @Enumerated(EnumType.STRING)
  Product.Purpose purpose;

  @Enumerated(EnumType.STRING)
  Product.Form form;

  boolean enzymes;
  boolean scented;
  boolean coats;
  boolean activator;

  @Column(name = "normal_soft_g")
  double normalSoftG;

  @Column(name = "normal_medium_g")
  double normalMediumG;

  @Column(name = "normal_hard_g")
  double normalHardG;

  @Column(name = "heavy_soft_g")
  double heavySoftG;

  @Column(name = "heavy_medium_g")
  double heavyMediumG;

  @Column(name = "heavy_hard_g")
  double heavyHardG;

  double referenceMassKg;

  @Column(name = "max_g")
  @Nullable Double maxG;

  @Nullable Double scoopMl;

  @Column(name = "density_g_ml")
  @Nullable Double densityGMl;

  @Column(name = "piece_g")
  @Nullable Double pieceG;

  @Nullable Double percarbonateShare;
  @Nullable Boolean staysIn;

  /** Figures of the label that were filled in. */
  @Convert(converter = CommaList.Words.class)
  List<String> filledIn = List.of();

  double packPrice;

  @Column(name = "pack_g")
  double packG;

  /** What the person said that is in it; null when nobody did. */
  @Convert(converter = ChemicalNames.class)
  @Nullable List<@Nullable Chemical> chemicals;

  @Column(name = "left_g")
  @Nullable Double leftG;

  @Nullable Double claimLog;

  @Column(name = "claim_min_ml_per_l")
  @Nullable Double claimMinMlPerL;

  @Nullable Double claimMinMinutes;

  @Column(name = "claim_min_c")
  @Nullable Double claimMinC;

  void claim(Product.@Nullable Claim claim) {
    claimLog = claim == null ? null : Double.valueOf(claim.log());
    claimMinMlPerL = claim == null ? null : Double.valueOf(claim.minMlPerL());
    claimMinMinutes = claim == null ? null : Double.valueOf(claim.minMinutes());
    claimMinC = claim == null ? null : Double.valueOf(claim.minC());
  }

  private Product.@Nullable Claim claim() {
    return claimLog == null
            || claimMinMlPerL == null
            || claimMinMinutes == null
            || claimMinC == null
        ? null
        : new Product.Claim(claimLog, claimMinMlPerL, claimMinMinutes, claimMinC);
  }

  void stated(@Nullable Set<Chemical> stated) {
    chemicals =
        stated == null
            ? null
            : stated.stream().sorted(Comparator.comparing(Chemical::name)).toList();
  }

  private @Nullable Set<Chemical> stated() {
    return chemicals == null ? null : Set.copyOf(CommaList.known(chemicals));
  }

  @Override
  public boolean readable() {
    return purpose != null
        && form != null
        && (chemicals == null || chemicals.stream().allMatch(Objects::nonNull));
  }

  Product toProduct() {
    return ProductBuilder.builder()
        .id(id)
        .name(name)
        .purpose(Known.or(purpose, Product.Purpose.OTHER))
        .form(Known.or(form, Product.Form.LIQUID))
        .enzymes(enzymes)
        .scented(scented)
        .coats(coats)
        .activator(activator)
        .normal(new LabelRow(normalSoftG, normalMediumG, normalHardG))
        .heavy(new LabelRow(heavySoftG, heavyMediumG, heavyHardG))
        .referenceMassKg(referenceMassKg)
        .maxG(maxG)
        .scoopMl(scoopMl)
        .densityGMl(densityGMl)
        .packPrice(packPrice)
        .packG(packG)
        .claim(claim())
        .stated(stated())
        .pieceG(pieceG)
        .percarbonateShare(percarbonateShare)
        .staysIn(staysIn)
        .build();
  }
}
