package org.nestrinse.core.gather;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;

/**
 * What helps at the moment a piece comes in, in the order in which the hands do it.
 *
 * @see "docs/models.md, gather"
 */
public final class SoilAdvice {
  private static final Set<Role> WITH_TABS = EnumSet.of(Role.SHELL, Role.COVER, Role.NIGHT_FITTED);

  private SoilAdvice() {}

  /**
   * Where pieces go.
   *
   * @param style the sort of pail
   * @param airy whether air gets in
   * @param inside what the pieces in it touched in use
   */
  public record Into(PailStyle style, boolean airy, Set<Bin> inside) {
    public Into {
      inside = Set.copyOf(inside);
    }
  }

  /**
   * Returns short sentences, the most urgent first.
   *
   * @param kind what came in
   * @param soil what soiled it
   * @param solids how solids were dealt with
   * @param needs what the person who uses it needs
   * @param pail where it goes
   */
  public static List<Said> of(Kind kind, Soil soil, Solids solids, Set<SkinNeed> needs, Into pail) {
    if (soil == Soil.OIL) {
      return List.of(Said.of(AdviceSaying.FIRE));
    }
    List<Said> advice = new ArrayList<>();
    otherBin(kind, pail).ifPresent(advice::add);
    for (AdviceSaying one : safety(soil, solids, needs)) {
      advice.add(Said.of(one));
    }
    for (AdviceSaying one : handling(kind, soil, solids, needs)) {
      advice.add(Said.of(one));
    }
    if (soil.damp() && !pail.airy()) {
      advice.add(Said.of(AdviceSaying.OPEN_BAG));
    }
    if (soil == Soil.WET || soil == Soil.STOOL) {
      advice.add(Said.of(AdviceSaying.NO_SOAKING));
    }
    return advice;
  }

  private static Optional<Said> otherBin(Kind kind, Into pail) {
    return pail.style() == PailStyle.SORTED_BIN
        ? pail.inside().stream()
            .filter(bin -> bin != kind.bin())
            .findFirst()
            .map(bin -> Said.of(AdviceSaying.OTHER_BIN).with("bin", bin.said()))
        : Optional.empty();
  }

  private static List<AdviceSaying> safety(Soil soil, Solids solids, Set<SkinNeed> needs) {
    List<AdviceSaying> all = new ArrayList<>();
    boolean ill = needs.contains(SkinNeed.ILL);
    if (ill || soil == Soil.VOMIT) {
      all.add(AdviceSaying.GLOVES_APART);
    } else if (soil == Soil.BLOOD) {
      all.add(AdviceSaying.GLOVES_BLOOD);
    }
    if (soil.hasSolids() && !solids.off()) {
      all.add(ill ? AdviceSaying.LIFT_OFF : AdviceSaying.SOLIDS_OFF);
    }
    return all;
  }

  private static List<AdviceSaying> handling(
      Kind kind, Soil soil, Solids solids, Set<SkinNeed> needs) {
    List<AdviceSaying> all = new ArrayList<>();
    boolean cloth = kind.bin() == Bin.KITCHEN;
    if (solids == Solids.SPRAYED) {
      all.add(AdviceSaying.WRING);
    }
    if (soil == Soil.FOOD && !cloth) {
      all.add(AdviceSaying.FOOD_OFF);
    }
    if (soil.protein()) {
      all.add(AdviceSaying.COLD_ONLY);
    }
    if (soil == Soil.MILK && needs.contains(SkinNeed.NEWBORN)) {
      all.add(AdviceSaying.MILK_ALONE);
    }
    if (WITH_TABS.contains(kind.role())) {
      all.add(kind.role() == Role.SHELL ? AdviceSaying.TABS_AND_INSERTS : AdviceSaying.TABS);
    }
    if (kind.gripsLint()) {
      all.add(AdviceSaying.NO_LINT);
    }
    if (cloth && soil != Soil.DIRT) {
      all.add(AdviceSaying.HANG_CLOTH);
    }
    if (soil == Soil.GREASE) {
      all.add(AdviceSaying.SCRAPE_GREASE);
    }
    if (soil == Soil.WAX) {
      all.add(AdviceSaying.WAX_APART);
    }
    if (soil == Soil.DIRT && !needs.contains(SkinNeed.ILL)) {
      all.add(AdviceSaying.SHAKE_DIRT);
    }
    return all;
  }
}
