package org.nestrinse.app.record;

import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.LineError;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.app.problem.Written;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * One entry of a file, in CSV or JSON alike. Every getter notes what is wrong and then returns
 * something harmless, so that all errors of a file are found at once.
 */
public final class ArchiveEntry {
  private static final int LONGEST_SHOWN = 60;
  private static final int LONGEST_UID = 36;
  private static final Pattern UID = Pattern.compile("[A-Za-z0-9-]{1,36}");
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?(\\d+\\.?\\d*|\\.\\d+)([eE][+-]?\\d{1,3})?");
  private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");
  private static final Instant LATEST = Instant.parse("2100-01-01T00:00:00Z");

  private final long line;
  private final Function<String, @Nullable JsonNode> cell;
  private final FileErrors errors;
  private final JsonMapper json;

  ArchiveEntry(
      long line, Function<String, @Nullable JsonNode> cell, FileErrors errors, JsonMapper json) {
    this.line = line;
    this.cell = cell;
    this.errors = errors;
    this.json = json;
  }

  /** Returns a name that is the same everywhere, of letters, digits and hyphens. */
  public String uid(String column) {
    String uid = text(column, LONGEST_UID);
    if (!UID.matcher(uid).matches()) {
      wrong(column, uid.isBlank() ? ArchiveSaying.BLANK : uid, ArchiveSaying.A_UID);
    }
    return uid;
  }

  /** Returns a text without checking it, for finding what others point at. */
  Optional<String> peek(String column) {
    JsonNode node = cell.apply(column);
    return node == null ? Optional.empty() : Optional.of(node.asString());
  }

  /** Returns a text of 1 to {@code longest} characters. */
  public String text(String column, int longest) {
    String text = optionalText(column, longest);
    if (text == null) {
      wrong(column, ArchiveSaying.NOTHING, upTo(longest));
      return "";
    }
    return text;
  }

  /** Returns a text, or null when there is none. */
  public @Nullable String optionalText(String column, int longest) {
    JsonNode node = cell.apply(column);
    String text = node == null ? "" : node.asString();
    if (text.length() > longest) {
      wrong(column, RequestChecks.characters(text.length()), upTo(longest));
    }
    if (!Written.readable(text)) {
      wrong(column, Allowed.UNREADABLE, Allowed.SIGNS_TO_SEE);
    }
    return text.isEmpty() ? null : text;
  }

  /** Returns a number within a range. */
  public double number(String column, Range range) {
    Double value = optionalNumber(column, range);
    if (value == null) {
      wrong(column, ArchiveSaying.NOTHING, range.allowed());
      return range.min();
    }
    return value;
  }

  /** Returns a number within a range, or null when there is none. */
  public @Nullable Double optionalNumber(String column, Range range) {
    String text = optionalText(column, 40);
    if (text == null) {
      return null;
    }
    try {
      if (!NUMBER.matcher(text).matches()) {
        throw new NumberFormatException(text);
      }
      return range.check(column, Double.parseDouble(text));
    } catch (NumberFormatException | OutOfRange e) {
      wrong(column, text, range.allowed());
      return range.min();
    }
  }

  /** Returns a whole number within a range. */
  public int whole(String column, Range range) {
    double value = number(column, range);
    if (value != Math.rint(value)) {
      wrong(column, String.valueOf(value), Allowed.A_WHOLE_NUMBER);
    }
    return (int) value;
  }

  /** Returns a moment. */
  public Instant time(String column) {
    Instant time = optionalTime(column);
    if (time == null) {
      wrong(column, ArchiveSaying.NOTHING, ArchiveSaying.A_MOMENT);
      return Instant.EPOCH;
    }
    return time;
  }

