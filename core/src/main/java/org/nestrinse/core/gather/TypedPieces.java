package org.nestrinse.core.gather;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;

/**
 * Pieces of one kind and soil, as somebody typed them: "6 flats wet, 2 poo, 3 wipes".
 *
 * @param kind what they are
 * @param count how many
 * @param soil what soiled them
 */
public record TypedPieces(Kind kind, int count, Soil soil) {
  private static final String FIELD = "text";
  private static final String BLANK = String.valueOf(' ');
  private static final Pattern WORD = Pattern.compile("\\d+|\\p{L}+|[,;\\n]");

  /** A word this long may lack its plural ending, and may stand inside another. */
  private static final int LONG_ENOUGH = 4;

  private static final int MOST_DIGITS = 6;

  /**
   * What the words in a text mean.
   *
   * @param soils the words for each soil
   * @param small words without a meaning of their own, such as "and"
   * @param usual the soil of pieces that name none
   */
  public record Vocabulary(Map<Soil, List<String>> soils, List<String> small, Soil usual) {
    private Optional<Soil> soil(String word) {
      return soils.entrySet().stream()
          .filter(e -> e.getValue().contains(word))
          .map(Map.Entry::getKey)
          .findFirst();
    }
  }

  /**
   * Reads a text. A number begins new pieces, and so does a comma; pieces without a number are one.
   * Where no kind is named it is the one before: "6 flats wet, 2 poo".
   *
   * @param kinds what it may speak of, the likeliest first: that one is meant by a word that fits
   *     several
   * @throws OutOfRange when a part cannot be understood; the part is its value
   */
  public static List<TypedPieces> read(String text, List<Kind> kinds, Vocabulary words) {
    List<TypedPieces> read = new ArrayList<>();
    Kind before = null;
    for (List<String> part : parts(text, words)) {
      TypedPieces pieces = pieces(part, kinds, words, before);
      before = pieces.kind();
      read.add(pieces);
    }
    if (read.isEmpty()) {
      throw new OutOfRange(FIELD, text, TypedSaying.LIKE_THIS);
    }
    return read;
  }

  /** The words of each part, without commas and small words. */
  private static List<List<String>> parts(String text, Vocabulary words) {
    List<List<String>> parts = new ArrayList<>();
    parts.add(new ArrayList<>());
    for (String word :
        WORD.matcher(text.toLowerCase(Locale.ROOT)).results().map(MatchResult::group).toList()) {
      boolean number = Character.isDigit(word.charAt(0));
      if (number || !Character.isLetter(word.charAt(0))) {
        parts.add(new ArrayList<>());
      }
      if (number || Character.isLetter(word.charAt(0)) && !words.small().contains(word)) {
        parts.get(parts.size() - 1).add(word);
      }
    }
    return parts.stream().filter(p -> !p.isEmpty()).toList();
  }

  private static TypedPieces pieces(
      List<String> part, List<Kind> kinds, Vocabulary words, @Nullable Kind before) {
    String typed = String.join(BLANK, part);
    boolean numbered = Character.isDigit(part.get(0).charAt(0));
    int count = numbered ? count(part.get(0)) : 1;
    List<String> said = numbered ? part.subList(1, part.size()) : part;
    Optional<Kind> whole = said.isEmpty() ? Optional.empty() : meant(said, kinds);
    if (whole.isPresent()) {
      return new TypedPieces(whole.get(), count, words.usual());
    }
    Soil soil =
        said.stream().flatMap(w -> words.soil(w).stream()).findFirst().orElse(words.usual());
    List<String> named = said.stream().filter(w -> words.soil(w).isEmpty()).toList();
    if (named.isEmpty()) {
      if (before == null) {
        throw new OutOfRange(FIELD, typed, TypedSaying.PIECES_FIRST);
      }
      return new TypedPieces(before, count, soil);
    }
    Kind kind =
        meant(named, kinds)
            .orElseThrow(() -> new OutOfRange(FIELD, typed, TypedSaying.NO_SUCH_KIND));
    return new TypedPieces(kind, count, soil);
  }

  private static int count(String digits) {
    int count = digits.length() > MOST_DIGITS ? 0 : Integer.parseInt(digits);
    return Limits.COUNT.check(FIELD, count);
  }

  /** The kind that is called so; else the first that has every word in its name. */
  private static Optional<Kind> meant(List<String> words, List<Kind> kinds) {
    String all = String.join(BLANK, words);
    return kinds.stream()
        .filter(k -> k.name().equalsIgnoreCase(all) || k.plural().equalsIgnoreCase(all))
        .findFirst()
        .or(
            () ->
                kinds.stream().filter(k -> words.stream().allMatch(w -> inName(w, k))).findFirst());
  }

  private static boolean inName(String word, Kind kind) {
    String name = (BLANK + kind.name() + BLANK + kind.plural()).toLowerCase(Locale.ROOT);
    boolean plural = word.length() >= LONG_ENOUGH && word.endsWith("s");
    String stem = plural ? word.substring(0, word.length() - 1) : word;
    return name.contains(stem.length() < LONG_ENOUGH ? BLANK + stem : stem);
  }
}
