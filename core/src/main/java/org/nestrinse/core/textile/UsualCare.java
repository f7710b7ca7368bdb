package org.nestrinse.core.textile;

import java.util.function.Function;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/**
 * What a kind takes while no label says otherwise, and which of its materials decides: "40°, from
 * microfibre".
 *
 * @param wash the hottest wash, in words
 * @param spin the fastest spin, in words
 * @param dryer the warmest dryer setting, in words
 */
public record UsualCare(Said wash, Said spin, Said dryer) {

  /** Returns the usual limits of a kind with where each comes from. */
  public static UsualCare of(Kind kind) {
    CareLimits limits = kind.usualLimits();
    return new UsualCare(
        from(kind, CareLimits::hottestWashC).with("limit", Quantity.celsius(limits.hottestWashC())),
        from(kind, CareLimits::fastestSpinRpm)
            .with("limit", Quantity.of(limits.fastestSpinRpm(), Unit.RPM)),
        from(kind, CareLimits::dryer).with("limit", limits.dryer()));
  }

  /** The first part that takes no more; its elastic when the material alone would take more. */
  private static <T> Said from(Kind kind, Function<CareLimits, T> which) {
    T limit = which.apply(kind.usualLimits());
    Part part =
        kind.parts().stream()
            .filter(p -> which.apply(kind.usualLimits(p)).equals(limit))
            .findFirst()
            .orElseThrow();
    Part plain = new Part(part.name(), part.material(), part.massKg(), false);
    return which.apply(kind.usualLimits(plain)).equals(limit)
        ? Said.of(TextileSaying.FROM_MATERIAL).with("material", part.material())
        : Said.of(TextileSaying.FROM_ELASTIC);
  }
}
