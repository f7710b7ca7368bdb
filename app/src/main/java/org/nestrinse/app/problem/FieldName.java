package org.nestrinse.app.problem;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * What a person calls a field of a request: "room for pieces" for {@code places[2].roomForPieces}.
 * A form has better names for its own fields and uses those.
 */
final class FieldName {
  private static final Pattern WITHIN = Pattern.compile("^.*\\.|\\[\\d+]");
  private static final Pattern UNIT =
      Pattern.compile("(MmolL|MlPerL|MgKg|MgL|MlL|GL|Kg|Kwh|Rpm|Mm|M2|M3|Ms|Min|[CLGMWKS])$");
  private static final Pattern HUMP = Pattern.compile("(?<=[a-z0-9])(?=[A-Z])");

  /** Words of the code that have other names on the screen. */
  private static final Map<String, String> ON_SCREEN =
      Map.of("school", "method", "residue", "leftover", "trim", "adjustment");

  private FieldName() {}

  static String of(String field) {
    String last = WITHIN.matcher(field).replaceAll("");
    String bare = UNIT.matcher(last).replaceFirst("");
    String words = HUMP.matcher(bare.isEmpty() ? last : bare).replaceAll(" ");
    String name = words.toLowerCase(Locale.ROOT).replaceFirst(" id$", "");
    return ON_SCREEN.getOrDefault(name, name);
  }
}
