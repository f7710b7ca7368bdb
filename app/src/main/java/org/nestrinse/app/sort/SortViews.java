package org.nestrinse.app.sort;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.sort.FillAdvice;
import org.nestrinse.core.why.Why;

/** What the Sort view shows. */
public final class SortViews {
  private SortViews() {}

  /**
   * The load that is being put together, if any, and what could go into one.
   *
   * @param load the open load, or null
   * @param sources pails with something in them
   */
  public record Sorting(@Nullable Load load, List<Source> sources) {}

  /**
   * A pail that a load could be made from.
   *
   * @param pailId its number
   * @param name its name
   * @param pieces how many pieces wait
   * @param forBulk whether it is a basket of small household pieces
   * @param suggested whether some of it may travel with what weighs most
   */
  public record Source(long pailId, String name, int pieces, boolean forBulk, boolean suggested) {}

  /**
   * A load.
   *
   * @param id number
   * @param title whose pieces, in words
   * @param going the first wash set
   * @param bulkers what joins for the main wash
   * @param staying what stays in the chosen pails, with the reason; no reason means that it could
   *     still join
   * @param offers small household pieces that could join
   * @param fill how full the drum is
   * @param windowFrom the good window begins here
   * @param windowTo and ends here
   * @param drumL drum volume [L]
   * @param advice what the fill means
   * @param whys reasons by key: {@code fill}, {@code mass}, {@code offer.KIND}
   */
  public record Load(
      long id,
      String title,
      List<Item> going,
      List<Item> bulkers,
      List<Staying> staying,
      List<Offer> offers,
      Fill fill,
      double windowFrom,
      double windowTo,
      double drumL,
      FillAdvice advice,
      Map<String, Why> whys) {}

  /**
   * Pieces in a load.
   *
   * @param id number
   * @param kind name of the kind
   * @param count how many
   * @param soil what soiled them, in words
   * @param words in words
   * @param limits what they bear, in words
   */
  public record Item(long id, String kind, int count, String soil, String words, String limits) {}

  /**
   * Pieces that stay in their pail.
   *
   * @param entryId number of the entry
   * @param words what they are
   * @param pail where they stay
   * @param reason why, or null when they could join
   */
  public record Staying(long entryId, String words, String pail, @Nullable String reason) {}

  /**
   * Small household pieces that could join.
   *
   * @param kindId the kind
   * @param kind its name
   * @param available how many wait in the basket
   * @param wanted how many would bring the drum into the window, at most those available
   * @param refusal why they may not, or null
   */
  public record Offer(
      long kindId, String kind, int available, int wanted, @Nullable String refusal) {}
}
