package org.nestrinse.text;

import java.util.Locale;

/** What sentences need everywhere. */
public final class Words {
  private Words() {}

  /** Returns words with a capital first letter, as a sentence begins. */
  public static String capital(String words) {
    return words.isEmpty()
        ? words
        : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
