package org.nestrinse.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.store.DamagedRows;
import org.nestrinse.app.store.UnreadableRows;

/** The look through the rows, when the application stops in the middle of it. */
class LedgerCheckTest {
  @Test
  void closingWaitsForTheLookAndNeverInterruptsIt() throws InterruptedException {
    CountDownLatch looking = new CountDownLatch(1);
    AtomicBoolean cameToItsEnd = new AtomicBoolean();
    DamagedRows damaged = mock(DamagedRows.class);
    when(damaged.find(any()))
        .thenAnswer(
            call -> {
              BooleanSupplier goOn = call.getArgument(0);
              looking.countDown();
              while (goOn.getAsBoolean() && !Thread.currentThread().isInterrupted()) {
                Thread.onSpinWait();
              }
              cameToItsEnd.set(!Thread.currentThread().isInterrupted());
              return List.of();
            });
    LedgerCheck check =
        new LedgerCheck(mock(LedgerService.class), mock(UnreadableRows.class), damaged);
    check.look();
    looking.await();
    check.close();
    assertThat(cameToItsEnd).isTrue();
  }
}
