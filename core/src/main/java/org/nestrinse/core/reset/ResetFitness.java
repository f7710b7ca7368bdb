package org.nestrinse.core.reset;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
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
 * @param reason why it may not, naming what forbids it; nothing when it may
 * @param instead the recipe that it may have instead, or null when it may have none
 * @param insteadWords that in words; nothing when it is allowed
 * @see "docs/models.md, section 11"
 */
public record ResetFitness(
    Kind kind,
    ResetRecipe recipe,
    boolean allowed,
    boolean test,
    Said reason,
    @Nullable ResetRecipe instead,
    Said insteadWords) {
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
      Material fibre = kind.has(Material.WOOL) ? Material.WOOL : Material.SILK;
      return new ResetFitness(
          kind,
          recipe,
          false,
          false,
          Said.of(FitSaying.ANIMAL_FIBRE).with("fibre", fibre),
          null,
          FitSaying.LUKEWARM_RINSE.said());
    }
    Said forbids = forbids(kind, recipe);
    if (!forbids.nothing()) {
      ResetRecipe instead = instead(kind, recipe, fastness);
      return refused(kind, recipe, forbids, instead);
    }
    if (recipe == ResetRecipe.RINSE_OUT || kind.colour() == Colour.PALE) {
      return allowed(kind, recipe);
    }
    return switch (fastness) {
      case FAST -> allowed(kind, recipe);
      case BLEEDS -> refused(kind, recipe, FitSaying.NOT_FAST.said(), ResetRecipe.RINSE_OUT);
      case NOT_TRIED ->
          new ResetFitness(
              kind,
              recipe,
              false,
              true,
              FitSaying.NOT_TRIED.said(),
              ResetRecipe.RINSE_OUT,
              Said.of(FitSaying.UNTIL_THEN).with("recipe", ResetRecipe.RINSE_OUT));
    };
  }

  /** Returns what in a load of materials forbids a recipe, or nothing when none does. */
  public static Optional<Said> forbidden(TextileLoad load, ResetRecipe recipe) {
    return load.masses().stream()
        .map(m -> of(plain(m), recipe, Fastness.FAST))
        .filter(f -> !f.allowed)
        .map(f -> Said.sentences(List.of(f.reason, f.insteadWords)))
        .findFirst();
  }

  private static Kind plain(TextileLoad.MaterialMass m) {
    Part part = new Part("body", m.material(), ANY_KG, false);
    return new Kind(0, m.material().name(), Role.TOWEL, Bin.HOUSE, List.of(part), 1, false, null);
  }

  private static ResetFitness allowed(Kind kind, ResetRecipe recipe) {
    return new ResetFitness(kind, recipe, true, false, Said.NOTHING, null, Said.NOTHING);
  }

  private static ResetFitness refused(
      Kind kind, ResetRecipe recipe, Said reason, ResetRecipe instead) {
    return new ResetFitness(
        kind,
        recipe,
        false,
        false,
        reason,
        instead,
        Said.of(FitSaying.INSTEAD).with("recipe", instead));
  }

  /** Returns what forbids it, or nothing. */
  private static Said forbids(Kind kind, ResetRecipe recipe) {
    return switch (recipe) {
      case SIMMER_POT, SIMMER_POT_BORAX -> boil(kind);
      case OVERNIGHT_DETERGENT, OVERNIGHT_ACID, MINERAL_SOAK -> soak(kind);
      case CHLORINE_SOAK -> chlorine(kind);
      case RINSE_OUT -> Said.NOTHING;
    };
  }

  private static Said boil(Kind kind) {
    if (kind.oily()) {
      return FitSaying.MAY_HOLD_OIL.said();
    }
    List<Material> synthetic =
        kind.parts().stream()
            .map(Part::material)
            .filter(m -> !BOILED.contains(m))
            .distinct()
            .toList();
    if (!synthetic.isEmpty()) {
      return Said.of(FitSaying.NO_BOIL).with("materials", synthetic);
    }
    if (kind.elastic()) {
      return FitSaying.ELASTIC_NO_BOIL.said();
    }
    boolean cooler = kind.label() != null && kind.label().hottestWashC() < BOIL_LABEL_C;
    return cooler
        ? Said.of(FitSaying.LABEL_ENDS_AT)
            .with("celsius", Quantity.celsius(kind.label().hottestWashC()))
        : Said.NOTHING;
  }

  private static Said soak(Kind kind) {
    if (kind.elastic()) {
      return FitSaying.ELASTIC_NO_SOAK.said();
    }
    return kind.has(Material.LAMINATE) ? FitSaying.LAMINATE_NO_SOAK.said() : Said.NOTHING;
  }

  private static Said chlorine(Kind kind) {
    if (!kind.bearsChlorine()) {
      return FitSaying.CHLORINE_RUINS.said();
    }
    boolean plain = kind.parts().stream().map(Part::material).allMatch(BOILED::contains);
    if (!plain) {
      return FitSaying.CHLORINE_ONLY_WHITE.said();
    }
    return kind.colour() == Colour.PALE ? Said.NOTHING : FitSaying.CHLORINE_BLEACHES.said();
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
