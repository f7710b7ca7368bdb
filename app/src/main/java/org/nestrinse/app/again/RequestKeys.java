package org.nestrinse.app.again;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Remembers for a day which requests changed something. The key is written in the transaction of
 * the change itself, so that there is never one without the other.
 */
@Component
class RequestKeys implements TransactionExecutionListener {
  static final Duration KEPT = Duration.ofDays(1);

  private final ObjectProvider<EntityManager> entities;
  private final ObjectProvider<AnsweredRequestRepository> answered;
  private final ObjectProvider<PlatformTransactionManager> transactions;
  private final Clock clock;
  private final ThreadLocal<@Nullable Doing> doing = new ThreadLocal<>();

  RequestKeys(
      ObjectProvider<EntityManager> entities,
      ObjectProvider<AnsweredRequestRepository> answered,
      ObjectProvider<PlatformTransactionManager> transactions,
      Clock clock) {
    this.entities = entities;
    this.answered = answered;
    this.transactions = transactions;
    this.clock = clock;
  }

  /** The request that a thread is at. */
  private static final class Doing {
    final String key;
    final String request;
    boolean written;

    Doing(String key, String request) {
      this.key = key;
      this.request = request;
    }
  }

  /** Returns what a request was answered, if it changed something. */
  Optional<AnsweredRequest> answered(String key) {
    return answered.getObject().findById(key);
  }

  /** Begins a request: the first change that it makes is kept together with its key. */
  void begin(String key, String request) {
    doing.set(new Doing(key, request));
  }

  /** Ends it, and keeps its answer when it changed something. */
  void end(int status, @Nullable String contentType, String body) {
    Doing now = doing.get();
    doing.remove();
    if (now == null || !now.written) {
      return;
    }
    new TransactionTemplate(transactions.getObject())
        .executeWithoutResult(
            tx ->
                answered(now.key)
                    .ifPresent(
                        a -> {
                          a.status = status;
                          a.contentType = contentType;
                          a.body = body;
                          answered.getObject().deleteByAtBefore(clock.instant().minus(KEPT));
                        }));
  }

  /** Ends it without an answer. */
  void broken() {
    doing.remove();
  }

  @Override
  public void beforeCommit(TransactionExecution transaction) {
    Doing now = doing.get();
    // Without a name it is not what was asked for, such as catching up with normal days.
    if (now == null
        || now.written
        || transaction.isReadOnly()
        || transaction.getTransactionName().isEmpty()) {
      return;
    }
    AnsweredRequest a = new AnsweredRequest();
    a.key = now.key;
    a.request = now.request;
    a.at = clock.instant();
    entities.getObject().persist(a);
    now.written = true;
  }

  @Override
  public void afterCommit(TransactionExecution transaction, @Nullable Throwable failure) {
    Doing now = doing.get();
    if (failure != null && now != null) {
      now.written = false;
    }
  }
}
