package org.nestrinse.app.wash.round;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.run.Judgement;

/**
 * Said when something was looked at during a round, in earnest.
 *
 * @param roundId the round
 * @param judgement what was looked at
 * @param answer short name of the answer
 * @param carer who looked, or null when nobody said
 * @param at when
 * @param source names the answer, so that what it reported goes when it is taken back
 */
public record RoundAnswered(
    long roundId,
    Judgement judgement,
    String answer,
    @Nullable String carer,
    Instant at,
    String source) {

  /** Said when an answer is taken back. */
  public record TakenBack(String source) {}
}
