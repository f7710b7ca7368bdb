package org.nestrinse.app.problem;

/** Whether a text can be read by a person and kept by every file: what names and notes must be. */
public final class Written {
  private Written() {}

  /**
   * Returns whether a text is empty, or holds something that can be seen, and neither control
   * characters but line ends and tabs, nor halves of characters, nor signs that turn the direction
   * of writing.
   */
  public static boolean readable(String text) {
    if (text.isEmpty()) {
      return true;
    }
    return text.codePoints().allMatch(Written::allowed)
        && text.codePoints().anyMatch(Written::visible);
  }

  private static boolean allowed(int c) {
    if (c == '\n' || c == '\r' || c == '\t') {
      return true;
    }
    int type = Character.getType(c);
    return type != Character.CONTROL
        && type != Character.SURROGATE
        && type != Character.PRIVATE_USE
        && type != Character.UNASSIGNED
        && !turns(c);
  }

  /** Marks, embeddings, overrides and isolates of the bidirectional algorithm. */
  private static boolean turns(int c) {
    return c == 0x200E
        || c == 0x200F
        || c == 0x061C
        || (c >= 0x202A && c <= 0x202E)
        || (c >= 0x2066 && c <= 0x2069);
  }

  private static boolean visible(int c) {
    int type = Character.getType(c);
    return type != Character.FORMAT
        && type != Character.SPACE_SEPARATOR
        && type != Character.LINE_SEPARATOR
        && type != Character.PARAGRAPH_SEPARATOR
        && type != Character.CONTROL
        && type != Character.NON_SPACING_MARK
        && c != 0x2800
        && c != 0x3164;
  }
}
