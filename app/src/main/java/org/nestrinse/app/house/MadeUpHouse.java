package org.nestrinse.app.house;

import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The made-up house: brought up to date, founded and furnished when somebody first looks at it. */
@Component
public class MadeUpHouse {
  private static final Logger LOG = LoggerFactory.getLogger(MadeUpHouse.class);

  private final ObjectProvider<DataSource> databases;
  private final ObjectProvider<HouseMigration> migration;
  private final ObjectProvider<HouseFounder> founders;
  private final ObjectProvider<Furnisher> furnishers;
  private final ApplicationEventPublisher events;
  private final PackedHouse packed;
  private final boolean ownIsMadeUp;
  private final Path folder;
  private final AtomicReference<State> state = new AtomicReference<>(State.SHUT);
  private final ExecutorService builder =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread thread = new Thread(work, "made-up-house");
            thread.setDaemon(true);
            return thread;
          });

  MadeUpHouse(
      ObjectProvider<DataSource> databases,
      ObjectProvider<HouseMigration> migration,
      ObjectProvider<HouseFounder> founders,
      ObjectProvider<Furnisher> furnishers,
      ApplicationEventPublisher events,
      PackedHouse packed,
      @Value("${nest.demo}") boolean ownIsMadeUp,
      @Value("${nest.data}") Path folder) {
    this.ownIsMadeUp = ownIsMadeUp;
    this.databases = databases;
    this.migration = migration;
    this.founders = founders;
    this.furnishers = furnishers;
    this.events = events;
    this.packed = packed;
    this.folder = HouseDatabases.madeUpFolder(folder);
  }

  /** How far it is. */
  public enum State {
    /** Nobody has looked at it since the start. */
    SHUT,
    /** It is being furnished, which takes a few seconds the first time. */
    FURNISHING,
    OPEN,
    /** It could not be opened; the log says why. */
    BROKEN
  }

  /** Returns how far it is, and begins to open it when it is shut. */
  public State enter() {
    if (state.compareAndSet(State.SHUT, State.FURNISHING)) {
      builder.execute(() -> House.MADE_UP.run(this::open));
    }
    return state.get();
  }

  /** Returns whether this thread works for a made-up house, beside a family's own or alone. */
  public boolean isHere() {
    return ownIsMadeUp || House.current() == House.MADE_UP;
  }

  /** Returns whether nobody has looked at it since the start. */
  public boolean isShut() {
    return state.get() == State.SHUT;
  }

  /** Returns whether it can be looked at. */
  public boolean isOpen() {
    return state.get() == State.OPEN;
  }

  private void open() {
    try {
      packed.moveInto(folder);
      migration.getObject().migrate(databases.getObject(), folder);
      founders.orderedStream().forEach(HouseFounder::found);
      furnishers.orderedStream().forEach(Furnisher::furnish);
      state.set(State.OPEN);
      events.publishEvent(new HouseOpened(House.MADE_UP));
    } catch (RuntimeException e) {
      LOG.error("The made-up house could not be opened", e);
      state.set(State.BROKEN);
    }
  }

  /**
   * Furnishing is one transaction: when it is cut short, the next look begins anew. It is not
   * interrupted, since that could break a migration in the middle.
   */
  @EventListener(ContextClosedEvent.class)
  void close() {
    builder.shutdown();
  }
}
