package org.nestrinse.app.record;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.HouseholdService;
import org.nestrinse.app.problem.LineError;
import org.nestrinse.app.problem.NotFound;
import org.nestrinse.app.problem.NotNow;
import org.nestrinse.app.time.HouseClock;
import org.nestrinse.app.wash.RoundFiles;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.OutOfRange;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.StringNode;

/**
 * The whole record in and out: one JSON file of everything, or a CSV file for each part. A file is
 * looked at first and kept as a whole or not at all; what is there already stays as it is. The
 * formats are described in docs/formats.md.
 */
@Service
class RecordArchive {
  private static final String FORMAT = "nest-rinse-record/1";
  private static final int LONGEST_TEXT = 60_000_000;
  private static final int MOST_ERRORS = 20;
  private static final int DIGITS = 3;
  private static final String FORMULA = "=+-@";

  private final List<ArchivePart> parts;
  private final RoundFiles rounds;
  private final HouseholdService households;
  private final HouseClock clock;
  private final JsonMapper json;

  RecordArchive(
      List<ArchivePart> parts,
      RoundFiles rounds,
      HouseholdService households,
      HouseClock clock,
      JsonMapper json) {
    this.parts = parts.stream().sorted(Comparator.comparing(ArchivePart::order)).toList();
    this.rounds = rounds;
    this.households = households;
    this.clock = clock;
    this.json = json;
  }

  /** A file as it is sent; {@code keep} is whether to keep it, or only to look. */
  record Sent(@Nullable String text, @Nullable Boolean keep) {}

  /** What a file holds of one part. */
  record PartCount(String part, int fresh, int known) {}

  /**
   * What a file holds.
   *
   * @param parts how much of each part
   * @param errors what is wrong; nothing is kept while there are any
   * @param moreErrors how many more there are
   * @param says what keeping it will do, or did
   * @param kept whether it was kept
   */
  record Preview(
      List<PartCount> parts, List<LineError> errors, int moreErrors, String says, boolean kept) {}

  /** Returns everything. */
  @Transactional(readOnly = true)
  Map<String, Object> document() {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("format", FORMAT);
    all.put("household", households.current().name());
    all.put("exported_at", clock.instant());
    parts.forEach(p -> all.put(p.name(), p.write()));
    return all;
  }

