package org.nestrinse.core.wash.school;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.wash.WashPhrase;

/**
 * What a person wants of one load beyond the school.
 *
 * @param goal the hygiene goal, or null for the most demanding of soil, people and household
 * @param positions chosen positions on questions of dispute, by short name
 * @param besides products that the person puts in besides
 * @param boosts what is done more for the hygiene goal
 * @param standing what the household does otherwise in every routine
 * @param settings what the person sets instead of leaving it to the school
 */
public record Wishes(
    @Nullable HygieneGoal goal,
    Map<Disagreement, String> positions,
    List<Besides> besides,
    Set<Boost> boosts,
    Set<Standing> standing,
    OwnSettings settings) {
  /** Nothing beyond the school. */
  public static final Wishes NONE = new Wishes(null, Map.of(), List.of(), Set.of());

  /** How much of a product may go in besides [mL]. */
  public static final Range BESIDES_ML = new Range(1, 1000, Unit.MILLILITRE);

  private static final int LONGER_MINUTES = 60;

  /** What can be done more for the hygiene goal, beside a hotter wash. */
  public enum Boost implements Saying {
    LONGER,
    WHITENER,
    SANITISER;
  }

  /** Where a product goes in. */
  public enum Where implements Saying {
    FIRST_WASH,
    MAIN_WASH,
    LAST_RINSE;
  }

  /**
   * A product put in besides.
   *
   * @param productId its number in Kit
   * @param where into which bath
   * @param ml how much [mL]
   */
  public record Besides(long productId, Where where, double ml) {
    public Besides {
      BESIDES_ML.check("besides.ml", ml);
    }
  }

  public Wishes {
    positions.forEach(Disagreement::position);
    positions =
        positions.isEmpty()
            ? Map.of()
            : java.util.Collections.unmodifiableMap(new EnumMap<>(positions));
    besides = List.copyOf(besides);
    boosts = Set.copyOf(boosts);
    standing = Set.copyOf(standing);
  }

  /** Makes the wishes of a household that does nothing otherwise. */
  public Wishes(
      @Nullable HygieneGoal goal,
      Map<Disagreement, String> positions,
      List<Besides> besides,
      Set<Boost> boosts) {
    this(goal, positions, besides, boosts, Set.of(), OwnSettings.NONE);
  }

  /** Returns the school as the chosen positions and what is done more bend it. */
  public School bend(School school) {
    School bent = school;
    for (Standing s : standing) {
      bent = s.bend(bent);
    }
    for (Map.Entry<Disagreement, String> e : positions.entrySet()) {
      bent = e.getKey().bend(bent, e.getValue());
    }
    bent = settings.bend(bent);
    for (Boost boost : boosts) {
      bent = bent.with(boosted(bent.chemistry(), boost));
    }
    return boosts.contains(Boost.LONGER)
        ? bent.with(
            new School.Main(
                bent.main().celsius(), bent.main().minutes() + LONGER_MINUTES, bent.main().by()))
        : bent;
  }

  private static School.Chemistry boosted(School.Chemistry c, Boost boost) {
    double whitener = boost == Boost.WHITENER ? c.whitenerScoops() + 1 : c.whitenerScoops();
    return new School.Chemistry(
        c.strength(),
        whitener,
        c.enzymes(),
        c.form(),
        c.sanitiser() || boost == Boost.SANITISER,
        c.vinegar());
  }

  /** Returns what the household does otherwise in every routine. */
  public List<Said> standingWords() {
    return standing.stream()
        .sorted()
        .map(s -> Said.of(WashPhrase.STANDING).with("what", s))
        .toList();
  }

  /** Returns the same wishes of a household that does this otherwise in every routine. */
  public Wishes standing(Set<Standing> always) {
    return new Wishes(goal, positions, besides, boosts, always, settings);
  }

  /** Returns the same wishes with other settings. */
  public Wishes with(OwnSettings others) {
    return new Wishes(goal, positions, besides, boosts, standing, others);
  }

  /** Returns the same wishes with something done more. */
  public Wishes with(Boost boost) {
    Set<Boost> more = new HashSet<>(boosts);
    more.add(boost);
    return new Wishes(goal, positions, besides, more, standing, settings);
  }

  /**
   * Returns the same wishes in a household that answers the questions that are not of one load like
   * this.
   */
  public Wishes household(Map<Disagreement, String> answers) {
    Map<Disagreement, String> all = new EnumMap<>(Disagreement.class);
    all.putAll(positions);
    all.keySet().removeIf(Disagreement::ofHousehold);
    all.putAll(answers);
    return new Wishes(goal, all, besides, boosts, standing, settings);
  }

  /** Returns whether a question is answered like this. */
  public boolean chose(Disagreement question, String position) {
    return position.equals(positions.get(question));
  }

  /** Returns the same wishes with a question answered. */
  public Wishes with(Disagreement question, String position) {
    Map<Disagreement, String> more = new EnumMap<>(Disagreement.class);
    more.putAll(positions);
    more.put(question, position);
    return new Wishes(goal, more, besides, boosts, standing, settings);
  }
}
