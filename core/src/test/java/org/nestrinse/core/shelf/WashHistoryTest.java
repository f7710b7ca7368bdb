package org.nestrinse.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class WashHistoryTest {
  private static final Instant NOW = Instant.parse("2026-05-20T09:00:00Z");

  private static WashHistory.Wash wash(int daysAgo, int pieces, double peakC) {
    return new WashHistory.Wash(NOW.minus(Duration.ofDays(daysAgo)), pieces, peakC);
  }

  @Test
  void piecesADayAreCountedSinceTheFirstWash() {
    WashHistory history = new WashHistory(List.of(wash(1, 30, 60), wash(4, 50, 60)));
    assertThat(history.piecesPerDay(NOW)).isCloseTo(20, within(1e-9));
    assertThat(new WashHistory(List.of()).piecesPerDay(NOW)).isZero();
    assertThat(new WashHistory(List.of(wash(0, 12, 40))).piecesPerDay(NOW)).isEqualTo(12);
  }

  @Test
  void coolRoundsInARowCallForAHotOne() {
    WashHistory history =
        new WashHistory(List.of(wash(1, 30, 40), wash(3, 30, 41), wash(6, 9, 60)));
    WeekExtras.Due due = history.due(4, NOW.minus(Duration.ofDays(12)), NOW);
    assertThat(due.cool()).isTrue();
    assertThat(due.coolRoundsInRow()).isEqualTo(2);
    assertThat(due.lastHotDaysAgo()).isEqualTo(6);
    assertThat(due.maintainedDaysAgo()).isEqualTo(12);
  }

  @Test
  void aHouseThatWashesHotNeedsNoHotRound() {
    WeekExtras.Due due = new WashHistory(List.of(wash(1, 30, 58))).due(0, null, NOW);
    assertThat(due.cool()).isFalse();
    assertThat(due.maintainedDaysAgo()).isEqualTo(WeekExtras.MAINTENANCE_DAYS);
  }

  @Test
  void theNextRoundIsLikeTheLast() {
    List<WeekQuestion.Shape.StepTime> steps =
        List.of(
            new WeekQuestion.Shape.StepTime(5, false, true),
            new WeekQuestion.Shape.StepTime(40, false, true),
            new WeekQuestion.Shape.StepTime(120, true, true),
            new WeekQuestion.Shape.StepTime(5, true, false));
    WeekQuestion.Shape shape =
        WeekQuestion.Shape.like(
            new WeekQuestion.Shape.Last(steps, 40, 0.5, 170, 1.5, 0.9), 0.75, 0.3);
    assertThat(shape.bulkAfterMinutes()).isEqualTo(45);
    assertThat(shape.minutes()).isEqualTo(170);
    assertThat(shape.perRun()).isEqualTo(60);
    assertThat(shape.otherMoney()).isCloseTo(0.45, within(1e-9));
  }
}
