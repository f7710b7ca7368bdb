package org.nestrinse.app.dry;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.why.Why;

/** What the Dry view shows. */
public final class DryViews {
  private DryViews() {}

  /**
   * Everything that hangs.
   *
   * @param now the present moment
   * @param station name of the weather's source
   * @param from the picture begins here
   * @param to and ends here
   * @param weather hours of the picture
   * @param groups what hangs
   * @param pieces how many pieces hang
   * @param allDryWords by when all are dry, in words; null when nothing hangs or some never dry
   *     here
   * @param whys reasons by key: {@code group.ID}
   */
  public record Drying(
      Instant now,
      String station,
      Instant from,
      Instant to,
      List<WeatherHour> weather,
      List<Group> groups,
      int pieces,
      @Nullable String allDryWords,
      Map<String, Why> whys) {}

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
   * @param moisture hour by hour since then, until dry [kg/kg]
   * @param moistureNow estimate of now [kg/kg]
   * @param dryBy when it is dry, or null
   * @param dryWords in words
   * @param ready whether it should be dry by now
   * @param choices what each place would give from now on
   * @param dryers what each dryer would take from now on
   * @param tumbling whether it is in a dryer
   */
  public record Group(
      long id,
      long version,
      String kind,
      String words,
      int pieces,
      long placeId,
      String place,
      Instant hungAt,
      String hungWords,
      List<Double> moisture,
      double moistureNow,
      @Nullable Instant dryBy,
      String dryWords,
      boolean ready,
      List<Choice> choices,
      List<Tumble> dryers,
      boolean tumbling) {}

  /**
   * A dryer for a group.
   *
   * @param dryerId number
   * @param dryer its name
   * @param words how long and what it costs, or why not
   * @param may whether these may be tumbled
   * @param here whether they are in it now
   */
  public record Tumble(long dryerId, String dryer, String words, boolean may, boolean here) {}

  /**
   * A place for a group.
   *
   * @param placeId number
   * @param place its name
   * @param dryWords by when it would be dry there, in words
   * @param here whether it hangs there now
   */
  public record Choice(long placeId, String place, String dryWords, boolean here) {}
}
