package org.nestrinse.text;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The names that come with Nest Rinse, in another language: of the catalogue of textiles and of the
 * made-up house. What a household named itself is in nobody's list and stays as it is.
 */
public final class Names {
  private static final Pattern BETWEEN = Pattern.compile(" \\| ");
  private static final int WITH_PLURAL = 3;
  private static final Map<String, Names> READ = new ConcurrentHashMap<>();

  private final Map<String, String> one = new LinkedHashMap<>();
  private final Map<String, String> several = new LinkedHashMap<>();

  private Names() {}

  /** Returns the names of a language; none for English, in which they were given. */
  public static Names of(Locale language) {
    return read("names_", language);
  }

  /** Returns what a person calls the fields of requests in a language. */
  public static Names ofFields(Locale language) {
    return read("fields_", language);
  }

  private static Names read(String list, Locale language) {
    return READ.computeIfAbsent(list + language.getLanguage() + ".txt", Names::read);
  }

  private static Names read(String file) {
    Names names = new Names();
    try (InputStream in = Names.class.getResourceAsStream(file)) {
      if (in != null) {
        new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
            .lines()
            .filter(line -> !line.isBlank() && !line.startsWith("#"))
            .forEach(names::add);
      }
      return names;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void add(String line) {
    String[] parts = BETWEEN.split(line);
    one.put(parts[0], parts[1]);
    if (parts.length == WITH_PLURAL) {
      several.put(parts[0], parts[2]);
    }
  }

  /** Returns a name in this language; the same when there is none. */
  public String of(String english) {
    return one.getOrDefault(english, english);
  }

  /** Returns what several of a kind are called, or null when its English name gives it. */
  public @Nullable String several(String english) {
    return several.get(english);
  }

  /** Returns every name of one thing by its English name. */
  public Map<String, String> all() {
    return Collections.unmodifiableMap(one);
  }
}
