package org.nestrinse.app.record;

import java.io.IOException;
import java.io.InputStream;
import java.io.PushbackReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.LineError;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.StringNode;

/**
 * A file that was sent, kept beside the data while it is read: one entry at a time, as often as is
 * needed, so that its size is only limited by {@link #MOST_BYTES}.
 */
final class RecordFile implements AutoCloseable {
  static final String FORMAT = "nest-rinse-record/1";

  /** Ten years of a large household are a third of it. */
  static final long MOST_BYTES = 400L * 1024 * 1024;

  private static final int BUFFER = 64 * 1024;
  private static final char BYTE_ORDER_MARK = '\uFEFF';

  private final Path path;
  private final List<ArchivePart> parts;
  private final JsonMapper json;

  private RecordFile(Path path, List<ArchivePart> parts, JsonMapper json) {
    this.path = path;
    this.parts = parts;
    this.json = json;
  }

  /** Takes a file in; throws {@link OutOfRange} when it is empty or larger than is read. */
  static RecordFile of(InputStream sent, List<ArchivePart> parts, JsonMapper json) {
    try {
      Path path = Files.createTempFile("record", ".in");
      RecordFile file = new RecordFile(path, parts, json);
      try (var out = Files.newOutputStream(path)) {
        byte[] buffer = new byte[BUFFER];
        long size = 0;
        for (int read = sent.read(buffer); read >= 0; read = sent.read(buffer)) {
          size += read;
          if (size > MOST_BYTES) {
            file.close();
            throw new OutOfRange(
                "file",
                Said.of(ArchiveSaying.MORE_THAN).with("most", mostBytes()),
                Said.of(Allowed.UP_TO).with("most", mostBytes()));
          }
          out.write(buffer, 0, read);
        }
        if (size == 0) {
          file.close();
          throw new OutOfRange("file", Allowed.EMPTY, ArchiveSaying.A_RECORD_FILE);
        }
      }
      return file;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Reads it from its beginning, and hands out each entry of the parts that are wanted. */
  void read(
      FileErrors errors, Predicate<ArchivePart> wanted, BiConsumer<ArchivePart, ArchiveEntry> to) {
    try (PushbackReader text = open()) {
      int first = text.read();
      if (first >= 0) {
        text.unread(first);
      }
      if (first == '{') {
        readJson(text, errors, wanted, to);
      } else {
        readCsv(text, errors, wanted, to);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Opens it after the blanks and the mark at its beginning. */
  private PushbackReader open() throws IOException {
    PushbackReader text = new PushbackReader(Files.newBufferedReader(path, StandardCharsets.UTF_8));
    int c = text.read();
    while (c == BYTE_ORDER_MARK || (c >= 0 && Character.isWhitespace(c))) {
      c = text.read();
    }
    if (c >= 0) {
      text.unread(c);
    }
    return text;
  }

  private void readJson(
      Reader text,
      FileErrors errors,
      Predicate<ArchivePart> wanted,
      BiConsumer<ArchivePart, ArchiveEntry> to) {
    try (JsonParser parser = json.createParser(text)) {
      parser.nextToken();
      boolean known = false;
      while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
        String name = parser.currentName();
        parser.nextToken();
        if (name.equals("format")) {
          String format = parser.getValueAsString("");
          if (!format.equals(FORMAT)) {
            errors.add(
                LineError.of(
                    1, "format", format.isEmpty() ? ArchiveSaying.NOTHING : format, FORMAT));
            return;
          }
          known = true;
          continue;
        }
        ArchivePart part =
            parts.stream().filter(p -> p.name().equals(name)).findFirst().orElse(null);
        if (part == null || !wanted.test(part)) {
          parser.skipChildren();
          continue;
        }
        if (!known) {
          errors.add(
              LineError.of(
                  1,
                  "format",
                  ArchiveSaying.NOTHING,
                  Said.of(ArchiveSaying.FORMAT_FIRST).with("format", FORMAT)));
          return;
        }
        entries(parser, part, errors, to);
      }
      if (!known) {
        errors.add(LineError.of(1, "format", ArchiveSaying.NOTHING, FORMAT));
      }
    } catch (JacksonException e) {
      long line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
      errors.add(LineError.of(line, "file", Allowed.UNREADABLE, ArchiveSaying.JSON));
    }
  }

  private void entries(
      JsonParser parser,
      ArchivePart part,
      FileErrors errors,
      BiConsumer<ArchivePart, ArchiveEntry> to) {
    if (parser.currentToken() != JsonToken.START_ARRAY) {
      errors.add(LineError.of(1, part.name(), ArchiveSaying.NO_LIST, Allowed.A_LIST));
      parser.skipChildren();
      return;
    }
    // After this entry comes the next.
    ObjectReader one =
        json.readerFor(JsonNode.class).without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
    long line = 0;
    while (parser.nextToken() != JsonToken.END_ARRAY) {
      line++;
      JsonNode entry = one.readTree(parser);
      to.accept(
          part,
          new ArchiveEntry(
              line, key -> entry.hasNonNull(key) ? entry.get(key) : null, errors, json));
    }
  }

  private void readCsv(
      Reader text,
      FileErrors errors,
      Predicate<ArchivePart> wanted,
      BiConsumer<ArchivePart, ArchiveEntry> to) {
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setAllowMissingColumnNames(true)
            .get();
    try (CSVParser parser = format.parse(text)) {
      List<String> head = parser.getHeaderNames();
      ArchivePart part =
          parts.stream().filter(p -> head.contains(p.mark())).findFirst().orElse(null);
      if (part == null) {
        errors.add(
            LineError.of(
                1,
                "head",
                String.join(",", head),
                Said.of(ArchiveSaying.ONE_OF_COLUMNS)
                    .with("columns", Said.row(parts.stream().map(ArchivePart::mark).toList()))));
        return;
      }
      if (!wanted.test(part)) {
        return;
      }
      for (CSVRecord record : parser) {
        to.accept(
            part,
            new ArchiveEntry(
                parser.getCurrentLineNumber(), key -> csvCell(record, key), errors, json));
      }
    } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
      errors.add(LineError.of(1, "file", Allowed.UNREADABLE, ArchiveSaying.COMMA_SEPARATED));
    }
  }

  private static @Nullable JsonNode csvCell(CSVRecord record, String key) {
    String value = record.isSet(key) ? record.get(key) : "";
    return value.isEmpty() ? null : StringNode.valueOf(CsvCells.unsafe(value));
  }

  @Override
  public void close() {
    try {
      Files.deleteIfExists(path);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Said mostBytes() {
    return Said.of(ArchiveSaying.BYTES).with("bytes", Quantity.of(MOST_BYTES, Unit.GROUPED));
  }
}
