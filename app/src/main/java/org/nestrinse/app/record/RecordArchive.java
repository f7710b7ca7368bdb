package org.nestrinse.app.record;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.kit.household.HouseholdService;
import org.nestrinse.app.problem.LineError;
import org.nestrinse.app.problem.StateConflict;
import org.nestrinse.app.speech.Speech;
import org.nestrinse.app.wash.round.RoundFiles;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Allowed;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;

/**
 * The whole record in and out: one JSON file of everything, or a CSV file for each part. Both ways
 * one entry is in memory at a time. A file is looked at first and kept as a whole or not at all;
 * what is there already stays as it is. The formats are described in docs/formats.md.
 */
@Service
class RecordArchive {
  private static final int DIGITS = 3;
  private static final int WRITTEN_AT_ONCE = 50;

  private final List<ArchivePart> parts;
  private final RoundFiles rounds;
  private final HouseholdService households;
  private final EntityManager entities;
  private final Clock clock;
  private final JsonMapper json;

  private final Speech speech;

  RecordArchive(
      List<ArchivePart> parts,
      RoundFiles rounds,
      HouseholdService households,
      EntityManager entities,
      Clock clock,
      JsonMapper json,
      Speech speech) {
    this.speech = speech;
    this.parts = parts.stream().sorted(Comparator.comparing(ArchivePart::order)).toList();
    this.rounds = rounds;
    this.households = households;
    this.entities = entities;
    this.clock = clock;
    this.json = json;
  }

