package org.nestrinse.core.judge;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.nestrinse.core.said.Said;

/**
 * One change at a time, watched over the next rounds. Only rounds at which somebody looked count.
 *
 * @param state how it stands
 * @param watched rounds at which somebody looked
 * @param bad of them with the complaint still there
 * @param says it in a sentence
 * @see "docs/models.md, experiments"
 */
public record Experiment(State state, int watched, int bad, Said says) {
  /** Number of rounds that are watched. */
  public static final int ROUNDS = 3;

  /** Number of rounds without improvement that settle it. */
  private static final int AGREEING = 2;

  /** Number of rounds nobody looked at after which it stays open. */
  private static final int PATIENCE = 6;

  /** How it stands. */
  public enum State {
    WATCHING,
    KEPT,
    UNDONE,
    UNCLEAR
  }

  /**
   * Judges a change.
   *
   * @param change what was changed
   * @param complaint the findings that led to it, such as "SMELL_WET.ammonia"
   * @param rounds what was seen of each round since, oldest first; empty for a round that nobody
   *     looked at
   */
  public static Experiment of(
      Change change, Set<String> complaint, List<? extends Collection<Seen>> rounds) {
    Set<Sign> watchedSigns =
        complaint.stream()
            .map(f -> Sign.valueOf(f.substring(0, f.indexOf('.'))))
            .collect(Collectors.toSet());
    int watched = 0;
    int bad = 0;
    int contrary = 0;
    int all = 0;
    for (Collection<Seen> round : rounds) {
      all++;
      boolean worse = round.stream().anyMatch(s -> change.contrary().contains(s.finding()));
      boolean still = round.stream().anyMatch(s -> complaint.contains(s.finding()));
      boolean looked = round.stream().anyMatch(s -> watchedSigns.contains(s.sign()));
      if (!looked && !worse) {
        continue;
      }
      watched++;
      bad += still ? 1 : 0;
      contrary += worse ? 1 : 0;
      if (contrary >= AGREEING) {
        return new Experiment(State.UNDONE, watched, bad, DiagnosisSaying.TOO_FAR.said());
      }
      if (bad >= AGREEING) {
        return failed(change, watched, bad);
      }
      if (watched == ROUNDS) {
        return settled(watched, bad + contrary);
      }
    }
    if (all >= PATIENCE) {
      return new Experiment(State.UNCLEAR, watched, bad, DiagnosisSaying.TOO_FEW_LOOKED.said());
    }
    return new Experiment(
        State.WATCHING,
        watched,
        bad,
        Said.of(DiagnosisSaying.ROUNDS_LOOKED_AT).with("looked", watched).with("rounds", ROUNDS));
  }

  /**
   * Returns the findings that are watched: what is bad and can change by it, of that what speaks
   * for the cause, else all. Other complaints may go or stay without telling anything of this
   * change.
   *
   * @return such as "SMELL_WET.ammonia", in order; empty when there is nothing to watch
   */
  public static Set<String> complaint(
      Diagnosis d, Change change, Cause cause, Collection<Seen> seen) {
    Set<Sign> telling =
        d.causes().stream()
            .filter(r -> r.cause() == cause)
            .flatMap(r -> r.speaksFor().stream())
            .map(Diagnosis.Argument::sign)
            .collect(Collectors.toSet());
    Set<String> bad = new TreeSet<>();
    Set<String> all = new TreeSet<>();
    for (Seen s : seen) {
      if (s.wrong() && change.couldChange(s.sign())) {
        all.add(s.finding());
        if (telling.contains(s.sign())) {
          bad.add(s.finding());
        }
      }
    }
    return bad.isEmpty() ? all : bad;
  }

  /** The dose goes on by steps, so one that is not enough yet is not taken back. */
  private static Experiment failed(Change change, int watched, int bad) {
    return change.trimDirection() == 0
        ? new Experiment(
            State.UNDONE,
            watched,
            bad,
            (change == Change.RESET
                    ? DiagnosisSaying.DID_NOT_HELP
                    : DiagnosisSaying.DID_NOT_HELP_BACK)
                .said())
        : new Experiment(State.UNCLEAR, watched, bad, DiagnosisSaying.NOT_ENOUGH_YET.said());
  }

  private static Experiment settled(int watched, int bad) {
    return bad == 0
        ? new Experiment(
            State.KEPT, watched, bad, Said.of(DiagnosisSaying.GONE).with("rounds", watched))
        : new Experiment(
            State.UNCLEAR,
            watched,
            bad,
            Said.of(DiagnosisSaying.SEEN_AGAIN).with("bad", bad).with("rounds", watched));
  }
}
