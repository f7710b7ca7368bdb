package org.nestrinse.core.household;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.nestrinse.core.household.NextTask.Drying;
import org.nestrinse.core.household.NextTask.Due;
import org.nestrinse.core.household.NextTask.Stand;
import org.nestrinse.core.household.NextTask.Task;
import org.nestrinse.core.said.Said;

class NextTaskTest {
  private static final Said WORDS = Said.from("words");
  private static final Drying NOTHING_HANGS = new Drying(0, null, 0, null);

  private static Task of(
      @Nullable Said step,
      @Nullable Said running,
      Drying drying,
      int ready,
      int toMake,
      @Nullable Due due) {
    return NextTask.of(new Stand(true, step, running, drying, ready, toMake, due)).task();
  }

  @Test
  void aHouseThatIsNotSetUpIsSetUpFirst() {
    assertThat(NextTask.of(new Stand(false, WORDS, WORDS, NOTHING_HANGS, 1, 1, null)).task())
        .isEqualTo(Task.SET_UP);
  }

  @Test
  void whoStandsBesideTheDrumComesFirstThenWhatIsDryThenWhatIsReady() {
    Drying dry = new Drying(4, WORDS, 0, null);
    Due over = new Due(Duration.ofHours(-1), WORDS, WORDS);
    assertThat(of(WORDS, null, dry, 1, 0, over)).isEqualTo(Task.STEP);
    assertThat(of(null, WORDS, dry, 1, 0, over)).isEqualTo(Task.FEEL);
    assertThat(of(null, WORDS, new Drying(0, WORDS, 3, WORDS), 1, 0, over)).isEqualTo(Task.TRIP);
    assertThat(of(null, WORDS, NOTHING_HANGS, 1, 0, over)).isEqualTo(Task.WASHING);
    assertThat(of(null, null, NOTHING_HANGS, 1, 0, over)).isEqualTo(Task.START);
    assertThat(of(null, null, NOTHING_HANGS, 0, 1, over)).isEqualTo(Task.SORT);
  }

  @Test
  void whatIsDueTomorrowIsNoTaskOfToday() {
    Due later = new Due(NextTask.SOON, WORDS, WORDS);
    assertThat(of(null, null, NOTHING_HANGS, 0, 2, later)).isEqualTo(Task.WAITING);
    assertThat(
            of(
                null,
                null,
                NOTHING_HANGS,
                0,
                2,
                new Due(NextTask.SOON.minusMinutes(1), WORDS, WORDS)))
        .isEqualTo(Task.SORT);
    assertThat(of(null, null, new Drying(0, null, 3, WORDS), 0, 2, later)).isEqualTo(Task.DRYING);
    assertThat(of(null, null, NOTHING_HANGS, 0, 0, null)).isEqualTo(Task.NOTHING);
    assertThat(Task.WAITING.now()).isFalse();
    assertThat(Task.SORT.now()).isTrue();
  }
}
