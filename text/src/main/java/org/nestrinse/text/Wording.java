package org.nestrinse.text;

import static com.ibm.icu.math.BigDecimal.ROUND_HALF_UP;

import com.ibm.icu.text.DateTimePatternGenerator;
import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.ListFormatter.Type;
import com.ibm.icu.text.ListFormatter.Width;
import com.ibm.icu.text.NumberFormat;
import com.ibm.icu.util.Currency;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.TextStyle;
import java.time.temporal.ChronoField;
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
import org.nestrinse.core.units.Allowed;

/** Says what there is to say in one language. */
public final class Wording {
  private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm", Locale.ROOT);
  private static final DateTimeFormatter TWELVE_HOURS =
      new DateTimeFormatterBuilder()
          .appendPattern("h:mm ")
          .appendText(ChronoField.AMPM_OF_DAY, Map.of(0L, "am", 1L, "pm"))
          .toFormatter(Locale.ROOT);
  private static final String DAY_PATTERN = "dMMM";
  private static final String MONTH_PATTERN = "MMMMy";
  private static final double PERCENT = 100;
  private static final int QUARTERS = 4;

  /** A cup holds sixteen tablespoons of 15 mL, as labels of food have it. */
  private static final double TABLESPOON_ML = 15;

  private static final int TABLESPOONS_OF_A_QUARTER_CUP = 4;
  private static final long MINUTES_PER_HOUR = 60;
  private static final long TWO_DIGITS = 10;
  private static final String[] FRACTIONS = {"", "¼", "½", "¾"};
  private static final String AMOUNT = "amount";
  private static final String COUNT = "count";
  private static final String FROM = "from";
  private static final String TO = "to";
  private static final int SHOWN_DIGITS = 3;
  private static final int USUAL_DECIMALS = 2;

  /** The warmest that a dial in words calls cold, and warm [°C]: house figures. */
  private static final double COLD_UP_TO = 25;

  private static final double WARM_UP_TO = 45;
  private static final Set<Unit> MEASURES =
      EnumSet.of(Unit.SCOOP, Unit.CAP, Unit.TEASPOON, Unit.TABLESPOON, Unit.SHEET, Unit.TAB);
  private static final Set<Unit> SHARES = EnumSet.of(Unit.SHARE, Unit.OF_THE_DRUM);

  private final Voice voice;
  private final Catalogue catalogue;
  private final DateTimeFormatter clock;
  private final DateTimeFormatter day;
  private final DateTimeFormatter month;

  private Wording(Voice voice) {
    this.voice = voice;
    catalogue = Catalogue.of(voice.language(), voice.measures());
    clock = voice.twelveHours() ? TWELVE_HOURS : CLOCK;
    day = dates(DAY_PATTERN);
    month = dates(MONTH_PATTERN);
  }

  private DateTimeFormatter dates(String parts) {
    return DateTimeFormatter.ofPattern(
        DateTimePatternGenerator.getInstance(voice.place()).getBestPattern(parts),
        voice.language());
  }

  /** Returns the wording of a language, in metric measures. */
  public static Wording of(Locale locale) {
    return of(Voice.of(locale));
  }

  /** Returns the wording for a person. */
  public static Wording of(Voice voice) {
    return new Wording(voice);
  }

  /** Returns the language in which it speaks. */
  public Locale language() {
    return voice.language();
  }

  /** Returns a sentence, or a few words. */
  public String words(Said said) {
    if (said.saying() instanceof Plain plain && said.values().get("values") instanceof List<?> l) {
      return inARow(plain, l.stream().map(this::value).toList());
    }
    assert said.values().keySet().equals(said.saying().valueNames()) : said;
    Map<String, Object> values = new TreeMap<>();
    said.values().forEach((name, value) -> values.put(name, value(value)));
    if (said.saying() == Allowed.RANGE
        && said.values().get(FROM) instanceof Quantity from
        && said.values().get(TO) instanceof Quantity to) {
      // The unit stands once, behind the larger figure.
      values.put(FROM, bare(within(from, RoundingMode.CEILING)));
      values.put(TO, words(within(to, RoundingMode.FLOOR)));
    }
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
      return clock.format(time);
    }
    if (value instanceof DayOfWeek weekday) {
      return weekday.getDisplayName(TextStyle.SHORT, catalogue.locale()).replace(".", "");
    }
    if (value instanceof LocalDate date) {
      return day.format(date);
    }
    if (value instanceof YearMonth date) {
      return month.format(date);
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
    if (quantity.unit() == Unit.DIAL) {
      return dial(quantity);
    }
    if (quantity.unit() == Unit.POURED && voice.measures() == Measures.US) {
      return cups((int) Math.round(quantity.amount() / TABLESPOON_ML));
    }
    if (MEASURES.contains(quantity.unit())) {
      return measures(unitKey(quantity.unit()), quantity.amount());
    }
    Measures.Shown shown = voice.shown(quantity.unit());
    if (shown != null) {
      return number(shown.of(quantity.amount()), digits(quantity, shown), false)
          + (shown.symbol().startsWith("°F") ? "" : " ")
          + shown.symbol();
    }
    if (quantity.unit() == Unit.MONEY) {
      return money(quantity);
    }
    String number = bare(quantity);
    return catalogue.words(
        unitKey(quantity.unit()), Map.of(AMOUNT, number, COUNT, number.equals("1") ? 1 : 2));
  }

