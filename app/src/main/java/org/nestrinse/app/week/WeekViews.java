package org.nestrinse.app.week;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.presence.PresenceViews;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.shelf.WeekExtras;
import org.nestrinse.core.why.Why;

/** What the week shows. */
public final class WeekViews {
  private WeekViews() {}

  /**
   * The coming days.
   *
   * @param now the present moment
   * @param dates today and the days after it
   * @param rounds nappy rounds, in order
   * @param extras what runs beside them
   * @param there when each carer is there, hour by hour of the plan
   * @param nights when electricity is cheaper
   * @param money what all rounds cost
   * @param moveCost how much more the plan counts because of what was moved by hand; 0 when nothing
   *     was
   * @param maintainedWords when the machine was maintained last, or null
   * @param settings what the household says about its weeks
   * @param whys reasons by start
   */
  @RecordBuilder
  public record Week(
      Instant now,
      List<Day> dates,
      List<Planned> rounds,
      List<Extra> extras,
      List<Span> there,
      List<Span> nights,
      double money,
      double moveCost,
      @Nullable Said maintainedWords,
      PresenceViews.Settings settings,
      Map<String, Why> whys) {}

  /**
   * A day in the house, of 23, 24 or 25 hours.
   *
   * @param date which
   * @param from its first midnight
   * @param to its last
   * @param words in words
   * @param weekday in short
   */
  public record Day(LocalDate date, Instant from, Instant to, Said words, Said weekday) {}

  /**
   * A stretch of time.
   *
   * @param name what or who
   * @param from since when
   * @param to until when
   */
  public record Span(Said name, Instant from, Instant to) {}

  /**
   * A nappy round.
   *
   * @param start when it begins
   * @param hang when it is hung
   * @param dry when it is dry
   * @param startWords in words
   * @param steps what is done when, in words
   * @param pieces about how many
   * @param money what it costs
   * @param hot whether it should be a hot one
   * @param pinned whether a person wants it then
   * @param notes what stands against it
   * @param carers who is there
   */
  @RecordBuilder
  public record Planned(
      Instant start,
      Instant hang,
      Instant dry,
      Said startWords,
      List<Moment> steps,
      int pieces,
      double money,
      boolean hot,
      boolean pinned,
      List<Said> notes,
      List<String> carers) {}

  /**
   * One thing to do.
   *
   * @param at when
   * @param words what, in words
   * @param atWords when, in words
   */
  public record Moment(Instant at, Said words, Said atWords) {}

  /**
   * Something that runs beside.
   *
   * @param sort what it is for
   * @param words in words
   * @param start when it begins
   * @param end when it is over
   * @param startWords in words
   */
  public record Extra(
      WeekExtras.Purpose sort, Said words, Instant start, Instant end, Said startWords) {}
}
