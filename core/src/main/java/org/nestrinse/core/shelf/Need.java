package org.nestrinse.core.shelf;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;

/** Something in daily use, with the bundles that serve for it and what they are made of. */
public enum Need implements Saying {
  /** A pocket with its insert, an all-in-one, or a flat with a cover: whatever the house has. */
  DAYS(7, 20, Recipe.DAY, Recipe.ALL_IN_ONE, Recipe.FLAT_DAY),
  NIGHTS(19, 22, Recipe.TWO_PART_NIGHT, Recipe.NIGHT),
  PADS(19, 22, Recipe.BED),
  SANITARY(7, 22, Recipe.SANITARY),
  NURSING(7, 22, Recipe.NURSING);

  private final int fromHour;
  private final int toHour;
  private final List<Recipe> recipes;

  Need(int fromHour, int toHour, Recipe... recipes) {
    this.fromHour = fromHour;
    this.toHour = toHour;
    this.recipes = List.of(recipes);
  }

  /** Returns the hour from which it is used. */
  public int fromHour() {
    return fromHour;
  }

  /** Returns the hour until which it is used. */
  public int toHour() {
    return toHour;
  }

  /** Returns the bundles that serve for it, the usual one first. */
  public List<Recipe> recipes() {
    return recipes;
  }

  /** Returns the bundles of it that a household could make at all from what it owns. */
  public List<Recipe> madeOf(Set<Kind> owned) {
    return recipes.stream().filter(r -> r.canBeMade(owned)).toList();
  }

  /**
   * Returns the roles of which its bundles are made, in this household. What a bundle can do
   * without counts only where somebody has it.
   */
  public Set<Role> roles(Set<Kind> owned) {
    List<Recipe> made = madeOf(owned);
    List<Recipe> all = made.isEmpty() ? List.of(recipes.get(0)) : made;
    return all.stream()
        .flatMap(r -> r.parts().stream())
        .filter(p -> !p.optional() || owned.stream().anyMatch(k -> k.role() == firstRole(p)))
        .map(Need::firstRole)
        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Role.class)));
  }

  private static Role firstRole(Recipe.Part part) {
    return part.choices().get(0).role();
  }

  /**
   * Returns how many uses some pieces give. A cover is aired and worn again, so it serves for
   * {@link Recipe#FLATS_PER_COVER} flats.
   *
   * @param bundling the bundles that the pieces make
   * @param there the pieces
   */
  public int uses(Bundling bundling, Map<Kind, Integer> there) {
    int uses = recipes.stream().mapToInt(bundling::count).sum();
    if (this != DAYS) {
      return uses;
    }
    int withCover = bundling.count(Recipe.FLAT_DAY);
    int flats =
        there.entrySet().stream()
            .filter(e -> e.getKey().role() == Role.FLAT)
            .mapToInt(Map.Entry::getValue)
            .sum();
    int asInserts =
        bundling.made().stream()
            .filter(m -> !m.recipe().equals(Recipe.FLAT_DAY))
            .flatMap(m -> m.uses().stream())
            .filter(u -> u.kind().role() == Role.FLAT)
            .mapToInt(Bundling.Use::pieces)
            .sum();
    int left = Math.max(0, flats - asInserts - withCover);
    return uses + Math.min(left, (Recipe.FLATS_PER_COVER - 1) * withCover);
  }
}
