package org.nestrinse.app.snapshot;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.changes.ReadOnce;
import org.nestrinse.app.dry.DryingReader;
import org.nestrinse.app.dry.WeatherService;
import org.nestrinse.app.gather.normal.NormalDayService;
import org.nestrinse.app.gather.pail.GatherService;
import org.nestrinse.app.gather.pail.Waiting;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.machine.DryerService;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.kit.place.PlaceService;
import org.nestrinse.app.presence.WeekSettings;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.app.wash.round.RoundService;
import org.nestrinse.app.wash.round.RoundViews;
import org.nestrinse.core.household.Equipment;
import org.nestrinse.core.household.HouseholdSnapshot;
import org.nestrinse.core.household.LaundryHabits;
import org.nestrinse.core.household.PastWashes;
import org.nestrinse.core.record.RoundFigures;
import org.nestrinse.core.shelf.WashHistory;
import org.nestrinse.core.shelf.WeekQuestion;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.wash.step.Step;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads a household once for as long as nothing in it changes. */
@Service
public class SnapshotReader {
  private static final int LOOK_BACK_ROUNDS = 40;

  private final ShelfService shelf;
  private final GatherService gather;
  private final NormalDayService normal;
  private final DryingReader dry;
  private final WeatherService weather;
  private final RoundService rounds;
  private final MachineService machines;
  private final DryerService dryers;
  private final PlaceService places;
  private final HouseholdService households;
  private final WeekSettings week;

  SnapshotReader(
      ShelfService shelf,
      GatherService gather,
      NormalDayService normal,
      DryingReader dry,
      WeatherService weather,
      RoundService rounds,
      MachineService machines,
      DryerService dryers,
      PlaceService places,
      HouseholdService households,
      WeekSettings week) {
    this.shelf = shelf;
    this.gather = gather;
    this.normal = normal;
    this.dry = dry;
    this.weather = weather;
    this.rounds = rounds;
    this.machines = machines;
    this.dryers = dryers;
    this.places = places;
    this.households = households;
    this.week = week;
  }

  /** Returns the household as it is now. */
  @ReadOnce
  @Transactional(readOnly = true)
  public HouseholdSnapshot now() {
    return new HouseholdSnapshot(
        shelf.stock(),
        equipment(),
        weather.known(),
        gather.waiting().stream()
            .filter(w -> !w.forBulk() && w.pieces().kind().bin() == Bin.BODY)
            .map(Waiting::pieces)
            .toList(),
        dry.hanging(),
        washing(),
        past(),
        habits());
  }

  private Equipment equipment() {
    return new Equipment(
        machines.isSetUp() ? machines.machine() : null,
        dryers.all().stream().map(DryerService.View::dryer).toList(),
        places.all().stream().map(PlaceService.Numbered::place).toList(),
        households.current().tariff());
  }

  private @Nullable Double washing() {
    RoundViews.Round running = rounds.running();
    if (running == null) {
      return null;
    }
    int current = running.currentStep() == null ? Integer.MAX_VALUE : running.currentStep();
    return running.plan().steps().stream()
        .filter(s -> s.number() >= current)
        .mapToDouble(PlanViews.PlanStep::minutes)
        .sum();
  }

  private PastWashes past() {
    List<RoundViews.Summary> done = rounds.latestWashes(LOOK_BACK_ROUNDS);
    return new PastWashes(
        new WashHistory(
            done.stream()
                .map(
                    r ->
                        new WashHistory.Wash(
                            r.startedAt(), r.figures().pieces(), r.figures().bath().peakC()))
                .toList()),
        done.isEmpty() ? null : done.get(0).figures().spent(),
        // Of a round that came out of a file without its plan, only figures are known.
        done.stream()
            .filter(RoundViews.Summary::hasPlan)
            .findFirst()
            .map(this::shape)
            .orElse(null));
  }

  private WeekQuestion.Shape.Last shape(RoundViews.Summary last) {
    RoundFigures figures = last.figures();
    RoundFigures.Spent spent = figures.spent();
    return new WeekQuestion.Shape.Last(
        rounds.one(last.id()).plan().steps().stream()
            .map(
                s ->
                    new WeekQuestion.Shape.StepTime(
                        s.minutes(), s.wholeLoad(), s.action() != Step.Action.UNLOAD))
            .toList(),
        figures.pieces(),
        figures.bath().fill(),
        spent.minutes(),
        spent.kwh(),
        spent.money());
  }

  private LaundryHabits habits() {
    return new LaundryHabits(
        households.current().wetHours(),
        normal.normalDays().habits().stream().mapToInt(NormalDayService.HabitView::count).sum(),
        week.presence(),
        week.quiet(),
        week.householdEveryDays(),
        week.maintainedAt());
  }
}
