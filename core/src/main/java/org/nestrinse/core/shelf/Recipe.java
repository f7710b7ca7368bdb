package org.nestrinse.core.shelf;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;

/**
 * How a bundle is put together: its parts, each with what serves for it in order of preference.
 *
 * @param id short name
 * @param name what a person calls it
 * @param value how much one is worth against others, when parts are short
 * @param fills whether more are made than were asked for, while parts last
 * @param parts from the skin outwards; the stuffing among them is ordered by its fibre
 */
public record Recipe(String id, RecipeSaying name, double value, boolean fills, List<Part> parts) {
  private static final Set<Material> QUICK = Set.of(Material.COTTON, Material.MICROFIBRE);
  private static final Set<Material> THIRSTY =
      Set.of(Material.BAMBOO_VISCOSE, Material.HEMP_COTTON);

  /** Value lost for each rank that a substitute stands lower. */
  static final double PER_RANK = 0.04;

  /** Value lost when a bundle goes without one of its parts. */
  static final double WITHOUT = 0.35;

  /** Value of a bundle beyond those asked for, as a share of one that was. */
  static final double BEYOND = 0.1;

  /** Days for which bundles are kept ready by default. */
  public static final int DAYS_READY = 2;

  private static final Part SHELL =
      part(RecipeSaying.SHELL, 1, false, new Choice(Role.SHELL, null, null));
  private static final Part BOOSTER =
      part(
          RecipeSaying.BOOSTER, 1, true, new Choice(Role.BOOSTER, null, null), Choice.FOLDED_CLOTH);

  /** A shell, a quick main insert, a booster. */
  public static final Recipe DAY =
      new Recipe(
          "day",
          RecipeSaying.DAY_BUNDLE,
          3,
          true,
          List.of(insert(RecipeSaying.MAIN_INSERT, 1, QUICK), BOOSTER, SHELL));

  /** An all-in-one, which needs nothing else. */
  public static final Recipe ALL_IN_ONE =
      new Recipe(
          "all-in-one",
          RecipeSaying.ALL_IN_ONE,
          3,
          true,
          List.of(
              part(RecipeSaying.ALL_IN_ONE, 1, false, new Choice(Role.ALL_IN_ONE, null, null))));

  /** A flat or a prefold with a cover over it. */
  public static final Recipe FLAT_DAY =
      new Recipe(
          "flat",
          RecipeSaying.FLAT_WITH_COVER,
          3,
          true,
          List.of(
              part(RecipeSaying.FLAT_OR_PREFOLD, 1, false, new Choice(Role.FLAT, null, null)),
              part(
                  RecipeSaying.COVER,
                  1,
                  false,
                  new Choice(Role.COVER, Set.of(Material.LAMINATE), null),
                  new Choice(Role.COVER, null, null))));

  /** A sanitary pad. */
  public static final Recipe SANITARY =
      new Recipe(
          "sanitary",
          RecipeSaying.SANITARY_PAD,
          2,
          true,
          List.of(
              part(
                  RecipeSaying.SANITARY_PAD, 1, false, new Choice(Role.SANITARY_PAD, null, null))));

  /** A nursing pad; two are worn at a time. */
  public static final Recipe NURSING =
      new Recipe(
          "nursing",
          RecipeSaying.NURSING_PADS,
          2,
          true,
          List.of(
              part(RecipeSaying.NURSING_PADS, 2, false, new Choice(Role.NURSING_PAD, null, null))));

  /** A shell with two inserts, the thirsty one outside. */
  public static final Recipe NAP =
      new Recipe(
          "nap",
          RecipeSaying.NAP_BUNDLE,
          3.2,
          false,
          List.of(
              insert(RecipeSaying.THIRSTY_INSERT, 1, THIRSTY),
              insert(RecipeSaying.QUICK_INSERT, 1, QUICK),
              SHELL));

  /** A shell with two thirsty inserts and a booster. */
  public static final Recipe NIGHT =
      new Recipe(
          "night",
          RecipeSaying.POCKET_NIGHT_BUNDLE,
          4.5,
          false,
          List.of(insert(RecipeSaying.THIRSTY_INSERT, 2, THIRSTY), BOOSTER, SHELL));

  /** A night fitted with a booster, and a cover over it. */
  public static final Recipe TWO_PART_NIGHT =
      new Recipe(
          "two-part-night",
          RecipeSaying.NIGHT_BUNDLE,
          5,
          true,
          List.of(
              part(RecipeSaying.NIGHT_FITTED, 1, false, new Choice(Role.NIGHT_FITTED, null, null)),
              part(
                  RecipeSaying.BOOSTER,
                  1,
                  true,
                  new Choice(Role.BOOSTER, THIRSTY, null),
                  new Choice(Role.BOOSTER, null, null),
                  Choice.FOLDED_CLOTH),
              part(
                  RecipeSaying.COVER,
                  1,
                  false,
                  new Choice(Role.COVER, Set.of(Material.LAMINATE), null),
                  new Choice(Role.COVER, null, null))));

