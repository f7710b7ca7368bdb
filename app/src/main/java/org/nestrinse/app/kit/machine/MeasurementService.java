package org.nestrinse.app.kit.machine;

import java.io.IOException;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.KitRefusal;
import org.nestrinse.app.problem.LineError;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.kit.Programme;
import org.nestrinse.core.measure.Finding;
import org.nestrinse.core.measure.Phase;
import org.nestrinse.core.measure.PowerTrace;
import org.nestrinse.core.measure.Reading;
import org.nestrinse.core.measure.TemperatureLog;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Logs of the drum or the plug as CSV: read, shown beside what the programme promises, and kept
 * only when asked and only as a whole. The format is described in docs/formats.md.
 */
@Service
public class MeasurementService {
  private static final int LONGEST_TEXT = 1_000_000;
  private static final int LONGEST_NAME = 80;
  private static final int MOST_ERRORS = 20;
  private static final int MOST_POINTS = 240;
  private static final double MINUTES_PER_DAY = 24 * 60;
  private static final double SECONDS_PER_MINUTE = 60;
  private static final Pattern PLAIN = Pattern.compile("\\d+([.,]\\d+)?");

  private final MachineService machines;

  MeasurementService(MachineService machines) {
    this.machines = machines;
  }

  /** What is logged. */
  public enum LogType {
    TEMPERATURE("°C", Limits.WATER_C),
    POWER("W", PowerTrace.WATTS);

    private final String unit;
    private final Range range;

    LogType(String unit, Range range) {
      this.unit = unit;
      this.range = range;
    }
  }

  /**
   * A log as it is sent.
   *
   * @param sort drum or plug
   * @param programme the programme that ran, by its name
   * @param chosenC the setting that ran [°C]
   * @param text the CSV
   * @param keep whether to keep it on the programme, or only to look
   */
  public record Sent(
      @Nullable LogType sort,
      @Nullable String programme,
      @Nullable Integer chosenC,
      @Nullable String text,
      @Nullable Boolean keep) {}

  /**
   * What a log shows.
   *
   * @param readings how many lines were read
   * @param errors what is wrong; nothing is kept while there are any
   * @param moreErrors how many more there are
   * @param findings what the programme promises beside what was seen
   * @param phases what happens, in order
   * @param points the course, thinned for drawing
   * @param says what keeping it will do
   * @param kept whether it was kept
   */
  public record Preview(
      int readings,
      List<LineError> errors,
      int moreErrors,
      List<Finding> findings,
      List<Phase> phases,
      List<Reading> points,
      Said says,
      boolean kept) {}

  /** Reads a log and, when asked and nothing is wrong, keeps it on the programme. */
  @Transactional
  public Preview read(long machineId, Sent sent) {
    LogType sort = RequestChecks.choice("sort", sent.sort, LogType.class);
    String name = RequestChecks.text("programme", sent.programme, LONGEST_NAME);
    Machine machine = machines.one(machineId).machine();
    Programme programme =
        machine.programmes().stream()
            .filter(p -> p.name().equals(name))
            .findFirst()
            .orElseThrow(() -> new OutOfRange("programme", name, KitRefusal.OF_THIS_MACHINE));
    int chosenC = RequestChecks.whole("chosenC", sent.chosenC, Limits.WATER_C);
    if (!programme.temperaturesC().contains(chosenC)) {
      throw OutOfRange.noneOf(
          "chosenC", chosenC, programme.temperaturesC().stream().map(String::valueOf).toList());
    }
    List<LineError> errors = new ArrayList<>();
    List<Reading> readings = parse(sort, text(sent.text), errors);
    if (!errors.isEmpty()) {
      int more = Math.max(0, errors.size() - MOST_ERRORS);
      List<LineError> shown = errors.stream().limit(MOST_ERRORS).toList();
      Said says = KitRefusal.MEND_FILE.said();
      return new Preview(
          readings.size(), shown, more, List.of(), List.of(), List.of(), says, false);
    }
    return analysed(machineId, machine, programme, chosenC, sort, readings, sent);
  }

  private Preview analysed(
      long machineId,
      Machine machine,
      Programme programme,
      int chosenC,
      LogType sort,
      List<Reading> readings,
      Sent sent) {
    Programme.Measured seen;
    List<Finding> findings;
    List<Phase> phases;
    if (sort == LogType.TEMPERATURE) {
      TemperatureLog log = TemperatureLog.of(readings);
      seen = log.onto(programme, chosenC);
      findings = log.beside(programme, chosenC);
      phases = log.phases();
    } else {
      PowerTrace trace = PowerTrace.of(readings);
      seen = trace.onto(programme, chosenC);
      findings = trace.beside(programme, machine.heaterW());
      phases = trace.phases();
    }
    boolean keep = Boolean.TRUE.equals(sent.keep);
    if (keep) {
      machines.measured(machineId, programme.name(), seen);
    }
    KitRefusal peak = keep ? KitRefusal.PEAK_KEPT : KitRefusal.PEAK_READ;
    KitRefusal heater = keep ? KitRefusal.HEATER_KEPT : KitRefusal.HEATER_READ;
    Said says =
        Said.of(sort == LogType.TEMPERATURE ? peak : heater)
            .with("programme", programme.name())
            .with("celsius", Quantity.celsius(chosenC));
    return new Preview(
        readings.size(), List.of(), 0, findings, phases, thinned(readings), says, keep);
  }

