package org.nestrinse.app.kit.machine;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitEntity;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.kit.Removable;
import org.nestrinse.app.kit.Thing;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Stale;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.problem.What;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.kit.ProgrammeBuilder;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the household washes in. The first is the one that loads are sorted for. */
@Service
public class MachineService implements Removable {
  private static final int LONGEST_NAME = 80;
  private static final int MOST_LEVELS = 8;
  private static final Range CAPACITY_KG = new Range(1, 20, Unit.KILOGRAM);
  private static final Range SHORTFALL_K = new Range(0, 40, Unit.CELSIUS);
  private static final Range WASH_MINUTES = new Range(0, 300, Unit.MINUTE);
  private static final int MOST_TEMPERATURES = 12;
  private static final int MOST_PROGRAMMES = 40;

  /** No tap is colder, and no wash hotter. */
  private static final Range MEASURED_PEAK_C = new Range(10, 95, Unit.CELSIUS);

  /** Less than this wets no load. */
  private static final Range BATH_L = new Range(2, 300, Unit.LITRE);

  private static final Range VERSION = new Range(0, Integer.MAX_VALUE);

  private final MachineRepository machines;

  MachineService(MachineRepository machines) {
    this.machines = machines;
  }

  /**
   * The machine with the number of its changes.
   *
   * @param id its number
   * @param version counts its changes
   * @param machine the machine
   */
  public record View(long id, long version, Machine machine) {}