  /** What a file has for one part. */
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
      List<PartCount> parts, List<LineError> errors, int moreErrors, Said says, boolean kept) {}

  /** Writes everything as JSON. */
  void document(OutputStream to) {
    try (JsonGenerator out = json.createGenerator(to)) {
      out.writeStartObject();
      out.writeStringProperty("format", RecordFile.FORMAT);
      out.writeStringProperty("household", households.current().name());
      out.writeStringProperty("exported_at", clock.instant().toString());
      for (ArchivePart part : parts) {
        out.writeArrayPropertyStart(part.name());
        part.write(out::writePOJO);
        out.writeEndArray();
      }
      out.writeEndObject();
    }
  }

  /** Writes a part as CSV; throws {@link StateConflict} when there is no such part. */
  void csv(String name, OutputStream to) {
    ArchivePart part = part(name);
    List<String> columns = part.columns().stream().filter(c -> !part.large().contains(c)).toList();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(columns.toArray(String[]::new)).get();
    try (Writer text = new OutputStreamWriter(to, StandardCharsets.UTF_8);
        CSVPrinter printer = new CSVPrinter(text, format)) {
      part.write(
          entry -> {
            try {
              printer.printRecord(columns.stream().map(c -> cell(entry.get(c))).toList());
            } catch (IOException e) {
              throw new UncheckedIOException(e);
            }
          });
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Returns the part with this name; throws {@link StateConflict} when there is none. */
  ArchivePart part(String name) {
    return parts.stream()
        .filter(p -> p.name().equals(name))
        .findFirst()
        .orElseThrow(() -> new StateConflict(Said.of(ArchiveSaying.NO_PART).with("part", name)));
  }

  private @Nullable Object cell(@Nullable Object value) {
    if (value instanceof Double number) {
      return decimal(number);
    }
    if (value instanceof Collection<?> list) {
      return list.isEmpty() ? null : json.writeValueAsString(list);
    }
    Object words = value instanceof Said said ? speech.ofTheHouse().words(said) : value;
    return words instanceof String text ? CsvCells.safe(text) : words;
  }

  /** Writes a number with a point, whatever the language, and without trailing zeros. */
  private static String decimal(double value) {
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(DIGITS, RoundingMode.HALF_UP);
    return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
  }

  /** Reads a file and, when asked and nothing is wrong, keeps what is not there yet. */
  @Transactional
  Preview read(InputStream sent, boolean keep) {
    try (RecordFile file = RecordFile.of(sent, parts, json)) {
      Set<String> roundUids = new HashSet<>(rounds.uids().values());
      FileErrors unread = new FileErrors();
      file.read(
          unread,
          RoundsPart.class::isInstance,
          (part, entry) -> entry.peek("uid").ifPresent(roundUids::add));
      FileErrors errors = new FileErrors();
      List<PartCount> counts = checked(file, errors, roundUids);
      if (!errors.none()) {
        return new Preview(
            List.of(), errors.first(), errors.more(), ArchiveSaying.MEND_FILE.said(), false);
      }
      if (keep) {
        keep(file, roundUids);
      }
      return new Preview(counts, List.of(), 0, says(counts, keep), keep);
    }
  }

  private List<PartCount> checked(RecordFile file, FileErrors errors, Set<String> roundUids) {
    Map<ArchivePart, Set<String>> there = new LinkedHashMap<>();
    Map<ArchivePart, Set<String>> found = new LinkedHashMap<>();
    Map<ArchivePart, Integer> known = new LinkedHashMap<>();
    file.read(
        errors,
        part -> true,
        (part, entry) -> {
          String uid = part.prepare(entry, roundUids).uid();
          if (!found.computeIfAbsent(part, p -> new HashSet<>()).add(uid)) {
            entry.wrong("uid", uid, ArchiveSaying.ONLY_ONCE);
          }
          boolean old = there.computeIfAbsent(part, ArchivePart::known).contains(uid);
          known.merge(part, old ? 1 : 0, Integer::sum);
        });
    if (errors.none() && found.isEmpty()) {
      errors.add(LineError.of(1, "file", ArchiveSaying.NO_ENTRIES, Allowed.AT_LEAST_ONE));
    }
    List<PartCount> counts = new ArrayList<>();
    found.forEach(
        (part, uids) ->
            counts.add(new PartCount(part.name(), uids.size() - known.get(part), known.get(part))));
    return counts;
  }

  private void keep(RecordFile file, Set<String> roundUids) {
    Map<ArchivePart, Set<String>> there = new LinkedHashMap<>();
    int[] kept = {0};
    for (ArchivePart now : parts) {
      // What others point at is kept first, in whatever order the file has them.
      file.read(
          new FileErrors(),
          part -> part == now,
          (part, entry) -> {
            ArchivePart.Prepared p = part.prepare(entry, roundUids);
            if (!there.computeIfAbsent(part, ArchivePart::known).contains(p.uid())) {
              p.keep().run();
              kept[0]++;
              if (kept[0] % WRITTEN_AT_ONCE == 0) {
                entities.flush();
                entities.clear();
              }
            }
          });
      entities.flush();
      entities.clear();
    }
  }

  private static Said says(List<PartCount> counts, boolean kept) {
    int fresh = counts.stream().mapToInt(PartCount::fresh).sum();
    if (fresh == 0) {
      return (kept ? ArchiveSaying.ALL_THERE_KEPT : ArchiveSaying.ALL_THERE).said();
    }
    List<Said> words = new ArrayList<>();
    int known = 0;
    for (PartCount c : counts) {
      known += c.known;
      if (c.fresh > 0) {
        words.add(Said.of(ArchiveSaying.PART).with("count", c.fresh).with("part", c.part));
      }
    }
    Said parts = Said.all(words);
    if (known == 0) {
      return Said.of(kept ? ArchiveSaying.ADDED : ArchiveSaying.WILL_ADD).with("parts", parts);
    }
    return Said.of(kept ? ArchiveSaying.ADDED_SOME_THERE : ArchiveSaying.WILL_ADD_SOME_THERE)
        .with("parts", parts)
        .with("known", known);
  }

  /** Deletes the whole past; what runs, waits and hangs stays. */
  @Transactional
  void wipe() {
    for (int i = parts.size() - 1; i >= 0; i--) {
      parts.get(i).wipe();
    }
  }
}
