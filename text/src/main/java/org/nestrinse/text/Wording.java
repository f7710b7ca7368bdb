package org.nestrinse.text;

import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.NumberFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.Quantity;
import org.nestrinse.core.units.Unit;

/** Says what there is to say in one language. */
public final class Wording {
  private static final double PERCENT = 100;

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
    Map<String, Object> values = new TreeMap<>();
    said.values().forEach((name, value) -> values.put(name, value(value)));
    return catalogue.words(said.saying().key(), values);
  }

  /** Returns words that need no values. */
  public String words(Saying saying) {
    return words(Said.of(saying));
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
    if (value instanceof List<?> several) {
      List<Object> words = several.stream().map(this::value).toList();
      return ListFormatter.getInstance(catalogue.locale()).format(words);
    }
    throw new IllegalArgumentException("No words for " + value.getClass());
  }

  /** Returns a figure with its unit, such as "40 °C" or "12 L". */
  public String words(Quantity quantity) {
    if (quantity.unit() == Unit.DURATION) {
      return Numbers.duration(quantity.amount());
    }
    boolean share = quantity.unit() == Unit.SHARE;
    NumberFormat format = NumberFormat.getInstance(catalogue.locale());
    format.setGroupingUsed(false);
    format.setMaximumFractionDigits(quantity.digits());
    format.setMinimumFractionDigits(quantity.unit() == Unit.MONEY ? quantity.digits() : 0);
    format.setRoundingMode(com.ibm.icu.math.BigDecimal.ROUND_HALF_UP);
    String number = format.format(share ? quantity.amount() * PERCENT : quantity.amount());
    return catalogue.words(unitKey(quantity.unit()), Map.of("amount", number));
  }

  /** Returns the key under which the catalogue writes a unit. */
  public static String unitKey(Unit unit) {
    return "unit." + unit.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
