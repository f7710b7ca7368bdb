package org.nestrinse.text;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.nestrinse.core.said.Unit;

/** The sentences of one language, as ICU messages by their keys. */
public final class Catalogue {
  private static final Pattern DEGREES = Pattern.compile("(Δ)?(\\d+)°(?![A-Za-z])");

  private static final Map<Edition, Catalogue> READ = new ConcurrentHashMap<>();

  private final Locale locale;
  private final Map<String, MessageFormat> messages = new TreeMap<>();

  private Catalogue(Locale locale, Measures measures, Properties patterns) {
    this.locale = locale;
    boolean pseudo = locale.equals(Pseudo.LOCALE);
    for (String key : patterns.stringPropertyNames()) {
      String words = degrees(patterns.getProperty(key), measures);
      messages.put(key, new MessageFormat(pseudo ? Pseudo.of(words) : words, locale));
    }
  }

  /** Writes the temperatures within a sentence in other measures: "60°", or "Δ10°" for a step. */
  private static String degrees(String words, Measures measures) {
    return DEGREES
        .matcher(words)
        .replaceAll(
            found -> {
              double celsius = Double.parseDouble(found.group(2));
              Unit unit = found.group(1) == null ? Unit.CELSIUS : Unit.KELVIN;
              Measures.Shown shown = measures.shown(unit);
              return shown == null
                  ? found.group(2) + "°"
                  : Math.round(shown.of(celsius)) + shown.symbol();
            });
  }

  /**
   * Returns the catalogue of a language, such as {@link Locale#ENGLISH}, or {@code en-XA} for
   * tests.
   */
  public static Catalogue of(Locale locale) {
    return of(locale, Measures.METRIC);
  }

  /**
   * Returns the catalogue of a language with the temperatures in its sentences in these measures.
   */
  static Catalogue of(Locale locale, Measures measures) {
    return READ.computeIfAbsent(new Edition(locale, measures), Catalogue::read);
  }

  private record Edition(Locale locale, Measures measures) {}

  private static Catalogue read(Edition edition) {
    Locale locale = edition.locale;
    String file = locale.getLanguage() + ".properties";
    try (InputStream in = Objects.requireNonNull(Catalogue.class.getResourceAsStream(file), file)) {
      Properties patterns = new Properties();
      patterns.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      return new Catalogue(locale, edition.measures, patterns);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  Locale locale() {
    return locale;
  }

  /** Returns the keys of all its sentences. */
  public Set<String> keys() {
    return messages.keySet();
  }

  /** Returns the names of the values that stand in a sentence. */
  public Set<String> values(String key) {
    MessagePattern pattern = new MessagePattern(pattern(key));
    Set<String> names = new TreeSet<>();
    for (int i = 0; i < pattern.countParts(); i++) {
      MessagePattern.Part part = pattern.getPart(i);
      if (part.getType() == MessagePattern.Part.Type.ARG_NAME) {
        names.add(pattern.getSubstring(part));
      }
    }
    return names;
  }

  /** Returns the pattern of a sentence, as written in the catalogue. */
  public String pattern(String key) {
    return message(key).toPattern();
  }

  /**
   * Returns a sentence with its values, which are words already or whole numbers.
   *
   * @throws IllegalArgumentException when there is no such sentence
   */
  String words(String key, Map<String, Object> values) {
    // A message format must not be used by two at once.
    return ((MessageFormat) message(key).clone()).format(values);
  }

  private MessageFormat message(String key) {
    MessageFormat message = messages.get(key);
    if (message == null) {
      throw new IllegalArgumentException("No words for " + key);
    }
    return message;
  }
}
