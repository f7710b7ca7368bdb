package org.nestrinse.core.run;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.Step;

/**
 * What a person looks at between two steps, with the answers there are and what each one adds.
 *
 * @see "docs/models.md, judgement points"
 */
public enum Judgement {
  WATER(
      "How was the water?",
      answer("clear", "clear", Adds.NOTHING),
      answer("grey", "grey", Adds.RINSE_FIRST),
      answer("solids", "solids in it", Adds.FIRST_AGAIN)),
  STUCK(
      "Anything stuck to the drum?",
      answer("no", "no", Adds.NOTHING),
      answer("yes", "yes, peeled off", Adds.NOTHING)),
  STAINS(
      "Two piles: is anything still marked?",
      answer("none", "all clean", Adds.NOTHING),
      answer("some", "some are marked", Adds.TREAT),
      answer("many", "blood or protein still there", Adds.FIRST_AGAIN)),
  FILL(
      "How full is the drum now?",
      answer("good", "half to three quarters", Adds.NOTHING),
      answer("thin", "less than half", Adds.MORE_PIECES),
      answer("stuffed", "nothing turns over", Adds.FEWER_PIECES)),
  SUDS(
      "Suds in the last water?",
      answer("no", "none", Adds.NOTHING),
      answer("yes", "still suds", Adds.RINSE)),
  SMELL(
      "Sniff one wet piece.",
      answer("fresh", "of nothing", Adds.NOTHING),
      answer("sharp", "sharp, of ammonia", Adds.MAIN_AGAIN),
      answer("musty", "musty or of barnyard", Adds.MAIN_AGAIN));

  private final String question;
  private final List<Answer> answers;

  Judgement(String question, Answer... answers) {
    this.question = question;
    this.answers = List.of(answers);
  }

  /** What an answer adds to the routine. */
  public enum Adds {
    NOTHING(""),
    /** Before anything joins. */
    FIRST_AGAIN("the first wash once more"),
    /** Of the first set. */
    RINSE_FIRST("a rinse"),
    /** Worked in with a brush. */
    TREAT("stain remover"),
    MORE_PIECES("a few small pieces"),
    FEWER_PIECES("a moment to take some out"),
    /** Of the whole load. */
    RINSE("a rinse"),
    MAIN_AGAIN("the main wash once more");

    private final String words;

    Adds(String words) {
      this.words = words;
    }

    /** Returns what is added, in words; empty for nothing. */
    public String words() {
      return words;
    }
  }

  /**
   * One answer.
   *
   * @param id short name that stays the same
   * @param words as shown
   * @param adds what it adds
   */
  public record Answer(String id, String words, Adds adds) {}

  private static Answer answer(String id, String words, Adds adds) {
    return new Answer(id, words, adds);
  }

  /** Returns the question in words. */
  public String question() {
    return question;
  }

  /** Returns the answers there are. */
  public List<Answer> answers() {
    return answers;
  }

  /** Returns the answer with this short name; throws {@link OutOfRange} when there is none. */
  public Answer answer(String id) {
    return answers.stream()
        .filter(a -> a.id.equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new OutOfRange(
                    "answer",
                    id,
                    "one of " + String.join(", ", answers.stream().map(Answer::id).toList())));
  }

  /**
   * Returns what is judged at a step.
   *
   * @param step the step
   * @param washedBefore whether something was rinsed or washed before it
   * @param bulkersJoin whether small pieces join at it
   */
  public static List<Judgement> at(Step step, boolean washedBefore, boolean bulkersJoin) {
    List<Judgement> all = new ArrayList<>();
    if (step.action() == Step.Action.LOOK && washedBefore) {
      all.addAll(List.of(WATER, STUCK, STAINS));
    }
    if (step.action() == Step.Action.LOOK && bulkersJoin) {
      all.add(FILL);
    }
    if (step.action() == Step.Action.UNLOAD) {
      all.addAll(List.of(SUDS, SMELL));
    }
    return all;
  }
}
