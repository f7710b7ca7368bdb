package org.nestrinse.app.record;

/**
 * Texts in cells. One that begins like a formula would be run by a spreadsheet; a leading
 * apostrophe keeps it a text.
 */
final class CsvCells {
  private static final String FORMULA = "=+-@\t\r";

  private CsvCells() {}

  static String safe(String text) {
    return !text.isEmpty() && FORMULA.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
  }

  static String unsafe(String text) {
    boolean kept =
        text.length() > 1 && text.charAt(0) == '\'' && FORMULA.indexOf(text.charAt(1)) >= 0;
    return kept ? text.substring(1) : text;
  }
}
