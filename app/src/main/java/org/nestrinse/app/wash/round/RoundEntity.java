package org.nestrinse.app.wash.round;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Lob;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.OrderBy;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.CheckedRow;
import org.nestrinse.app.store.Checksums;
import org.nestrinse.app.store.RecordType;
import org.nestrinse.app.store.SaidColumn;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.said.Said;

@Entity
@DynamicUpdate
@Table(name = "wash_round")
class RoundEntity extends CheckedRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;

  /** The same everywhere, also after it was read from a file. */
  String uid = UUID.randomUUID().toString();

  /** What was sorted for it; null for a reset, and for what was read from a file. */
  @Nullable Long loadId;

  @Enumerated(EnumType.STRING)
  RoundState state;

  String school;
  Instant startedAt;
  @Nullable Instant finishedAt;
  @Nullable Instant shelvedAt;
  String note;

  @Convert(converter = SaidColumn.class)
  Said summary;

  String programme;
  @Embedded RoundFigures figures;

  /**
   * Whether the main wash is among what did not run, so that nothing of it can have been washed.
   */
  boolean mainNotRun;

  /** Whether its plan is kept; not of a reset, nor when a file held only the figures. */
  boolean hasPlan;

  @Nullable Long machineId;
  @Nullable Instant heldSince;
  @Nullable String heldWhy;
  @Nullable String carer;

  /** The texts of a round, which lists do without. */
  enum Text {
    /** The routine as planned. */
    PLANNED,
    /** The routine as it goes, when it goes otherwise. */
    GOING,
    /** The steps of core as they stand. */
    STEPS,
    /** What was asked for. */
    WISHES
  }

  @ElementCollection
  @CollectionTable(name = "round_text", joinColumns = @JoinColumn(name = "round_id"))
  @MapKeyColumn(name = "name")
  @MapKeyEnumerated(EnumType.STRING)
  Map<Text, TextRow> texts = new EnumMap<>(Text.class);

  /** A text with the version in which it is written. */
  @Embeddable
  static class TextRow {
    int version;
    @Lob String text;
    @Nullable String checksum;

    boolean intact() {
      return checksum == null || checksum.equals(Checksums.of(text));
    }
  }

  /** Returns a text, or null when there is none. */
  @Nullable String text(Text name) {
    TextRow row = texts.get(name);
    return row == null ? null : row.text;
  }

  /** Keeps a text as it is written now, or none. */
  void text(Text name, RecordType type, @Nullable String text) {
    if (text == null) {
      texts.remove(name);
    } else {
      TextRow row = new TextRow();
      row.version = type.version();
      row.text = text;
      row.checksum = Checksums.of(text);
      texts.put(name, row);
    }
    hasPlan = texts.containsKey(Text.PLANNED);
  }

  @Override
  public boolean intact() {
    return super.intact() && texts.values().stream().allMatch(TextRow::intact);
  }

  @Override
  protected void renew() {
    super.renew();
    texts.values().forEach(row -> row.checksum = Checksums.of(row.text));
  }

  @ElementCollection
  @CollectionTable(name = "round_step", joinColumns = @JoinColumn(name = "round_id"))
  @OrderBy("number")
  List<StepRow> steps = new ArrayList<>();

  @Embeddable
  static class StepRow {
    int number;

    @Convert(converter = SaidColumn.class)
    Said title;

    int minutes;
    @Nullable Instant doneAt;
    int moreMinutes;
    long heldSeconds;

    @Convert(converter = SaidColumn.class)
    @Nullable Said addedBecause;

    /** How much of each dose went in, 1 for all of it; null when all of each did. */
    @Convert(converter = DoseShares.Column.class)
    @Nullable DoseShares shares;
  }

  @ElementCollection
  @CollectionTable(name = "round_content", joinColumns = @JoinColumn(name = "round_id"))
  @OrderColumn(name = "position")
  List<ContentRow> contents = new ArrayList<>();

  @Embeddable
  static class ContentRow {
    @Nullable Long kindId;

    /** What it was called then. */
    String kind;

    @Nullable Long personId;
    @Nullable String person;
    int pieces;
    double massKg;
    double heldHours;
    boolean bulker;
  }

  @ElementCollection
  @CollectionTable(name = "round_event", joinColumns = @JoinColumn(name = "round_id"))
  @OrderColumn(name = "position")
  List<EventRow> events = new ArrayList<>();

  @Embeddable
  static class EventRow {
    Instant at;
    int step;

    @Enumerated(EnumType.STRING)
    RoundViews.EventKind kind;

    @Nullable String code;

    @Convert(converter = SaidColumn.class)
    Said words;

    @Nullable String carer;
  }

  /** Returns the step to do, or null when all are done. */
  @Nullable StepRow current() {
    return steps.stream().filter(s -> s.doneAt == null).findFirst().orElse(null);
  }

  /** Returns since when the current step is on. */
  Instant currentSince() {
    return steps.stream()
        .map(s -> s.doneAt)
        .filter(t -> t != null)
        .reduce((a, b) -> b)
        .orElse(startedAt);
  }

  /** Returns whether somebody stands at it, in earnest or for practice. */
  boolean going() {
    return state == RoundState.RUNNING || state == RoundState.PRACTISE;
  }
}
