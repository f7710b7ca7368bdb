package org.nestrinse.app.dry;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.Household;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.time.TimeWords;
import org.nestrinse.core.dry.TypicalDay;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.household.Weather;
import org.nestrinse.core.said.Said;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The hourly weather: what was read from a file, else the pretend station when the household
 * listens to it, else a typical day of the season. It says which.
 */
@Service
public class WeatherService {
  /** Age from which a forecast is shown as old. */
  private static final Duration OLD = Duration.ofHours(24);

  private final ForecastRepository hours;
  private final WeatherStation station;
  private final HouseholdService households;
  private final Clock clock;

  WeatherService(
      ForecastRepository hours, WeatherStation station, HouseholdService households, Clock clock) {
    this.hours = hours;
    this.station = station;
    this.households = households;
    this.clock = clock;
  }

  /**
   * Where the weather comes from.
   *
   * @param words in words, with its age
   * @param old whether it should be read anew
   */
  public record Source(Said words, boolean old) {}

  /** Returns the weather hour by hour; the first one holds {@code from}. */
  @Transactional(readOnly = true)
  public List<WeatherHour> hours(Instant from, int number) {
    Instant first = from.truncatedTo(ChronoUnit.HOURS);
    Instant to = first.plus(number, ChronoUnit.HOURS);
    return known(
            hours.findByFromHourGreaterThanEqualAndFromHourLessThanOrderByFromHourAsc(first, to))
        .hours(from, number);
  }

  /** Returns all that is known of the weather, read once. */
  @Transactional(readOnly = true)
  public Weather known() {
    return known(hours.findAll());
  }

  private Weather known(List<ForecastHourEntity> read) {
    Household household = households.current();
    ZoneId zone = household.zoneId();
    Map<Instant, WeatherHour> foretold =
        read.stream().collect(Collectors.toMap(h -> h.fromHour, h -> h.toHour(zone)));
    return (from, number) -> {
      Instant first = from.truncatedTo(ChronoUnit.HOURS);
      List<WeatherHour> rest =
          household.pretendWeather()
              ? station.hours(first, number, zone)
              : TypicalDay.hours(first, number, zone);
      return rest.stream().map(h -> foretold.getOrDefault(h.from().toInstant(), h)).toList();
    };
  }

  /** Returns where the weather of the coming hours comes from. */
  @Transactional(readOnly = true)
  public Source source() {
    Instant now = clock.instant();
    TimeWords words = households.timeWords();
    ForecastHourEntity last = hours.findFirstByOrderByFromHourDesc().orElse(null);
    Instant end = last == null ? Instant.MIN : last.fromHour.plus(1, ChronoUnit.HOURS);
    if (last == null || !end.isAfter(now)) {
      return new Source(fallback(last == null ? null : words.at(end)), last != null);
    }
    boolean old = Duration.between(last.readAt, now).compareTo(OLD) > 0;
    Said then =
        households.current().pretendWeather() ? station.name() : DryingSaying.TYPICAL_DAY.said();
    return new Source(
        Said.of(DryingSaying.FORECAST)
            .with("age", words.ago(last.readAt))
            .with("until", words.at(end))
            .with("then", then),
        old);
  }

  private Said fallback(@Nullable Said ended) {
    boolean pretend = households.current().pretendWeather();
    Said said =
        ended == null
            ? Said.of(pretend ? DryingSaying.MADE_FOR_HOUR : DryingSaying.NO_FORECAST)
            : Said.of(pretend ? DryingSaying.MADE_FOR_HOUR_ENDED : DryingSaying.NO_FORECAST_ENDED)
                .with("ended", ended);
    return pretend ? said.with("station", station.name()) : said;
  }

  /** Keeps a forecast in place of the one before. */
  @Transactional
  public void keep(List<WeatherHour> forecast) {
    hours.deleteAllInBatch();
    Instant now = clock.instant();
    hours.saveAll(forecast.stream().map(h -> ForecastHourEntity.of(h, now)).toList());
  }

  /** Forgets the forecast that was read. */
  @Transactional
  public void forget() {
    hours.deleteAllInBatch();
  }
}
