package org.nestrinse.core.judge;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.judge.CauseWeights.Evidence;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;

/**
 * What the causes may be, ranked; what speaks for and against each; and which check would tell
 * most. Bayes' rule over {@link Cause} and over two causes at once, the signs taken as independent
 * given the causes; every sign may have been misread; one that was seen again and again counts once
 * a round and twice at most.
 *
 * @param state how far one can tell
 * @param says it in one sentence
 * @param causes the ranked causes, the likeliest first; empty when none is named
 * @param checks what to look at next, the most telling for its work first
 * @see "docs/models.md, causes"
 */
public record Diagnosis(State state, Said says, List<Ranked> causes, List<NextCheck> checks) {
  /** Below this probability the first cause is not named as likely. */
  public static final double LIKELY = 0.4;

  /** No cause is ever given more. */
  public static final double MOST_SURE = 0.9;

  /** Repeats of one sign tell the same thing again: they count so often at most. */
  private static final double MOST_REPEATS = 2;

  /** Causes below this are not shown. */
  private static final double SHOWN = 0.03;

  /** Smallest likelihood ratio shown as an argument. */
  private static final double TELLING = 1.3;

  /** Fetching and writing down, for every check [min]. */
  private static final double AROUND_MINUTES = 1;

  private static final CauseTable TABLE = CauseTable.TABLE;

  public Diagnosis {
    causes = List.copyOf(causes);
    checks = List.copyOf(checks);
  }

  /** Returns it in one sentence where the checks are not shown beside it. */
  public Said saysElsewhere() {
    return state == State.NOT_ENOUGH ? JudgeWords.notEnough(false) : says;
  }

  /** Returns the likeliest cause, or null when nothing stands out. */
  public @Nullable Cause likely() {
    return state == State.LIKELY ? causes.get(0).cause : null;
  }

  /** How far one can tell. */
  public enum State {
    NOTHING_WRONG,
    NOT_ENOUGH,
    LIKELY,
    CLINICIAN
  }

  /**
   * A cause with its probability.
   *
   * @param cause the cause
   * @param probability 0 to 1
   * @param speaksFor what speaks for it, the strongest first
   * @param speaksAgainst what speaks against it, the strongest first
   * @param changes what it asks for, the most useful first
   */
  public record Ranked(
      Cause cause,
      double probability,
      List<Argument> speaksFor,
      List<Argument> speaksAgainst,
      List<Proposal> changes) {
    public Ranked {
      speaksFor = List.copyOf(speaksFor);
      speaksAgainst = List.copyOf(speaksAgainst);
      changes = List.copyOf(changes);
    }

    private Ranked without(Change change) {
      return new Ranked(
          cause,
          probability,
          speaksFor,
          speaksAgainst,
          changes.stream().filter(p -> p.change != change).toList());
    }
  }

  /**
   * Something that speaks for or against a cause.
   *
   * @param sign what was looked at
   * @param words what it was
   * @param reason why it counts
   * @param factor how much likelier it makes the cause against all others; below 1 less likely
   */
  public record Argument(Sign sign, Said words, Saying reason, double factor) {}

  /** A change that a cause asks for, and what it is expected to do. */
  public record Proposal(Change change, CauseReason expected) {}

  /**
   * A check that is worth its work.
   *
   * @param sign what is looked at
   * @param bits expected gain of information [bit]
   * @param minutes work [min]
   * @param outcomes what each outcome would mean
   */
  public record NextCheck(Sign sign, double bits, double minutes, List<Outcome> outcomes) {
    public NextCheck {
      outcomes = List.copyOf(outcomes);
    }

    /** Returns the gain for its work [bit/min]. */
    public double worth() {
      return bits / (minutes + AROUND_MINUTES);
    }
  }

  /**
   * One outcome of a check.
   *
   * @param value short name of the value
   * @param words what it is
   * @param expected how likely it is, 0 to 1
   * @param cause the cause that would then come first
   * @param probability of that cause then
   */
  public record Outcome(
      String value, Said words, double expected, Cause cause, double probability) {}

  /**
   * Judges what was seen.
   *
   * @param facts what the record says
   * @param all what people saw in the time that is judged; the water of a reset never leads to
   *     another
   */
  public static Diagnosis of(HouseFacts facts, List<Seen> all) {
    List<Seen> seen = all.stream().filter(Seen::tellsOfWashes).toList();
    if (skin(seen)) {
      return new Diagnosis(State.CLINICIAN, DiagnosisSaying.CLINICIAN.said(), List.of(), List.of());
    }
    boolean complaint = seen.stream().anyMatch(Seen::wrong);
    if (!complaint) {
      return new Diagnosis(
          State.NOTHING_WRONG,
          (seen.isEmpty() ? DiagnosisSaying.NOTHING_SEEN : DiagnosisSaying.NOTHING_WRONG).said(),
          List.of(),
          List.of());
    }
    List<Evidence> evidence = evidence(facts, sinceTrouble(seen));
    CauseWeights weighed = CauseWeights.of(evidence);
    Map<Cause, Double> posterior = weighed.causes();
    boolean washes = seen.stream().anyMatch(s -> s.wrong() && !s.inReset());
    List<Ranked> ranked =
        ranked(posterior, evidence).stream()
            .map(r -> washes ? r : r.without(Change.RESET))
            .toList();
    List<NextCheck> checks = TellingChecks.of(posterior, evidence);
    boolean known =
        !ranked.isEmpty()
            && ranked.get(0).probability >= LIKELY
            && ranked.get(0).probability > posterior.get(Cause.OTHER);
    CauseWeights.Pair pair = weighed.pair();
    boolean both =
        pair != null
            && ranked.stream().anyMatch(r -> r.cause == pair.one())
            && ranked.stream().anyMatch(r -> r.cause == pair.other());
    Said says =
        !known
            ? JudgeWords.notEnough(!checks.isEmpty())
            : both
                ? JudgeWords.twoAtOnce(pair.one(), pair.other())
                : JudgeWords.says(ranked.get(0).cause, Certainty.of(ranked.get(0).probability));
    return new Diagnosis(known ? State.LIKELY : State.NOT_ENOUGH, says, ranked, checks);
  }

