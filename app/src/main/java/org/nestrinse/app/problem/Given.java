package org.nestrinse.app.problem;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/** Inputs as they come from outside: there, finite, within range, or refused by name. */
public final class Given {
  private static final String MISSING = "missing";

  /** The longest name of a person. */
  public static final int LONGEST_PERSON = 60;

  private Given() {}

  /**
   * Returns a number that must be there and within its range; throws {@link OutOfRange} otherwise.
   */
  public static double number(String field, @Nullable Double value, Range range) {
    if (value == null) {
      throw new OutOfRange(field, MISSING, range.describe());
    }
    return range.check(field, value.doubleValue());
  }

  /** Returns a number within its range, or {@code usual} when it is not given. */
  public static double numberOr(String field, @Nullable Double value, Range range, double usual) {
    return value == null ? usual : range.check(field, value.doubleValue());
  }

  /** Returns a number within its range, or null when it is not given. */
  public static @Nullable Double optional(String field, @Nullable Double value, Range range) {
    return value == null ? null : Double.valueOf(range.check(field, value.doubleValue()));
  }

  /**
   * Returns a whole number that must be there and within its range; throws {@link OutOfRange}
   * otherwise.
   */
  public static int whole(String field, @Nullable Integer value, Range range) {
    if (value == null) {
      throw new OutOfRange(field, MISSING, range.describe());
    }
    return range.check(field, value.intValue());
  }

  /** Returns a choice that must be there; throws {@link OutOfRange} with all choices otherwise. */
  public static <E extends Enum<E>> E choice(String field, @Nullable E value, Class<E> type) {
    if (value == null) {
      String all =
          Arrays.stream(type.getEnumConstants()).map(Enum::name).collect(Collectors.joining(", "));
      throw new OutOfRange(field, MISSING, "one of " + all);
    }
    return value;
  }

  /** Returns a yes or no that must be there. */
  public static boolean yesNo(String field, @Nullable Boolean value) {
    if (value == null) {
      throw new OutOfRange(field, MISSING, "true or false");
    }
    return value;
  }

  /**
   * Returns a text without surrounding blanks, 1 to {@code longest} characters, at least one of
   * which can be seen, and none of which turns the direction of writing or ends it.
   */
  public static String text(String field, @Nullable String value, int longest) {
    String text = value == null ? "" : value.strip();
    if (!Written.readable(text)) {
      throw new OutOfRange(field, "unreadable", Written.ALLOWED);
    }
    if (text.isEmpty() || text.length() > longest) {
      throw new OutOfRange(
          field,
          text.isEmpty() ? "empty" : text.length() + " characters",
          "1 to " + longest + " characters");
    }
    return text;
  }

  /** Returns a list that must be there and have at least one element, none of them null. */
  public static <T> List<T> list(String field, @Nullable List<@Nullable T> values) {
    if (values == null || values.isEmpty()) {
      throw new OutOfRange(field, values == null ? MISSING : "empty", "at least one");
    }
    for (int i = 0; i < values.size(); i++) {
      if (values.get(i) == null) {
        throw new OutOfRange(field + "[" + i + "]", "null", "a value");
      }
    }
    return List.copyOf(values);
  }

  /** Returns a person's name, or null when none is given; throws when it is too long. */
  public static @Nullable String name(String field, @Nullable String value) {
    return value == null || value.isBlank() ? null : text(field, value, LONGEST_PERSON);
  }
}
