package org.nestrinse.core.record;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.core.units.Numbers;

/** What was done otherwise from one round to the next, in a few words each. */
public final class Changes {
  private static final double DOSE_SHARE = 0.12;
  private static final double TRIM = 0.05;
  private static final double FILL = 0.2;
  private static final double HARDNESS_MMOL_L = 0.3;

  private Changes() {}

  /** Returns what a round did otherwise than the one before it; nothing when all was as usual. */
  public static List<String> between(PastRound before, PastRound now) {
    List<String> all = new ArrayList<>();
    if (!before.school().equals(now.school())) {
      all.add(now.school());
    }
    if (before.bath().temperatureC() != now.bath().temperatureC()) {
      all.add(now.bath().temperatureC() + "° for " + before.bath().temperatureC() + "°");
    }
    if (Math.abs(now.dose().trim() - before.dose().trim()) > TRIM) {
      all.add(
          "dose × %s for × %s"
              .formatted(Numbers.of(now.dose().trim(), 1), Numbers.of(before.dose().trim(), 1)));
    }
    Double share = now.dose().share();
    Double shareBefore = before.dose().share();
    if (share != null && shareBefore != null && Math.abs(share - shareBefore) > DOSE_SHARE) {
      all.add(
          "%s of the label for %s".formatted(Numbers.percent(share), Numbers.percent(shareBefore)));
    }
    int rinses = now.bath().rinses() - before.bath().rinses();
    if (rinses != 0) {
      all.add(Numbers.count(Math.abs(rinses), "rinse") + (rinses > 0 ? " more" : " fewer"));
    }
    if (Math.abs(now.bath().fill() - before.bath().fill()) > FILL) {
      all.add(now.bath().fill() > before.bath().fill() ? "a fuller drum" : "an emptier drum");
    }
    if (Math.abs(now.bath().hardnessMmolL() - before.bath().hardnessMmolL()) > HARDNESS_MMOL_L) {
      all.add("water of %s mmol/L".formatted(Numbers.of(now.bath().hardnessMmolL(), 1)));
    }
    return all;
  }
}
