package org.nestrinse.core.bath;

import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;

/** Everything the baths say: how clean, how many germs, and why no more can be claimed. */
public final class BathWords {
  /** Smallest share given as a figure. */
  private static final double LEAST_TOLD = 0.005;

  private static final String GOAL = "goal";
  private static final String WANTED = "wanted";
  private static final String SHARE = "share";

  private BathWords() {}

  /** Returns a share with one digit that counts: "about 2 %". */
  public static Said about(double share) {
    if (share < LEAST_TOLD) {
      return BathSaying.UNDER_ONE_PERCENT.said();
    }
    double percent = 100 * share;
    double tens = percent >= 10 ? 10 : 1;
    double rounded = Math.max(1, Math.round(percent / tens)) * tens;
    return Said.of(BathSaying.ABOUT).with(SHARE, Quantity.of(rounded, Unit.PERCENT));
  }

  /** Returns what a cleaning leaves: "clean, about 2 % left". */
  public static Said of(Cleaning cleaning) {
    return Said.of(BathSaying.LEFT)
        .with("clean", cleaning.cleanness())
        .with("left", about(cleaning.soilLeft()));
  }

  static Said of(GermsLeft germs) {
    if (germs.asFewAsClaimed()) {
      return Said.of(BathSaying.GERMS_AS_FEW).with("most", oneIn(HygieneEstimate.MOST_CLAIMED));
    }
    if (germs.highLog() < 0.2) {
      return BathSaying.GERMS_MOST_STAY.said();
    }
    boolean beyond = germs.highLog() >= HygieneEstimate.MOST_CLAIMED - 1e-9;
    return Said.of(beyond ? BathSaying.GERMS_LEFT_AND_FEWER : BathSaying.GERMS_LEFT)
        .with("typical", oneIn(germs.typicalLog()))
        .with("low", oneIn(germs.lowLog()))
        .with("high", oneIn(germs.highLog()));
  }

  /** Returns the n of "1 in n", grouped in thousands. */
  public static Quantity oneIn(double log) {
    return Quantity.of(GermsLeft.oneIn(log), Unit.GROUPED);
  }

  /** Returns why a contribution is missing or limited. */
  public static Said of(HygieneNote note) {
    if (note instanceof HygieneNote.HeatCapped n) {
      return capped(BathSaying.HEAT_CAPPED, n.mostLog(), n.wouldBeLog());
    }
    if (note instanceof HygieneNote.OxygenCapped n) {
      return capped(BathSaying.OXYGEN_CAPPED, n.mostLog(), n.wouldBeLog());
    }
    if (note instanceof HygieneNote.NoWhitenerOnWool) {
      return BathSaying.NO_WHITENER_ON_WOOL.said();
    }
    if (note instanceof HygieneNote.AdditiveTooThin n) {
      return Said.of(BathSaying.ADDITIVE_TOO_THIN).with(SHARE, Quantity.share(n.share()));
    }
    if (note instanceof HygieneNote.AdditiveSpent n) {
      return Said.of(BathSaying.ADDITIVE_SPENT).with(SHARE, Quantity.share(n.share()));
    }
    HygieneNote.AdditiveTooShort n = (HygieneNote.AdditiveTooShort) note;
    return Said.of(BathSaying.ADDITIVE_TOO_SHORT)
        .with(WANTED, Quantity.of(n.minMinutes(), Unit.MINUTE))
        .with("celsius", Quantity.celsius(n.minC()))
        .with("minutes", Quantity.of(n.minutes(), Unit.MINUTE));
  }

  private static Said capped(BathSaying saying, double mostLog, double wouldBeLog) {
    return Said.of(saying)
        .with("most", Quantity.of(mostLog, Unit.NONE))
        .with("would", new Quantity(wouldBeLog, Unit.NONE, 1));
  }

  /** Returns whether a goal is reached, in a sentence without its stop. */
  static Said of(HygieneGoal.Verdict verdict) {
    return switch (verdict.missing()) {
      case NOTHING ->
          verdict.goal() == HygieneGoal.NONE
              ? BathSaying.NO_GERMS_THAT_MATTER.said()
              : Said.of(BathSaying.ENOUGH_FOR).with(GOAL, verdict.goal());
      case TOTAL -> missing(BathSaying.NOT_QUITE, verdict);
      case KILLED -> missing(BathSaying.MUST_KILL_MORE, verdict);
      case MEANS -> BathSaying.ILLNESS_MEANS.said();
    };
  }

  private static Said missing(BathSaying saying, HygieneGoal.Verdict verdict) {
    return Said.of(saying)
        .with(GOAL, verdict.goal())
        .with("has", oneIn(verdict.hasLog()))
        .with(WANTED, oneIn(verdict.wantedLog()));
  }
}
