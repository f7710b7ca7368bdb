package org.nestrinse.app.line;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.dry.DryService;
import org.nestrinse.app.dry.DryViews;
import org.nestrinse.app.gather.GatherService;
import org.nestrinse.app.gather.GatherViews;
import org.nestrinse.app.gather.NormalDayService;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.ledger.LedgerCheck;
import org.nestrinse.app.ledger.LedgerService;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.reset.ResetService;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.sort.ProposalService;
import org.nestrinse.app.sort.SortService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.wash.RoundService;
import org.nestrinse.app.wash.WashViews;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The states that hang from the line. */
@RestController
@RequestMapping("/api/line")
class LineController {
  private final GatherService gather;
  private final SortService sort;
  private final ProposalService proposals;
  private final NormalDayService normal;
  private final RoundService rounds;
  private final DryService dry;
  private final ShelfService shelf;
  private final ResetService resets;
  private final HouseholdService households;
  private final LedgerCheck ledger;
  private final HouseClock clock;

  LineController(
      GatherService gather,
      SortService sort,
      ProposalService proposals,
      NormalDayService normal,
      RoundService rounds,
      DryService dry,
      ShelfService shelf,
      ResetService resets,
      HouseholdService households,
      LedgerCheck ledger,
      HouseClock clock) {
    this.gather = gather;
    this.sort = sort;
    this.proposals = proposals;
    this.normal = normal;
    this.rounds = rounds;
    this.dry = dry;
    this.shelf = shelf;
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
   * @param now the moment of these states, so that countdowns follow the household's clock
   * @param pegs one for each station in working order
   * @param reset what is on in the reset that goes on, or null
   * @param notices rows that are damaged or not readable
   * @param differences kinds whose counts differ from their places, by the last look
   */
  record Line(
      String household,
      String zone,
      boolean zoneTold,
      Instant now,
      List<Peg> pegs,
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

  @GetMapping
  Line line() {
    normal.catchUp();
    return new Line(
        households.current().name(),
        households.current().zone(),
        households.zoneTold(),
        clock.instant(),
        List.of(gather(), sort(), wash(), dry(), shelf()),
        resets.step(),
        ledger.found(),
        ledger.notices());
  }

  private Peg gather() {
    GatherViews.Gathering g = gather.gathering();
    GatherViews.NextDue due = g.nextDue();
    if (due == null) {
      return new Peg("gather", LineSaying.NOTHING_WAITING.said(), false);
    }
    Said waiting =
        Said.of(due.over() ? LineSaying.WAITING_DUE : LineSaying.WAITING)
            .with("pieces", g.pieces())
            .with("oldest", due.oldest());
    return new Peg("gather", due.over() ? waiting : waiting.with("when", due.words()), due.over());
  }

  private Peg sort() {
    int ready = sort.openCount();
    if (ready > 0) {
      return new Peg("sort", Said.of(LineSaying.LOADS_READY).with("loads", ready), false);
    }
    int proposed = proposals.proposed();
    return new Peg(
        "sort",
        proposed == 0
            ? LineSaying.NOTHING_TO_SORT.said()
            : Said.of(LineSaying.LOADS_TO_MAKE).with("loads", proposed),
        false);
  }

  private Peg wash() {
    WashViews.Round round;
    try {
      round = rounds.running();
    } catch (NotNow unreadable) {
      return new Peg("wash", LineSaying.NOT_READABLE.said(), true);
    }
    if (round == null || round.currentStep() == null || round.currentEnds() == null) {
      return new Peg("wash", LineSaying.NOTHING_RUNNING.said(), false);
    }
    WashViews.PlanStep step = round.plan().steps().get(round.currentStep() - 1);
    long left = Math.max(0, Duration.between(clock.instant(), round.currentEnds()).toMinutes());
    if (step.attended()) {
      return new Peg("wash", Said.of(LineSaying.YOU).with("step", step.title()), true);
    }
    return left == 0
        ? new Peg("wash", Said.of(LineSaying.DONE).with("step", step.title()), true)
        : new Peg(
            "wash",
            Said.of(LineSaying.LEFT)
                .with("step", step.title())
                .with("minutes", Quantity.of(left, Unit.MINUTE)),
            false);
  }

  private Peg dry() {
    DryViews.Short d = dry.inShort();
    if (d.pieces() == 0) {
      return new Peg("dry", LineSaying.NOTHING_HANGING.said(), false);
    }
    if (d.ready() > 0) {
      return new Peg(
          "dry",
          Said.of(LineSaying.MAY_BE_DRY).with("pieces", d.pieces()).with("ready", d.ready()),
          true);
    }
    Said hanging =
        d.nextWords() == null
            ? Said.of(LineSaying.HANGING)
            : Said.of(LineSaying.HANGING_NEXT).with("next", d.next()).with("when", d.nextWords());
    return new Peg("dry", hanging.with("pieces", d.pieces()), false);
  }

  private Peg shelf() {
    Said until = shelf.coversUntil();
    return new Peg(
        "shelf",
        until == null
            ? LineSaying.NOTHING_IN_USE.said()
            : Said.of(LineSaying.ENOUGH_UNTIL).with("when", until),
        false);
  }
}
