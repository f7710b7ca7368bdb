package org.nestrinse.core.record;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.judge.Seen;
import org.nestrinse.core.judge.Sign;

/**
 * A round of the record with its figures and with what was seen of it.
 *
 * @param id number
 * @param startedAt when it began
 * @param school short name of its method
 * @param programme of its main wash
 * @param contents what was in it
 * @param figures what is known of it in figures
 * @param seen what people saw of it
 */
public record PastRound(
    long id,
    Instant startedAt,
    String school,
    String programme,
    List<Content> contents,
    RoundFigures figures,
    List<Seen> seen) {
  /** The school of a reset, which is a round of its own sort. */
  public static final String RESET = "reset";

  public PastRound {
    contents = List.copyOf(contents);
    seen = List.copyOf(seen);
  }

  /**
   * Pieces of one kind and person.
   *
   * @param kind name of the kind
   * @param person whose they are, or null for the household's
   * @param pieces how many
   * @param massKg their dry mass [kg]
   * @param heldHours how long the oldest had waited [h]
   * @param bulker whether they joined for the main wash only
   */
  public record Content(
      String kind,
      @Nullable String person,
      int pieces,
      double massKg,
      double heldHours,
      boolean bulker) {}

  /**
   * Returns what the last of some rounds with one of these kinds left in them [mg/kg], 0 when none
   * had any.
   *
   * @param rounds oldest first
   * @param kinds names of kinds
   */
  public static double lastResidueMgKg(List<PastRound> rounds, Collection<String> kinds) {
    return rounds.stream()
        .filter(r -> kinds.stream().anyMatch(r::has))
        .mapToDouble(r -> r.estimate().residueMgKg())
        .reduce(0, (one, next) -> next);
  }

  /** Returns the last of some rounds, oldest first, that was a wash and no reset. */
  public static Optional<PastRound> lastWashed(List<PastRound> rounds) {
    return rounds.stream().filter(PastRound::washed).reduce((one, next) -> next);
  }

  /** Returns what went in. */
  public RoundFigures.Dose dose() {
    return figures.dose();
  }

  /** Returns how it was washed. */
  public RoundFigures.Bath bath() {
    return figures.bath();
  }

  /** Returns what the estimates say of it. */
  public RoundFigures.Estimate estimate() {
    return figures.estimate();
  }

  /** Returns what it took. */
  public RoundFigures.Spent spent() {
    return figures.spent();
  }

  /** Returns whether it was an ordinary wash, and not a reset. */
  public boolean washed() {
    return !school.equals(RESET);
  }

  /** Returns how many pieces were in it by its contents. */
  public int pieces() {
    return contents.stream().mapToInt(Content::pieces).sum();
  }

  /** Returns how long the piece waited that waited longest [h]; bulkers do not count. */
  public double heldHours() {
    return contents.stream().filter(c -> !c.bulker).mapToDouble(Content::heldHours).max().orElse(0);
  }

  /** Returns whether pieces of this kind were in it. */
  public boolean has(String kind) {
    return contents.stream().anyMatch(c -> c.kind.equals(kind));
  }

  /** Returns the same round with other things seen. */
  public PastRound with(List<Seen> other) {
    return new PastRound(id, startedAt, school, programme, contents, figures, other);
  }

  /**
   * Returns whether a sign was bad: true or false when somebody looked, null when nobody did.
   *
   * @param signs any of these
   */
  public @Nullable Boolean bad(Sign... signs) {
    List<Seen> looked = seen.stream().filter(s -> List.of(signs).contains(s.sign())).toList();
    return looked.isEmpty() ? null : Boolean.valueOf(looked.stream().anyMatch(s -> !s.good()));
  }
}
