package org.nestrinse.app.shelf;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** What the shelf holds and how long it lasts. */
public enum ShelfSaying implements Saying {
  BUNDLE_TITLE("count", "recipe"),
  BUNDLE,
  PART("part", "each"),
  WANTED,
  GOES_IN,
  STANDS_IN,
  WITHOUT,
  BUNDLES("recipe"),
  CLEAN_TITLE("count"),
  CLEAN_MEANS,
  OWNED("kind"),
  WAITING,
  WASHING,
  DRYING,
  CLEAN,
  PART_SOURCE,
  UNTIL("need", "when"),
  COVER,
  CLEAN_NOW,
  NORMAL_DAY,
  MISSING_FROM,
  RISE("rise"),
  SNAPS("snaps"),
  STANDS_FOR("pieces", "part");

  private final Set<String> valueNames;

  ShelfSaying(String... valueNames) {
    this.valueNames = Set.of(valueNames);
  }

  @Override
  public Set<String> valueNames() {
    return valueNames;
  }
}