  private static List<Reading> thinned(List<Reading> readings) {
    int step = Math.max(1, readings.size() / MOST_POINTS);
    List<Reading> points = new ArrayList<>();
    for (int i = 0; i < readings.size(); i += step) {
      points.add(readings.get(i));
    }
    return points;
  }

  private static String text(@Nullable String text) {
    if (text == null || text.isBlank()) {
      throw new OutOfRange("text", Allowed.EMPTY, KitRefusal.A_LOG);
    }
    if (text.length() > LONGEST_TEXT) {
      throw new OutOfRange(
          "text",
          RequestChecks.characters(text.length()),
          Said.of(Allowed.UP_TO).with("most", LONGEST_TEXT));
    }
    return text;
  }

  private static List<Reading> parse(LogType sort, String text, List<LineError> errors) {
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .setDelimiter(text.lines().findFirst().orElse("").contains(";") ? ';' : ',')
            .get();
    List<Reading> readings = new ArrayList<>();
    try (CSVParser parser = format.parse(new StringReader(text.replace("\uFEFF", "")))) {
      Times times = new Times();
      boolean head = true;
      for (CSVRecord record : parser) {
        long line = parser.getCurrentLineNumber();
        if (head) {
          head = false;
          checkHead(sort, record, line, errors);
          continue;
        }
        Reading reading = reading(sort, record, line, times, errors);
        if (reading != null) {
          readings.add(reading);
        }
      }
    } catch (IOException | IllegalStateException | java.io.UncheckedIOException e) {
      errors.add(LineError.of(1, "file", Allowed.UNREADABLE, KitRefusal.COMMA_SEPARATED));
    }
    return readings;
  }

  private static void checkHead(LogType sort, CSVRecord record, long line, List<LineError> errors) {
    String expected = "time," + sort.unit;
    String found = String.join(",", record.toList());
    if (!found.equalsIgnoreCase(expected)) {
      errors.add(LineError.of(line, "head", found, expected));
    }
  }

  private static @Nullable Reading reading(
      LogType sort, CSVRecord record, long line, Times times, List<LineError> errors) {
    if (record.size() != 2) {
      errors.add(
          new LineError(
              line,
              "line",
              Said.of(KitRefusal.COLUMNS).with("count", record.size()),
              Said.of(KitRefusal.TWO_COLUMNS).with("unit", sort.unit)));
      return null;
    }
    Double minute = times.minute(record.get(0));
    if (minute == null) {
      errors.add(LineError.of(line, "time", record.get(0), KitRefusal.A_LATER_TIME));
    }
    String written = record.get(1).replace(',', '.');
    double value;
    try {
      value = Double.parseDouble(written);
    } catch (NumberFormatException e) {
      errors.add(LineError.of(line, sort.unit, record.get(1), Allowed.A_NUMBER));
      return null;
    }
    if (!(value >= sort.range.min() && value <= sort.range.max())) {
      errors.add(LineError.of(line, sort.unit, record.get(1), sort.range.allowed()));
      return null;
    }
    return minute == null ? null : new Reading(minute, value);
  }

  /** Reads times in one of four ways and turns them into minutes since the first. */
  private static final class Times {
    private @Nullable Double first;
    private double before = -1;

    @Nullable Double minute(String written) {
      Double absolute = absolute(written);
      if (absolute == null) {
        return null;
      }
      if (first == null) {
        first = absolute;
      }
      double minute = absolute - first;
      // A clock that passes midnight begins anew.
      if (written.length() <= "09:41:30".length() && written.contains(":") && minute < before) {
        minute += MINUTES_PER_DAY;
      }
      if (minute <= before) {
        return null;
      }
      before = minute;
      return minute;
    }

    private static @Nullable Double absolute(String written) {
      if (PLAIN.matcher(written).matches()) {
        return Double.valueOf(written.replace(',', '.'));
      }
      try {
        if (written.contains("T") || written.indexOf(' ') >= 0) {
          LocalDateTime at = LocalDateTime.parse(written.replace(' ', 'T').replaceFirst("Z$", ""));
          LocalDateTime epoch = LocalDateTime.of(2000, 1, 1, 0, 0);
          return Duration.between(epoch, at).toMillis() / 1000.0 / SECONDS_PER_MINUTE;
        }
        return LocalTime.parse(written).toSecondOfDay() / SECONDS_PER_MINUTE;
      } catch (DateTimeException e) {
        return null;
      }
    }
  }
}
