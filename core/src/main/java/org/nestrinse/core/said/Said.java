package org.nestrinse.core.said;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.YearMonth;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Something to be said: which sentence, and the values that stand in it.
 *
 * @param saying the sentence
 * @param values by their names in the catalogue; each is an {@link Integer}, a {@link Quantity}, a
 *     moment, day, weekday or time, another {@link Said}, a list of these, or a name that a person
 *     gave
 */
public record Said(Saying saying, Map<String, Object> values) {
  /** No word at all. */
  public static final Said NOTHING = of(Plain.NOTHING);

  public Said {
    if (!saying.valueNames().containsAll(values.keySet())) {
      throw new IllegalArgumentException(saying.key() + values.keySet());
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
    return words.isEmpty() ? NOTHING : of(Plain.OLD_NOTE).with(Plain.VALUE, words);
  }

  /** Returns minutes as hours and minutes. */
  public static Said duration(double minutes) {
    return from(Quantity.of(minutes, Unit.DURATION));
  }

  /** Returns things one after the other, with commas between them. */
  public static Said row(List<?> things) {
    return several(Plain.ROW, things);
  }

  /** Returns things of which all count: "a, b and c". */
  public static Said all(List<?> things) {
    return several(Plain.ALL, things);
  }

  /** Returns things of which one counts: "a, b or c". */
  public static Said either(List<?> things) {
    return several(Plain.EITHER, things);
  }

  /** Returns whole sentences one after the other; those that say nothing are left out. */
  public static Said sentences(List<Said> sentences) {
    return several(Plain.SENTENCES, sentences.stream().filter(s -> !s.nothing()).toList());
  }

  /** Returns a number of pieces by name: "3 bamboo trifolds". */
  public static Said pieces(int count, String one, String several) {
    return of(Plain.PIECES).with("count", count).with("one", one).with("several", several);
  }

  private static Said several(Plain how, List<?> things) {
    return switch (things.size()) {
      case 0 -> NOTHING;
      case 1 -> from(things.get(0));
      default -> of(how).with(Plain.VALUES, things);
    };
  }

  /** Returns whether there is no word in it. */
  public boolean nothing() {
    return saying == Plain.NOTHING;
  }

  /** Returns the same as a sentence begins. */
  public Said capital() {
    return nothing() ? this : of(Plain.CAPITAL).with(Plain.VALUE, this);
  }

  /** Returns the key with its values, for logs and tests. */
  @Override
  public String toString() {
    return values.isEmpty() ? saying.key() : saying.key() + values;
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
            || value instanceof YearMonth
            || value instanceof DayOfWeek
            || value instanceof Said
            || value instanceof String;
    if (!worded) {
      throw new IllegalArgumentException(value.getClass().getName());
    }
    return value;
  }
}
