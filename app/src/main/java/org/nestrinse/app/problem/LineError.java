package org.nestrinse.app.problem;

import org.nestrinse.core.said.Said;

/**
 * What is wrong in one place of a file.
 *
 * @param line counted from 1, the head included; in JSON the number of the entry
 * @param column its name
 * @param found what stands there
 * @param expected what should
 */
public record LineError(long line, String column, Said found, Said expected) {
  /** Makes one of what stands there and what should, both anything that can be worded. */
  public static LineError of(long line, String column, Object found, Object expected) {
    return new LineError(line, column, Said.from(found), Said.from(expected));
  }
}
