package org.nestrinse.core.sort;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.nestrinse.core.gather.HoldingClock;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;

/**
 * What else can be done with a load so small that it would slosh alone in a big drum. Nothing of it
 * is an order: the load may go as it is.
 *
 * @see "docs/models.md, sorting"
 */
public final class ThinLoad {
  /** Below this share of the drum something else is offered too. */
  public static final double BELOW = 1.0 / 3;

  /** A small-load programme washes no longer than this [min]. */
  private static final int SHORT_MINUTES = 45;

  /** By hand nothing larger is wrung [kg]. */
  private static final double WRUNG_KG = 0.6;

  private ThinLoad() {}

  /** Something else to do. */
  public sealed interface Instead {
    /** Leave it until the first piece is due. */
    record WaitUntil(Instant until) implements Instead {}

    /** By hand, in a basin or a bucket. */
    record ByHand() implements Instead {}

    /** A short programme, with the dose for this mass. */
    record ShortProgramme(String name) implements Instead {}

    /** The machine now, with the dose for this mass. */
    record NowAnyway() implements Instead {}
  }

  /**
   * Returns what else can be done, at least one thing; nothing for a load that fills a third.
   *
   * @param now the moment
   */
  public static List<Instead> of(Sorted.Drum drum, Machine machine, Instant now) {
    if (drum.fill().main() >= BELOW || machine.type().byHand()) {
      return List.of();
    }
    List<SoiledPieces> all = new ArrayList<>(drum.firstPieces());
    all.addAll(drum.bulkPieces());
    List<Instead> instead = new ArrayList<>();
    all.stream()
        .map(HoldingClock::due)
        .min(Comparator.naturalOrder())
        .filter(due -> due.isAfter(now))
        .ifPresent(due -> instead.add(new Instead.WaitUntil(due)));
    boolean wrings =
        all.stream().allMatch(p -> p.kind().massKg() <= WRUNG_KG && p.soil() != Soil.WAX);
    if (wrings) {
      instead.add(new Instead.ByHand());
    }
    machine.programmes().stream()
        .filter(p -> p.use() == Programme.Use.WASH && p.washMinutes() <= SHORT_MINUTES)
        .min(Comparator.comparingInt(Programme::washMinutes))
        .ifPresent(p -> instead.add(new Instead.ShortProgramme(p.name())));
    instead.add(new Instead.NowAnyway());
    return instead;
  }
}
