package org.nestrinse.core.safety;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;

/**
 * Something a person should know before a step.
 *
 * @param strength how strongly it is meant
 * @param key a short name that stays the same, by which a person confirms having read it
 * @param title a few words
 * @param sentence what to do and why
 * @param step the number of the step that it concerns
 * @param nearestC the main wash that would fit [°C], as the sentence says it; null when heat is not
 *     what is wrong
 */
public record Caution(
    Strength strength,
    String key,
    Said title,
    Said sentence,
    int step,
    @Nullable Integer nearestC) {
  /** Makes a caution that another temperature would not lift. */
  public Caution(Strength strength, String key, Said title, Said sentence, int step) {
    this(strength, key, title, sentence, step, null);
  }

  /** Three strengths; the interface shows each by icon and word. */
  public enum Strength {
    /** Cannot be planned or started until changed. No override. */
    STOP,
    /** The person confirms having read it, once for each run. */
    CHECK,
    /** Shown at its step. */
    NOTE
  }
}
