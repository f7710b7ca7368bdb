package org.nestrinse.text;

import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.ListFormatter.Type;
import com.ibm.icu.text.ListFormatter.Width;
import com.ibm.icu.text.NumberFormat;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.nestrinse.core.said.Plain;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;

/** Says what there is to say in one language. */
public final class Wording {
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm", Locale.ROOT);
  private static final String DAY_PATTERN = "d MMM";
  private static final double PERCENT = 100;
  private static final int QUARTERS = 4;
  private static final long MINUTES_PER_HOUR = 60;
  private static final long TWO_DIGITS = 10;
  private static final String[] FRACTIONS = {"", "¼", "½", "¾"};
  private static final String AMOUNT = "amount";
  private static final String COUNT = "count";
  private static final Set<Unit> MEASURES =
      EnumSet.of(Unit.SCOOP, Unit.TEASPOON, Unit.TABLESPOON, Unit.SHEET, Unit.TAB);
  private static final Set<Unit> SHARES = EnumSet.of(Unit.SHARE, Unit.OF_THE_DRUM);

  private final Catalogue catalogue;

  private Wording(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  /** Returns the wording of a language. */
  public static Wording of(Locale locale) {
    return new Wording(Catalogue.of(locale));
  }

  /** Returns a sentence, or a few words. */
  public String words(Said said) {
    if (said.saying() instanceof Plain plain && said.values().get("values") instanceof List<?> l) {
      return inARow(plain, l.stream().map(this::value).toList());
    }
    assert said.values().keySet().equals(said.saying().valueNames()) : said;
    Map<String, Object> values = new TreeMap<>();
    said.values().forEach((name, value) -> values.put(name, value(value)));
    String key = said.saying().key();
    String words = catalogue.words(key, values);
    return said.saying() == Plain.CAPITAL || beginsWithAValue(key) ? capital(words) : words;
  }

  /** Returns words that need no values. */
  public String words(Saying saying) {
    return words(Said.of(saying));
  }

  /** A whole sentence that begins with a value begins with a capital all the same. */
  private boolean beginsWithAValue(String key) {
    String pattern = catalogue.pattern(key);
    return pattern.startsWith("{") && (pattern.endsWith(".") || pattern.endsWith("?"));
  }

  private String capital(String words) {
    return words.isEmpty()
        ? words
        : words.substring(0, 1).toUpperCase(catalogue.locale()) + words.substring(1);
  }

  private String inARow(Plain how, List<Object> words) {
    return switch (how) {
      case ROW -> String.join(", ", words.stream().map(String::valueOf).toList());
      case SENTENCES -> String.join(" ", words.stream().map(String::valueOf).toList());
      case EITHER ->
          ListFormatter.getInstance(catalogue.locale(), Type.OR, Width.WIDE).format(words);
      default -> ListFormatter.getInstance(catalogue.locale()).format(words);
    };
  }

  /** Whole numbers stay as they are: the sentence chooses between one and several by them. */
  private Object value(Object value) {
    if (value instanceof Integer || value instanceof String) {
      return value;
    }
    if (value instanceof Quantity quantity) {
      return words(quantity);
    }
    if (value instanceof Said said) {
      return words(said);
    }
    if (value instanceof LocalTime time) {
      return CLOCK.format(time);
    }
    if (value instanceof DayOfWeek day) {
      return day.getDisplayName(TextStyle.SHORT, catalogue.locale());
    }
    if (value instanceof LocalDate date) {
      return date.format(DateTimeFormatter.ofPattern(DAY_PATTERN, catalogue.locale()));
    }
    if (value instanceof List<?> several) {
      return inARow(Plain.ALL, several.stream().map(this::value).toList());
    }
    throw new IllegalArgumentException("No words for " + value.getClass());
  }

  /** Returns a figure with its unit, such as "40 °C" or "12 L". */
  public String words(Quantity quantity) {
    if (quantity.unit() == Unit.DURATION) {
      return duration(Math.round(quantity.amount()));
    }
    if (MEASURES.contains(quantity.unit())) {
      return measures(quantity);
    }
    boolean share = SHARES.contains(quantity.unit());
    NumberFormat format = NumberFormat.getInstance(catalogue.locale());
    format.setGroupingUsed(quantity.unit() == Unit.GROUPED);
    format.setMaximumFractionDigits(quantity.digits());
    format.setMinimumFractionDigits(quantity.unit() == Unit.MONEY ? quantity.digits() : 0);
    format.setRoundingMode(com.ibm.icu.math.BigDecimal.ROUND_HALF_UP);
    String number = format.format(share ? quantity.amount() * PERCENT : quantity.amount());
    return catalogue.words(
        unitKey(quantity.unit()), Map.of(AMOUNT, number, COUNT, number.equals("1") ? 1 : 2));
  }

  private String duration(long minutes) {
    long hours = minutes / MINUTES_PER_HOUR;
    long rest = minutes % MINUTES_PER_HOUR;
    String form = hours == 0 ? "minutes" : rest == 0 ? "hours" : "both";
    return catalogue.words(
        unitKey(Unit.DURATION),
        Map.of(
            "form",
            form,
            "hours",
            String.valueOf(hours),
            "minutes",
            hours > 0 && rest < TWO_DIGITS ? "0" + rest : String.valueOf(rest)));
  }

  /** Spoons, scoops, sheets and tabs as a person says them: "1½ scoops". */
  private String measures(Quantity quantity) {
    int quarters = (int) Math.round(quantity.amount() * QUARTERS);
    String whole = quarters < QUARTERS ? "" : String.valueOf(quarters / QUARTERS);
    int count = quarters == 0 ? 0 : quarters <= QUARTERS ? 1 : 2;
    return catalogue.words(
        unitKey(quantity.unit()),
        Map.of(AMOUNT, whole + FRACTIONS[quarters % QUARTERS], COUNT, count));
  }

  /** Returns the key under which the catalogue writes a unit. */
  public static String unitKey(Unit unit) {
    return "unit." + unit.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
