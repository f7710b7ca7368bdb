package org.nestrinse.core.household;

import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.judge.HouseFacts;
import org.nestrinse.core.judge.HouseFactsBuilder;
import org.nestrinse.core.record.PastRound;

/** What the last washes of a record say of how a household washes. */
public final class RoundFacts {
  /** So many washes are looked at. */
  private static final int ROUNDS = 6;

  private RoundFacts() {}

  /**
   * How worn the pieces are that are asked about.
   *
   * @param washes each has had, on average
   * @param share of their life that is used, on average
   */
  public record Worn(double washes, double share) {}

  /**
   * Returns the means of the last washes whose machine ran; {@link HouseFacts#NONE} when there was
   * none.
   *
   * @param rounds oldest first
   * @param worn how worn the pieces are, or null when nobody asked about a kind
   */
  public static HouseFacts of(List<PastRound> rounds, @Nullable Worn worn) {
    List<PastRound> all =
        rounds.stream().filter(r -> r.washed() && !r.estimate().notRun()).toList();
    List<PastRound> last = all.subList(Math.max(0, all.size() - ROUNDS), all.size());
    if (last.isEmpty()) {
      return HouseFacts.NONE;
    }
    return HouseFactsBuilder.builder()
        .hardnessMmolL(mean(last, r -> r.bath().hardnessMmolL()))
        .doseShare(mean(last, r -> r.dose().share()))
        .residueShare(
            mean(last, r -> r.estimate().residueMgKg() / r.estimate().residueTargetMgKg()))
        .fill(mean(last, r -> r.bath().fill() > 0 ? r.bath().fill() : null))
        .peakC(mean(last, r -> r.bath().peakC()))
        .shortC(mean(last, r -> Math.max(0, r.bath().temperatureC() - r.bath().peakC())))
        .holdingHours(mean(last, PastRound::heldHours))
        .coats(last.stream().anyMatch(r -> r.dose().coats()))
        .hotDryer(null)
        .washes(worn == null ? null : Double.valueOf(worn.washes))
        .lifeShare(worn == null ? null : Double.valueOf(worn.share))
        .build();
  }

  private static @Nullable Double mean(
      List<PastRound> rounds, Function<PastRound, @Nullable Double> value) {
    OptionalDouble mean =
        rounds.stream()
            .map(value)
            .filter(Objects::nonNull)
            .mapToDouble(Double::doubleValue)
            .average();
    return mean.isPresent() ? Double.valueOf(mean.getAsDouble()) : null;
  }
}
