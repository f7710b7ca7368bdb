package org.nestrinse.core.dry;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;

/**
 * A week of made-up weather as data: Monday clear and breezy, Tuesday a shower at three, Wednesday
 * drizzle, Thursday fog, Friday heat, Saturday grey and windy, Sunday frost and sun.
 */
public final class GoldenWeek {
  public static final Instant MONDAY = Instant.parse("2026-05-18T00:00:00Z");

  private GoldenWeek() {}

  /** The weather from an hour of the week on, 96 hours or until the week ends. */
  public static List<WeatherHour> from(int hour) {
    List<WeatherHour> all = hours();
    return all.subList(hour, Math.min(all.size(), hour + AirDrying.LONGEST_H));
  }

  private static List<WeatherHour> hours() {
    try (InputStream in = GoldenWeek.class.getResourceAsStream("/weather/golden-week.csv")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .skip(1)
          .map(line -> line.split(","))
          .map(
              c ->
                  new WeatherHour(
                      LocalDateTime.parse(c[0]).atOffset(ZoneOffset.UTC),
                      Double.parseDouble(c[1]),
                      Double.parseDouble(c[2]),
                      Double.parseDouble(c[3]),
                      Double.parseDouble(c[4]),
                      Double.parseDouble(c[5])))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
