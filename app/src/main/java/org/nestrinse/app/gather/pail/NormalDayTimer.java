package org.nestrinse.app.gather.pail;

import java.util.concurrent.TimeUnit;
import org.nestrinse.app.house.House;
import org.nestrinse.app.house.HouseOpened;
import org.nestrinse.app.house.MadeUpHouse;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Fills pails with what usual days bring, every minute: looking at a page writes nothing. */
@Component
class NormalDayTimer {
  private static final long BETWEEN_MINUTES = 1;

  private final AssumedPieces assumed;
  private final MadeUpHouse madeUp;

  NormalDayTimer(AssumedPieces assumed, MadeUpHouse madeUp) {
    this.assumed = assumed;
    this.madeUp = madeUp;
  }

  @EventListener({ApplicationReadyEvent.class, HouseOpened.class})
  void opened() {
    assumed.catchUp();
  }

  @Scheduled(
      initialDelay = BETWEEN_MINUTES,
      fixedDelay = BETWEEN_MINUTES,
      timeUnit = TimeUnit.MINUTES)
  void everyMinute() {
    House.OWN.run(assumed::catchUp);
    if (madeUp.isOpen()) {
      House.MADE_UP.run(assumed::catchUp);
    }
  }
}
