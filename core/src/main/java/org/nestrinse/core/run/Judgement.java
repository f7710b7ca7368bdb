package org.nestrinse.core.run;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.wash.step.Step;

/**
 * What a person looks at between two steps, with the answers there are and what each one adds.
 *
 * @see "docs/models.md, judgement points"
 */
public enum Judgement {
  WATER(
      answer("clear", JudgementSaying.WATER_CLEAR, Adds.NOTHING),
      answer("grey", JudgementSaying.WATER_GREY, Adds.RINSE_FIRST),
      answer("solids", JudgementSaying.WATER_SOLIDS, Adds.FIRST_AGAIN)),
  STUCK(
      answer("no", JudgementSaying.STUCK_NO, Adds.NOTHING),
      answer("yes", JudgementSaying.STUCK_YES, Adds.NOTHING)),
  STAINS(
      answer("none", JudgementSaying.STAINS_NONE, Adds.NOTHING),
      answer("some", JudgementSaying.STAINS_SOME, Adds.TREAT),
      answer("many", JudgementSaying.STAINS_MANY, Adds.FIRST_AGAIN)),
  FILL(
      answer("good", JudgementSaying.FILL_GOOD, Adds.NOTHING),
      answer("thin", JudgementSaying.FILL_THIN, Adds.MORE_PIECES),
      answer("stuffed", JudgementSaying.FILL_STUFFED, Adds.FEWER_PIECES)),
  SUDS(
      answer("no", JudgementSaying.SUDS_NO, Adds.NOTHING),
      answer("yes", JudgementSaying.SUDS_YES, Adds.RINSE)),
  SMELL(
      answer("fresh", JudgementSaying.SMELL_FRESH, Adds.NOTHING),
      answer("sharp", JudgementSaying.SMELL_SHARP, Adds.MAIN_AGAIN),
      answer("musty", JudgementSaying.SMELL_MUSTY, Adds.MAIN_AGAIN));

  private final List<Answer> answers;

  Judgement(Answer... answers) {
    this.answers = List.of(answers);
  }

  /** What an answer adds to the routine. */
  public enum Adds implements Saying {
    NOTHING,
    /** Before anything joins. */
    FIRST_AGAIN,
    /** Of the first set. */
    RINSE_FIRST,
    /** Worked in with a brush. */
    TREAT,
    MORE_PIECES,
    FEWER_PIECES,
    /** Of the whole load. */
    RINSE,
    MAIN_AGAIN;
  }

  /**
   * One answer.
   *
   * @param id short name that stays the same
   * @param words as shown
   * @param adds what it adds
   */
  public record Answer(String id, Said words, Adds adds) {}

  private static Answer answer(String id, JudgementSaying words, Adds adds) {
    return new Answer(id, words.said(), adds);
  }

  /** Returns the question. */
  public Said question() {
    return JudgementSaying.valueOf(name()).said();
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
            () -> OutOfRange.noneOf("answer", id, answers.stream().map(Answer::id).toList()));
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
