package org.nestrinse.app.reset;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Lob;
import jakarta.persistence.OrderBy;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.SaidColumn;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Kind;

/** A reset that is done, or was. */
@Entity
@DynamicUpdate
@Table(name = "reset_run")
class ResetEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  String uid = UUID.randomUUID().toString();

  @Enumerated(EnumType.STRING)
  State state;

  @Enumerated(EnumType.STRING)
  ResetRecipe recipe;

  String vessel;

  @Column(name = "vessel_l")
  double vesselL;

  Instant startedAt;
  @Nullable Instant finishedAt;
  @Nullable String carer;
  int predictedRinses;
  @Nullable Integer countedRinses;
  double factor;
  @Nullable Long roundId;

  /** What was planned as JSON, with its steps as they now stand; null when it came from a file. */
  @Nullable @Lob String planned;

  @ElementCollection
  @CollectionTable(name = "reset_piece", joinColumns = @JoinColumn(name = "run_id"))
  @OrderColumn(name = "position")
  List<PieceRow> pieces = new ArrayList<>();

  @ElementCollection
  @CollectionTable(name = "reset_step", joinColumns = @JoinColumn(name = "run_id"))
  @OrderBy("number")
  List<StepRow> steps = new ArrayList<>();

  /** Where a reset is. */
  enum State {
    RUNNING,
    FINISHED,
    STOPPED
  }

  /** Pieces of a kind. */
  @Embeddable
  static class PieceRow {
    @Nullable Long kindId;

    /** What it was called then. */
    String kind;

    int pieces;

    private Said counted(@Nullable Kind now) {
      return now == null ? Said.pieces(pieces, kind, kind) : now.counted(pieces);
    }
  }

  /** Returns what is in it, by the names of today. */
  Said contents(Map<Long, Kind> byId) {
    return Said.row(pieces.stream().map(p -> p.counted(byId.get(p.kindId))).toList());
  }

  /** A step. */
  @Embeddable
  static class StepRow {
    int number;

    @Convert(converter = SaidColumn.class)
    Said title;

    int minutes;
    @Nullable Instant doneAt;
    @Nullable String water;

    /** The steps as they were before this one's water changed them, as JSON. */
    @Nullable @Lob String plannedBefore;
  }

  @Nullable StepRow current() {
    return steps.stream().filter(s -> s.doneAt == null).findFirst().orElse(null);
  }

  Instant currentSince() {
    return steps.stream()
        .map(s -> s.doneAt)
        .filter(t -> t != null)
        .reduce((a, b) -> b)
        .orElse(startedAt);
  }
}
