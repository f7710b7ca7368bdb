package org.nestrinse.app.pretend;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.changes.ChangeStream;
import org.nestrinse.app.house.House;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.app.wash.round.RoundChanged;
import org.nestrinse.app.wash.round.RoundService;
import org.nestrinse.app.wash.round.RoundState;
import org.nestrinse.app.wash.round.RoundViews;
import org.nestrinse.app.wash.round.RunService;
import org.nestrinse.core.bath.TemperatureCurve;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Range;
import org.nestrinse.core.wash.step.Bath;
import org.nestrinse.core.wash.step.Step;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * A pretend washer: it runs the machine steps of a round as they were simulated, at 1 to 600 times
 * speed, tells phase, temperature and water, and ticks a run off when it is through. It waits where
 * a person is needed, and while the round is held.
 */
@Component
public class PretendWasher {
  /** Under whose name it ticks steps off. */
  private static final String CARER = "pretend washer";

  /** How fast it may run. */
  public static final Range SPEED = new Range(1, 600, Unit.TIMES);

  private static final Logger LOG = LoggerFactory.getLogger(PretendWasher.class);
  private static final long BETWEEN_MS = 250;
  private static final long STOPPING_S = 20;
  private static final double MS_PER_MINUTE = 60_000;
  private static final double WARM_FROM_SET_K = 1;

