package org.nestrinse.app.problem;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/** Inputs as they come from outside: there, finite, within range, or refused by name. */
public final class RequestChecks {
  /** The longest name of a person. */
  public static final int LONGEST_PERSON = 60;

  private RequestChecks() {}

  /**
   * Returns a number that must be there and within its range; throws {@link OutOfRange} otherwise.
   */
  public static double number(String field, @Nullable Double value, Range range) {
    if (value == null) {
      throw new OutOfRange(field, Allowed.MISSING, range.allowed());
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
      throw new OutOfRange(field, Allowed.MISSING, range.allowed());
    }
    return range.check(field, value.intValue());
  }

  /** Returns a choice that must be there; throws {@link OutOfRange} with all choices otherwise. */
  public static <E extends Enum<E>> E choice(String field, @Nullable E value, Class<E> type) {
    if (value == null) {
      throw OutOfRange.noneOf(
          field, Allowed.MISSING, Arrays.stream(type.getEnumConstants()).map(Enum::name).toList());
    }
    return value;
  }

  /** Returns a yes or no that must be there. */
  public static boolean yesNo(String field, @Nullable Boolean value) {
    if (value == null) {
      throw new OutOfRange(field, Allowed.MISSING, Allowed.TRUE_OR_FALSE);
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
      throw new OutOfRange(field, Allowed.UNREADABLE, Allowed.SIGNS_TO_SEE);
    }
    if (text.isEmpty() || text.length() > longest) {
      throw new OutOfRange(
          field,
          text.isEmpty() ? Allowed.EMPTY.said() : characters(text.length()),
          Said.of(Allowed.UP_TO).with("most", characters(longest)));
    }
    return text;
  }

  /** Returns a length of text. */
  public static Said characters(int count) {
    return Said.of(Allowed.CHARACTERS).with("count", count);
  }

  /** Returns a list that must be there and have at least one element, none of them null. */
  public static <T> List<T> list(String field, @Nullable List<@Nullable T> values) {
    if (values == null || values.isEmpty()) {
      throw new OutOfRange(
          field, values == null ? Allowed.MISSING : Allowed.EMPTY, Allowed.AT_LEAST_ONE);
    }
    for (int i = 0; i < values.size(); i++) {
      if (values.get(i) == null) {
        throw new OutOfRange(field + "[" + i + "]", Allowed.MISSING, Allowed.A_VALUE);
      }
    }
    return List.copyOf(values);
  }

  /** Returns a person's name, or null when none is given; throws when it is too long. */
  public static @Nullable String name(String field, @Nullable String value) {
    return value == null || value.isBlank() ? null : text(field, value, LONGEST_PERSON);
  }
}
