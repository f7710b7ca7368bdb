package org.nestrinse.app.dry;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.dry.plan.Course;
import org.nestrinse.core.dry.plan.DryingPolicy;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.why.Why;

/** What the Dry view shows. */
public final class DryViews {
  private DryViews() {}

  /**
   * Everything that hangs, with the plan for it.
   *
   * @param now the present moment
   * @param source where the weather comes from, with its age
   * @param from the picture begins here
   * @param to and ends here
   * @param weather hours of the picture
   * @param groups what hangs
   * @param pieces how many pieces hang
   * @param allDryWords by when all are dry as planned, in words; null when nothing hangs or some
   *     never dry here
   * @param trips what is to be done, walk by walk
   * @param rain what a shower would change, or null when none was asked for
   * @param learnt what dry checks have taught
   * @param whys reasons by key: {@code group.ID}, {@code plan}
   */
  @RecordBuilder
  public record Drying(
      Instant now,
      WeatherService.Source source,
      Instant from,
      Instant to,
      List<WeatherHour> weather,
      List<Group> groups,
      int pieces,
      @Nullable Said allDryWords,
      List<TripView> trips,
      @Nullable Rain rain,
      List<Learnt> learnt,
      Map<String, Why> whys) {}

  /**
   * A walk to what hangs.
   *
   * @param at when
   * @param atWords in words
   * @param due whether now
   * @param pieces how many pieces are carried
   * @param title what is done, in a few words
   * @param errands what is done
   */
  public record TripView(
      Instant at, Said atWords, boolean due, int pieces, Said title, List<ErrandView> errands) {}

  /**
   * One thing that is done on a walk.
   *
   * @param event what
   * @param words in a sentence
   * @param groups with which groups
   */
  public record ErrandView(Course.Event event, Said words, List<Long> groups) {}

  /**
   * The plan beside other ways.
   *
   * @param plans each of them, the plan first
   * @param whys reasons by policy
   */
  public record Compared(List<DryPlan> plans, Map<String, Why> whys) {}

  /**
   * One way to dry all of it.
   *
   * @param policy which
   * @param name in words
   * @param readyWords when all is dry, in words
   * @param latePieces pieces that come too late for the shelf
   * @param kwh electricity [kWh]
   * @param money what that costs
   * @param wear a house figure
   */
  public record DryPlan(
      DryingPolicy policy,
      Said name,
      Said readyWords,
      int latePieces,
      double kwh,
      double money,
      double wear) {}

  /**
   * What a shower would change.
   *
   * @param at when it would begin
   * @param words what changes, in a sentence
   */
  public record Rain(Instant at, Said words) {}

  /**
   * What dry checks have taught about a place and a kind.
   *
   * @param placeId the place
   * @param kindId the kind
   * @param words in words
   */
  public record Learnt(long placeId, long kindId, Said words) {}

  /**
   * Equal pieces that hang together.
   *
   * @param id number
   * @param version counts its changes
   * @param kind name of the kind
   * @param words how many of what
   * @param pieces how many
   * @param placeId where
   * @param place its name
   * @param hungAt since when
   * @param hungWords in words
   * @param points how damp until now
   * @param moistureNow estimate of now [kg/kg]
   * @param ways how its pieces go on, one way or several
   * @param dryBy when the last of them is dry as planned, or null
   * @param dryWords in words
   * @param ready whether it should be dry by now
   * @param neededWords when the shelf needs them, or null
   * @param choices what each place would give from now on
   * @param dryers what each dryer would take from now on
   * @param tumbling whether it is in a dryer
   */
  @RecordBuilder
  public record Group(
      long id,
      long version,
      String kind,
      Said words,
      int pieces,
      long placeId,
      Said place,
      Instant hungAt,
      Said hungWords,
      List<HangingGroup.Point> points,
      double moistureNow,
      List<Way> ways,
      @Nullable Instant dryBy,
      Said dryWords,
      boolean ready,
      @Nullable Said neededWords,
      List<Choice> choices,
      List<Tumble> dryers,
      boolean tumbling) {}

  /**
   * How some pieces of a group go on.
   *
   * @param pieces how many
   * @param words where, in words
   * @param points how damp from now on
   * @param marks what is done
   * @param dryBy when they are dry, or null
   * @param dryWords in words
   * @param late whether the shelf needs them before
   */
  public record Way(
      int pieces,
      Said words,
      List<HangingGroup.Point> points,
      List<Course.Mark> marks,
      @Nullable Instant dryBy,
      Said dryWords,
      boolean late) {}

  /**
   * A dryer for a group.
   *
   * @param dryerId number
   * @param dryer its name
   * @param words how long and what it costs, or why not
   * @param may whether these may be tumbled
   * @param here whether they are in it now
   */
  public record Tumble(long dryerId, String dryer, Said words, boolean may, boolean here) {}

  /**
   * A place for a group.
   *
   * @param placeId number
   * @param carriedIn whether its rails stand inside
   * @param place its name
   * @param dryWords by when it would be dry there, in words
   * @param here whether it hangs there now
   */
  public record Choice(long placeId, boolean carriedIn, Said place, Said dryWords, boolean here) {}

  /**
   * What hangs, in short.
   *
   * @param pieces how many
   * @param ready how many of them may be dry
   * @param next how many are dry next
   * @param nextWords when, or null
   * @param trip what is to be carried now, in a sentence; null when nothing is, or when something
   *     may be dry, which comes first
   */
  public record Short(
      int pieces, int ready, int next, @Nullable Said nextWords, @Nullable Said trip) {}
}