  /** A bare shell. */
  public static final Recipe SWIM =
      new Recipe("swim", RecipeSaying.SWIM_BUNDLE, 1, false, List.of(SHELL));

  /** A bed pad for one bed. */
  public static final Recipe BED =
      new Recipe(
          "bed",
          RecipeSaying.BED_PAD,
          3,
          true,
          List.of(part(RecipeSaying.BED_PAD, 1, false, new Choice(Role.BED_PAD, null, null))));

  /** Cloths for one cabin, each from its own bin. */
  public static final Recipe CABIN =
      new Recipe(
          "cabin",
          RecipeSaying.CABIN_KIT,
          4,
          false,
          List.of(
              part(
                  RecipeSaying.BATHROOM_CLOTHS,
                  3,
                  false,
                  new Choice(Role.CLOTH, null, Bin.BATHROOM)),
              part(
                  RecipeSaying.GLASS_CLOTHS,
                  2,
                  false,
                  new Choice(Role.CLOTH, Set.of(Material.MICROFIBRE), Bin.GLASS),
                  new Choice(Role.CLOTH, null, Bin.GLASS)),
              part(
                  RecipeSaying.KITCHEN_CLOTHS,
                  3,
                  false,
                  new Choice(Role.CLOTH, null, Bin.KITCHEN))));

  /** All recipes, the most valuable first. */
  public static final List<Recipe> ALL =
      List.of(
          TWO_PART_NIGHT,
          NIGHT,
          CABIN,
          NAP,
          DAY,
          ALL_IN_ONE,
          FLAT_DAY,
          BED,
          SANITARY,
          NURSING,
          SWIM);

  /** Flats used with one cover between two washes: it is wiped, aired and worn again. */
  public static final int FLATS_PER_COVER = 2;

  public Recipe {
    parts = List.copyOf(parts);
  }

  /** Returns whether a household could make it at all from what it owns. */
  public boolean canBeMade(Set<Kind> owned) {
    return parts.stream()
        .filter(p -> !p.optional())
        .allMatch(p -> owned.stream().anyMatch(k -> p.rank(k) >= 0));
  }

  /** An insert, of some fibres by preference. */
  private static Part insert(RecipeSaying name, int count, Set<Material> fibres) {
    return part(
        name,
        count,
        false,
        new Choice(Role.INSERT, fibres, null),
        new Choice(Role.INSERT, null, null),
        new Choice(Role.FLAT, null, null));
  }

  private static Part part(RecipeSaying name, int count, boolean optional, Choice... choices) {
    return new Part(name, count, optional, List.of(choices));
  }

  /**
   * A part of a bundle.
   *
   * @param name what it is called
   * @param count how many pieces of it
   * @param optional whether the bundle may go without
   * @param choices what serves, the preferred first
   */
  public record Part(RecipeSaying name, int count, boolean optional, List<Choice> choices) {
    /**
     * Returns the rank of a kind for this part, 0 for the preferred, or -1 when it does not serve.
     */
    public int rank(Kind kind) {
      for (int i = 0; i < choices.size(); i++) {
        if (choices.get(i).serves(kind)) {
          return i;
        }
      }
      return -1;
    }
  }

  /**
   * What serves for a part.
   *
   * @param role what the kind is for
   * @param fibres its main fibre, or null for any
   * @param bin what it touches, or null for any
   * @param leastAreaM2 one face at least, so that it folds [m²]
   */
  public record Choice(
      Role role, @Nullable Set<Material> fibres, @Nullable Bin bin, double leastAreaM2) {
    /** A large thin household cloth, such as a muslin, folded into a booster. */
    static final Choice FOLDED_CLOTH = new Choice(Role.CLOTH, QUICK, Bin.HOUSE, 0.25);

    Choice(Role role, @Nullable Set<Material> fibres, @Nullable Bin bin) {
      this(role, fibres, bin, 0);
    }

    boolean serves(Kind kind) {
      return kind.role() == role
          && (fibres == null || fibres.contains(mainFibre(kind)))
          && (bin == null || kind.bin() == bin)
          && kind.areaM2() >= leastAreaM2;
    }
  }

  /** Returns the fibre that most of a kind is made of. */
  public static Material mainFibre(Kind kind) {
    return kind.parts().stream()
        .max(Comparator.comparing(org.nestrinse.core.textile.Part::massKg))
        .orElseThrow()
        .material();
  }

  /**
   * Returns how far from the skin a fibre belongs in a stuffing: quick ones next to it, slow
   * thirsty ones farthest away, what is waterproof around all.
   */
  public static int layer(Kind kind) {
    if (kind.role() == Role.SHELL || kind.role() == Role.COVER) {
      return 9;
    }
    return switch (mainFibre(kind)) {
      case POLYESTER_FLEECE, NYLON -> 0;
      case MICROFIBRE -> 1;
      case COTTON, POLYCOTTON, LINEN, SILK -> 2;
      case BAMBOO_VISCOSE -> 3;
      case HEMP_COTTON, WOOL -> 4;
      case LAMINATE -> 8;
    };
  }
}
