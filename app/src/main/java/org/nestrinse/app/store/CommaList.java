package org.nestrinse.app.store;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Keeps several small values in one column, commas between. A value that this release does not know
 * is read as null in its place.
 *
 * @param <T> what is kept
 */
public abstract class CommaList<T> implements AttributeConverter<List<@Nullable T>, String> {
  /** Returns a value, or throws {@link IllegalArgumentException} when the text is none. */
  protected abstract T value(String text);

  /** Returns a value as it is written. */
  protected String text(T value) {
    return String.valueOf(value);
  }

  @Override
  public @Nullable String convertToDatabaseColumn(@Nullable List<@Nullable T> values) {
    return values == null
        ? null
        : values.stream().filter(Objects::nonNull).map(this::text).collect(Collectors.joining(","));
  }

  @Override
  public @Nullable List<@Nullable T> convertToEntityAttribute(@Nullable String text) {
    if (text == null) {
      return null;
    }
    return text.isEmpty()
        ? List.of()
        : Arrays.stream(text.split(",")).<@Nullable T>map(this::known).toList();
  }

  private @Nullable T known(String text) {
    try {
      return value(text.trim());
    } catch (IllegalArgumentException e) {
      return null;
    }
  }

  /** Returns the values that are known. */
  public static <T> List<T> known(@Nullable List<@Nullable T> values) {
    return values == null ? List.of() : values.stream().filter(Objects::nonNull).toList();
  }

  /** Numbers of rows. */
  @Converter
  public static final class Ids extends CommaList<Long> {
    @Override
    protected Long value(String text) {
      return Long.valueOf(text);
    }
  }

  /** Whole numbers. */
  @Converter
  public static final class Wholes extends CommaList<Integer> {
    @Override
    protected Integer value(String text) {
      return Integer.valueOf(text);
    }
  }

  /** Numbers. */
  @Converter
  public static final class Decimals extends CommaList<Double> {
    @Override
    protected Double value(String text) {
      return Double.valueOf(text);
    }
  }

  /** Words without a comma. */
  @Converter
  public static final class Words extends CommaList<String> {
    @Override
    protected String value(String text) {
      return text;
    }
  }

  /**
   * Names of an enum.
   *
   * @param <E> the enum
   */
  public abstract static class Names<E extends Enum<E>> extends CommaList<E> {
    private final Class<E> type;

    /** Makes a list of this enum. */
    protected Names(Class<E> type) {
      this.type = type;
    }

    @Override
    protected E value(String text) {
      return Enum.valueOf(type, text);
    }

    @Override
    protected String text(E value) {
      return value.name();
    }
  }
}
