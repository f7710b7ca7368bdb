package org.nestrinse.app.ledger;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.nestrinse.app.house.House;
import org.nestrinse.app.house.HouseOpened;
import org.nestrinse.app.ledger.LedgerService.Difference;
import org.nestrinse.app.store.DamagedRows;
import org.nestrinse.app.store.UnreadableRows;
import org.nestrinse.core.said.Said;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Looks at every start, and every night, whether counts and places agree, whether every row is as
 * it was written, and whether this release can read it.
 */
@Component
@EnableScheduling
public class LedgerCheck {
  private static final Logger LOG = LoggerFactory.getLogger(LedgerCheck.class);
  private static final int CLOSING_S = 20;
  private static final String EVERY_NIGHT = "0 20 4 * * *";

  private final LedgerService ledger;
  private final UnreadableRows unreadable;
  private final DamagedRows damaged;
  private final ExecutorService aside =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread thread = new Thread(work, "row-check");
            thread.setDaemon(true);
            return thread;
          });
  private final Map<House, List<Difference>> found = new ConcurrentHashMap<>();
  private final Map<House, List<Said>> notices = new ConcurrentHashMap<>();
  private volatile boolean closing;

  LedgerCheck(LedgerService ledger, UnreadableRows unreadable, DamagedRows damaged) {
    this.ledger = ledger;
    this.unreadable = unreadable;
    this.damaged = damaged;
  }

  /** Looks now; rows are looked through aside, so that nobody waits for them. */
  @EventListener({ApplicationReadyEvent.class, HouseOpened.class})
  public void look() {
    House house = House.current();
    List<Difference> now = ledger.differences();
    found.put(house, now);
    if (!now.isEmpty()) {
      LOG.warn("The counts of {} kinds differ from their places", now.size());
    }
    aside.execute(
        () -> {
          try {
            notices.put(house, house.get(this::rows));
          } catch (RuntimeException e) {
            LOG.warn("The rows could not be looked through", e);
          }
        });
  }

  /** Looks again at every household that was looked at before. */
  @Scheduled(cron = EVERY_NIGHT)
  void everyNight() {
    found.keySet().forEach(house -> house.run(this::look));
  }

  private List<Said> rows() {
    List<Said> told = new ArrayList<>();
    for (UnreadableRows.Unknown u : unreadable.find()) {
      told.add(
          Said.of(LedgerSaying.NOT_READABLE).with("where", u.where()).with("rows", (int) u.rows()));
    }
    List<String> rows = damaged.find(() -> !closing);
    if (!rows.isEmpty()) {
      told.add(Said.of(LedgerSaying.NOT_AS_WRITTEN).with("rows", Said.row(rows)));
    }
    return List.copyOf(told);
  }

  /** Returns what the last look found. */
  public List<Difference> found() {
    return found.getOrDefault(House.current(), List.of());
  }

  /** Returns what the last look found of rows. */
  public List<Said> notices() {
    return notices.getOrDefault(House.current(), List.of());
  }

  /**
   * Lets the look come to its own end. It is not interrupted: an interrupt in the middle of a read
   * closes the database file under everyone who uses it.
   */
  @EventListener(ContextClosedEvent.class)
  void close() throws InterruptedException {
    closing = true;
    aside.shutdown();
    if (!aside.awaitTermination(CLOSING_S, TimeUnit.SECONDS)) {
      LOG.warn("The look through the rows did not end in {} seconds", CLOSING_S);
    }
  }
}
