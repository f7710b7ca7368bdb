package org.nestrinse.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Properties;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Unit;

/**
 * The measures that a person thinks in. The models reckon in metric units; only what is shown is
 * turned into others, by the figures in {@code measures.properties}.
 */
public enum Measures {
  METRIC,
  /** Pounds, US gallons and fluid ounces, degrees Fahrenheit. */
  US,
  /** Pounds, imperial gallons and fluid ounces, degrees Celsius. */
  IMPERIAL;

  private static final String FILE = "measures.properties";
  private static final Map<String, Shown> SHOWN = read();

  /**
   * How a metric unit is shown: {@code amount × factor + shift}, then the symbol.
   *
   * @param symbol the unit's sign, which is the same in every language
   * @param factor to multiply the amount by
   * @param shift to add after that
   * @param moreDigits decimals more than the metric figure has
   */
  public record Shown(String symbol, double factor, double shift, int moreDigits) {
    /** Returns the figure for an amount in the metric unit. */
    public double of(double amount) {
      return amount * factor + shift;
    }

    /** Returns the amount in the metric unit for a figure. */
    public double back(double figure) {
      return (figure - shift) / factor;
    }
  }

  /** Returns how a unit is shown in these measures, or null when it is shown as it is. */
  public @Nullable Shown shown(Unit unit) {
    return SHOWN.get(key(this, unit));
  }

  static @Nullable Shown shown(Enum<?> scale, Unit unit) {
    return SHOWN.get(key(scale, unit));
  }

  private static String key(Enum<?> scale, Unit unit) {
    return part(scale) + "." + part(unit);
  }

  private static String part(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static Map<String, Shown> read() {
    Properties lines = new Properties();
    try (InputStream in = Objects.requireNonNull(Measures.class.getResourceAsStream(FILE), FILE)) {
      lines.load(new InputStreamReader(in, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    Map<String, Shown> shown = new HashMap<>();
    for (String key : lines.stringPropertyNames()) {
      String[] parts = lines.getProperty(key).split(", ");
      shown.put(
          key,
          new Shown(
              parts[0],
              Double.parseDouble(parts[1]),
              Double.parseDouble(parts[2]),
              Integer.parseInt(parts[3])));
    }
    return shown;
  }
}
