package org.nestrinse.core.reset;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.judge.Cause;
import org.nestrinse.core.judge.Change;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Role;

/**
 * Whether a kind needs a reset, and which.
 *
 * @param state what is advised
 * @param recipe the recipe that fits what was seen, or null when none is needed
 * @param says it in a sentence
 * @param yearly how often a year is usual for it
 * @see "docs/models.md, section 11"
 */
public record ResetNeed(State state, @Nullable ResetRecipe recipe, Said says, int yearly) {
  private static final Set<String> DETERGENT = Set.of("SUDS.suds", "JAR.suds", "FEEL.slimy");
  private static final Set<String> GREASE =
      Set.of("DROP.beads", "FEEL.greasy", "JAR.film", "LEAKS.runs_off", "GRAB.streaks");
  private static final Set<String> MINERAL = Set.of("DROP.slow", "FEEL.stiff", "COLOUR.dull");
  private static final double HARD_MMOL_L = 2.5;
  private static final int KITCHEN_YEARLY = 4;
  private static final int TOWEL_YEARLY = 1;
  private static final int OTHER_YEARLY = 2;
  private static final String BECAUSE = "because";

  /** What is advised. */
  public enum State {
    /** No check speaks of residue. */
    NOT_NEEDED,
    WANTED,
    /** Only whole loads speak of residue: a look at one piece of this kind comes first. */
    CHECK_FIRST,
    /** Wanted more often than is usual: the routine is wrong, not the pieces. */
    ROUTINE_FIRST
  }

  /**
   * Returns what is advised.
   *
   * @param kind the kind
   * @param all what was seen of it lately; the water of a reset never asks for another
   * @param hardnessMmolL hardness of the water [mmol/L]
   * @param resetsInYear how often it was reset in the last year
   * @param daysSince days since the last, or null when there was none
   * @param likely what Judge takes for the cause, or null when it cannot be told
   */
  public static ResetNeed of(
      Kind kind,
      Collection<Seen> all,
      double hardnessMmolL,
      int resetsInYear,
      @Nullable Integer daysSince,
      @Nullable Cause likely) {
    int yearly = yearly(kind);
    List<Seen> seen = all.stream().filter(s -> !s.inReset()).toList();
    List<Seen> own = seen.stream().filter(s -> !s.ofLoad()).toList();
    ResetRecipe recipe = recipe(kind, own, hardnessMmolL);
    if (recipe == null && recipe(kind, seen, hardnessMmolL) != null) {
      return new ResetNeed(
          State.CHECK_FIRST,
          null,
          Said.of(NeedSaying.ONE_PIECE_FIRST).with("because", because(seen)),
          yearly);
    }
    if (recipe == null) {
      return new ResetNeed(State.NOT_NEEDED, null, Said.of(NeedSaying.NOT_NEEDED), yearly);
    }
    List<Said> because = because(own);
    if (resetsInYear >= yearly) {
      Said why =
          likely == null
              ? Said.of(NeedSaying.TOO_OFTEN)
              : Said.of(NeedSaying.TOO_OFTEN_LIKELY).with("cause", likely);
      return new ResetNeed(
          State.ROUTINE_FIRST,
          recipe,
          why.with("times", resetsInYear).with(BECAUSE, because),
          yearly);
    }
    if (likely != null && !Change.RESET.touches(likely)) {
      return new ResetNeed(
          State.ROUTINE_FIRST,
          recipe,
          Said.of(NeedSaying.OTHER_CAUSE).with("because", because).with("cause", likely.said()),
          yearly);
    }
    Said last =
        daysSince == null
            ? NeedSaying.NEVER_YET.said()
            : Said.of(NeedSaying.DAYS_AGO).with("days", daysSince);
    return new ResetNeed(
        State.WANTED,
        recipe,
        Said.of(NeedSaying.WANTED).with(BECAUSE, because).with("last", last).with("recipe", recipe),
        yearly);
  }

  /**
   * Returns what is advised after the resets until now.
   *
   * @param seen what was seen of the kind; what a reset has settled does not count
   * @param hardnessMmolL hardness of the water [mmol/L]
   * @param likely what Judge takes for the cause, or null when it cannot be told
   */
  public static ResetNeed of(
      Kind kind,
      Collection<Seen> seen,
      double hardnessMmolL,
      ResetHistory history,
      @Nullable Cause likely) {
    return of(
        kind,
        history.unsettled(seen),
        hardnessMmolL,
        history.inYear(),
        history.daysSince(),
        likely);
  }

  /** Returns how often a year is usual: kitchen towels 4, bath towels 1, others when needed. */
  public static int yearly(Kind kind) {
    if (kind.bin() == Bin.KITCHEN) {
      return KITCHEN_YEARLY;
    }
    return kind.role() == Role.TOWEL ? TOWEL_YEARLY : OTHER_YEARLY;
  }

  private static @Nullable ResetRecipe recipe(
      Kind kind, Collection<Seen> seen, double hardnessMmolL) {
    boolean microfibre = kind.has(Material.MICROFIBRE);
    if (any(seen, DETERGENT)) {
      return ResetRecipe.RINSE_OUT;
    }
    if (any(seen, GREASE)) {
      return bearing(kind, microfibre ? ResetRecipe.OVERNIGHT_DETERGENT : ResetRecipe.SIMMER_POT);
    }
    if (any(seen, MINERAL)) {
      boolean hard = hardnessMmolL >= HARD_MMOL_L;
      return bearing(
          kind,
          microfibre
              ? ResetRecipe.OVERNIGHT_ACID
              : hard ? ResetRecipe.MINERAL_SOAK : ResetRecipe.RINSE_OUT);
    }
    return null;
  }

  private static @Nullable ResetRecipe bearing(Kind kind, ResetRecipe recipe) {
    ResetFitness fitness = ResetFitness.of(kind, recipe, ResetFitness.Fastness.FAST);
    return fitness.allowed() ? recipe : fitness.instead();
  }

  private static boolean any(Collection<Seen> seen, Set<String> findings) {
    return seen.stream().anyMatch(s -> findings.contains(s.finding()));
  }

  private static List<Said> because(Collection<Seen> seen) {
    return seen.stream()
        .filter(
            s ->
                DETERGENT.contains(s.finding())
                    || GREASE.contains(s.finding())
                    || MINERAL.contains(s.finding()))
        .map(s -> s.sign().value(s.value()).words())
        .distinct()
        .limit(3)
        .toList();
  }
}