  /** An end of a range in other measures, rounded so that what is shown is allowed. */
  private Quantity within(Quantity end, RoundingMode inward) {
    Measures.Shown shown = voice.shown(end.unit());
    if (shown == null) {
      return end;
    }
    BigDecimal exact = BigDecimal.valueOf(shown.of(end.amount()));
    double rounded = exact.round(new MathContext(SHOWN_DIGITS, inward)).doubleValue();
    return new Quantity(shown.back(rounded), end.unit(), end.digits());
  }

  /** Returns a figure without its unit. */
  private String bare(Quantity quantity) {
    Measures.Shown shown = voice.shown(quantity.unit());
    if (shown != null) {
      return number(shown.of(quantity.amount()), digits(quantity, shown), false);
    }
    boolean share = SHARES.contains(quantity.unit());
    return number(
        share ? quantity.amount() * PERCENT : quantity.amount(),
        quantity.digits(),
        quantity.unit() == Unit.GROUPED);
  }

  private static int digits(Quantity quantity, Measures.Shown shown) {
    return Math.max(0, quantity.digits() + shown.moreDigits());
  }

  private String number(double amount, int digits, boolean grouped) {
    NumberFormat format = NumberFormat.getInstance(voice.place());
    format.setGroupingUsed(grouped);
    format.setMaximumFractionDigits(digits);
    format.setMinimumFractionDigits(0);
    format.setRoundingMode(ROUND_HALF_UP);
    return format.format(amount);
  }

  private String money(Quantity quantity) {
    Currency currency = Currency.getInstance(voice.currency());
    NumberFormat format = NumberFormat.getCurrencyInstance(voice.place());
    format.setCurrency(currency);
    int digits =
        Math.max(0, quantity.digits() - USUAL_DECIMALS + currency.getDefaultFractionDigits());
    format.setMinimumFractionDigits(digits);
    format.setMaximumFractionDigits(digits);
    format.setRoundingMode(ROUND_HALF_UP);
    return format.format(quantity.amount());
  }

  /**
   * A temperature as it is set: by its figure, or by the word on the dial with the figure behind.
   */
  private String dial(Quantity quantity) {
    String warmth =
        !voice.dialInWords()
            ? "none"
            : quantity.amount() <= COLD_UP_TO
                ? "cold"
                : quantity.amount() <= WARM_UP_TO ? "warm" : "hot";
    String amount = words(Quantity.celsius(quantity.amount()));
    return catalogue.words(unitKey(Unit.DIAL), Map.of(AMOUNT, amount, "warmth", warmth));
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
  private String measures(String unitKey, double amount) {
    int quarters = (int) Math.round(amount * QUARTERS);
    String whole = quarters < QUARTERS ? "" : String.valueOf(quarters / QUARTERS);
    int count = quarters == 0 ? 0 : quarters <= QUARTERS ? 1 : 2;
    return catalogue.words(
        unitKey, Map.of(AMOUNT, whole + FRACTIONS[quarters % QUARTERS], COUNT, count));
  }

  /** The same amount in quarters of a cup and what is left of it in tablespoons. */
  private String cups(int tablespoons) {
    int quarters = tablespoons / TABLESPOONS_OF_A_QUARTER_CUP;
    int rest = tablespoons % TABLESPOONS_OF_A_QUARTER_CUP;
    String cups = measures(unitKey(Unit.CUP), quarters / (double) QUARTERS);
    return rest == 0
        ? cups
        : inARow(Plain.ALL, List.of(cups, measures(unitKey(Unit.TABLESPOON), rest)));
  }

  /** Returns the key under which the catalogue writes a unit. */
  public static String unitKey(Unit unit) {
    return "unit." + unit.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
