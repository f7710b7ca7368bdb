package org.nestrinse.app.gather.pail;

import java.util.Comparator;
import java.util.List;
import org.nestrinse.app.gather.GatherSaying;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.NextWash;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;
import org.nestrinse.core.why.WhySource;

/** Why a pail is due, how full it is, and what decides about the next wash. */
final class GatherWhys {
  private static final int HOURS_PER_DAY = 24;

  private final TimeWords words;

  GatherWhys(TimeWords words) {
    this.words = words;
  }

  /** Returns why the clock of pieces decides. */
  static Said clockReason(Waiting w) {
    long hours = HoldingClock.limit(w.pieces()).toHours();
    Quantity limit =
        hours % HOURS_PER_DAY == 0
            ? Quantity.of(hours / (double) HOURS_PER_DAY, Unit.DAY)
            : Quantity.of(hours, Unit.HOUR);
    return w.pieces().dampCloth()
        ? Said.of(GatherSaying.CLOTHS_SOUR).with("pail", w.pailName()).with("limit", limit)
        : Said.of(GatherSaying.PAIL_REACHES)
            .with("pail", w.pailName())
            .with("limit", limit)
            .with("soil", w.pieces().soil());
  }

  /** Returns what decides about the next wash. */
  Why nextWhy(NextWash next, List<NextWash> candidates) {
    Why.Builder why = Why.of(words.at(next.at()), GatherSaying.EARLIEST);
    candidates.stream()
        .sorted(Comparator.comparing(NextWash::at))
        .limit(5)
        .forEach(
            c ->
                why.line(
                    switch (c.cause()) {
                      case CLOCK -> Said.of(GatherSaying.CLOCK).with("what", c.what());
                      case CAPACITY -> Said.of(GatherSaying.FULL).with("pail", c.what());
                      case SHELF -> Said.of(GatherSaying.RUNS_OUT).with("what", c.what());
                    },
                    words.at(c.at())));
    return why.total(GatherSaying.NEXT_WASH, words.at(next.at())).by(Model.NEXT_WASH);
  }

  /** Returns why pieces are due. */
  Why dueWhy(Waiting w) {
    SoiledPieces p = w.pieces();
    return Why.of(words.at(HoldingClock.due(p)), HoldingClock.reason(p))
        .line(
            GatherSaying.FIRST_OVER,
            Said.of(GatherSaying.PIECES_SOIL)
                .with("pieces", p.said())
                .with("soil", p.soil().said()))
        .line(GatherSaying.CAME_IN, words.at(p.since()))
        .line(GatherSaying.MAY_WAIT, Quantity.of(HoldingClock.limit(p).toHours(), Unit.HOUR))
        .total(GatherSaying.DUE, words.at(HoldingClock.due(p)))
        .by(Model.WAITING, WhySource.OWN_FIGURES);
  }

  /** Returns how full a pail is, and of what. */
  static Why fillWhy(PailEntity p, double litres) {
    Quantity full = Quantity.share(litres / p.capacityL);
    return Why.of(Said.of(GatherSaying.PAIL_FULL).with("share", full), GatherSaying.LOOSE)
        .line(GatherSaying.PIECES_TAKE, new Quantity(litres, Unit.LITRE, 1))
        .line(p.name, Quantity.of(p.capacityL, Unit.LITRE))
        .total(GatherSaying.FULL_TOTAL, full)
        .by(Model.FILL);
  }
}
