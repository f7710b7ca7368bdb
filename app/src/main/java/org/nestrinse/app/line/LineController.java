package org.nestrinse.app.line;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.house.MadeUpHouse;
import org.nestrinse.app.kit.household.FirstFacts;
import org.nestrinse.app.kit.household.Household;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.ledger.LedgerCheck;
import org.nestrinse.app.ledger.LedgerService;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.reset.ResetService;
import org.nestrinse.app.speech.HouseVoices;
import org.nestrinse.app.wash.plan.PlanViews;
import org.nestrinse.app.wash.round.RoundService;
import org.nestrinse.app.wash.round.RoundViews;
import org.nestrinse.core.household.NextTask;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The states that hang from the line. */
@RestController
@RequestMapping("/api/v1/line")
class LineController {
  private static final String WASH = "wash";

  private final SlowPegs slow;
  private final RoundService rounds;
  private final ResetService resets;
  private final HouseholdService households;
  private final LedgerCheck ledger;
  private final Clock clock;
  private final HouseVoices voices;
  private final MadeUpHouse madeUp;
  private final FirstFacts first;

  LineController(
      SlowPegs slow,
      RoundService rounds,
      ResetService resets,
      HouseholdService households,
      LedgerCheck ledger,
      Clock clock,
      HouseVoices voices,
      MadeUpHouse madeUp,
      FirstFacts first) {
    this.first = first;
    this.voices = voices;
    this.madeUp = madeUp;
    this.slow = slow;
    this.rounds = rounds;
    this.resets = resets;
    this.households = households;
    this.ledger = ledger;
    this.clock = clock;
  }

  /**
   * The line.
   *
   * @param household name of the household
   * @param zone its time zone
   * @param zoneTold whether somebody set it; a new house only guesses
   * @param currency three letters of what the household pays with
   * @param madeUp whether it is a made-up house
   * @param now the moment of these states, so that countdowns follow the household's clock
   * @param pegs one for each station in working order
   * @param next the one thing to do next
   * @param reset what is on in the reset that goes on, or null
   * @param notices rows that are damaged or not readable
   * @param differences kinds whose counts differ from their places, by the last look
   */
  record Line(
      String household,
      String zone,
      boolean zoneTold,
      String currency,
      boolean madeUp,
      Instant now,
      List<Peg> pegs,
      Next next,
      @Nullable Said reset,
      List<LedgerService.Difference> differences,
      List<Said> notices) {}

  /**
   * A peg.
   *
   * @param station short name
   * @param state in one phrase
   * @param urgent whether something there is overdue or needs a person
   */
  record Peg(String station, Said state, boolean urgent) {}

  /**
   * What to do next.
   *
   * @param station short name of the station where it is done
   * @param words in a sentence
   * @param button what leads there
   * @param now whether it can be done now
   */
  record Next(String station, Said words, Said button, boolean now) {}

  @GetMapping
  Line line() {
    SlowPegs.Pegs pegs = slow.pegs();
    Wash wash = wash();
    Household house = households.current();
    return new Line(
        house.name(),
        house.zone(),
        households.zoneTold(),
        voices.ofTheHouse().currency(),
        madeUp.isHere(),
        clock.instant(),
        List.of(pegs.gather(), pegs.sort(), wash.peg, pegs.dry(), pegs.shelf()),
        next(pegs, wash),
        resets.step(),
        ledger.found(),
        ledger.notices());
  }

  private Next next(SlowPegs.Pegs pegs, Wash wash) {
    NextTask next =
        NextTask.of(
            new NextTask.Stand(
                first.setUpDone(),
                wash.step,
                wash.running,
                pegs.drying(),
                pegs.loadsReady(),
                pegs.loadsToMake(),
                pegs.due()));
    return new Next(next.task().station(), next.words(), next.task().said(), next.task().now());
  }

  /**
   * How the wash stands.
   *
   * @param peg its peg
   * @param step the step that waits for a person, or null
   * @param running how long the machine still works, in a sentence, or null
   */
  private record Wash(Peg peg, @Nullable Said step, @Nullable Said running) {}

  private Wash wash() {
    RoundViews.Round round;
    try {
      round = rounds.running();
    } catch (StateConflict unreadable) {
      return new Wash(new Peg(WASH, LineSaying.NOT_READABLE.said(), true), null, null);
    }
    if (round == null || round.currentStep() == null || round.currentEnds() == null) {
      return new Wash(new Peg(WASH, LineSaying.NOTHING_RUNNING.said(), false), null, null);
    }
    PlanViews.PlanStep step = round.plan().steps().get(round.currentStep() - 1);
    long left = Math.max(0, Duration.between(clock.instant(), round.currentEnds()).toMinutes());
    if (step.attended()) {
      Said you = Said.of(LineSaying.YOU).with("step", step.title());
      return new Wash(new Peg(WASH, you, true), step.title(), null);
    }
    if (left == 0) {
      Said done = Said.of(LineSaying.DONE).with("step", step.title());
      return new Wash(new Peg(WASH, done, true), done, null);
    }
    Quantity minutes = Quantity.of(left, Unit.MINUTE);
    return new Wash(
        new Peg(
            WASH,
            Said.of(LineSaying.LEFT).with("step", step.title()).with("minutes", minutes),
            false),
        null,
        Said.of(NextTask.Words.WASH_RUNS).with("step", step.title()).with("left", minutes));
  }
}
