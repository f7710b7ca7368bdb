package org.nestrinse.core.judge;

import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.units.Limits;

/**
 * How the learned correction of the dose moves. The last two rounds that told anything must agree,
 * and none of the last four may say the opposite. Suds in the water of a reset lower it at once:
 * they show what many washes left in. A tenth at a time; two tenths when the tenth before went the
 * same way and was not enough.
 *
 * @see "docs/models.md, trim"
 */
public final class Trim {
  /** Neither more nor less than the label. */
  public static final double NONE = 1;

  /** How far back rounds are asked; house figure. */
  public static final Duration PERIOD = Duration.ofDays(60);

  private static final double STEP = 0.1;
  private static final int AGREEING = 2;
  private static final int LOOKED_BACK = 4;
  private static final double TENTHS = 10;
  private static final int MOST_MORE = 2;

  private static final Set<String> TOO_LITTLE =
      Set.of("SMELL_WET.ammonia", "SMELL_WET.barnyard", "SMELL_DRY.barnyard", "JAR.grey");
  private static final Set<String> TOO_MUCH = Set.of("SUDS.suds", "FEEL.slimy", "JAR.suds");
  private static final Set<Sign> TOLD =
      Set.of(Sign.SMELL_WET, Sign.SMELL_DRY, Sign.SUDS, Sign.FEEL, Sign.JAR);

  private Trim() {}

  /** What one round says about the dose. */
  public enum Vote implements Saying {
    MORE,
    LESS,
    /** Looked at, and neither. */
    WELL,
    /** Nothing was told, or the one against the other. */
    NOTHING;
  }

  /**
   * A round as it counts for the trim.
   *
   * @param vote what it says
   * @param sinceMove whether it was washed since the trim moved last
   * @param atOnce whether it needs no second round to agree: a reset showed what was left in
   */
  public record Feedback(Vote vote, boolean sinceMove, boolean atOnce) {
    public Feedback(Vote vote, boolean sinceMove) {
      this(vote, sinceMove, false);
    }

    /** Returns what was seen of a round, as it counts. */
    public static Feedback of(Collection<Seen> ofRound, boolean sinceMove) {
      Vote vote = Trim.vote(ofRound);
      boolean reset = ofRound.stream().anyMatch(s -> s.inReset() && s.tellsOfWashes());
      return new Feedback(vote, sinceMove, reset && vote == Vote.LESS);
    }
  }

  /**
   * A move.
   *
   * @param from the trim as it is
   * @param to as it will be
   */
  public record Move(double from, double to) {
    /** Returns whether a change of the dose asks for this move: up or down, as it goes. */
    public boolean isAskedBy(Change change) {
      return change.trimDirection() != 0 && Math.signum(to - from) == change.trimDirection();
    }
  }

  /**
   * Returns the move that is felt: a tenth that is lost when scoops are rounded goes on by a
   * further tenth, until what goes in changes; two further at most, and within the bounds.
   *
   * @param move what was seen asks for
   * @param grams what goes in at a trim [g]
   */
  public static Move felt(Move move, DoubleUnaryOperator grams) {
    double before = grams.applyAsDouble(move.from);
    double way = Math.signum(move.to - move.from);
    double to = move.to;
    for (int more = 0; more < MOST_MORE && grams.applyAsDouble(to) == before; more++) {
      double next = Math.round((to + way * STEP) * TENTHS) / TENTHS;
      if (next < Limits.TRIM.min() || next > Limits.TRIM.max()) {
        break;
      }
      to = next;
    }
    return grams.applyAsDouble(to) == before ? move : new Move(move.from, to);
  }

  /** Returns what the observations of one round say about the dose. */
  public static Vote vote(Collection<Seen> seen) {
    List<Seen> ofRound = seen.stream().filter(Seen::tellsOfWashes).toList();
    boolean more = ofRound.stream().anyMatch(s -> TOO_LITTLE.contains(s.finding()));
    boolean less = ofRound.stream().anyMatch(s -> TOO_MUCH.contains(s.finding()));
    if (more != less) {
      return more ? Vote.MORE : Vote.LESS;
    }
    boolean told = ofRound.stream().anyMatch(s -> TOLD.contains(s.sign()));
    return told && !more ? Vote.WELL : Vote.NOTHING;
  }

  /**
   * Returns the move that the rounds ask for, or nothing.
   *
   * @param trim as it is, {@link Limits#TRIM}
   * @param rounds oldest first
   * @param lastMove the way of the last move: 1 up, −1 down, 0 when there was none
   */
  public static Optional<Move> next(double trim, List<Feedback> rounds, int lastMove) {
    Limits.TRIM.check("trim", trim);
    List<Feedback> told = rounds.stream().filter(r -> r.vote != Vote.NOTHING).toList();
    List<Feedback> fresh = told.stream().filter(Feedback::sinceMove).toList();
    if (fresh.isEmpty()) {
      return Optional.empty();
    }
    Feedback last = fresh.get(fresh.size() - 1);
    Vote vote = last.vote;
    boolean agree = fresh.size() >= AGREEING && fresh.get(fresh.size() - AGREEING).vote == vote;
    if ((!agree && !last.atOnce) || vote == Vote.WELL) {
      return Optional.empty();
    }
    Vote contrary = vote == Vote.MORE ? Vote.LESS : Vote.MORE;
    boolean contradicted =
        told.stream()
            .skip(Math.max(0, told.size() - LOOKED_BACK))
            .anyMatch(r -> r.vote == contrary);
    if (contradicted) {
      return Optional.empty();
    }
    int way = vote == Vote.MORE ? 1 : -1;
    double step = lastMove == way ? 2 * STEP : STEP;
    double wanted = Math.min(Limits.TRIM.max(), Math.max(Limits.TRIM.min(), trim + way * step));
    double to = Math.round(wanted * TENTHS) / TENTHS;
    return to == trim ? Optional.empty() : Optional.of(new Move(trim, to));
  }
}
