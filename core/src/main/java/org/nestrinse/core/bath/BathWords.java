package org.nestrinse.core.bath;

import java.util.Locale;
import org.nestrinse.core.units.Numbers;

/** Everything the baths say: how clean, how many germs, and why no more can be claimed. */
public final class BathWords {
  /** Smallest share given as a figure. */
  private static final double LEAST_TOLD = 0.005;

  private BathWords() {}

  /** Returns a step of cleanness in a word or two. */
  public static String of(Cleanness cleanness) {
    return switch (cleanness) {
      case CLEAN -> "clean";
      case NEARLY_CLEAN -> "nearly clean";
      case TRACES -> "traces";
      case NOT_CLEAN -> "not clean";
    };
  }

  /** Returns a share with one digit that counts: "about 2 %". */
  public static String about(double share) {
    if (share < LEAST_TOLD) {
      return "under 1 %";
    }
    double percent = 100 * share;
    double tens = percent >= 10 ? 10 : 1;
    long rounded = Math.round(percent / tens);
    return "about " + Math.max(1, rounded) * (long) tens + " %";
  }

  /** Returns the name of a soil. */
  public static String of(SoilType soil) {
    return switch (soil) {
      case URINE -> "pee";
      case MILK -> "milk";
      case STOOL -> "poo";
      case VOMIT -> "vomit";
      case BLOOD -> "blood";
      case FOOD -> "food";
      case GREASE -> "grease";
      case DIRT -> "everyday dirt";
      case GERMS -> "germs";
    };
  }

  /** Returns what a cleaning leaves: "clean, about 2 % left". */
  public static String of(Cleaning cleaning) {
    return "%s, %s left".formatted(of(cleaning.cleanness()), about(cleaning.soilLeft()));
  }

  static String of(GermsLeft germs) {
    if (germs.asFewAsClaimed()) {
      return "under 1 in " + number(HygieneEstimate.MOST_CLAIMED) + " stays";
    }
    if (germs.highLog() < 0.2) {
      return "most stay";
    }
    boolean beyond = germs.highLog() >= HygieneEstimate.MOST_CLAIMED - 1e-9;
    return "about 1 in %s stays (1 in %s to %s1 in %s)"
        .formatted(
            number(germs.typicalLog()),
            number(germs.lowLog()),
            beyond ? "under " : "",
            number(germs.highLog()));
  }

  private static String number(double log) {
    return String.format(Locale.ENGLISH, "%,d", GermsLeft.oneIn(log));
  }

  /** Returns why a contribution is missing or limited. */
  public static String of(HygieneNote note) {
    if (note instanceof HygieneNote.HeatCapped n) {
      return "Heat counts up to %s; this would be %s."
          .formatted(Numbers.of(n.mostLog(), 0), Numbers.of(n.wouldBeLog(), 1));
    }
    if (note instanceof HygieneNote.OxygenCapped n) {
      return "Whitener counts up to %s; this would be %s."
          .formatted(Numbers.of(n.mostLog(), 0), Numbers.of(n.wouldBeLog(), 1));
    }
    if (note instanceof HygieneNote.NoWhitenerOnWool) {
      return "Oxygen whitener harms wool and silk, so it counts for nothing here.";
    }
    if (note instanceof HygieneNote.AdditiveTooThin n) {
      return "The sanitiser has %s of the strength its label asks for, so it counts for nothing."
          .formatted(Numbers.percent(n.share()));
    }
    if (note instanceof HygieneNote.AdditiveSpent n) {
      return "Leftover detergent uses the sanitiser up: %s of its strength remains, so it counts for nothing."
          .formatted(Numbers.percent(n.share()));
    }
    HygieneNote.AdditiveTooShort n = (HygieneNote.AdditiveTooShort) note;
    return "The sanitiser needs %s min at %s° or more. This bath gives it %s min."
        .formatted(
            Numbers.of(n.minMinutes(), 0), Numbers.of(n.minC(), 0), Numbers.of(n.minutes(), 0));
  }

  /** Returns whether a goal is reached, in a sentence without its stop. */
  static String of(HygieneGoal.Verdict verdict) {
    String goal = verdict.goal().words();
    return switch (verdict.missing()) {
      case NOTHING ->
          verdict.goal() == HygieneGoal.NONE
              ? "nothing here carries germs that matter"
              : "enough for " + goal;
      case TOTAL ->
          "not quite %s: about 1 in %s stays, and 1 in %s is wanted"
              .formatted(goal, number(verdict.hasLog()), number(verdict.wantedLog()));
      case KILLED ->
          "for %s heat, whitener or a sanitiser must do more: 1 in %s instead of 1 in %s"
              .formatted(goal, number(verdict.wantedLog()), number(verdict.hasLog()));
      case MEANS ->
          "illness needs 65° held, or 60° with whitener, or a sanitiser used as its label says";
    };
  }
}
