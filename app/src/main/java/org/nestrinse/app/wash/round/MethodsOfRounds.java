package org.nestrinse.app.wash.round;

import java.util.Collection;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.wash.plan.PastMethods;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/** Reads off the rounds how things were washed. */
@Component
class MethodsOfRounds implements PastMethods {
  private final RoundRepository rounds;

  MethodsOfRounds(RoundRepository rounds) {
    this.rounds = rounds;
  }

  @Override
  public @Nullable String usual(Collection<Long> kindIds) {
    return rounds.usual(kindIds, RoundState.TRUE, Limit.of(1)).stream().findFirst().orElse(null);
  }
}
