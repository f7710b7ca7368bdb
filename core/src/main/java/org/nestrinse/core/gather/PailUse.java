package org.nestrinse.core.gather;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.nestrinse.core.textile.Bin;

/** What pails are usually for: the kinds that go in, and the soils they have. House figures. */
public enum PailUse {
  BODY(
      PailStyle.DRY_PAIL,
      40,
      EnumSet.of(Bin.BODY),
      List.of(Soil.WET, Soil.STOOL, Soil.MILK, Soil.BLOOD, Soil.FOOD)),
  HOUSE(
      PailStyle.BASKET,
      50,
      EnumSet.of(Bin.HOUSE),
      List.of(Soil.DIRT, Soil.WET, Soil.FOOD, Soil.GREASE)),
  CLOTHS(
      PailStyle.SORTED_BIN,
      14,
      EnumSet.complementOf(EnumSet.of(Bin.BODY, Bin.HOUSE)),
      List.of(Soil.FOOD, Soil.GREASE, Soil.DIRT, Soil.WET, Soil.STOOL));

  private final PailStyle firstStyle;
  private final double firstLitres;
  private final Set<Bin> bins;
  private final List<Soil> soils;

  PailUse(PailStyle firstStyle, double firstLitres, Set<Bin> bins, List<Soil> soils) {
    this.firstStyle = firstStyle;
    this.firstLitres = firstLitres;
    this.bins = bins;
    this.soils = soils;
  }

  /** Returns what a pail of this style is usually for; a place for new pieces takes all. */
  public static List<PailUse> of(PailStyle style) {
    return switch (style) {
      case DRY_PAIL, OPEN_BAG, MESH_BUCKET, OUT_BAG -> List.of(BODY);
      case BASKET -> List.of(HOUSE);
      case SORTED_BIN -> List.of(CLOTHS);
      case NEW_PIECES -> List.of(values());
    };
  }

  /** Returns the pails that a house needs at least, by what its kinds touch. */
  public static List<PailUse> needed(Set<Bin> owned) {
    List<PailUse> needed =
        Arrays.stream(values()).filter(u -> u.bins.stream().anyMatch(owned::contains)).toList();
    return needed.isEmpty() ? List.of(BODY) : needed;
  }

  /** Returns what a first pail for it is. */
  public PailStyle firstStyle() {
    return firstStyle;
  }

  /** Returns how much a first pail for it holds [L]. */
  public double firstLitres() {
    return firstLitres;
  }

  /** Returns what the kinds touch that go in. */
  public Set<Bin> bins() {
    return Set.copyOf(bins);
  }

  /** Returns the soils that are frequent in it, the most frequent first. */
  public List<Soil> soils() {
    return soils;
  }
}
