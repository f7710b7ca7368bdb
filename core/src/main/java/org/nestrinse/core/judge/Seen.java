package org.nestrinse.core.judge;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One thing that somebody saw.
 *
 * @param sign what was looked at
 * @param value what it was, a short name of the sign's values
 * @param at when
 * @param round number of the round it was noticed after, or null
 * @param inReset whether it was the water of a reset, which shows what earlier washes left behind
 * @param ofLoad whether it was seen of a whole load, and of no kind in particular
 */
public record Seen(
    Sign sign, String value, Instant at, @Nullable Long round, boolean inReset, boolean ofLoad) {
  public Seen {
    sign.value(value);
  }

  /** Makes what was seen of washed pieces. */
  public Seen(Sign sign, String value, Instant at, @Nullable Long round) {
    this(sign, value, at, round, false, false);
  }

  /** Makes what was seen of pieces of one kind. */
  public Seen(Sign sign, String value, Instant at, @Nullable Long round, boolean inReset) {
    this(sign, value, at, round, inReset, false);
  }

  /**
   * Returns whether it tells how the household washes. Any reset turns its water grey; only its
   * suds tell something, and that of the dose before.
   */
  public boolean tellsOfWashes() {
    return !inReset || suds();
  }

  /** Returns whether it is suds, in the last water or in a jar. */
  public boolean suds() {
    return is("SUDS.suds") || is("JAR.suds");
  }

  /** Returns whether it is as it should be. */
  public boolean good() {
    return sign.good(value);
  }

  /** Returns whether it is something wrong with the pieces. */
  public boolean wrong() {
    return sign.symptom() && !good();
  }

  /** Returns whether it is what this finding names, such as "SMELL_WET.ammonia". */
  public boolean is(String finding) {
    return finding().equals(finding);
  }

  /** Returns it as a finding, such as "SMELL_WET.ammonia". */
  public String finding() {
    return sign.name() + "." + value;
  }
}