  /** Returns a moment, or null when there is none. */
  public @Nullable Instant optionalTime(String column) {
    String text = optionalText(column, 40);
    if (text == null) {
      return null;
    }
    try {
      Instant time = Instant.parse(text);
      if (time.isBefore(EARLIEST) || time.isAfter(LATEST)) {
        wrong(column, text, ArchiveSaying.FROM_2000_TO_2100);
        return Instant.EPOCH;
      }
      return time;
    } catch (DateTimeException e) {
      wrong(column, text, ArchiveSaying.A_MOMENT);
      return Instant.EPOCH;
    }
  }

  /** Returns a yes or no. */
  public boolean yes(String column) {
    String text = optionalText(column, 10);
    if (!"true".equals(text) && !"false".equals(text)) {
      wrong(column, text == null ? ArchiveSaying.NOTHING : text, Allowed.TRUE_OR_FALSE);
    }
    return "true".equals(text);
  }

  /** Returns a yes or no, no when there is none. */
  public boolean optionalYes(String column) {
    return optionalText(column, 10) != null && yes(column);
  }

  /** Returns one of a few names. */
  public <E extends Enum<E>> E choice(String column, Class<E> type) {
    String text = optionalText(column, 60);
    for (E constant : type.getEnumConstants()) {
      if (constant.name().equals(text)) {
        return constant;
      }
    }
    wrong(
        column,
        text == null ? ArchiveSaying.NOTHING : text,
        Said.of(Allowed.ONE_OF)
            .with(
                "choices",
                Said.row(Arrays.stream(type.getEnumConstants()).map(Enum::name).toList())));
    return type.getEnumConstants()[0];
  }

  /** Returns the entries of a list; none when there is no list. */
  public List<ArchiveEntry> list(String column) {
    JsonNode node = tree(column);
    if (node == null) {
      return List.of();
    }
    if (!node.isArray()) {
      wrong(column, ArchiveSaying.NO_LIST, Allowed.A_LIST);
      return List.of();
    }
    List<ArchiveEntry> all = new ArrayList<>();
    for (JsonNode entry : node) {
      all.add(
          new ArchiveEntry(
              line, key -> entry.hasNonNull(key) ? entry.get(key) : null, errors, json));
    }
    return all;
  }

  /** Returns the texts of a list; none when there is no list. */
  public List<String> texts(String column, int longest) {
    JsonNode node = tree(column);
    if (node == null) {
      return List.of();
    }
    List<String> all = new ArrayList<>();
    node.forEach(n -> all.add(n.asString()));
    if (all.stream().anyMatch(t -> t.length() > longest)) {
      wrong(column, ArchiveSaying.TOO_LONG, upTo(longest));
    }
    return all;
  }

  /** Returns a value as JSON text, or null when there is none. */
  public @Nullable String json(String column) {
    JsonNode node = tree(column);
    return node == null ? null : json.writeValueAsString(node);
  }

  /** In CSV a list is a text of JSON. */
  @Nullable JsonNode tree(String column) {
    JsonNode node = cell.apply(column);
    if (node == null || !node.isString()) {
      return node;
    }
    try {
      return node.asString().isEmpty() ? null : json.readTree(node.asString());
    } catch (JacksonException e) {
      wrong(column, Allowed.UNREADABLE, ArchiveSaying.JSON);
      return null;
    }
  }

  /** Runs what a core value checks by itself, and notes its refusal. */
  public <T> @Nullable T checked(java.util.function.Supplier<T> made) {
    try {
      return made.get();
    } catch (OutOfRange e) {
      wrong(e.field(), e.value(), e.allowed());
      return null;
    }
  }

  private static Said upTo(int longest) {
    return Said.of(Allowed.UP_TO).with("most", RequestChecks.characters(longest));
  }

  /** Notes that something is wrong; what is found and expected is anything that can be worded. */
  public void wrong(String column, Object found, Object expected) {
    boolean tooLong = found instanceof String text && text.length() > LONGEST_SHOWN;
    Object shown = tooLong ? ((String) found).substring(0, LONGEST_SHOWN) + "…" : found;
    errors.add(LineError.of(line, column, shown, expected));
  }
}