  private final RoundService rounds;
  private final RunService runs;
  private final ChangeStream stream;
  private final Clock clock;
  private final ScheduledExecutorService motor =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "pretend-washer");
            thread.setDaemon(true);
            return thread;
          });

  private @Nullable Attached attached;
  private volatile boolean changed;

  PretendWasher(RoundService rounds, RunService runs, ChangeStream stream, Clock clock) {
    this.rounds = rounds;
    this.runs = runs;
    this.stream = stream;
    this.clock = clock;
    motor.scheduleAtFixedRate(this::turn, BETWEEN_MS, BETWEEN_MS, TimeUnit.MILLISECONDS);
  }

  /** The round that it washes, and how far it is. */
  private static final class Attached {
    final House house = House.current();
    final long roundId;
    final double speed;
    RoundViews.Round round;
    int step;
    double minute;
    Instant turned;

    Attached(RoundViews.Round round, double speed, Instant now) {
      this.roundId = round.id();
      this.speed = speed;
      this.round = round;
      this.turned = now;
    }
  }

  /**
   * What it tells.
   *
   * @param roundId the round that it washes
   * @param step number of the step
   * @param speed how many times as fast as a real machine
   * @param phase what it does, in a word
   * @param temperatureC in the drum [°C]
   * @param waterL in the drum [L]
   * @param minute of the run
   * @param minutes the run takes
   * @param waits whether it waits for a person
   */
  @RecordBuilder
  public record State(
      long roundId,
      int step,
      double speed,
      Said phase,
      double temperatureC,
      double waterL,
      double minute,
      double minutes,
      boolean waits) {}

  /** Begins to wash a round; throws {@link StateConflict} when that round is not going. */
  public synchronized State attach(long roundId, double speed) {
    SPEED.check("speed", speed);
    RoundViews.Round round = rounds.one(roundId);
    if (round.currentStep() == null) {
      throw new StateConflict(PretendSaying.NOT_IN_MACHINE);
    }
    attached = new Attached(round, speed, clock.instant());
    return state(attached);
  }

  /** Returns whether a round is one that somebody practises. */
  boolean practises(long roundId) {
    return rounds.one(roundId).state() == RoundState.PRACTISE;
  }

  /** Lets go of the round. */
  public synchronized void detach() {
    attached = null;
  }

  /** Returns what it does, or null when it stands still. */
  public synchronized @Nullable State state() {
    return attached == null || attached.house != House.current() ? null : state(attached);
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void changed(RoundChanged change) {
    changed = true;
  }

  /** Lets a step that is being ticked come to its end; an interrupt would close the database. */
  @EventListener(ContextClosedEvent.class)
  void stop() throws InterruptedException {
    motor.shutdown();
    motor.awaitTermination(STOPPING_S, TimeUnit.SECONDS);
  }

  private void turn() {
    House house = house();
    if (house != null) {
      house.run(this::turnIn);
    }
  }

  private synchronized @Nullable House house() {
    return attached == null ? null : attached.house;
  }

  private void turnIn() {
    try {
      Integer through = turned();
      if (through != null) {
        runs.tick(attachedRound(), through, new RunService.Tick(null, CARER));
      }
    } catch (NotFound | StateConflict e) {
      detach();
    } catch (RuntimeException e) {
      LOG.warn("The pretend washer stopped", e);
      detach();
    }
  }

  private synchronized long attachedRound() {
    return attached == null ? 0 : attached.roundId;
  }

  /** Moves on, and returns the step that is through, if one is. */
  private synchronized @Nullable Integer turned() {
    Attached now = attached;
    if (now == null) {
      return null;
    }
    if (changed) {
      changed = false;
      now.round = rounds.one(now.roundId);
    }
    Integer current = now.round.currentStep();
    if (current == null) {
      attached = null;
      return null;
    }
    Instant moment = clock.instant();
    double passed = Duration.between(now.turned, moment).toMillis() / MS_PER_MINUTE * now.speed;
    now.turned = moment;
    if (now.step != current) {
      now.step = current;
      now.minute = 0;
    } else if (now.round.heldSince() == null && runsNow(now)) {
      now.minute = Math.min(now.minute + passed, minutes(now));
    }
    stream.send("washer", state(now));
    return runsNow(now) && now.minute >= minutes(now) ? current : null;
  }

  private static PlanViews.PlanStep step(Attached now) {
    int number = now.round.currentStep() == null ? 1 : now.round.currentStep();
    return now.round.plan().steps().get(number - 1);
  }

  private static boolean runsNow(Attached now) {
    return step(now).action() == Step.Action.RUN;
  }

  private static double minutes(Attached now) {
    return step(now).minutes();
  }

  private static State state(Attached now) {
    boolean runs = runsNow(now);
    PlanViews.PlanStep step = step(now);
    List<Bath> baths =
        now.round.plan().baths().stream().filter(b -> b.step() == step.number()).toList();
    double at = baths.isEmpty() ? 0 : baths.get(0).startMinute() + now.minute;
    Bath bath =
        baths.stream()
            .filter(b -> at <= b.startMinute() + b.minutes())
            .findFirst()
            .orElse(baths.isEmpty() ? null : baths.get(baths.size() - 1));
    boolean held = now.round.heldSince() != null;
    Said phase =
        held
            ? PretendSaying.HELD.said()
            : runs && bath != null ? phase(bath, at).said() : PretendSaying.WAITS.said();
    return PretendWasherStateBuilder.builder()
        .roundId(now.roundId)
        .step(step.number())
        .speed(now.speed)
        .phase(phase)
        .temperatureC(bath == null ? 0 : temperature(bath, at - bath.startMinute()))
        .waterL(bath == null || !runs ? 0 : bath.liquorL())
        .minute(now.minute)
        .minutes(minutes(now))
        .waits(!runs)
        .build();
  }

  private static PretendSaying phase(Bath bath, double at) {
    return switch (bath.type()) {
      case RINSE -> PretendSaying.RINSES;
      case SPIN -> PretendSaying.SPINS;
      case STEAM -> PretendSaying.STEAMS;
      case WASH ->
          bath.setC() > 0
                  && temperature(bath, at - bath.startMinute()) < bath.setC() - WARM_FROM_SET_K
              ? PretendSaying.HEATS
              : PretendSaying.WASHES;
    };
  }

  private static double temperature(Bath bath, double minute) {
    return bath.profile().isEmpty() ? 0 : TemperatureCurve.at(bath.profile(), minute);
  }
}
