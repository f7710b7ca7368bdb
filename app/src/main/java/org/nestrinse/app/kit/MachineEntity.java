package org.nestrinse.app.kit;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;

@Entity
@DynamicUpdate
@Table(name = "machine")
class MachineEntity extends KitEntity {

  @Enumerated(EnumType.STRING)
  Machine.Type type = Machine.Type.FRONT_LOADER;

  @Column(name = "drum_l")
  double drumL;

  double capacityKg;

  @Column(name = "drum_radius_m")
  double drumRadiusM;

  @Column(name = "heater_w")
  double heaterW;

  @Column(name = "hot_fill_c")
  @Nullable Double hotFillC;

  @Column(name = "levels_l")
  String levelsL = "";

  boolean whitenerDrawer = true;
  boolean pauses = true;

  @ElementCollection
  @CollectionTable(name = "programme", joinColumns = @JoinColumn(name = "machine_id"))
  @OrderColumn(name = "position")
  List<ProgrammeRow> programmes = new ArrayList<>();

  @Embeddable
  static class ProgrammeRow {
    String name;

    @Enumerated(EnumType.STRING)
    Programme.Use programmeUse;

    @Column(name = "temperatures_c")
    String temperaturesC;

    @Column(name = "shortfall_c")
    double shortfallC;

    @Column(name = "measured_peak_c")
    @Nullable Double measuredPeakC;

    int washMinutes;

    @Enumerated(EnumType.STRING)
    Agitation agitation;

    int rinses;
    int extraRinses;
    int interimRpm;
    int fastestSpinRpm;

    @Column(name = "main_l")
    @Nullable Double mainL;

    @Column(name = "rinse_l")
    @Nullable Double rinseL;

    @Column(name = "log_chosen_c")
    @Nullable Integer logChosenC;

    @Column(name = "log_peak_c")
    @Nullable Double logPeakC;

    @Nullable Double logHoldMinutes;

    @Column(name = "log_heater_w")
    @Nullable Double logHeaterW;

    @Nullable Double logKwh;
    @Nullable Double labelKwh;
    @Nullable Double labelLitres;
    @Nullable Double labelLoadKg;

    @Column(name = "label_c")
    @Nullable Integer labelC;

    static ProgrammeRow of(Programme p) {
      ProgrammeRow row = new ProgrammeRow();
      row.name = p.name();
      row.programmeUse = p.use();
      row.temperaturesC =
          p.temperaturesC().stream().map(String::valueOf).collect(Collectors.joining(","));
      row.shortfallC = p.shortfallC();
      row.measuredPeakC = p.measuredPeakC();
      row.washMinutes = p.washMinutes();
      row.agitation = p.agitation();
      row.rinses = p.rinses();
      row.extraRinses = p.extraRinses();
      row.interimRpm = p.interimRpm();
      row.fastestSpinRpm = p.fastestSpinRpm();
      row.mainL = p.mainL();
      row.rinseL = p.rinseL();
      Programme.Measured seen = p.measured();
      if (seen != null) {
        row.logChosenC = seen.chosenC();
        row.logPeakC = seen.peakC();
        row.logHoldMinutes = seen.holdMinutes();
        row.logHeaterW = seen.heaterW();
        row.logKwh = seen.kwh();
      }
      Programme.Label label = p.label();
      if (label != null) {
        row.labelKwh = label.kwh();
        row.labelLitres = label.litres();
        row.labelLoadKg = label.loadKg();
        row.labelC = label.temperatureC();
      }
      return row;
    }

    private Programme.@Nullable Label label() {
      return labelKwh == null || labelLitres == null || labelLoadKg == null || labelC == null
          ? null
          : new Programme.Label(labelKwh, labelLitres, labelLoadKg, labelC);
    }

    Programme toProgramme() {
      return new Programme(
          name,
          Known.or(programmeUse, Programme.Use.RINSE),
          Arrays.stream(temperaturesC.split(",")).map(Integer::valueOf).toList(),
          shortfallC,
          measuredPeakC,
          washMinutes,
          Known.or(agitation, Agitation.GENTLE),
          rinses,
          extraRinses,
          interimRpm,
          fastestSpinRpm,
          mainL,
          rinseL,
          logChosenC == null
              ? null
              : new Programme.Measured(logChosenC, logPeakC, logHoldMinutes, logHeaterW, logKwh),
          label());
    }
  }

  @Override
  boolean readable() {
    return type != null
        && programmes.stream().allMatch(p -> p.programmeUse != null && p.agitation != null);
  }

  Machine toMachine() {
    return new Machine(
        name,
        Known.or(type, Machine.Type.FRONT_LOADER),
        drumL,
        capacityKg,
        drumRadiusM,
        heaterW,
        programmes.stream().map(ProgrammeRow::toProgramme).toList(),
        hotFillC,
        levels(),
        whitenerDrawer,
        pauses);
  }

  private List<Double> levels() {
    return levelsL.isEmpty()
        ? List.of()
        : Arrays.stream(levelsL.split(",")).map(Double::valueOf).toList();
  }
}
