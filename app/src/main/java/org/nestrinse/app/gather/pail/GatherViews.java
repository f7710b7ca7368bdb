package org.nestrinse.app.gather.pail;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.NextWash;
import org.nestrinse.core.gather.PailStyle;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.Solids;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.why.Why;

/** What the Gather view shows. */
public final class GatherViews {
  private GatherViews() {}

  /**
   * All pails.
   *
   * @param pieces how many pieces wait in all
   * @param pails the pails in order
   * @param nextDue the pail that is due first, null when nothing waits
   * @param whys reasons by key: {@code due.PAIL}, {@code fill.PAIL}, {@code pieces}, {@code next}
   */
  public record Gathering(
      Instant now,
      int pieces,
      int assumed,
      List<Pail> pails,
      @Nullable NextDue nextDue,
      Map<String, Why> whys) {}

  /**
   * The pail that is due first.
   *
   * @param pailId its number
   * @param pail its name
   * @param cause what makes it due: a clock, a full pail, or the shelf
   * @param at when
   * @param words when, in words
   * @param over whether that moment has passed
   * @param reason why, in one sentence
   * @param oldest age of the oldest piece in all pails, in words
   */
  public record NextDue(
      long pailId,
      String pail,
      NextWash.Cause cause,
      Instant at,
      Said words,
      boolean over,
      Said reason,
      Said oldest) {}

  /**
   * One pail.
   *
   * @param id number
   * @param name what it is called
   * @param style sort of place
   * @param styleWords a few words about it
   * @param capacityL volume [L]
   * @param airy whether air gets in
   * @param liner which of two liners is in, A or B; null when there are not two
   * @param person whose pieces go in, or null
   * @param personId their number, or null
   * @param pieces how many pieces wait in it
   * @param assumed how many of them are assumed
   * @param fill share of it that is full
   * @param layers day parts, oldest first
   * @param entries what came in, newest first
   * @param dueWords when it is due, in words; null when it is empty
   * @param dueState fine, soon or over
   * @param dueFirst what is most urgent, in words; null when it is empty
   * @param emptiedWords when it was last emptied, in words; null when never
   * @param likelyKinds numbers of the kinds that may come in, the likeliest first
   * @param usualSoils the soils that are frequent in it, the most frequent first
   */
  @RecordBuilder
  public record Pail(
      long id,
      long version,
      String name,
      PailStyle style,
      Said styleWords,
      double capacityL,
      boolean airy,
      @Nullable String liner,
      @Nullable String person,
      @Nullable Long personId,
      int pieces,
      int assumed,
      double fill,
      List<Layer> layers,
      List<Entry> entries,
      @Nullable Said dueWords,
      DueState dueState,
      @Nullable Said dueFirst,
      @Nullable Said emptiedWords,
      List<Long> likelyKinds,
      List<Soil> usualSoils) {}

  /**
   * What emptying a pail takes.
   *
   * @param steps what to do
   * @param mix how the mix to wipe it with is computed; null for water alone
   */
  public record Cleaning(List<Said> steps, @Nullable Why mix) {}

  /** How near a pail is to its holding limit. */
  public enum DueState {
    FINE,
    SOON,
    OVER
  }

  /**
   * What came in during one day part.
   *
   * @param label such as "Tue night"
   * @param pieces how many
   * @param assumed how many of them are assumed
   * @param fill share of the pail that it fills
   * @param age share of the holding limit that has passed, for the piece nearest to it; 1 and more
   *     is over
   */
  public record Layer(Said label, int pieces, int assumed, double fill, double age) {}

  /**
   * Pieces that came in together.
   *
   * @param id number
   * @param version counts its changes
   * @param pailId the pail
   * @param kindId the kind
   * @param kind its name
   * @param count how many wait
   * @param soil what soiled them
   * @param soilWords in words
   * @param solids how solids were dealt with
   * @param solidsWords in words
   * @param assumed whether it comes from a normal day and nobody has confirmed it
   * @param part the part of the day in which it came in
   * @param cameIn when
   * @param cameInWords when, in words
   * @param dueWords when they should be in the wash
   */
  @RecordBuilder
  public record Entry(
      long id,
      long version,
      long pailId,
      long kindId,
      String kind,
      int count,
      Soil soil,
      Said soilWords,
      Solids solids,
      Said solidsWords,
      boolean assumed,
      Said part,
      Instant cameIn,
      Said cameInWords,
      Said dueWords) {}

  /**
   * Pieces that somebody types, as they are understood.
   *
   * @param pieces what they are
   * @param unclear what is not understood, in words; null when all is
   */
  public record Typed(List<TypedLine> pieces, @Nullable Said unclear) {}

  /**
   * Typed pieces of one kind and soil.
   *
   * @param words how many of what
   * @param soil what soiled them, in words
   */
  public record TypedLine(Said words, Said soil) {}
}
