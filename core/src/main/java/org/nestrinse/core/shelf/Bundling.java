package org.nestrinse.core.shelf;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;

/**
 * The most valuable set of bundles that clean pieces make. Wanted bundles count fully, more of the
 * everyday ones a tenth; each step down the order of preference takes a little, a part left out
 * takes a third. The numbers of bundles come from branch and bound, the pieces from the cheapest
 * flow. That is exact, except on a very large shelf: see {@link BundlingSearch}.
 *
 * @param made what is made, by recipe, each in its layers
 * @param value of all together
 * @param missing which one piece more would help most, or null when none would
 * @see "docs/models.md, bundles"
 */
public record Bundling(List<Made> made, double value, @Nullable Missing missing) {
  public Bundling {
    made = List.copyOf(made);
  }

  /**
   * Bundles of one recipe that are put together alike.
   *
   * @param recipe how
   * @param count how many in all
   * @param without how many of them go without an optional part
   * @param uses what goes in, by kind and from the skin outwards, for all of them together
   */
  public record Made(Recipe recipe, int count, int without, List<Use> uses) {}

  /**
   * Pieces of one kind in bundles.
   *
   * @param kind which
   * @param part for which part
   * @param pieces how many
   * @param substitute whether something else would be preferred
   */
  public record Use(Kind kind, RecipeSaying part, int pieces, boolean substitute) {}

  /**
   * The piece that is missed most.
   *
   * @param kind one more of it
   * @param recipe would make one more of these
   * @param words the same in words
   */
  public record Missing(Kind kind, Recipe recipe, Said words) {}

  /** Returns how many bundles of a recipe there are. */
  public int count(Recipe recipe) {
    return made.stream().filter(m -> m.recipe.equals(recipe)).mapToInt(Made::count).sum();
  }

  /** Returns how many of them go without an optional part. */
  public int without(Recipe recipe) {
    return made.stream().filter(m -> m.recipe.equals(recipe)).mapToInt(Made::without).sum();
  }

  /**
   * Returns the best set.
   *
   * @param clean clean pieces by kind
   * @param wanted how many bundles of each recipe are wanted; none when not named
   */
  public static Bundling of(Map<Kind, Integer> clean, Map<Recipe, Integer> wanted) {
    BundlesToMake toMake = BundlesToMake.of(clean, wanted);
    BundlingSearch.Found best = BundlingSearch.best(toMake);
    return new Bundling(best.made(toMake), best.value(), missing(toMake, best));
  }

  /** Returns the best set without asking what is missing. */
  public static Bundling quickly(Map<Kind, Integer> clean, Map<Recipe, Integer> wanted) {
    BundlesToMake toMake = BundlesToMake.of(clean, wanted);
    BundlingSearch.Found best = BundlingSearch.best(toMake);
    return new Bundling(best.made(toMake), best.value(), null);
  }

  private static @Nullable Missing missing(BundlesToMake toMake, BundlingSearch.Found best) {
    Missing most = null;
    double gain = BundlingSearch.TINY;
    for (int k = 0; k < toMake.alike().size(); k++) {
      BundlesToMake more = toMake.withOneMore(k);
      BundlingSearch.Found then = BundlingSearch.best(more);
      for (Recipe recipe : Recipe.ALL) {
        boolean oneMore = then.count(more, recipe) > best.count(toMake, recipe);
        if (oneMore && then.value() - best.value() > gain) {
          gain = then.value() - best.value();
          Kind kind = toMake.alike().get(k).kinds().get(0);
          Said words =
              Said.of(StockSaying.RUNS_SHORT)
                  .with("kind", kind.plural())
                  .with("bundle", recipe.name());
          most = new Missing(kind, recipe, words);
        }
      }
    }
    return most;
  }
}
