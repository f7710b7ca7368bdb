package org.nestrinse.app.record;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.wash.RoundService;
import org.nestrinse.app.wash.WashViews.Summary;
import org.nestrinse.core.units.Numbers;
import org.springframework.stereotype.Service;

/** The record as CSV and JSON. The columns are described in docs/formats.md. */
@Service
class RecordExport {
  private static final int DIGITS = 3;
  private static final String[] COLUMNS = {
    "id",
    "started_at",
    "finished_at",
    "shelved_at",
    "state",
    "school",
    "contents",
    "pieces",
    "mass_kg",
    "fill",
    "programme",
    "temperature_c",
    "peak_c",
    "hold_minutes",
    "doses",
    "rinses",
    "spin_rpm",
    "hygiene_total_log",
    "hygiene_kill_log",
    "goal",
    "goal_met",
    "residue_mg_kg",
    "residue_target_mg_kg",
    "litres",
    "kwh",
    "cost",
    "minutes",
    "attended_minutes",
    "hardness_mmol_l",
    "note"
  };

  private final RoundService rounds;
  private final HouseholdService households;
  private final HouseClock clock;

  RecordExport(RoundService rounds, HouseholdService households, HouseClock clock) {
    this.rounds = rounds;
    this.households = households;
    this.clock = clock;
  }

  /**
   * The whole record.
   *
   * @param format name and number of the format
   * @param household whose record it is
   * @param exportedAt when
   * @param rounds oldest first
   */
  record Document(String format, String household, Instant exportedAt, List<Summary> rounds) {}

  Document document() {
    return new Document(
        "nest-rinse-rounds/1", households.current().name(), clock.instant(), rounds.all());
  }

  String csv() {
    StringWriter text = new StringWriter();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(COLUMNS).get();
    try (CSVPrinter printer = new CSVPrinter(text, format)) {
      for (Summary r : rounds.all()) {
        printer.printRecord(
            r.id(),
            r.startedAt(),
            r.finishedAt(),
            r.shelvedAt(),
            r.state(),
            r.school(),
            safe(r.summary()),
            r.pieces(),
            number(r.massKg()),
            number(r.fill()),
            safe(r.programme()),
            r.temperatureC(),
            number(r.peakC()),
            number(r.holdMinutes()),
            safe(r.doses()),
            r.rinses(),
            r.spinRpm(),
            number(r.totalLog()),
            number(r.killLog()),
            r.goal(),
            r.goalMet(),
            number(r.residueMgKg()),
            number(r.residueTargetMgKg()),
            number(r.litres()),
            number(r.kwh()),
            number(r.cost()),
            number(r.minutes()),
            number(r.attendedMinutes()),
            number(r.hardnessMmolL()),
            safe(r.note()));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  private static String number(double value) {
    return Numbers.of(value, DIGITS);
  }

  /**
   * A text that begins like a formula would be run by a spreadsheet; a leading apostrophe keeps it
   * a text.
   */
  private static String safe(String text) {
    return !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
  }
}
