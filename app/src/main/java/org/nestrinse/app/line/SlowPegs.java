package org.nestrinse.app.line;

import org.nestrinse.app.changes.CachedAnswer;
import org.nestrinse.app.dry.DryViews;
import org.nestrinse.app.dry.DryingReader;
import org.nestrinse.app.gather.pail.GatherService;
import org.nestrinse.app.gather.pail.GatherViews;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.line.LineController.Peg;
import org.nestrinse.app.shelf.ShelfService;
import org.nestrinse.app.sort.LoadReader;
import org.nestrinse.app.sort.ProposalService;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.household.Supplies;
import org.nestrinse.core.said.Said;
import org.springframework.stereotype.Component;

/** The pegs that only move when something is changed or hours go by. */
@Component
class SlowPegs {
  private final GatherService gather;
  private final LoadReader loads;
  private final ProposalService proposals;
  private final DryingReader dry;
  private final ShelfService shelf;
  private final HouseholdService households;

  SlowPegs(
      GatherService gather,
      LoadReader loads,
      ProposalService proposals,
      DryingReader dry,
      ShelfService shelf,
      HouseholdService households) {
    this.gather = gather;
    this.loads = loads;
    this.proposals = proposals;
    this.dry = dry;
    this.shelf = shelf;
    this.households = households;
  }

  /** All of them. */
  record Pegs(Peg gather, Peg sort, Peg dry, Peg shelf) {}

  /** Returns them as they are now. */
  @CachedAnswer
  Pegs pegs() {
    return new Pegs(gather(), sort(), dry(), shelf());
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
    int ready = loads.openCount();
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
    TimeWords words = households.timeWords();
    Said until =
        Supplies.of(shelf.stock())
            .firstToRunOut()
            .map(c -> words.at(c.until().toInstant()))
            .map(when -> Said.of(LineSaying.ENOUGH_UNTIL).with("when", when))
            .orElseGet(LineSaying.NOTHING_IN_USE::said);
    return new Peg("shelf", until, false);
  }
}
