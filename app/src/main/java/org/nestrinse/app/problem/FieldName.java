package org.nestrinse.app.problem;

import java.util.Locale;
import java.util.regex.Pattern;

/**
 * What a person calls a field of a request: "room for pieces" for {@code places[2].roomForPieces}.
 * A form has better names for its own fields and uses those.
 */
final class FieldName {
  private static final Pattern WITHIN = Pattern.compile("^.*\\.|\\[\\d+]");
  private static final Pattern UNIT =
      Pattern.compile("(MmolL|MgKg|MgL|MlL|GL|Kg|Kwh|Rpm|Mm|M2|M3|Ms|Min|[CLGMWKS])$");
  private static final Pattern HUMP = Pattern.compile("(?<=[a-z0-9])(?=[A-Z])");

  private FieldName() {}

  static String of(String field) {
    String name = WITHIN.matcher(field).replaceAll("");
    String bare = UNIT.matcher(name).replaceFirst("");
    String words = HUMP.matcher(bare.isEmpty() ? name : bare).replaceAll(" ");
    return words.toLowerCase(Locale.ROOT).replaceFirst(" id$", "");
  }
}
