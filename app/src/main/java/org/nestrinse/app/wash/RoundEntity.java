package org.nestrinse.app.wash;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
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
import java.util.UUID;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.Checked;
import org.nestrinse.app.store.Checksums;
import org.nestrinse.core.bath.HygieneGoal;

@Entity
@DynamicUpdate
@Table(name = "wash_round")
@EntityListeners(Checksums.class)
class RoundEntity implements Checked {
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
  String summary;
  int pieces;
  double massKg;
  double fill;
  String programme;

  @Column(name = "temperature_c")
  int temperatureC;

  @Column(name = "peak_c")
  double peakC;

  double holdMinutes;
  String doses;
  int rinses;
  int spinRpm;
  double totalLog;
  double killLog;

  @Enumerated(EnumType.STRING)
  HygieneGoal goal;

  boolean goalMet;

  /** Share of the worst soil that is left; null in rounds from before it was estimated. */
  @Nullable Double soilLeft;

  /** Whether a step was ticked off sooner than it can run, and nobody said that it ran. */
  boolean notRun;

  /** Whether the main wash is among them, so that nothing of it can have been washed. */
  boolean mainNotRun;

  double residueMgKg;
  double residueTargetMgKg;
  double litres;
  double kwh;
  double cost;
  double minutes;
  double attendedMinutes;

  @Column(name = "hardness_mmol_l")
  double hardnessMmolL;

  @Column(name = "detergent_g")
  double detergentG;

  @Nullable Double doseShare;
  boolean coats;
  double trim = 1;

  /** The routine as planned; null for a reset, and where a file told only the figures. */
  @Nullable @Lob String planned;

  @Nullable Long machineId;
  @Nullable @Lob String wishes;
  @Nullable @Lob String goingSteps;
  @Nullable @Lob String going;
  @Nullable Instant heldSince;
  @Nullable String heldWhy;
  @Nullable String carer;
  @Nullable String checksum;

  @Override
  public @Nullable String checksum() {
    return checksum;
  }

  @Override
  public void checksum(String now) {
    checksum = now;
  }

  @ElementCollection
  @CollectionTable(name = "round_step", joinColumns = @JoinColumn(name = "round_id"))
  @OrderBy("number")
  List<StepRow> steps = new ArrayList<>();

  @Embeddable
  static class StepRow {
    int number;
    String title;
    int minutes;
    @Nullable Instant doneAt;
    int moreMinutes;
    long heldSeconds;
    @Nullable String addedBecause;
    @Nullable String shares;
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
    WashViews.EventKind kind;

    @Nullable String code;
    String words;
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
