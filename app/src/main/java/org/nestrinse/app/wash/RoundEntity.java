package org.nestrinse.app.wash;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
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
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.HygieneGoal;

@Entity
@Table(name = "wash_round")
class RoundEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long version;
  Long loadId;

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
  double residueMgKg;
  double residueTargetMgKg;
  double litres;
  double kwh;
  double cost;
  double minutes;
  double attendedMinutes;

  @Column(name = "hardness_mmol_l")
  double hardnessMmolL;

  @Lob String planned;

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
  }
}
