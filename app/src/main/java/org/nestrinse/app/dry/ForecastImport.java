package org.nestrinse.app.dry;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.problem.LineError;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.core.dry.WeatherHour;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Hourly weather from a CSV or JSON file: read, shown, and kept only when asked and only as a
 * whole. The format is described in docs/formats.md.
 */
@Service
public class ForecastImport {
  private static final int LONGEST_TEXT = 1_000_000;
  private static final int MOST_HOURS = 24 * 16;
  private static final int MOST_ERRORS = 20;
  private static final int SHOWN_HOURS = 48;
  private static final Duration OLDEST = Duration.ofDays(30);
  private static final Duration FARTHEST = Duration.ofDays(30);
  private static final String TIME = "time";

  /** A column of the file, in CSV and JSON alike. */
  private enum Column {
    TEMPERATURE("temperature_c", Limits.AIR_C),
    HUMIDITY("humidity_percent", Limits.HUMIDITY_PERCENT),
    WIND("wind_ms", Limits.WIND_M_S),
    SUN("irradiance_wm2", Limits.IRRADIANCE_W_M2),
    RAIN("rain_mm", WeatherHour.RAIN_MM);

    private final String key;
    private final Range range;

    Column(String key, Range range) {
      this.key = key;
      this.range = range;
    }
  }

  private final WeatherService weather;
  private final HouseholdService households;
  private final JsonMapper json;
  private final Clock clock;

  ForecastImport(
      WeatherService weather, HouseholdService households, JsonMapper json, Clock clock) {
    this.weather = weather;
    this.households = households;
    this.json = json;
    this.clock = clock;
  }

  /**
   * A file as it is sent.
   *
   * @param text its text, CSV or JSON
   * @param keep whether to keep it, or only to look
   */
  public record Sent(@Nullable String text, @Nullable Boolean keep) {}

  /**
   * What a file holds.
   *
   * @param hours how many hours were read
   * @param errors what is wrong; nothing is kept while there are any
   * @param moreErrors how many more there are
   * @param weather the first two days, for looking
   * @param says what keeping it will do, or did
   * @param kept whether it was kept
   */
  public record Preview(
      int hours,
      List<LineError> errors,
      int moreErrors,
      List<WeatherHour> weather,
      Said says,
      boolean kept) {}

  /** Reads a file and, when asked and nothing is wrong, keeps it as the forecast. */
  @Transactional
  public Preview read(Sent sent) {
    String text = text(sent.text);
    List<LineError> errors = new ArrayList<>();
    List<WeatherHour> hours = new ArrayList<>();
    boolean asJson = text.startsWith("{") || text.startsWith("[");
    if (asJson) {
      readJson(text, hours, errors);
    } else {
      readCsv(text, hours, errors);
    }
    if (errors.isEmpty()) {
      checkOrder(hours, asJson ? 1 : 2, errors);
    }
    if (!errors.isEmpty()) {
      return new Preview(
          hours.size(),
          errors.stream().limit(MOST_ERRORS).toList(),
          Math.max(0, errors.size() - MOST_ERRORS),
          List.of(),
          DryingSaying.MEND_FILE.said(),
          false);
    }
    boolean keep = Boolean.TRUE.equals(sent.keep);
    if (keep) {
      weather.keep(hours);
    }
    var words = households.timeWords();
    Instant from = hours.get(0).from().toInstant();
    Instant to = hours.get(hours.size() - 1).from().toInstant().plus(1, ChronoUnit.HOURS);
    Said says =
        Said.of(keep ? DryingSaying.FORECAST_KEPT : DryingSaying.FORECAST_READ)
            .with("hours", hours.size())
            .with("from", words.at(from))
            .with("to", words.at(to));
    return new Preview(
        hours.size(), List.of(), 0, hours.stream().limit(SHOWN_HOURS).toList(), says, keep);
  }

  private static String text(@Nullable String sent) {
    String text = sent == null ? "" : sent.replace("\uFEFF", "").strip();
    if (text.isEmpty()) {
      throw new OutOfRange("text", Allowed.EMPTY, DryingSaying.HOURLY_WEATHER);
    }
    if (text.length() > LONGEST_TEXT) {
      throw new OutOfRange(
          "text",
          RequestChecks.characters(text.length()),
          Said.of(Allowed.UP_TO).with("most", LONGEST_TEXT));
    }
    return text;
  }

