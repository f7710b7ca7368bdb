package org.nestrinse.app.house;

import java.util.function.Supplier;

/**
 * The household that a thread works for. Each has a database in a folder of its own, and an address
 * prefix of its own; no query sees the other's rows.
 */
public enum House {
  /** The family's own. */
  OWN(""),
  /** A made-up one, to look around in. */
  MADE_UP("/made-up");

  private static final ThreadLocal<House> CURRENT = ThreadLocal.withInitial(() -> OWN);

  private final String prefix;

  House(String prefix) {
    this.prefix = prefix;
  }

  /** Returns the prefix of its addresses, without a slash at the end; empty for the own house. */
  public String prefix() {
    return prefix;
  }

  /** Returns the household that this thread works for. */
  public static House current() {
    return CURRENT.get();
  }

  /** Returns what work returns when it is done for this household. */
  public <T> T get(Supplier<T> work) {
    House before = CURRENT.get();
    CURRENT.set(this);
    try {
      return work.get();
    } finally {
      CURRENT.set(before);
    }
  }

  /** Does work for this household. */
  public void run(Runnable work) {
    get(
        () -> {
          work.run();
          return this;
        });
  }
}
