package org.nestrinse.core.dry.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Limits;

/**
 * Equal damp pieces that are hung, moved and tumbled together.
 *
 * @param key the caller's number for it
 * @param kind what it is
 * @param count how many pieces
 * @param moisture how damp they are [kg/kg]
 * @param neededBy when the shelf runs out of these, or null when it does not
 * @param at where they hang already, or null for what just left the machine
 * @param hungAt since when, or null
 * @param strongSunH strong sun that it has had there already [h]
 * @param crowded whether it hangs crowded there
 * @param dampSince since when it is damp, or null for since now
 */
@RecordBuilder
public record DryingBatch(
    long key,
    Kind kind,
    int count,
    double moisture,
    @Nullable Instant neededBy,
    @Nullable Spot at,
    @Nullable Instant hungAt,
    int strongSunH,
    boolean crowded,
    @Nullable Instant dampSince) {
  /** Makes what just left the machine. */
  public DryingBatch(long key, Kind kind, int count, double moisture, @Nullable Instant neededBy) {
    this(key, kind, count, moisture, neededBy, null, null, 0);
  }

  /** Makes what hangs with room around it, since one moment. */
  public DryingBatch(
      long key,
      Kind kind,
      int count,
      double moisture,
      @Nullable Instant neededBy,
      @Nullable Spot at,
      @Nullable Instant hungAt,
      int strongSunH) {
    this(key, kind, count, moisture, neededBy, at, hungAt, strongSunH, false, hungAt);
  }

  public DryingBatch {
    Limits.COUNT.check("count", count);
    Limits.MOISTURE.check("moisture", moisture);
  }

  /** Returns the dry mass of all its pieces [kg]. */
  public double massKg() {
    return kind.massKg() * count;
  }

  /** Returns the same, hung close or with room around it. */
  DryingBatch hung(boolean close) {
    return DryingBatchBuilder.builder(this).crowded(close).build();
  }

  /** Returns a part of it. */
  DryingBatch of(int pieces) {
    return DryingBatchBuilder.builder(this).count(pieces).build();
  }
}
