package org.nestrinse.app.shelf;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.shelf.Bundles;
import org.nestrinse.core.shelf.Cover;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.why.Why;

/** What the Shelf view shows. */
public final class ShelfViews {
  private ShelfViews() {}

  /**
   * The shelf.
   *
   * @param now the present moment
   * @param compartments clean pieces by what they are for
   * @param days all day bundles that the parts make, short ones too
   * @param nights all night bundles
   * @param bundles the same, full and short apart
   * @param dayLimit the part that runs short for day bundles, in words, or null
   * @param nightLimit the same for the night
   * @param covers until when each need is covered
   * @param coversUntil when the first need runs out, in words; null when nothing is used
   * @param runsOutFirst what runs out first, or null
   * @param whys reasons by key: {@code day}, {@code night}, {@code cover.NEED}, {@code part.ROLE}
   */
  public record Shelf(
      Instant now,
      List<Compartment> compartments,
      int days,
      int nights,
      Bundles bundles,
      @Nullable String dayLimit,
      @Nullable String nightLimit,
      List<CoverLine> covers,
      @Nullable String coversUntil,
      @Nullable String runsOutFirst,
      Map<String, Why> whys) {}

  /**
   * Clean pieces of one role.
   *
   * @param role what they are for
   * @param name in words
   * @param clean how many are clean
   * @param owned how many there are in all
   * @param kinds by kind
   */
  public record Compartment(Role role, String name, int clean, int owned, List<KindLine> kinds) {}

  /**
   * Clean pieces of one kind.
   *
   * @param kindId number
   * @param kind name
   * @param words how many of what are clean
   * @param clean on the shelf
   * @param waiting in pails
   * @param washing in the machine
   * @param drying hanging
   * @param owned in all
   */
  public record KindLine(
      long kindId,
      String kind,
      String words,
      int clean,
      int waiting,
      int washing,
      int drying,
      int owned) {}

  /**
   * Until when a need is covered.
   *
   * @param cover the figures
   * @param words until when, in words
   */
  public record CoverLine(Cover cover, String words) {}
}
