package org.nestrinse.app.kit.kind;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.CareLabel;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.KindBuilder;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;
import org.nestrinse.text.EnglishPlural;

@Entity
@DynamicUpdate
@Table(name = "kind")
class KindEntity extends KitEntity {

  @Enumerated(EnumType.STRING)
  Role role;

  @Enumerated(EnumType.STRING)
  Bin bin;

  @Column(name = "area_m2")
  double areaM2;

  boolean small;

  @Column(name = "label_wash_c")
  @Nullable Integer labelWashC;

  @Nullable Integer labelSpinRpm;

  @Enumerated(EnumType.STRING)
  @Nullable DryerHeat labelDryer;

  @Enumerated(EnumType.STRING)
  Colour colour = Colour.PALE;

  double bulkFactor = 1;

  /** The name of several, such as "training pants"; null until the household enters one. */
  @Nullable String plural;

  @ElementCollection
  @CollectionTable(name = "kind_part", joinColumns = @JoinColumn(name = "kind_id"))
  @OrderColumn(name = "position")
  List<PartRow> parts = new ArrayList<>();

  @Embeddable
  static class PartRow {
    String name;

    @Enumerated(EnumType.STRING)
    Material material;

    double massKg;
    boolean elastic;
  }

  @Override
  public boolean readable() {
    return role != null
        && bin != null
        && colour != null
        && parts.stream().allMatch(p -> p.material != null);
  }

  /** What cannot be read is treated like the most delicate of its sort, and travels alone. */
  Kind toKind() {
    List<Part> made =
        parts.stream()
            .map(p -> new Part(p.name, Known.or(p.material, Material.WOOL), p.massKg, p.elastic))
            .toList();
    return KindBuilder.builder()
        .id(id)
        .name(name)
        .role(Known.or(role, Role.CLOTH))
        .bin(Known.or(bin, Bin.WORKSHOP))
        .parts(made)
        .areaM2(areaM2)
        .small(small)
        .label(null)
        .colour(Known.or(colour, Colour.DARK))
        .bulkFactor(bulkFactor)
        .plural(plural == null ? EnglishPlural.of(name) : plural)
        .build()
        .labelled(label());
  }

  /** What its care label says, as far as it was typed. */
  CareLabel label() {
    return new CareLabel(labelWashC, labelSpinRpm, labelDryer);
  }
}
