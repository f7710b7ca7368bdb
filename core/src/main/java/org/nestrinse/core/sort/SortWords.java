package org.nestrinse.core.sort;

import java.time.Instant;
import java.util.List;
import java.util.function.Function;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;

/** What Sort says about thin loads and about what stays behind. */
public final class SortWords {
  private static final String TIME = "time";

  private SortWords() {}

  /**
   * Returns what else can be done with a thin load, in a part of a sentence.
   *
   * @param until a moment in words, for what waits
   */
  public static Said of(ThinLoad.Instead instead, Function<Instant, Said> until) {
    if (instead instanceof ThinLoad.Instead.WaitUntil w) {
      return Said.of(LoadSaying.WAIT_UNTIL).with(TIME, until.apply(w.until()));
    }
    if (instead instanceof ThinLoad.Instead.ByHand) {
      return LoadSaying.BY_HAND.said();
    }
    if (instead instanceof ThinLoad.Instead.ShortProgramme p) {
      return Said.of(LoadSaying.SHORT_PROGRAMME).with("programme", p.name());
    }
    return LoadSaying.NOW_ANYWAY.said();
  }

  /** Returns how full a thin load is and what else could be done. */
  public static Said thin(double full, List<Said> instead) {
    return Said.of(LoadSaying.THIN)
        .with("share", Quantity.share(full))
        .with("instead", Said.either(instead));
  }

  /** Returns what a load that was made at once would have waited for. */
  public static Said wouldHaveWaited(Said until) {
    return Said.of(LoadSaying.COULD_HAVE_WAITED).with(TIME, until);
  }

  /** Returns what stays behind when a pail is washed at once, and why. */
  public static Said staysBehind(Said pieces, Said reason) {
    return Said.of(LoadSaying.GO_SEPARATELY).with("pieces", pieces).with("reason", reason);
  }
}
