package org.nestrinse.core.sort;

import java.time.Instant;
import java.util.List;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.said.Said;

/**
 * What goes together, what waits, and what goes into no load.
 *
 * @param drums the loads; the one that is due first leads
 * @param waiting what waits for a later wash
 * @param answers pieces that fit no load, each with what to do instead
 * @param proven whether nothing better exists by the solver's own measure; false when the search
 *     was cut short, and the answer is good but not proven
 * @param rules which rules the house has set aside
 */
public record Sorted(
    List<Drum> drums, List<Wait> waiting, List<Answer> answers, boolean proven, HouseRules rules) {
  public Sorted {
    drums = List.copyOf(drums);
    waiting = List.copyOf(waiting);
    answers = List.copyOf(answers);
  }

  /**
   * One load.
   *
   * @param first the first wash set
   * @param bulkers what joins for the main wash
   * @param refused small pieces that could not serve as bulk, and why
   * @param fill how full it is
   * @param commonC the warmest main wash that all tolerate, as far as hygiene needs it [°C]
   * @param leastC the main wash that it needs at least [°C]
   * @param broken soft rules that it breaks, with the pieces
   */
  public record Drum(
      List<Offered> first,
      List<Offered> bulkers,
      List<Refused> refused,
      Fill fill,
      int commonC,
      int leastC,
      List<Broken> broken) {
    public Drum {
      first = List.copyOf(first);
      bulkers = List.copyOf(bulkers);
      refused = List.copyOf(refused);
      broken = List.copyOf(broken);
    }

    /** Returns the first set as pieces. */
    public List<SoiledPieces> firstPieces() {
      return first.stream().map(Offered::pieces).toList();
    }

    /** Returns the bulk as pieces. */
    public List<SoiledPieces> bulkPieces() {
      return bulkers.stream().map(Offered::pieces).toList();
    }
  }

  /**
   * Pieces that wait.
   *
   * @param offered what waits
   * @param until their clock: the latest moment
   * @param reason why they wait
   */
  public record Wait(Offered offered, Instant until, Said reason) {}

  /**
   * Pieces that fit no load.
   *
   * @param offered what they are
   * @param reason why not
   * @param instead what to do
   */
  public record Answer(Offered offered, Said reason, Said instead) {}

  /**
   * Small pieces that do not serve as bulk here.
   *
   * @param kind name of the kind
   * @param reason why not
   */
  public record Refused(String kind, Said reason) {}

  /**
   * A soft rule that a load breaks.
   *
   * @param rule the rule
   * @param one pieces …
   * @param other … that it would keep apart
   */
  public record Broken(TravelRule rule, String one, String other) {}
}