  /** The last thing that was seen of the skin decides. */
  private static boolean skin(List<Seen> seen) {
    return seen.stream()
        .filter(s -> s.sign() == Sign.SKIN)
        .max(Comparator.comparing(Seen::at))
        .map(s -> !s.good())
        .orElse(false);
  }

  /**
   * What pieces were like before the first complaint tells of a time when all was well; how they
   * are washed still holds.
   */
  private static List<Seen> sinceTrouble(List<Seen> seen) {
    Instant first =
        seen.stream()
            .filter(Seen::wrong)
            .map(Seen::at)
            .min(Comparator.naturalOrder())
            .orElse(Instant.MAX);
    return seen.stream().filter(s -> !s.sign().symptom() || !s.at().isBefore(first)).toList();
  }

  /** What was seen wins over what the record says of the same sign. */
  private static List<Evidence> evidence(HouseFacts facts, List<Seen> seen) {
    Map<Sign, List<Seen>> bySign = new EnumMap<>(Sign.class);
    for (Seen s : seen) {
      if (TABLE.tells(s.sign())) {
        bySign.computeIfAbsent(s.sign(), k -> new ArrayList<>()).add(s);
      }
    }
    List<Evidence> all = new ArrayList<>();
    bySign.forEach(
        (sign, list) -> {
          List<Seen> once = oncePerRound(list);
          double weight = Math.min(1, MOST_REPEATS / once.size());
          Map<String, Long> counts = new HashMap<>();
          once.forEach(s -> counts.merge(s.value(), 1L, Long::sum));
          counts.forEach((value, n) -> all.add(new Evidence(sign, value, n * weight)));
        });
    facts
        .findings()
        .forEach(
            (sign, value) -> {
              if (!bySign.containsKey(sign)) {
                all.add(new Evidence(sign, value, 1));
              }
            });
    all.sort(Comparator.comparing(Evidence::sign).thenComparing(Evidence::value));
    return all;
  }

  /** Whoever looks twice at the wash of one round sees the same thing twice. */
  private static List<Seen> oncePerRound(List<Seen> seen) {
    Set<String> told = new HashSet<>();
    return seen.stream()
        .filter(s -> s.round() == null || told.add(s.round() + "." + s.value()))
        .toList();
  }

  private static List<Ranked> ranked(Map<Cause, Double> posterior, List<Evidence> evidence) {
    return Arrays.stream(Cause.values())
        .filter(c -> c != Cause.OTHER && posterior.get(c) >= SHOWN)
        .filter(c -> evidence.stream().anyMatch(e -> explains(c, e)))
        .sorted(Comparator.comparing((Cause c) -> -posterior.get(c)))
        .map(c -> ranked(c, Math.min(MOST_SURE, posterior.get(c)), evidence))
        .toList();
  }

  /** A cause is named only when it makes something that is wrong likelier than it is anyway. */
  private static boolean explains(Cause cause, Evidence e) {
    return e.sign().symptom()
        && !e.sign().good(e.value())
        && TABLE.reason(cause, e.sign(), e.value()) != null;
  }

  private static Ranked ranked(Cause cause, double probability, List<Evidence> evidence) {
    List<Argument> speaksFor = new ArrayList<>();
    List<Argument> against = new ArrayList<>();
    for (Evidence e : evidence) {
      double own = CauseWeights.likelihood(cause, e.sign(), e.value());
      double others = CauseWeights.others(cause, e);
      double factor = Math.pow(own / others, e.weight());
      Said words = e.sign().value(e.value()).words();
      CauseReason reason = TABLE.reason(cause, e.sign(), e.value());
      if (factor >= TELLING) {
        speaksFor.add(
            new Argument(
                e.sign(), words, reason == null ? DiagnosisSaying.AS_IT_WOULD_BE : reason, factor));
      } else if (factor <= 1 / TELLING) {
        against.add(
            new Argument(
                e.sign(), words, reason == null ? DiagnosisSaying.OTHERWISE : reason, factor));
      }
    }
    speaksFor.sort(Comparator.comparing(a -> -a.factor));
    against.sort(Comparator.comparing(Argument::factor));
    List<Proposal> changes =
        TABLE.changes(cause).stream().map(p -> new Proposal(p.change(), p.expected())).toList();
    return new Ranked(cause, probability, speaksFor, against, changes);
  }
}
