package org.nestrinse.core.dry;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Dry times are spans to the half hour, which touch checks narrow. */
class DrySpanTest {
  private static final Instant HUNG = Instant.parse("2026-05-20T09:10:00Z");

  @Test
  void everySpanHoldsItsEstimateAndEndsOnHalfHours() {
    Random random = new Random(8);
    for (int i = 0; i < 200; i++) {
      Instant dry = HUNG.plus(Duration.ofMinutes(5 + random.nextInt(3000)));
      DrySpan span = DrySpan.of(HUNG, dry, random.nextBoolean());
      assertThat(span.from()).isBeforeOrEqualTo(dry);
      assertThat(span.to()).isAfterOrEqualTo(dry);
      assertThat(span.from().getEpochSecond() % 1800).isZero();
      assertThat(span.to().getEpochSecond() % 1800).isZero();
    }
  }

  @Test
  void checksNarrowItAndLongerTimesWidenIt() {
    Instant dry = HUNG.plus(Duration.ofHours(20));
    DrySpan guessed = DrySpan.of(HUNG, dry, false);
    DrySpan checked = DrySpan.of(HUNG, dry, true);
    assertThat(length(checked)).isLessThan(length(guessed));
    assertThat(length(DrySpan.of(HUNG, HUNG.plus(Duration.ofHours(5)), false)))
        .isLessThan(length(guessed));
  }

  @Test
  void aDryerIsNeverEarlyAndHardlyLate() {
    Instant end = HUNG.plus(Duration.ofMinutes(80));
    DrySpan span = DrySpan.tumbled(HUNG, end);
    assertThat(span.to()).isBefore(end.plus(Duration.ofMinutes(45)));
    assertThat(length(span)).isLessThanOrEqualTo(Duration.ofHours(1));
    assertThat(DryWords.clock(span.to(), ZoneOffset.UTC)).matches("\\d{1,2}:(00|30)");
  }

  private static Duration length(DrySpan span) {
    return Duration.between(span.from(), span.to());
  }
}
