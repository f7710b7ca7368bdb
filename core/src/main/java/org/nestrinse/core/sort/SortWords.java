package org.nestrinse.core.sort;

/** The words of Sort: which pieces stay apart, and why. */
public final class SortWords {
  static final String PLAIN_WASH =
      "For delicate skin the whole load is washed without enzymes and scent.";

  private SortWords() {}

  /** Rules whose words stand here. */
  enum Rule {
    TOILET,
    FIRST_WASH,
    SKIN
  }

  /** Returns what a rule keeps apart. */
  static String title(Rule rule) {
    return switch (rule) {
      case TOILET -> "toilet and floor cloths from linen, babies' things and the kitchen";
      case FIRST_WASH -> "new pieces' first washes from soiled ones";
      case SKIN -> "delicate skin's things from loads with enzymes or scent";
    };
  }

  /** Returns why a rule keeps them apart, as a part of a sentence. */
  static String reason(Rule rule) {
    return switch (rule) {
      case TOILET -> "what touched the toilet stays with what touched the toilet, at any heat";
      case FIRST_WASH -> "new pieces shed, and take up what the others lose";
      case SKIN -> "soil like that is washed with enzymes, which delicate skin must not meet";
    };
  }

  /**
   * Returns what else can be done with a thin load, in a part of a sentence.
   *
   * @param until a moment in words, for waiting
   */
  public static String of(
      ThinLoad.Instead instead, java.util.function.Function<java.time.Instant, String> until) {
    if (instead instanceof ThinLoad.Instead.WaitUntil w) {
      return "wait until " + until.apply(w.until());
    }
    if (instead instanceof ThinLoad.Instead.ByHand) {
      return "wash it by hand in a basin";
    }
    if (instead instanceof ThinLoad.Instead.ShortProgramme p) {
      return "use " + p.name() + " with a small dose";
    }
    return "wash it now anyway";
  }

  /** Returns how full a thin load is and what else could be done. */
  public static String thin(double full, java.util.List<String> instead) {
    return "Only %s full. You could also %s."
        .formatted(org.nestrinse.core.units.Numbers.percent(full), either(instead));
  }

  private static String either(java.util.List<String> some) {
    int last = some.size() - 1;
    return last <= 0
        ? String.join("", some)
        : String.join(", ", some.subList(0, last)) + " or " + some.get(last);
  }

  /** Returns what a load that was made at once would have waited for. */
  public static String wouldHaveWaited(String until) {
    return "It could have waited until " + until + ".";
  }

  /** Returns why pieces stay behind that no rule keeps apart. */
  public static String noRoom() {
    return "the drum has no room for them";
  }

  /** Returns what stays behind when a pail is washed at once, and why. */
  public static String staysBehind(String pieces, String reason) {
    return pieces + " go separately: " + reason + ".";
  }
}
