package org.nestrinse.core.sort;

import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.kit.FillWindow;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;

/**
 * What a fill means for the main wash.
 *
 * @param state too little, good or too much
 * @param words what to do, in one sentence
 */
public record FillAdvice(State state, Said words) {
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
  public static FillAdvice of(Fill fill, FillWindow window) {
    double full = fill.main();
    if (fill.massKg() == 0) {
      return new FillAdvice(State.EMPTY, LoadSaying.DRUM_EMPTY.said());
    }
    if (full < window.least()) {
      return new FillAdvice(State.TOO_LITTLE, full(LoadSaying.FULL_TOO_LITTLE, full));
    }
    if (full < window.from()) {
      return new FillAdvice(
          State.A_LITTLE_LOW,
          full(LoadSaying.FULL_A_LITTLE_LOW, full)
              .with("from", Quantity.share(window.from()))
              .with("to", Quantity.share(window.to())));
    }
    if (full <= window.to()) {
      return new FillAdvice(State.GOOD, full(LoadSaying.FULL_GOOD, full));
    }
    if (full <= window.most()) {
      return new FillAdvice(State.A_LITTLE_HIGH, full(LoadSaying.FULL_A_LITTLE_HIGH, full));
    }
    return new FillAdvice(State.TOO_MUCH, full(LoadSaying.FULL_TOO_MUCH, full));
  }

  private static Said full(LoadSaying saying, double full) {
    return Said.of(saying).with("share", Quantity.share(full));
  }

  /**
   * Returns how many pieces of a kind would bring the main wash into the window, 0 when it is there
   * already.
   *
   * @param fill the fill without them
   * @param bulker the kind that would join dry
   * @param machine what it is washed in
   */
  public static int wantedBulkers(Fill fill, Kind bulker, Machine machine) {
    double missingL = (machine.window().from() - fill.main()) * machine.drumL();
    double pieceL = bulker.dryL();
    return missingL <= 0 ? 0 : (int) Math.ceil(missingL / pieceL - 1e-9);
  }

  /**
   * Returns the reason of the number of pieces of a kind that would bring the main wash into the
   * window.
   */
  public static Why whyWanted(Fill fill, Kind bulker, Machine machine) {
    double missingL = Math.max(0, (machine.window().from() - fill.main()) * machine.drumL());
    double pieceL = bulker.dryL();
    int wanted = wantedBulkers(fill, bulker, machine);
    return Why.of(
            Said.of(FillSaying.WANTED_TITLE).with("pieces", wanted).with("kind", bulker.name()),
            FillSaying.WANTED)
        .line(FillSaying.FROM, litres(machine.window().from() * machine.drumL()))
        .line(FillSaying.IN_IT_NOW, litres(fill.main() * machine.drumL()))
        .line(FillSaying.MISSING, litres(missingL))
        .line(
            Said.of(FillSaying.ONE_DRY).with("kind", bulker.name()),
            new Quantity(pieceL, Unit.LITRE, 2))
        .total(FillSaying.WANTED_TOTAL, wanted)
        .by(Model.FILL);
  }

  private static Quantity litres(double litres) {
    return new Quantity(litres, Unit.LITRE, 1);
  }

  /** Returns the reason of a fill. */
  public static Why why(Fill fill, Machine machine) {
    double drumL = machine.drumL();
    return Why.of(
            Said.of(FillSaying.FULL).with("share", Quantity.share(fill.main())),
            Said.of(FillSaying.SETTLED)
                .with("from", Quantity.share(machine.window().from()))
                .with("to", Quantity.share(machine.window().to()))
                .with("machine", machine.type()))
        .line(FillSaying.FIRST_SET_DRY, litres(fill.dry() * drumL))
        .line(FillSaying.FIRST_SET_WASHED, litres(fill.preWashed() * drumL))
        .line(FillSaying.BULKERS_DRY, litres((fill.main() - fill.preWashed()) * drumL))
        .line(FillSaying.DRUM, litres(drumL))
        .total(FillSaying.IN_MAIN_WASH, Quantity.share(fill.main()))
        .by(Model.FILL);
  }
}
