package org.nestrinse.core.sort;

import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.why.Why;

/**
 * What a fill means for the main wash.
 *
 * @param state too little, good or too much
 * @param words what to do, in one sentence
 */
public record FillAdvice(State state, String words) {
  /** Where a fill lies. */
  public enum State {
    EMPTY,
    TOO_LITTLE,
    A_LITTLE_LOW,
    GOOD,
    A_LITTLE_HIGH,
    TOO_MUCH
  }

  /** Returns the advice for a fill of the main wash. */
  public static FillAdvice of(Fill fill) {
    double full = fill.main();
    String percent = Numbers.percent(full);
    if (fill.massKg() == 0) {
      return new FillAdvice(State.EMPTY, "Nothing is in the drum yet.");
    }
    if (full < Fill.LEAST) {
      return new FillAdvice(
          State.TOO_LITTLE,
          percent + " full: too few to rub each other clean. Add small household pieces.");
    }
    if (full < Fill.WINDOW_FROM) {
      return new FillAdvice(
          State.A_LITTLE_LOW,
          percent + " full: it washes; two thirds to three quarters is better.");
    }
    if (full <= Fill.WINDOW_TO) {
      return new FillAdvice(State.GOOD, percent + " full: just right.");
    }
    if (full <= LoadProposal.MOST_FULL) {
      return new FillAdvice(
          State.A_LITTLE_HIGH, percent + " full: a little tight. Take a few small pieces out.");
    }
    return new FillAdvice(
        State.TOO_MUCH, percent + " full: too tight to turn over. Take pieces out.");
  }

  /**
   * Returns how many pieces of a kind would bring the main wash into the window, 0 when it is there
   * already.
   *
   * @param fill the fill without them
   * @param bulker the kind that would join dry
   * @param drumL drum volume [L]
   */
  public static int wantedBulkers(Fill fill, Kind bulker, double drumL) {
    double missingL = (Fill.WINDOW_FROM - fill.main()) * drumL;
    double pieceL = bulker.load(1).weighted(Material::looseBulkLKg);
    return missingL <= 0 ? 0 : (int) Math.ceil(missingL / pieceL - 1e-9);
  }

  /**
   * Returns the reason of the number of pieces of a kind that would bring the main wash into the
   * window.
   */
  public static Why whyWanted(Fill fill, Kind bulker, double drumL) {
    double missingL = Math.max(0, (Fill.WINDOW_FROM - fill.main()) * drumL);
    double pieceL = bulker.load(1).weighted(Material::looseBulkLKg);
    int wanted = wantedBulkers(fill, bulker, drumL);
    return Why.of(
            Numbers.count(wanted, bulker.name()),
            "So many small pieces, lying dry, would fill the drum to two thirds. Fewer are offered when fewer wait.")
        .line("two thirds of the drum", Numbers.of(Fill.WINDOW_FROM * drumL, 1) + " L")
        .line("in it now", Numbers.of(fill.main() * drumL, 1) + " L")
        .line("missing", Numbers.of(missingL, 1) + " L")
        .line("one " + bulker.name() + ", dry", Numbers.of(pieceL, 2) + " L")
        .total("wanted", String.valueOf(wanted))
        .section(2);
  }

  /** Returns the reason of a fill. */
  public static Why why(Fill fill, double drumL) {
    return Why.of(
            Numbers.percent(fill.main()) + " full",
            "After the first wash the pieces settle. Alone they would slosh and not rub each other; two thirds to"
                + " three quarters is right for a front loader.")
        .line("first set, dry", Numbers.of(fill.dry() * drumL, 1) + " L")
        .line("the same, washed once", Numbers.of(fill.preWashed() * drumL, 1) + " L")
        .line("bulkers, dry", Numbers.of((fill.main() - fill.preWashed()) * drumL, 1) + " L")
        .line("drum", Numbers.of(drumL, 1) + " L")
        .total("full in the main wash", Numbers.percent(fill.main()))
        .section(2);
  }
}
