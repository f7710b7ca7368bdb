package org.nestrinse.app.kit;

import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Collection;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.store.CheckedRow;
import org.nestrinse.core.said.Said;

/**
 * Something that the household has. What is removed stays as a row, since the past points to it; it
 * can be brought back.
 */
@MappedSuperclass
public abstract class KitEntity extends CheckedRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  public Long id;

  @Version public long version;
  public String name;
  public @Nullable Instant removedAt;

  /** Returns whether this release knows every value of it. */
  public abstract boolean readable();

  /** Refuses a name that another one of these has. */
  public void refuseTwins(Collection<? extends KitEntity> all) {
    boolean twin =
        all.stream().anyMatch(o -> o != this && o.name != null && o.name.equalsIgnoreCase(name));
    if (twin) {
      throw new StateConflict(Said.of(KitRefusal.NAME_TAKEN).with("name", name));
    }
  }
}
