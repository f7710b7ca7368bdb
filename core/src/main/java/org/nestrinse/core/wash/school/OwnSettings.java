package org.nestrinse.core.wash.school;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.jspecify.annotations.Nullable;

/**
 * What a person sets on one load: each part of the routine that is not left to the method. Null
 * leaves it as planned.
 *
 * @param first what comes before the main wash
 * @param main the main wash
 * @param ending rinses and spin
 */
public record OwnSettings(@Nullable First first, @Nullable Main main, @Nullable Ending ending) {
  /** All is left to the method. */
  public static final OwnSettings NONE = new OwnSettings(null, null, null);

  /** A first wash that the method itself does not have [°C]; house figures. */
  private static final int FIRST_C = 40;

  private static final double FIRST_SHARE = 0.5;

  /**
   * Before the main wash.
   *
   * @param before what comes, or nothing
   * @param celsius its temperature [°C]
   * @param detergentShare share of the detergent dose
   * @param whitenerScoops scoops of oxygen whitener
   * @param programme name of its programme
   */
  public record First(
      School.@Nullable Before before,
      @Nullable Integer celsius,
      @Nullable Double detergentShare,
      @Nullable Double whitenerScoops,
      @Nullable String programme) {

    private School.First bend(School.First is) {
      School.Before then = before == null ? asMeant(is.before()) : before;
      boolean begins = washes(then) && !washes(is.before());
      return new School.First(
          then,
          or(celsius, begins ? FIRST_C : is.celsius()),
          or(detergentShare, begins ? FIRST_SHARE : is.detergentShare()),
          or(whitenerScoops, is.whitenerScoops()));
    }

    /** Who sets the heat or the dose of a first wash wants one. */
    private School.Before asMeant(School.Before is) {
      boolean ofAWash =
          celsius != null || detergentShare != null || whitenerScoops != null || programme != null;
      return ofAWash && !washes(is) ? School.Before.SHORT_WASH : is;
    }

    private static boolean washes(School.Before before) {
      return before == School.Before.SHORT_WASH || before == School.Before.SOAK_PAUSE;
    }
  }

  /**
   * The main wash.
   *
   * @param minutes how long it should be
   * @param strength share of what the label gives
   * @param whitenerScoops scoops of oxygen whitener
   * @param sanitiser whether a sanitising product goes in by its label
   * @param detergent number of the detergent in Kit
   * @param programme name of its programme
   */
  @RecordBuilder
  public record Main(
      @Nullable Integer minutes,
      @Nullable Double strength,
      @Nullable Double whitenerScoops,
      @Nullable Boolean sanitiser,
      @Nullable Long detergent,
      @Nullable String programme) {

    private School.Chemistry bend(School.Chemistry is) {
      return new School.Chemistry(
          or(strength, is.strength()),
          or(whitenerScoops, is.whitenerScoops()),
          is.enzymes(),
          is.form(),
          or(sanitiser, is.sanitiser()),
          is.vinegar());
    }
  }

  /**
   * Rinses and spin.
   *
   * @param rinses so many after the main wash
   * @param spinRpm final spin [rpm]
   * @param spinAgain whether a run that only spins ends it
   */
  public record Ending(
      @Nullable Integer rinses, @Nullable Integer spinRpm, @Nullable Boolean spinAgain) {}

  /** Returns the school as these settings bend it. */
  School bend(School school) {
    School bent = school;
    School.Picked picked = school.picked();
    if (first != null) {
      bent = bent.with(first.bend(bent.first()));
    }
    if (main != null) {
      School.Main is = bent.main();
      bent =
          bent.with(main.bend(bent.chemistry()))
              .with(new School.Main(is.celsius(), or(main.minutes, is.minutes()), is.by()));
    }
    if (ending != null) {
      School.Finish is = bent.finish();
      bent =
          bent.with(
              new School.Finish(is.extraRinses(), or(ending.spinRpm, is.spinRpm()), is.drying()));
    }
    return bent.with(
        new School.Picked(
            first == null || first.programme == null ? picked.firstProgramme() : first.programme,
            main == null || main.programme == null ? picked.mainProgramme() : main.programme,
            main == null || main.detergent == null ? picked.detergent() : main.detergent,
            ending == null || ending.rinses == null ? picked.rinses() : ending.rinses,
            ending == null ? picked.spinAgain() : or(ending.spinAgain, picked.spinAgain())));
  }

  private static <T> T or(@Nullable T set, T is) {
    return set == null ? is : set;
  }
}
