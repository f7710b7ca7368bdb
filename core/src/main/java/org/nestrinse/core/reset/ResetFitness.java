package org.nestrinse.core.reset;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.textile.TextileLoad;

/**
 * Whether a kind may go through a recipe; when it may not, why, and what it may have instead.
 *
 * @param kind the kind
 * @param recipe the recipe
 * @param allowed whether it may
 * @param test whether the damp white cloth has to be tried first
 * @param reason why it may not, naming what forbids it; empty when it may
 * @param instead the recipe that it may have instead, or null when it may have none
 * @param insteadWords that in words; empty when it is allowed
 * @see "docs/models.md, section 11"
 */
public record ResetFitness(
    Kind kind,
    ResetRecipe recipe,
    boolean allowed,
    boolean test,
    String reason,
    @Nullable ResetRecipe instead,
    String insteadWords) {
  /** A label that ends below this forbids the boil [°C]. */
  private static final int BOIL_LABEL_C = 90;

  /** The mass does not matter here. */
  private static final double ANY_KG = 0.1;

  private static final Set<Material> BOILED = Set.of(Material.COTTON, Material.LINEN);

  /** What the damp white cloth showed. */
  public enum Fastness {
    NOT_TRIED,
    FAST,
    BLEEDS
  }

  /**
   * Returns whether a kind may.
   *
   * @param fastness what the damp white cloth showed of it
   */
  public static ResetFitness of(Kind kind, ResetRecipe recipe, Fastness fastness) {
    if (kind.animalFibre()) {
      String fibre = kind.has(Material.WOOL) ? "wool" : "silk";
      return new ResetFitness(
          kind,
          recipe,
          false,
          false,
          "%s bears neither soda, heat nor a long soak; it felts or goes dull.".formatted(fibre),
          null,
          "A lukewarm rinse by hand with a little wool wash, no soak.");
    }
    String forbids = forbids(kind, recipe);
    if (!forbids.isEmpty()) {
      ResetRecipe instead = instead(kind, recipe, fastness);
      return refused(kind, recipe, forbids, instead);
    }
    if (recipe == ResetRecipe.RINSE_OUT || kind.colour() == Colour.PALE) {
      return allowed(kind, recipe);
    }
    return switch (fastness) {
      case FAST -> allowed(kind, recipe);
      case BLEEDS ->
          refused(
              kind,
              recipe,
              "its colour is not fast: it came off on the white cloth.",
              ResetRecipe.RINSE_OUT);
      case NOT_TRIED ->
          new ResetFitness(
              kind,
              recipe,
              false,
              true,
              "its colour is not tried yet. Press a damp white cloth on a seam for a minute: does colour come off?",
              ResetRecipe.RINSE_OUT,
              "Until then " + ResetRecipe.RINSE_OUT.words() + ".");
    };
  }

  /** Returns what in a load of materials forbids a recipe, or nothing when none does. */
  public static Optional<String> forbidden(TextileLoad load, ResetRecipe recipe) {
    return load.masses().stream()
        .map(m -> of(plain(m), recipe, Fastness.FAST))
        .filter(f -> !f.allowed)
        .map(f -> f.reason + " " + f.insteadWords)
        .findFirst();
  }

  private static Kind plain(TextileLoad.MaterialMass m) {
    Part part = new Part("body", m.material(), ANY_KG, false);
    return new Kind(0, m.material().words(), Role.TOWEL, Bin.HOUSE, List.of(part), 1, false, null);
  }

  private static ResetFitness allowed(Kind kind, ResetRecipe recipe) {
    return new ResetFitness(kind, recipe, true, false, "", null, "");
  }

  private static ResetFitness refused(
      Kind kind, ResetRecipe recipe, String reason, ResetRecipe instead) {
    String words = instead.words();
    return new ResetFitness(
        kind,
        recipe,
        false,
        false,
        reason,
        instead,
        words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1) + ".");
  }

  /** Returns what forbids it, or nothing. */
  private static String forbids(Kind kind, ResetRecipe recipe) {
    return switch (recipe) {
      case SIMMER_POT, SIMMER_POT_BORAX -> boil(kind);
      case OVERNIGHT_DETERGENT, OVERNIGHT_ACID, MINERAL_SOAK -> soak(kind);
      case CHLORINE_SOAK -> chlorine(kind);
      case RINSE_OUT -> "";
    };
  }

  private static String boil(Kind kind) {
    if (kind.oily()) {
      return "it may hold oil or solvent, which catches fire on a stove.";
    }
    String synthetic =
        kind.parts().stream()
            .map(Part::material)
            .filter(m -> !BOILED.contains(m))
            .distinct()
            .map(Material::words)
            .collect(Collectors.joining(" and "));
    if (!synthetic.isEmpty()) {
      return synthetic + " does not bear the boil; only cotton and linen do.";
    }
    if (kind.elastic()) {
      return "elastic does not bear the boil.";
    }
    boolean cooler = kind.label() != null && kind.label().hottestWashC() < BOIL_LABEL_C;
    return cooler ? "its label ends at " + kind.label().hottestWashC() + "." : "";
  }

  private static String soak(Kind kind) {
    if (kind.elastic()) {
      return "elastic weakens in a long soak.";
    }
    return kind.has(Material.LAMINATE) ? "waterproof laminate parts in a long soak." : "";
  }

  private static String chlorine(Kind kind) {
    if (!kind.bearsChlorine()) {
      return "chlorine ruins wool, silk, elastic, laminate, nylon and microfibre.";
    }
    boolean plain = kind.parts().stream().map(Part::material).allMatch(BOILED::contains);
    if (!plain) {
      return "chlorine is for white cotton and linen only.";
    }
    return kind.colour() == Colour.PALE ? "" : "chlorine takes its colour.";
  }

  /** The mildest recipe for the same trouble that the piece can take. */
  private static ResetRecipe instead(Kind kind, ResetRecipe recipe, Fastness fastness) {
    if (kind.has(Material.MICROFIBRE)
        && recipe != ResetRecipe.OVERNIGHT_DETERGENT
        && of(kind, ResetRecipe.OVERNIGHT_DETERGENT, fastness).allowed) {
      return ResetRecipe.OVERNIGHT_DETERGENT;
    }
    if (kind.absorbent()
        && recipe != ResetRecipe.MINERAL_SOAK
        && of(kind, ResetRecipe.MINERAL_SOAK, fastness).allowed) {
      return ResetRecipe.MINERAL_SOAK;
    }
    return ResetRecipe.RINSE_OUT;
  }
}
