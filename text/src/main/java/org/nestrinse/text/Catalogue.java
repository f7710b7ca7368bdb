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

/** The sentences of one language, as ICU messages by their keys. */
public final class Catalogue {
  private final Locale locale;
  private final Map<String, MessageFormat> messages = new TreeMap<>();

  private Catalogue(Locale locale, Properties patterns) {
    this.locale = locale;
    boolean pseudo = locale.equals(Pseudo.LOCALE);
    for (String key : patterns.stringPropertyNames()) {
      String words = patterns.getProperty(key);
      messages.put(key, new MessageFormat(pseudo ? Pseudo.of(words) : words, locale));
    }
  }

  /**
   * Returns the catalogue of a language, such as {@link Locale#ENGLISH}, or {@code en-XA} for
   * tests.
   */
  public static Catalogue of(Locale locale) {
    String file = locale.getLanguage() + ".properties";
    try (InputStream in = Objects.requireNonNull(Catalogue.class.getResourceAsStream(file), file)) {
      Properties patterns = new Properties();
      patterns.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      return new Catalogue(locale, patterns);
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
