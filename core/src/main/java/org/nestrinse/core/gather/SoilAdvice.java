package org.nestrinse.core.gather;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
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
  public static List<String> of(
      Kind kind, Soil soil, Solids solids, Set<SkinNeed> needs, Into pail) {
    List<String> advice = new ArrayList<>();
    boolean airy = pail.airy();
    if (soil == Soil.OIL) {
      advice.add(
          "Into no machine and no dryer: it can catch fire. Spread it flat outdoors to dry, then follow local rules.");
      return advice;
    }
    if (pail.style() == PailStyle.SORTED_BIN
        && pail.inside().stream().anyMatch(bin -> bin != kind.bin())) {
      advice.add(
          "Not into this bin: it holds %s, and a bin decides what may be washed together."
              .formatted(
                  pail.inside().stream()
                      .filter(bin -> bin != kind.bin())
                      .findFirst()
                      .orElseThrow()
                      .words()));
    }
    boolean ill = needs.contains(SkinNeed.ILL);
    if (ill || soil == Soil.VOMIT) {
      advice.add(
          "Gloves on, do not shake it, keep it apart. Wipe the surfaces it touched, wash hands last.");
    } else if (soil == Soil.BLOOD) {
      advice.add("Gloves, when it is someone else's blood.");
    }
    if (soil.hasSolids() && !solids.off()) {
      advice.add(
          ill
              ? "Solids into the toilet: lift them off with paper or the liner."
              : "Solids into the toilet first: liner, shake or spray. It need not be perfect.");
    }
    if (solids == Solids.SPRAYED) {
      advice.add("Wring it after spraying; a dripping piece sours sooner.");
    }
    if (soil.protein()) {
      advice.add("Cold water only: heat sets it.");
    }
    if (soil == Soil.MILK && needs.contains(SkinNeed.NEWBORN)) {
      advice.add("From milk alone nothing needs to come off.");
    }
    if (WITH_TABS.contains(kind.role())) {
      advice.add(
          kind.role() == Role.SHELL
              ? "Close the tabs so that nothing snags, and pull the inserts out."
              : "Close the tabs so that nothing snags.");
    }
    if (kind.gripsLint()) {
      advice.add("Keep it away from terry and fleece: it holds on to their lint.");
    }
    if (kind.bin() == Bin.KITCHEN && soil != Soil.DIRT) {
      advice.add("Rinse it and hang it over the rim; damp in a heap it sours in a day.");
    }
    if (soil == Soil.GREASE && kind.absorbent()) {
      advice.add("Scrape it off dry; water spreads grease.");
    }
    if (soil == Soil.WAX) {
      advice.add("Only with its own bin: wax moves on to everything it is washed with.");
    }
    if (soil.damp() && !airy) {
      advice.add("Leave the bag open as soon as you are home: it needs air.");
    }
    if (soil == Soil.WET || soil == Soil.STOOL) {
      advice.add(
          "Keep it dry, no soaking pail: standing water weakens elastic, and a child can drown in it.");
    }
    return advice;
  }
}
