package org.nestrinse.core.said;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.nestrinse.core.units.Quantity;

/**
 * Something to be said: which sentence, and the values that stand in it.
 *
 * @param saying the sentence
 * @param values by their names in the catalogue; each is an {@link Integer}, a {@link Quantity}, a
 *     moment, day or time, another {@link Said}, a list of these, or a name that a person gave
 */
public record Said(Saying saying, Map<String, Object> values) {
  public Said {
    if (!saying.valueNames().containsAll(values.keySet())) {
      throw new IllegalArgumentException(saying.key() + " has no " + values.keySet());
    }
    Map<String, Object> own = new TreeMap<>();
    values.forEach((name, value) -> own.put(name, checked(value)));
    values = Collections.unmodifiableMap(own);
  }

  /** Returns a sentence without values, or the beginning of one with some. */
  public static Said of(Saying saying) {
    return new Said(saying, Map.of());
  }

  /**
   * Returns anything that can be worded as something said: a figure, a count or a name alone, too.
   *
   * @throws IllegalArgumentException when it is none that can be worded
   */
  public static Said from(Object value) {
    if (value instanceof Said said) {
      return said;
    }
    if (value instanceof Saying saying) {
      return of(saying);
    }
    Plain plain =
        value instanceof Quantity
            ? Plain.FIGURE
            : value instanceof Integer ? Plain.COUNT : Plain.NAME;
    return of(plain).with(Plain.VALUE, value);
  }

  /** Returns words from before there was a catalogue. */
  public static Said oldNote(String words) {
    return of(Plain.OLD_NOTE).with(Plain.VALUE, words);
  }

  /**
   * Returns the same with one more value.
   *
   * @throws IllegalArgumentException when no such value stands in the sentence, or when it is none
   *     that can be worded
   */
  public Said with(String name, Object value) {
    Map<String, Object> more = new TreeMap<>(values);
    more.put(name, value);
    return new Said(saying, more);
  }

  private static Object checked(Object value) {
    if (value instanceof Saying saying) {
      return of(saying);
    }
    if (value instanceof List<?> several) {
      return several.stream().map(Said::checked).toList();
    }
    boolean worded =
        value instanceof Integer
            || value instanceof Quantity
            || value instanceof Instant
            || value instanceof LocalDate
            || value instanceof LocalTime
            || value instanceof Said
            || value instanceof String;
    if (!worded) {
      throw new IllegalArgumentException("Not to be worded: " + value.getClass());
    }
    return value;
  }
}
