package org.nestrinse.app.shelf;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
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
   * @param nights all night bundles, pocket and two-part
   * @param bundles what the parts make, recipe by recipe
   * @param missing the part that is missed most, in a sentence, or null
   * @param people how each person's bundles are set
   * @param covers until when each need is covered by what is clean
   * @param coversUntil when the first need runs out, in words; null when nothing is used
   * @param runsOutFirst what runs out first, or null
   * @param runsOutFirstWords what it is called
   * @param whys reasons by key: {@code bundle.RECIPE}, {@code cover.NEED}, {@code part.ROLE}
   */
  @RecordBuilder
  public record Shelf(
      Instant now,
      List<Compartment> compartments,
      int days,
      int nights,
      List<BundleLine> bundles,
      @Nullable Said missing,
      List<Setting> people,
      List<CoverLine> covers,
      @Nullable Said coversUntil,
      @Nullable String runsOutFirst,
      @Nullable Said runsOutFirstWords,
      Map<String, Why> whys) {}

  /**
   * Bundles of one recipe.
   *
   * @param recipe short name
   * @param name what a person calls it
   * @param count how many there are
   * @param without how many of them go without an optional part
   * @param wanted how many are wanted ready
   * @param layers what goes in, from the skin outwards, in words
   * @param substitutes what stands in for something better, in words
   */
  public record BundleLine(
      String recipe,
      Said name,
      int count,
      int without,
      int wanted,
      List<Said> layers,
      List<Said> substitutes) {}

  /**
   * How a person's bundles are set.
   *
   * @param personId the person
   * @param name what they are called
   * @param words rise and snaps, in words; empty when nothing is kept
   */
  public record Setting(long personId, String name, Said words) {}

  /**
   * Clean pieces of one role.
   *
   * @param role what they are for
   * @param name in words
   * @param clean how many are clean
   * @param owned how many there are in all
   * @param kinds by kind
   */
  public record Compartment(Role role, Said name, int clean, int owned, List<KindLine> kinds) {}

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
      Said words,
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
  public record CoverLine(Cover cover, Said words) {}
}
