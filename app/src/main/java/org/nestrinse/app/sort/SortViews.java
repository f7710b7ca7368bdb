package org.nestrinse.app.sort;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.kit.FillWindow;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.sort.FillAdvice;
import org.nestrinse.core.sort.Joining;
import org.nestrinse.core.sort.Rearrangement;
import org.nestrinse.core.sort.Sorted;
import org.nestrinse.core.sort.TravelRule;
import org.nestrinse.core.why.Why;

/** What the Sort view shows. */
public final class SortViews {
  private SortViews() {}

  /**
   * What goes together, what waits, and the loads that were accepted.
   *
   * @param stamp stands for what waits; send it back to accept what was seen
   * @param machine what it is washed in; null when nothing waits
   * @param drums proposed loads
   * @param waits what waits for a later wash
   * @param answers pieces that fit no load
   * @param proven whether nothing better exists
   * @param refused what stands against the move that was asked for, which was not made then
   * @param moved how many moves by hand are kept
   * @param loads accepted loads, oldest first
   * @param rules all rules of who may not travel together
   */
  @RecordBuilder
  public record Sorting(
      String stamp,
      @Nullable MachineFront machine,
      List<Drum> drums,
      List<Wait> waits,
      List<Answer> answers,
      boolean proven,
      Joining.@Nullable Verdict refused,
      int moved,
      List<Load> loads,
      List<Rule> rules) {}

  /**
   * The machine as it is drawn.
   *
   * @param name what the household calls it
   * @param type how it moves the pieces
   * @param typeWords in words
   * @param drumL volume [L]
   * @param capacityKg dry mass [kg]
   * @param window how full it should be
   */
  public record MachineFront(
      String name,
      Machine.Type type,
      Said typeWords,
      double drumL,
      double capacityKg,
      FillWindow window) {}

  /**
   * Pieces of one kind and soil.
   *
   * @param ids numbers of their entries
   * @param kind name of the kind
   * @param count how many
   * @param words in words: "3 bibs"
   * @param soil what soiled them, in words
   * @param pails where they come from
   * @param limits what they can take, in words
   * @param dueWords when they are due, in words
   */
  public record PieceLine(
      List<Long> ids,
      String kind,
      int count,
      Said words,
      Said soil,
      String pails,
      Said limits,
      Said dueWords) {}

  /**
   * A proposed load.
   *
   * @param number its number
   * @param title what leads, in words
   * @param first the first wash set
   * @param bulkers what joins for the main wash
   * @param refused small pieces that could not serve as bulk, and why
   * @param fill how full it is
   * @param advice what that means
   * @param commonC the warmest main wash that all can take, as far as hygiene wants it [°C]
   * @param leastC the main wash that it needs at least [°C]
   * @param reasons why it is as it is
   * @param setAside soft rules that the person set aside here
   * @param whys reasons by key: {@code fill}, {@code mass}
   */
  @RecordBuilder
  public record Drum(
      int number,
      Said title,
      List<PieceLine> first,
      List<PieceLine> bulkers,
      List<Sorted.Refused> refused,
      Fill fill,
      FillAdvice advice,
      int commonC,
      int leastC,
      List<Said> reasons,
      List<Rearrangement.SetAside> setAside,
      Map<String, Why> whys) {}

  /**
   * Pieces that wait.
   *
   * @param line what waits
   * @param untilWords the latest moment, in words
   * @param reason why they wait
   */
  public record Wait(PieceLine line, Said untilWords, Said reason) {}

  /**
   * Pieces that fit no load.
   *
   * @param line what they are
   * @param reason why not
   * @param instead what to do
   */
  public record Answer(PieceLine line, Said reason, Said instead) {}

  /**
   * A rule of who may not travel together.
   *
   * @param name short name
   * @param title what it keeps apart
   * @param strength whether it can be set aside
   * @param reason why
   * @param asideReason why the household has set it aside for good, or null when it holds
   */
  public record Rule(
      String name,
      Said title,
      TravelRule.Strength strength,
      Said reason,
      @Nullable String asideReason) {}

  /**
   * What two pieces are to each other.
   *
   * @param together whether they may share a run
   * @param rule short name of the rule, or null
   * @param hard whether the rule cannot be set aside
   * @param words why, in one sentence
   */
  public record Pair(boolean together, @Nullable String rule, boolean hard, Said words) {}

  /**
   * A load.
   *
   * @param id number
   * @param title whose pieces, in words
   * @param going the first wash set
   * @param bulkers what joins for the main wash
   * @param staying what stays in the pails it was made from, with the reason; no reason means that
   *     it could still join
   * @param offers small household pieces that could join
   * @param fill how full the drum is
   * @param machine what it is washed in
   * @param advice what the fill means
   * @param setAside soft rules that were set aside, with the reason given
   * @param whys reasons by key: {@code fill}, {@code mass}, {@code offer.KIND}
   */
  @RecordBuilder
  public record Load(
      long id,
      Said title,
      List<Item> going,
      List<Item> bulkers,
      List<Staying> staying,
      List<Offer> offers,
      Fill fill,
      MachineFront machine,
      FillAdvice advice,
      List<Said> setAside,
      Map<String, Why> whys) {}

  /**
   * Pieces in a load.
   *
   * @param id number
   * @param kind name of the kind
   * @param count how many
   * @param soil what soiled them, in words
   * @param fromShelf whether they were clean and came from the shelf
   * @param words in words
   * @param limits what they can take, in words
   */
  public record Item(
      long id, String kind, int count, Said soil, boolean fromShelf, Said words, Said limits) {}

  /**
   * Pieces that stay in their pail.
   *
   * @param entryId number of the entry
   * @param words what they are
   * @param pail where they stay
   * @param reason why, or null when they could join
   */
  public record Staying(long entryId, Said words, String pail, @Nullable Said reason) {}

  /**
   * Small household pieces that could join.
   *
   * @param kindId the kind
   * @param kind its name
   * @param fromShelf whether they are clean and lie on the shelf; else they wait in the basket
   * @param available how many may be taken from there
   * @param wanted how many would bring the drum into the window, at most those available
   * @param words those that are wanted, in words: "6 hand towels"
   * @param refusal why they may not, or null
   */
  public record Offer(
      long kindId,
      String kind,
      boolean fromShelf,
      int available,
      int wanted,
      Said words,
      @Nullable Said refusal) {}
}
