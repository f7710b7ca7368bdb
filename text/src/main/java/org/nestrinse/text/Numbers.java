package org.nestrinse.text;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as words a person reads: few digits, no exponent, no locale surprises. */
public final class Numbers {
  private Numbers() {}

  /** Returns {@code value} with at most {@code digits} decimals and no trailing zeros. */
  public static String of(double value, int digits) {
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(digits, RoundingMode.HALF_UP);
    return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
  }

  /** Returns {@code value} with exactly {@code digits} decimals. */
  public static String fixed(double value, int digits) {
    return BigDecimal.valueOf(value).setScale(digits, RoundingMode.HALF_UP).toPlainString();
  }

  /** Returns {@code value} without exponent or trailing zeros. */
  public static String plain(double value) {
    return of(value, 6);
  }

  /** Returns a share of one as whole percent: 0.69 is "69 %". */
  public static String percent(double share) {
    return Math.round(share * 100) + " %";
  }

  /** Returns minutes as hours and minutes: 155 is "2 h 35", 40 is "40 min". */
  public static String duration(double minutes) {
    long whole = Math.round(minutes);
    if (whole < 60) {
      return whole + " min";
    }
    return whole % 60 == 0
        ? whole / 60 + " h"
        : whole / 60 + " h " + (whole % 60 < 10 ? "0" : "") + whole % 60;
  }

  /** Returns scoops in quarters as a person says them: 1.5 is "1½ scoops", 1 is "1 scoop". */
  public static String scoops(double scoops) {
    return quarters(scoops, "scoop");
  }

  /** Returns teaspoons in quarters as a person says them: 1.5 is "1½ teaspoons". */
  public static String teaspoons(double teaspoons) {
    return quarters(teaspoons, "teaspoon");
  }

  /** Teaspoons in a tablespoon. */
  private static final double PER_TABLESPOON = 3;

  /** Smallest number of teaspoons given as tablespoons. */
  private static final double MANY_TEASPOONS = 6;

  private static final double MANY_TABLESPOONS = 12;
  private static final double TEASPOON_ML = 5;

  /**
   * Returns an amount in spoons as a person says it: teaspoons up to 6, then tablespoons, and above
   * 12 tablespoons millilitres.
   *
   * @param teaspoons in quarters
   */
  public static String spoons(double teaspoons) {
    if (teaspoons < MANY_TEASPOONS) {
      return teaspoons(teaspoons);
    }
    double tablespoons = Math.round(teaspoons / PER_TABLESPOON * 4) / 4.0;
    return tablespoons <= MANY_TABLESPOONS
        ? quarters(tablespoons, "tablespoon")
        : of(teaspoons * TEASPOON_ML, 0) + " mL";
  }

  /** Returns sheets or tabs in halves as a person says them: 1.5 is "1½ tabs". */
  public static String pieces(double pieces, String noun) {
    return quarters(pieces, noun);
  }

  private static String quarters(double measures, String noun) {
    int quarters = (int) Math.round(measures * 4);
    String fraction = new String[] {"", "¼", "½", "¾"}[quarters % 4];
    String whole = quarters >= 4 ? String.valueOf(quarters / 4) : "";
    if (quarters == 0) {
      return "no " + noun;
    }
    return whole + fraction + " " + noun + (quarters > 4 ? "s" : "");
  }

  /** Returns a count with the word for one or for several: "1 rinse more", "2 rinses more". */
  public static String count(int count, String one, String several) {
    return count + " " + (count == 1 ? one : several);
  }

  /** Returns "1 trifold" or "3 trifolds" for a plain English noun. */
  public static String count(int count, String noun) {
    return count + " " + (count == 1 ? noun : plural(noun));
  }

  private static String plural(String noun) {
    if (noun.endsWith("s") || noun.endsWith("x") || noun.endsWith("ch") || noun.endsWith("sh")) {
      return noun + "es";
    }
    return noun.endsWith("y") && !noun.endsWith("ay")
        ? noun.substring(0, noun.length() - 1) + "ies"
        : noun + "s";
  }
}