  /** Returns a part as CSV; throws {@link NotFound} when there is no such part. */
  @Transactional(readOnly = true)
  String csv(String name) {
    ArchivePart part =
        parts.stream()
            .filter(p -> p.name().equals(name))
            .findFirst()
            .orElseThrow(() -> new NotNow("There is no part " + name + " in the record."));
    List<String> columns = part.columns().stream().filter(c -> !part.large().contains(c)).toList();
    StringWriter text = new StringWriter();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(columns.toArray(String[]::new)).get();
    try (CSVPrinter printer = new CSVPrinter(text, format)) {
      for (Map<String, Object> entry : part.write()) {
        printer.printRecord(columns.stream().map(c -> cell(entry.get(c))).toList());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  private @Nullable Object cell(@Nullable Object value) {
    if (value instanceof Double number) {
      return Numbers.of(number, DIGITS);
    }
    if (value instanceof Collection<?> list) {
      return list.isEmpty() ? null : json.writeValueAsString(list);
    }
    return value instanceof String text ? safe(text) : value;
  }

  /**
   * A text that begins like a formula would be run by a spreadsheet; a leading apostrophe keeps it
   * a text.
   */
  private static String safe(String text) {
    return !text.isEmpty() && FORMULA.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
  }

  private static String unsafe(String text) {
    boolean kept =
        text.length() > 1 && text.charAt(0) == '\'' && FORMULA.indexOf(text.charAt(1)) >= 0;
    return kept ? text.substring(1) : text;
  }

  private record Found(ArchivePart part, ArchiveEntry entry) {}

  /** Reads a file and, when asked and nothing is wrong, keeps what is not there yet. */
  @Transactional
  Preview read(Sent sent) {
    String text = text(sent.text);
    List<LineError> errors = new ArrayList<>();
    List<Found> found = text.startsWith("{") ? fromJson(text, errors) : fromCsv(text, errors);
    Map<ArchivePart, List<ArchivePart.Prepared>> prepared = new LinkedHashMap<>();
    Set<String> roundUids = new HashSet<>(rounds.uids().values());
    for (Found f : found) {
      ArchivePart.Prepared p = f.part.prepare(f.entry, roundUids);
      List<ArchivePart.Prepared> before = prepared.computeIfAbsent(f.part, k -> new ArrayList<>());
      if (before.stream().anyMatch(b -> b.uid().equals(p.uid()))) {
        f.entry.wrong("uid", p.uid(), "a name that stands only once in the file");
      }
      before.add(p);
      if (f.part instanceof RoundsPart) {
        roundUids.add(p.uid());
      }
    }
    if (errors.isEmpty() && found.isEmpty()) {
      errors.add(new LineError(1, "file", "no entries", "at least one"));
    }
    if (!errors.isEmpty()) {
      return new Preview(
          List.of(),
          errors.stream().limit(MOST_ERRORS).toList(),
          Math.max(0, errors.size() - MOST_ERRORS),
          "Nothing is kept. Mend the file and read it again.",
          false);
    }
    boolean keep = Boolean.TRUE.equals(sent.keep);
    List<PartCount> counts = new ArrayList<>();
    prepared.forEach(
        (part, all) -> {
          List<ArchivePart.Prepared> fresh = all.stream().filter(p -> !p.known()).toList();
          counts.add(new PartCount(part.name(), fresh.size(), all.size() - fresh.size()));
          if (keep) {
            fresh.forEach(p -> p.keep().run());
          }
        });
    return new Preview(counts, List.of(), 0, says(counts, keep), keep);
  }

  private static String says(List<PartCount> counts, boolean kept) {
    int fresh = counts.stream().mapToInt(PartCount::fresh).sum();
    if (fresh == 0) {
      return "All of it is there already; nothing %s.".formatted(kept ? "was changed" : "changes");
    }
    List<String> words = new ArrayList<>();
    int known = 0;
    for (PartCount c : counts) {
      known += c.known;
      if (c.fresh > 0) {
        words.add(c.fresh + " " + c.part);
      }
    }
    return "%s %s%s."
        .formatted(
            String.join(", ", words),
            kept ? "were added" : "will be added",
            known == 0 ? "" : "; %d are there already".formatted(known));
  }

  private static String text(@Nullable String sent) {
    String text = sent == null ? "" : sent.replace("\uFEFF", "").strip();
    if (text.isEmpty()) {
      throw new OutOfRange("text", "empty", "a record as CSV or JSON");
    }
    if (text.length() > LONGEST_TEXT) {
      throw new OutOfRange("text", text.length() + " characters", "up to " + LONGEST_TEXT);
    }
    return text;
  }

  private List<Found> fromJson(String text, List<LineError> errors) {
    JsonNode root;
    try {
      root = json.readTree(text);
    } catch (JacksonException e) {
      long line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
      errors.add(new LineError(line, "file", "unreadable", "JSON"));
      return List.of();
    }
    String format = root.path("format").asString("");
    if (!format.equals(FORMAT)) {
      errors.add(new LineError(1, "format", format.isEmpty() ? "nothing" : format, FORMAT));
      return List.of();
    }
    List<Found> found = new ArrayList<>();
    for (ArchivePart part : parts) {
      JsonNode list = root.path(part.name());
      if (!list.isArray() && !list.isMissingNode()) {
        errors.add(new LineError(1, part.name(), "no list", "a list"));
      }
      long line = 0;
      for (JsonNode entry : list) {
        line++;
        found.add(
            new Found(
                part,
                new ArchiveEntry(
                    line, key -> entry.hasNonNull(key) ? entry.get(key) : null, errors, json)));
      }
    }
    return found;
  }

  private List<Found> fromCsv(String text, List<LineError> errors) {
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setAllowMissingColumnNames(true)
            .get();
    try (CSVParser parser = format.parse(new StringReader(text))) {
      List<String> head = parser.getHeaderNames();
      ArchivePart part =
          parts.stream().filter(p -> head.contains(p.mark())).findFirst().orElse(null);
      if (part == null) {
        errors.add(
            new LineError(
                1,
                "head",
                String.join(",", head),
                "one of the columns "
                    + String.join(", ", parts.stream().map(ArchivePart::mark).toList())));
        return List.of();
      }
      List<Found> found = new ArrayList<>();
      for (CSVRecord record : parser) {
        found.add(
            new Found(
                part,
                new ArchiveEntry(
                    parser.getCurrentLineNumber(), key -> csvCell(record, key), errors, json)));
      }
      return found;
    } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
      errors.add(new LineError(1, "file", "unreadable", "comma-separated text"));
      return List.of();
    }
  }

  private static @Nullable JsonNode csvCell(CSVRecord record, String key) {
    String value = record.isSet(key) ? record.get(key) : "";
    return value.isEmpty() ? null : StringNode.valueOf(unsafe(value));
  }

  /** Deletes the whole past; what runs, waits and hangs stays. */
  @Transactional
  void wipe() {
    for (int i = parts.size() - 1; i >= 0; i--) {
      parts.get(i).wipe();
    }
  }
}
