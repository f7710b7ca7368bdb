package org.nestrinse.core.judge;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.nestrinse.core.run.Judgement;

/** What the answers on the way through a round tell as signs. */
public final class RunSigns {
  private static final Map<String, String> SIGNS =
      Map.of(
          "SUDS.no", "SUDS.none",
          "SUDS.yes", "SUDS.suds",
          "SMELL.fresh", "SMELL_WET.fresh",
          "SMELL.sharp", "SMELL_WET.ammonia",
          "SMELL.musty", "SMELL_WET.barnyard",
          "FILL.good", "DRUM.good",
          "FILL.thin", "DRUM.thin",
          "FILL.stuffed", "DRUM.stuffed");

  private RunSigns() {}

  /**
   * Returns what an answer tells, or nothing: stains and grey water between two washes are still
   * worked on.
   *
   * @param judgement what was looked at
   * @param answer short name of the answer
   * @param at when
   * @param round number of the round
   */
  public static Optional<Seen> of(Judgement judgement, String answer, Instant at, long round) {
    String finding = SIGNS.get(judgement.name() + "." + answer);
    if (finding == null) {
      return Optional.empty();
    }
    int dot = finding.indexOf('.');
    return Optional.of(
        new Seen(Sign.valueOf(finding.substring(0, dot)), finding.substring(dot + 1), at, round));
  }
}