  private void readCsv(String text, List<WeatherHour> hours, List<LineError> errors) {
    boolean semicolons = text.lines().findFirst().orElse("").contains(";");
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .setDelimiter(semicolons ? ';' : ',')
            .setHeader()
            .setSkipHeaderRecord(true)
            .setAllowMissingColumnNames(true)
            .get();
    try (CSVParser parser = format.parse(new StringReader(text.toLowerCase(Locale.ROOT)))) {
      List<String> head = parser.getHeaderNames();
      List<String> missing = new ArrayList<>();
      if (!head.contains(TIME)) {
        missing.add(TIME);
      }
      for (Column column : Column.values()) {
        if (!head.contains(column.key)) {
          missing.add(column.key);
        }
      }
      if (!missing.isEmpty()) {
        errors.add(
            LineError.of(
                1,
                "head",
                String.join(",", head),
                Said.of(DryingSaying.MORE_COLUMNS).with("columns", Said.row(missing))));
        return;
      }
      for (CSVRecord record : parser) {
        long line = parser.getCurrentLineNumber();
        Function<String, @Nullable String> cell = key -> record.isSet(key) ? record.get(key) : null;
        hour(line, cell, hours, errors);
      }
    } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
      errors.add(LineError.of(1, "file", Allowed.UNREADABLE, DryingSaying.COMMA_SEPARATED));
    }
  }

  private void readJson(String text, List<WeatherHour> hours, List<LineError> errors) {
    JsonNode root;
    try {
      root = json.readTree(text);
    } catch (JacksonException e) {
      long line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
      errors.add(LineError.of(line, "file", Allowed.UNREADABLE, DryingSaying.JSON));
      return;
    }
    JsonNode list = root.isArray() ? root : root.path("hours");
    if (!list.isArray()) {
      errors.add(LineError.of(1, "hours", Allowed.MISSING, DryingSaying.LIST_OF_HOURS));
      return;
    }
    long entry = 0;
    for (JsonNode node : list) {
      entry++;
      Function<String, @Nullable String> cell =
          key -> node.hasNonNull(key) ? node.get(key).asString() : null;
      hour(entry, cell, hours, errors);
    }
  }

  private void hour(
      long line,
      Function<String, @Nullable String> cell,
      List<WeatherHour> hours,
      List<LineError> errors) {
    int before = errors.size();
    OffsetDateTime time = time(line, cell.apply(TIME), errors);
    Map<Column, Double> values = new java.util.EnumMap<>(Column.class);
    for (Column column : Column.values()) {
      Double value = number(line, column, cell.apply(column.key), errors);
      if (value != null) {
        values.put(column, value);
      }
    }
    if (errors.size() == before && time != null) {
      hours.add(
          new WeatherHour(
              time,
              values.get(Column.TEMPERATURE),
              values.get(Column.HUMIDITY),
              values.get(Column.WIND),
              values.get(Column.SUN),
              values.get(Column.RAIN)));
    }
  }

  private @Nullable OffsetDateTime time(long line, @Nullable String text, List<LineError> errors) {
    ZoneId zone = households.current().zoneId();
    try {
      String given = text == null ? "" : text.toUpperCase(Locale.ROOT).replace(' ', 'T');
      OffsetDateTime time =
          given.matches(".*(Z|[+-]\\d\\d:?\\d\\d)")
              ? OffsetDateTime.parse(given)
              : LocalDateTime.parse(given).atZone(zone).toOffsetDateTime();
      if (!time.equals(time.truncatedTo(ChronoUnit.HOURS))) {
        errors.add(LineError.of(line, TIME, text == null ? "" : text, DryingSaying.FULL_HOUR));
        return null;
      }
      return time.atZoneSameInstant(zone).toOffsetDateTime();
    } catch (DateTimeException e) {
      Object found = text == null || text.isEmpty() ? DryingSaying.NOTHING : text;
      errors.add(LineError.of(line, TIME, found, DryingSaying.A_TIME));
      return null;
    }
  }

  private static @Nullable Double number(
      long line, Column column, @Nullable String text, List<LineError> errors) {
    try {
      double value =
          Double.parseDouble(text == null ? "" : text.replace(',', '.').toUpperCase(Locale.ROOT));
      return column.range.check(column.key, value);
    } catch (NumberFormatException | OutOfRange e) {
      Object found = text == null || text.isEmpty() ? DryingSaying.NOTHING : text;
      errors.add(LineError.of(line, column.key, found, column.range.allowed()));
      return null;
    }
  }

  private void checkOrder(List<WeatherHour> hours, int firstLine, List<LineError> errors) {
    if (hours.isEmpty()) {
      errors.add(LineError.of(1, "file", DryingSaying.NO_HOURS, DryingSaying.AT_LEAST_ONE_HOUR));
    }
    if (hours.size() > MOST_HOURS) {
      errors.add(
          LineError.of(
              MOST_HOURS + 1,
              "file",
              Quantity.of(hours.size(), Unit.HOUR),
              DryingSaying.SIXTEEN_DAYS));
    }
    Instant now = clock.instant();
    for (int i = 0; i < hours.size(); i++) {
      Instant at = hours.get(i).from().toInstant();
      if (at.isBefore(now.minus(OLDEST)) || at.isAfter(now.plus(FARTHEST))) {
        errors.add(LineError.of((long) firstLine + i, TIME, at.toString(), DryingSaying.NEAR_NOW));
        return;
      }
    }
    for (int i = 1; i < hours.size(); i++) {
      Instant expected = hours.get(i - 1).from().toInstant().plus(1, ChronoUnit.HOURS);
      if (!hours.get(i).from().toInstant().equals(expected)) {
        errors.add(
            LineError.of(
                (long) firstLine + i,
                TIME,
                hours.get(i).from().toString(),
                Said.of(DryingSaying.HOUR_AFTER).with("expected", String.valueOf(expected))));
      }
    }
  }
}
