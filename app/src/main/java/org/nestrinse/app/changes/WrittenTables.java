package org.nestrinse.app.changes;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.hibernate.cfg.JdbcSettings;
import org.hibernate.resource.jdbc.spi.StatementInspector;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.house.House;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Reads off every statement what is written, and says so once the transaction stands. */
@Configuration
class WrittenTables {
  private static final Pattern WRITES =
      Pattern.compile("^\\s*(?:insert into|update|delete from|merge into)\\s+(\\w+)");

  private final ChangeCount changes;
  private final ApplicationEventPublisher events;

  WrittenTables(ChangeCount changes, ApplicationEventPublisher events) {
    this.changes = changes;
    this.events = events;
  }

  @Bean
  HibernatePropertiesCustomizer inspected() {
    StatementInspector inspector =
        sql -> {
          Topic topic = written(sql);
          if (topic != null && TransactionSynchronizationManager.isSynchronizationActive()) {
            noted(topic);
          }
          return sql;
        };
    return properties -> properties.put(JdbcSettings.STATEMENT_INSPECTOR, inspector);
  }

  private static @Nullable Topic written(String sql) {
    Matcher writes = WRITES.matcher(sql.toLowerCase(Locale.ROOT));
    return writes.lookingAt() ? Topic.of(writes.group(1)) : null;
  }

  private void noted(Topic topic) {
    Written open =
        TransactionSynchronizationManager.getSynchronizations().stream()
            .filter(Written.class::isInstance)
            .map(Written.class::cast)
            .findFirst()
            .orElse(null);
    if (open == null) {
      open = new Written();
      TransactionSynchronizationManager.registerSynchronization(open);
    }
    open.topics.add(topic);
  }

  /** What one transaction writes. */
  private final class Written implements TransactionSynchronization {
    private final House house = House.current();
    private final Set<Topic> topics = EnumSet.noneOf(Topic.class);

    /** Comes before everything else that follows a commit: nobody may be answered as before. */
    @Override
    public int getOrder() {
      return Ordered.HIGHEST_PRECEDENCE;
    }

    @Override
    public void afterCommit() {
      changes.count();
      events.publishEvent(new HouseChanged(house, Set.copyOf(topics)));
    }
  }
}
