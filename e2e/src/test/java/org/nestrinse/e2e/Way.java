package org.nestrinse.e2e;

import java.util.ArrayList;
import java.util.List;

/** A way to look at a view. */
record Way(String language, boolean phone, boolean night) {
  private static final List<String> LANGUAGES = List.of("en", "de", "en-XA");

  /** Every way once; neighbours differ in as much as they can, for a short run. */
  static final List<Way> ALL = all();

  private static List<Way> all() {
    List<Way> all = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      for (int j = 0; j < LANGUAGES.size(); j++) {
        all.add(new Way(LANGUAGES.get(j), (i + j) % 2 == 1, (i / 2 + j) % 2 == 1));
      }
    }
    return List.copyOf(all);
  }

  @Override
  public String toString() {
    return language + (phone ? ", phone" : ", laptop") + (night ? ", night" : ", day");
  }
}
