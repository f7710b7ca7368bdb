package org.nestrinse.app.kit.household;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.units.Limits;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The learned correction of the dose, and how it moved. */
@Service
public class TrimService {
  private final HouseholdService households;
  private final DoseMoveRepository moves;
  private final Clock clock;

  TrimService(HouseholdService households, DoseMoveRepository moves, Clock clock) {
    this.households = households;
    this.moves = moves;
    this.clock = clock;
  }

  /**
   * When the learned correction of the dose moved last, and which way.
   *
   * @param at when, or null for never
   * @param way 1 up, −1 down, 0 when it was set back
   */
  public record TrimMoved(@Nullable Instant at, int way) {}

  /** Returns when the learned correction of the dose moved last. */
  @Transactional(readOnly = true)
  public TrimMoved trimMoved() {
    HouseholdEntity e = households.entity();
    return new TrimMoved(e.trimMovedAt, e.trimWay);
  }

  /** Why the learned correction of the dose moved. */
  public enum Moved {
    TRIED,
    TAKEN_BACK,
    SET_BACK
  }

  /**
   * One move of the learned correction of the dose.
   *
   * @param number its number, the latest the highest
   * @param at when
   * @param from what it was
   * @param to what it is from then on
   * @param reason why
   */
  public record DoseMove(long number, Instant at, double from, double to, Moved reason) {}

  /** Returns how the dose moved, oldest first; the last one ends in the dose now used. */
  @Transactional(readOnly = true)
  public List<DoseMove> doseMoves() {
    return moves.findByOrderByMovedAtAscIdAsc().stream()
        .filter(m -> m.reason != null)
        .map(m -> new DoseMove(m.id, m.movedAt, m.fromTrim, m.toTrim, m.reason))
        .toList();
  }

  /**
   * Sets the learned correction of the dose, and keeps the move.
   *
   * @param trim {@link Limits#TRIM}
   */
  @Transactional
  public void moveTrim(double trim, Moved reason) {
    HouseholdEntity e = households.entity();
    double way = Math.signum(Limits.TRIM.check("trim", trim) - e.trim);
    if (way != 0) {
      DoseMoveEntity move = new DoseMoveEntity();
      move.movedAt = afterTheLastMove(clock.instant());
      move.fromTrim = e.trim;
      move.toTrim = trim;
      move.reason = reason;
      moves.save(move);
    }
    e.trim = trim;
    e.trimMovedAt = clock.instant();
    e.trimWay = reason == Moved.SET_BACK ? 0 : (int) way;
  }

  /** A clock that was put back must not turn the order of the moves round. */
  private Instant afterTheLastMove(Instant now) {
    return moves
        .findFirstByOrderByMovedAtDescIdDesc()
        .map(last -> last.movedAt.plusMillis(1))
        .filter(next -> next.isAfter(now))
        .orElse(now);
  }
}
