package org.nestrinse.app.ledger;

import java.util.List;
import org.nestrinse.app.ledger.LedgerService.Difference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Looks at every start, and every night, whether counts and places agree. */
@Component
@EnableScheduling
public class LedgerCheck {
  private static final Logger LOG = LoggerFactory.getLogger(LedgerCheck.class);
  private static final String EVERY_NIGHT = "0 20 4 * * *";

  private final LedgerService ledger;
  private volatile List<Difference> found = List.of();

  LedgerCheck(LedgerService ledger) {
    this.ledger = ledger;
  }

  /** Looks now. */
  @EventListener(ApplicationReadyEvent.class)
  @Scheduled(cron = EVERY_NIGHT)
  public void look() {
    found = ledger.differences();
    if (!found.isEmpty()) {
      LOG.warn("The counts of {} kinds differ from their places", found.size());
    }
  }

  /** Returns what the last look found. */
  public List<Difference> found() {
    return found;
  }
}
