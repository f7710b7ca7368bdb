package org.nestrinse.app.wash.round;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.kit.machine.MachineService;
import org.nestrinse.app.kit.product.ProductService;
import org.nestrinse.app.sort.LoadPieces;
import org.nestrinse.app.sort.LoadReader;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.app.wash.round.RoundViews.Round;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.wash.step.Step;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Ends a round in the machine: what was washed goes on to the line. */
@Component
class RoundEnd {
  private static final double SECONDS_PER_MINUTE = 60;

  private final RoundRepository rounds;
  private final RoundPicture look;
  private final LoadReader loads;
  private final MachineService machines;
  private final ProductService products;
  private final HouseholdService households;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  RoundEnd(
      RoundRepository rounds,
      RoundPicture look,
      LoadReader loads,
      MachineService machines,
      ProductService products,
      HouseholdService households,
      ApplicationEventPublisher events,
      Clock clock) {
    this.rounds = rounds;
    this.look = look;
    this.loads = loads;
    this.machines = machines;
    this.products = products;
    this.households = households;
    this.events = events;
    this.clock = clock;
  }

  /** Ends it now, and returns it as it is shown. */
  Round finished(RoundEntity e) {
    if (e.state == RoundState.PRACTISE) {
      Round view = look.view(e);
      rounds.delete(e);
      events.publishEvent(new RoundChanged(e.id));
      return view;
    }
    e.state = RoundState.HANGING;
    e.finishedAt = clock.instant();
    if (e.mainNotRun) {
      didNotRun(e);
    }
    rounds.saveAndFlush(e);
    LoadPieces pieces = loads.pieces(e.loadId);
    double radius = machines.one(e.machineId).machine().drumRadiusM();
    List<PlanViews.PlanDose> doses =
        look.going(e).steps().stream().flatMap(step -> step.doses().stream()).toList();
    events.publishEvent(
        RoundWashedBuilder.builder()
            .roundId(e.id)
            .pieces(pieces)
            .spinRpm(e.figures.bath().spinRpm())
            .drumRadiusM(radius)
            .peakC(e.figures.bath().peakC())
            .oxygen(doses.stream().anyMatch(PlanViews.PlanDose::oxygen))
            .chlorine(doses.stream().anyMatch(d -> chlorine(d.productId())))
            .at(clock.instant())
            .byHand(byHand(e))
            .build());
    events.publishEvent(new RoundChanged(e.id));
    return look.view(rounds.findById(e.id).orElseThrow());
  }

  /**
   * Writes what is known of a wash whose machine cannot have run: nothing got warm, nothing was
   * rinsed, and it took as long as it took. The plan is kept in case it did run after all.
   */
  void didNotRun(RoundEntity e) {
    Instant end = e.finishedAt == null ? clock.instant() : e.finishedAt;
    double minutes = Duration.between(e.startedAt, end).toSeconds() / SECONDS_PER_MINUTE;
    e.figures = e.figures.notWashed(households.current().inletC(), minutes);
  }

  /** A round by hand has no run of a machine. */
  private boolean byHand(RoundEntity e) {
    return look.steps(e).stream().anyMatch(s -> s.action() == Step.Action.BY_HAND);
  }

  private boolean chlorine(@Nullable Long productId) {
    return productId != null
        && products.products().stream()
            .anyMatch(p -> p.id() == productId && p.purpose() == Product.Purpose.CHLORINE_BLEACH);
  }
}
