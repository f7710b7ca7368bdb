package org.nestrinse.app.kit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.Given;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The household's washing machine. */
@Service
public class MachineService {
  private static final int LONGEST_NAME = 80;
  private static final Range CAPACITY_KG = new Range(1, 20, "kg");
  private static final Range SHORTFALL_K = new Range(0, 40, "°C");
  private static final Range WASH_MINUTES = new Range(0, 300, "minutes");
  private static final Range VERSION = new Range(0, Integer.MAX_VALUE, "");

  private final MachineRepository machines;

  MachineService(MachineRepository machines) {
    this.machines = machines;
  }

  /**
   * The machine with the number of its changes.
   *
   * @param version counts its changes
   * @param machine the machine
   */
  public record View(long version, Machine machine) {}

  /** A programme as it is sent. */
  public record ProgrammeChange(
      @Nullable String name,
      Programme.@Nullable Use use,
      @Nullable List<@Nullable Integer> temperaturesC,
      @Nullable Double shortfallC,
      @Nullable Double measuredPeakC,
      @Nullable Integer washMinutes,
      @Nullable Agitation agitation,
      @Nullable Integer rinses,
      @Nullable Integer extraRinses,
      @Nullable Integer interimRpm,
      @Nullable Integer fastestSpinRpm) {}

  /** What is sent to change the machine. */
  public record Change(
      @Nullable Integer version,
      @Nullable String name,
      Machine.@Nullable Type type,
      @Nullable Double drumL,
      @Nullable Double capacityKg,
      @Nullable Double drumRadiusM,
      @Nullable Double heaterW,
      @Nullable List<@Nullable ProgrammeChange> programmes) {}

  /** Returns the machine; throws {@link NotNow} when none is set up. */
  @Transactional(readOnly = true)
  public Machine machine() {
    return entity().toMachine();
  }

  /** Returns whether a machine is set up. */
  @Transactional(readOnly = true)
  public boolean isSetUp() {
    return machines.count() > 0;
  }

  /** Returns the machine with its version. */
  @Transactional(readOnly = true)
  public View view() {
    return view(entity());
  }

  /** Changes the machine, or sets it up when there is none. */
  @Transactional
  public View change(Change c) {
    MachineEntity e = machines.findAll().stream().findFirst().orElseGet(MachineEntity::new);
    if (e.id != null && e.version != Given.whole("version", c.version, VERSION)) {
      throw new Stale("the machine", view(e));
    }
    e.name = Given.text("name", c.name, LONGEST_NAME);
    e.type = c.type == null ? Machine.Type.FRONT_LOADER : c.type;
    e.drumL = Given.number("drumL", c.drumL, Limits.DRUM_L);
    e.capacityKg = Given.number("capacityKg", c.capacityKg, CAPACITY_KG);
    e.drumRadiusM = Given.number("drumRadiusM", c.drumRadiusM, Limits.DRUM_RADIUS_M);
    e.heaterW = Given.number("heaterW", c.heaterW, Limits.HEATER_W);
    List<Programme> programmes =
        Given.list("programmes", c.programmes).stream().map(MachineService::programme).toList();
    e.programmes.clear();
    programmes.stream().map(MachineEntity.ProgrammeRow::of).forEach(e.programmes::add);
    return view(machines.saveAndFlush(e));
  }

  private static Programme programme(ProgrammeChange p) {
    return new Programme(
        Given.text("programmes.name", p.name, LONGEST_NAME),
        Given.choice("programmes.use", p.use, Programme.Use.class),
        Given.list("programmes.temperaturesC", p.temperaturesC),
        Given.number("programmes.shortfallC", p.shortfallC, SHORTFALL_K),
        Given.optional("programmes.measuredPeakC", p.measuredPeakC, Limits.WATER_C),
        Given.whole("programmes.washMinutes", p.washMinutes, WASH_MINUTES),
        Given.choice("programmes.agitation", p.agitation, Agitation.class),
        Given.whole("programmes.rinses", p.rinses, Limits.RINSES),
        Given.whole("programmes.extraRinses", p.extraRinses, Limits.RINSES),
        Given.whole("programmes.interimRpm", p.interimRpm, Limits.RPM),
        Given.whole("programmes.fastestSpinRpm", p.fastestSpinRpm, Limits.RPM));
  }

  private MachineEntity entity() {
    return machines.findAll().stream()
        .findFirst()
        .orElseThrow(() -> new NotNow("No machine is set up yet. Kit is the place for it."));
  }

  private static View view(MachineEntity e) {
    return new View(e.version, e.toMachine());
  }
}
