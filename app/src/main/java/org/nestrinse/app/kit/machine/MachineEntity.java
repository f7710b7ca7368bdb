package org.nestrinse.app.kit.machine;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.store.CommaList;
import org.nestrinse.app.store.Known;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.MachineBuilder;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.kit.ProgrammeBuilder;

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
  @Convert(converter = CommaList.Decimals.class)
  List<@Nullable Double> levelsL = List.of();

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
    @Convert(converter = CommaList.Wholes.class)
    List<@Nullable Integer> temperaturesC;

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

    /** What stands for temperatures that are not readable. */
    private static final List<Integer> COLD = List.of(0);

    static ProgrammeRow of(Programme p) {
      ProgrammeRow row = new ProgrammeRow();
      row.name = p.name();
      row.programmeUse = p.use();
      row.temperaturesC = List.copyOf(p.temperaturesC());
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

    private boolean readable() {
      return programmeUse != null
          && agitation != null
          && temperaturesC.stream().allMatch(Objects::nonNull);
    }

    Programme toProgramme() {
      return ProgrammeBuilder.builder()
          .name(name)
          .use(Known.or(programmeUse, Programme.Use.RINSE))
          .temperaturesC(
              CommaList.known(temperaturesC).isEmpty() ? COLD : CommaList.known(temperaturesC))
          .shortfallC(shortfallC)
          .measuredPeakC(measuredPeakC)
          .washMinutes(washMinutes)
          .agitation(Known.or(agitation, Agitation.GENTLE))
          .rinses(rinses)
          .extraRinses(extraRinses)
          .interimRpm(interimRpm)
          .fastestSpinRpm(fastestSpinRpm)
          .mainL(mainL)
          .rinseL(rinseL)
          .measured(
              logChosenC == null
                  ? null
                  : new Programme.Measured(
                      logChosenC, logPeakC, logHoldMinutes, logHeaterW, logKwh))
          .label(label())
          .build();
    }
  }

  @Override
  public boolean readable() {
    return type != null
        && levelsL.stream().allMatch(Objects::nonNull)
        && programmes.stream().allMatch(ProgrammeRow::readable);
  }

  Machine toMachine() {
    return MachineBuilder.builder()
        .name(name)
        .type(Known.or(type, Machine.Type.FRONT_LOADER))
        .drumL(drumL)
        .capacityKg(capacityKg)
        .drumRadiusM(drumRadiusM)
        .heaterW(heaterW)
        .programmes(programmes.stream().map(ProgrammeRow::toProgramme).toList())
        .hotFillC(hotFillC)
        .levelsL(CommaList.known(levelsL))
        .whitenerDrawer(whitenerDrawer)
        .pauses(pauses)
        .build();
  }
}
