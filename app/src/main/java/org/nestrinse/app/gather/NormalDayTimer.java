package org.nestrinse.app.gather;

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

  private final NormalDayService normal;
  private final MadeUpHouse madeUp;

  NormalDayTimer(NormalDayService normal, MadeUpHouse madeUp) {
    this.normal = normal;
    this.madeUp = madeUp;
  }

  @EventListener({ApplicationReadyEvent.class, HouseOpened.class})
  void opened() {
    normal.catchUp();
  }

  @Scheduled(
      initialDelay = BETWEEN_MINUTES,
      fixedDelay = BETWEEN_MINUTES,
      timeUnit = TimeUnit.MINUTES)
  void everyMinute() {
    House.OWN.run(normal::catchUp);
    if (madeUp.isOpen()) {
      House.MADE_UP.run(normal::catchUp);
    }
  }
}