  /** A programme as it is sent. */
  @RecordBuilder
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
      @Nullable Integer fastestSpinRpm,
      @Nullable Double mainL,
      @Nullable Double rinseL,
      Programme.@Nullable Measured measured,
      @Nullable LabelChange label) {}

  /** What the label of a programme says, as it is sent: all of it or nothing. */
  public record LabelChange(
      @Nullable Double kwh,
      @Nullable Double litres,
      @Nullable Double loadKg,
      @Nullable Integer temperatureC) {
    private Programme.Label read() {
      return new Programme.Label(
          RequestChecks.number("programmes.label.kwh", kwh, Programme.Label.KWH),
          RequestChecks.number("programmes.label.litres", litres, Limits.WATER_L),
          RequestChecks.number("programmes.label.loadKg", loadKg, Limits.MASS_KG),
          RequestChecks.whole("programmes.label.temperatureC", temperatureC, Limits.WATER_C));
    }
  }

  /** What is sent to change the machine. */
  @RecordBuilder
  public record Change(
      @Nullable Integer version,
      @Nullable String name,
      Machine.@Nullable Type type,
      @Nullable Double drumL,
      @Nullable Double capacityKg,
      @Nullable Double drumRadiusM,
      @Nullable Double heaterW,
      @Nullable List<@Nullable ProgrammeChange> programmes,
      @Nullable Double hotFillC,
      @Nullable List<@Nullable Double> levelsL,
      @Nullable Boolean whitenerDrawer,
      @Nullable Boolean pauses) {}

  /** Returns the machine; throws {@link StateConflict} when none is set up. */
  @Transactional(readOnly = true)
  public Machine machine() {
    return entity().toMachine();
  }

  /** Returns whether a machine is set up. */
  @Transactional(readOnly = true)
  public boolean isSetUp() {
    return first().isPresent();
  }

  /** Returns every machine, vessel and basin, the first one first. */
  @Transactional(readOnly = true)
  public List<View> all() {
    return machines.findByRemovedAtIsNull(Sort.by("id")).stream()
        .map(MachineService::view)
        .toList();
  }

  /** Returns one machine; the first when no number is given. */
  @Transactional(readOnly = true)
  public View one(@Nullable Long id) {
    return view(id == null ? entity() : entity(id));
  }

  /** Returns what is plunged by hand, if the household has such a vessel. */
  @Transactional(readOnly = true)
  public Optional<View> byHand() {
    return all().stream().filter(v -> v.machine.type().byHand()).findFirst();
  }

  /** Adds another machine, a bucket or a basin. */
  @Transactional
  public View add(Change c) {
    return apply(new MachineEntity(), c);
  }

  /** Changes one of the machines. */
  @Transactional
  public View change(long id, Change c) {
    return apply(entity(id), c);
  }

  /** Keeps what a log showed of a programme. */
  @Transactional
  public View measured(long id, String programme, Programme.@Nullable Measured seen) {
    MachineEntity e = entity(id);
    MachineEntity.ProgrammeRow row =
        e.programmes.stream()
            .filter(p -> p.name.equals(programme))
            .findFirst()
            .orElseThrow(() -> new OutOfRange("programme", programme, KitRefusal.OF_THIS_MACHINE));
    row.logChosenC = seen == null ? null : Integer.valueOf(seen.chosenC());
    row.logPeakC = seen == null ? null : seen.peakC();
    row.logHoldMinutes = seen == null ? null : seen.holdMinutes();
    row.logHeaterW = seen == null ? null : seen.heaterW();
    row.logKwh = seen == null ? null : seen.kwh();
    return view(machines.saveAndFlush(e));
  }

  private View apply(MachineEntity e, Change c) {
    if (e.id != null && e.version != RequestChecks.whole("version", c.version, VERSION)) {
      throw new Stale(What.THE_MACHINE, view(e));
    }
    e.name = RequestChecks.text("name", c.name, LONGEST_NAME);
    e.type = c.type == null ? Machine.Type.FRONT_LOADER : c.type;
    e.drumL = RequestChecks.number("drumL", c.drumL, Limits.DRUM_L);
    e.capacityKg = RequestChecks.number("capacityKg", c.capacityKg, CAPACITY_KG);
    e.drumRadiusM = RequestChecks.number("drumRadiusM", c.drumRadiusM, Limits.DRUM_RADIUS_M);
    e.heaterW = RequestChecks.number("heaterW", c.heaterW, Limits.HEATER_W);
    e.hotFillC = RequestChecks.optional("hotFillC", c.hotFillC, Limits.WATER_C);
    e.levelsL = levels(c.levelsL);
    e.whitenerDrawer = c.whitenerDrawer == null || c.whitenerDrawer;
    e.pauses = c.pauses == null || c.pauses;
    List<Programme> programmes =
        e.type.byHand()
            ? List.of()
            : RequestChecks.list("programmes", atMost("programmes", c.programmes, MOST_PROGRAMMES))
                .stream()
                .map(MachineService::programme)
                .toList();
    e.programmes.clear();
    programmes.stream().map(MachineEntity.ProgrammeRow::of).forEach(e.programmes::add);
    e.refuseTwins(machines.findByRemovedAtIsNull(Sort.unsorted()));
    return view(machines.saveAndFlush(e));
  }

  private static Programme programme(ProgrammeChange p) {
    Programme.Use use = RequestChecks.choice("programmes.use", p.use, Programme.Use.class);
    List<Integer> temperatures = RequestChecks.list("programmes.temperaturesC", p.temperaturesC);
    if (temperatures.size() > MOST_TEMPERATURES) {
      throw new OutOfRange(
          "programmes.temperaturesC",
          Said.of(Allowed.SO_MANY).with("count", temperatures.size()),
          Said.of(Allowed.UP_TO).with("most", MOST_TEMPERATURES));
    }
    if (use == Programme.Use.WASH && p.washMinutes != null && p.washMinutes < 1) {
      throw new OutOfRange("programmes.washMinutes", p.washMinutes, KitRefusal.ONE_OR_MORE_MINUTES);
    }
    return ProgrammeBuilder.builder()
        .name(RequestChecks.text("programmes.name", p.name, LONGEST_NAME))
        .use(use)
        .temperaturesC(temperatures)
        .shortfallC(RequestChecks.number("programmes.shortfallC", p.shortfallC, SHORTFALL_K))
        .measuredPeakC(
            RequestChecks.optional("programmes.measuredPeakC", p.measuredPeakC, MEASURED_PEAK_C))
        .washMinutes(RequestChecks.whole("programmes.washMinutes", p.washMinutes, WASH_MINUTES))
        .agitation(RequestChecks.choice("programmes.agitation", p.agitation, Agitation.class))
        .rinses(RequestChecks.whole("programmes.rinses", p.rinses, Limits.RINSES))
        .extraRinses(RequestChecks.whole("programmes.extraRinses", p.extraRinses, Limits.RINSES))
        .interimRpm(RequestChecks.whole("programmes.interimRpm", p.interimRpm, Limits.RPM))
        .fastestSpinRpm(
            RequestChecks.whole("programmes.fastestSpinRpm", p.fastestSpinRpm, Limits.RPM))
        .mainL(RequestChecks.optional("programmes.mainL", p.mainL, BATH_L))
        .rinseL(RequestChecks.optional("programmes.rinseL", p.rinseL, BATH_L))
        .measured(p.measured)
        .label(p.label == null ? null : p.label.read())
        .build();
  }

  private static <T> @Nullable List<@Nullable T> atMost(
      String field, @Nullable List<@Nullable T> list, int most) {
    if (list != null && list.size() > most) {
      throw new OutOfRange(
          field,
          Said.of(Allowed.SO_MANY).with("count", list.size()),
          Said.of(Allowed.UP_TO).with("most", most));
    }
    return list;
  }

  private static List<Double> levels(@Nullable List<@Nullable Double> levels) {
    if (levels == null || levels.isEmpty()) {
      return List.of();
    }
    if (levels.size() > MOST_LEVELS) {
      throw new OutOfRange(
          "levelsL",
          Said.of(Allowed.SO_MANY).with("count", levels.size()),
          Said.of(Allowed.UP_TO).with("most", MOST_LEVELS));
    }
    return levels.stream().map(l -> RequestChecks.number("levelsL", l, Limits.WATER_L)).toList();
  }

  private MachineEntity entity() {
    return first().orElseThrow(() -> new StateConflict(KitRefusal.NO_MACHINE));
  }

  private Optional<MachineEntity> first() {
    return machines.findByRemovedAtIsNull(Sort.by("id")).stream().findFirst();
  }

  private MachineEntity entity(long id) {
    return machines.findById(id).orElseThrow(() -> new NotFound(What.MACHINE, id));
  }

  private static View view(MachineEntity e) {
    return new View(e.id, e.version, e.toMachine());
  }

  @Override
  public Thing thing() {
    return Thing.MACHINE;
  }

  @Override
  public JpaRepository<? extends KitEntity, Long> rows() {
    return machines;
  }
}
