package org.nestrinse.text;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;

/**
 * A language that nobody speaks, for tests: English with accents and vowels drawn out, so that
 * words which do not come from the catalogue stand out, and words that grow by two fifths show
 * where they do not fit.
 */
final class Pseudo {
  /** The tag that Unicode's CLDR keeps for English with accents. */
  static final Locale LOCALE = Locale.forLanguageTag("en-XA");

  private static final String PLAIN = "aeiouyAEIOUY";
  private static final String ACCENTED = "áéíóúýÁÉÍÓÚÝ";
  private static final Set<Part.Type> BEFORE_TEXT =
      EnumSet.of(
          Part.Type.MSG_START,
          Part.Type.ARG_LIMIT,
          Part.Type.SKIP_SYNTAX,
          Part.Type.INSERT_CHAR,
          Part.Type.REPLACE_NUMBER);

  private Pseudo() {}

  /** Returns an ICU message with its words drawn out; its values and its syntax stay. */
  static String of(String message) {
    MessagePattern pattern = new MessagePattern(message);
    StringBuilder out = new StringBuilder();
    int done = 0;
    for (int i = 0; i + 1 < pattern.countParts(); i++) {
      Part part = pattern.getPart(i);
      if (BEFORE_TEXT.contains(part.getType())) {
        out.append(message, done, part.getLimit());
        done = pattern.getPart(i + 1).getIndex();
        out.append(drawnOut(message.substring(part.getLimit(), done)));
      }
    }
    return out.append(message.substring(done)).toString();
  }

  private static String drawnOut(String text) {
    StringBuilder out = new StringBuilder();
    for (char c : text.toCharArray()) {
      int vowel = PLAIN.indexOf(c);
      out.append(vowel < 0 ? c : ACCENTED.charAt(vowel));
      if (vowel >= 0) {
        out.append(Character.toLowerCase(ACCENTED.charAt(vowel)));
      }
    }
    return out.toString();
  }
}
