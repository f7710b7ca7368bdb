package org.nestrinse.app.line;

import java.time.Clock;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
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
import org.nestrinse.core.household.NextTask;
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
  private final Clock clock;

  SlowPegs(
      GatherService gather,
      LoadReader loads,
      ProposalService proposals,
      DryingReader dry,
      ShelfService shelf,
      HouseholdService households,
      Clock clock) {
    this.clock = clock;
    this.gather = gather;
    this.loads = loads;
    this.proposals = proposals;
    this.dry = dry;
    this.shelf = shelf;
    this.households = households;
  }

  /** All of them, and what they say of the next thing to do. */
  record Pegs(
      Peg gather,
      Peg sort,
      Peg dry,
      Peg shelf,
      NextTask.Drying drying,
      int loadsReady,
      int loadsToMake,
      NextTask.@Nullable Due due) {}

  /** Returns them as they are now. */
  @CachedAnswer
  Pegs pegs() {
    DryViews.Short hanging = dry.inShort();
    int ready = loads.openCount();
    int toMake = ready > 0 ? 0 : proposals.proposed();
    GatherViews.Gathering waiting = gather.gathering();
    return new Pegs(
        gather(waiting),
        sort(ready, toMake),
        dry(hanging),
        shelf(),
        new NextTask.Drying(hanging.ready(), hanging.trip(), hanging.next(), hanging.nextWords()),
        ready,
        toMake,
        due(waiting.nextDue()));
  }

  private NextTask.@Nullable Due due(GatherViews.@Nullable NextDue due) {
    return due == null
        ? null
        : new NextTask.Due(Duration.between(clock.instant(), due.at()), due.words(), due.oldest());
  }

  private static Peg gather(GatherViews.Gathering g) {
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

  private static Peg sort(int ready, int proposed) {
    if (ready > 0) {
      return new Peg("sort", Said.of(LineSaying.LOADS_READY).with("loads", ready), false);
    }
    return new Peg(
        "sort",
        proposed == 0
            ? LineSaying.NOTHING_TO_SORT.said()
            : Said.of(LineSaying.LOADS_TO_MAKE).with("loads", proposed),
        false);
  }

  private static Peg dry(DryViews.Short d) {
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
