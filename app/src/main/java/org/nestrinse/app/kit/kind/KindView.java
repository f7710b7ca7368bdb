package org.nestrinse.app.kit.kind;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.household.Stock;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.CareLabel;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.KindBuilder;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.textile.UsualCare;

/**
 * A kind with its stock, as shown in Kit.
 *
 * @param id number
 * @param version counts its changes
 * @param name what the household calls it
 * @param plural what it calls several
 * @param role what it is for
 * @param bin what it touches
 * @param parts what it is made of
 * @param areaM2 one face as hung [m²]
 * @param small whether it may serve as bulker
 * @param label what its own care label says, as far as it was typed; null when nothing was
 * @param usual what it takes where no label says otherwise, and from which material
 * @param colour whether its dye may bleed while it is new
 * @param bulkFactor what a look into the drum made of its bulk; 1 when nobody looked
 * @param massKg one piece [kg]
 * @param limits what it can take
 * @param soilChoices the only soils it may come in with; empty when any will do
 * @param stock where its pieces are
 */
@RecordBuilder
public record KindView(
    long id,
    long version,
    String name,
    String plural,
    Role role,
    Bin bin,
    List<Part> parts,
    double areaM2,
    boolean small,
    @Nullable CareLabel label,
    UsualCare usual,
    Colour colour,
    double bulkFactor,
    double massKg,
    Said limits,
    List<Soil> soilChoices,
    Stock stock) {

  /** Returns the kind as the rules know it. */
  public Kind asKind() {
    return KindBuilder.builder()
        .id(id)
        .name(name)
        .role(role)
        .bin(bin)
        .parts(parts)
        .areaM2(areaM2)
        .small(small)
        .label(null)
        .colour(colour)
        .bulkFactor(bulkFactor)
        .plural(plural)
        .build()
        .labelled(label);
  }
}
