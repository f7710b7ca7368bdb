package org.nestrinse.core.wash.school;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * A coherent approach to washing, with its own defaults. Data, not code: the planner bends these
 * wishes to what the pieces tolerate and the machine can do.
 *
 * @param id short name that stays the same
 * @param name as shown
 * @param belief what it holds to be true, in one sentence
 * @param first how it treats the first set before the main wash
 * @param main its main wash
 * @param chemistry what it puts in
 * @param finish rinses, spin and drying
 * @see "docs/models.md, schools"
 */
public record School(
    String id, Said name, Said belief, First first, Main main, Chemistry chemistry, Finish finish) {

  /** Scoops of whitener that a school may want. */
  public static final Range SCOOPS = new Range(0, 4, Unit.SCOOP);

  /** Minutes of a main wash. */
  public static final Range WASH_MINUTES = new Range(5, 300, Unit.MINUTE);

  /** What comes before the main wash. */
  public enum Before {
    NOTHING,
    /** Without detergent. */
    COLD_RINSE,
    SHORT_WASH,
    /** A short cool wash, paused to let the pieces soak. */
    SOAK_PAUSE
  }

  /**
   * What comes before the main wash.
   *
   * @param before what
   * @param celsius its temperature [°C], when it is a wash
   * @param detergentShare share of the detergent dose
   * @param whitenerScoops scoops of oxygen whitener
   */
  public record First(Before before, int celsius, double detergentShare, double whitenerScoops) {
    public First {
      Limits.WATER_C.check("first.celsius", celsius);
      Limits.PHASE_SHARE.check("first.detergentShare", detergentShare);
      SCOOPS.check("first.whitenerScoops", whitenerScoops);
    }

    static final First NOTHING = new First(Before.NOTHING, 0, 0, 0);
    static final First COLD_RINSE = new First(Before.COLD_RINSE, 0, 0, 0);
  }

  /** How the main wash is done. */
  public enum By {
    MACHINE,
    STEAM,
    HAND
  }

  /**
   * The main wash.
   *
   * @param celsius its temperature [°C]
   * @param minutes how long it should be
   * @param by machine, steam programme, or hand
   */
  public record Main(int celsius, int minutes, By by) {
    public Main {
      Limits.WATER_C.check("main.celsius", celsius);
      WASH_MINUTES.check("main.minutes", minutes);
    }
  }

  /**
   * What goes in.
   *
   * @param strength dose strength: lean 0.6, label 1.0, strong 1.2
   * @param whitenerScoops scoops of oxygen whitener in the main wash
   * @param enzymes whether it wants enzymes
   * @param form the form it wishes for; null leaves it to the textile
   * @param sanitiser whether it relies on a sanitising additive by its label
   * @param vinegar whether a little vinegar goes into the last rinse
   */
  public record Chemistry(
      double strength,
      double whitenerScoops,
      Enzymes enzymes,
      Product.@Nullable Form form,
      boolean sanitiser,
      boolean vinegar) {
    public Chemistry {
      Limits.STRENGTH.check("chemistry.strength", strength);
      SCOOPS.check("chemistry.whitenerScoops", whitenerScoops);
    }

    static Chemistry plain(double strength, double whitenerScoops) {
      return new Chemistry(strength, whitenerScoops, Enzymes.BY_SOIL, null, false, false);
    }
  }

  /** Whether a school wants enzymes. Wool and silk never get any. */
  public enum Enzymes {
    /** For stool and blood, unless someone's skin is sensitive. */
    BY_SOIL,
    WANTED,
    /** Neither enzymes nor scent, whatever the soil. */
    AVOIDED
  }

  /**
   * The end.
   *
   * @param extraRinses rinses more than the programme gives
   * @param spinRpm final spin wanted [rpm]
   * @param drying how it dries
   */
  public record Finish(int extraRinses, int spinRpm, Said drying) {
    public Finish {
      Limits.RINSES.check("finish.extraRinses", extraRinses);
      Limits.RPM.check("finish.spinRpm", spinRpm);
    }
  }

  /** Enough detergent, heat and rubbing; nothing left to build up. */
  public static final School HOT_AND_FULL =
      new School(
          "hot-and-full",
          SchoolSaying.HOT_AND_FULL.said(),
          SchoolSaying.HOT_AND_FULL_BELIEF.said(),
          new First(Before.SHORT_WASH, 40, 0.5, 0),
          new Main(60, 150, By.MACHINE),
          Chemistry.plain(1.0, 0.5),
          new Finish(1, 1400, SchoolSaying.HOT_AND_FULL_DRYING.said()));

  /** Kind to fibres, skin and purse; the sun finishes. */
  public static final School COOL_AND_SUN =
      new School(
          "cool-and-sun",
          SchoolSaying.COOL_AND_SUN.said(),
          SchoolSaying.COOL_AND_SUN_BELIEF.said(),
          First.COLD_RINSE,
          new Main(40, 75, By.MACHINE),
          Chemistry.plain(0.6, 0),
          new Finish(1, 800, SchoolSaying.COOL_AND_SUN_DRYING.said()));

  /** Certainty for shared or sick-house washing. */
  public static final School SIXTY_WITH_SANITISER =
      new School(
          "sixty-with-sanitiser",
          SchoolSaying.SIXTY_WITH_SANITISER.said(),
          SchoolSaying.SIXTY_WITH_SANITISER_BELIEF.said(),
          First.COLD_RINSE,
          new Main(60, 120, By.MACHINE),
          new Chemistry(1.0, 0, Enzymes.AVOIDED, Product.Form.POWDER, true, false),
          new Finish(2, 1400, SchoolSaying.SIXTY_WITH_SANITISER_DRYING.said()));

  /** Fits the family's other laundry. */
  public static final School ALTERNATE_DAYS =
      new School(
          "alternate-days",
          SchoolSaying.ALTERNATE_DAYS.said(),
          SchoolSaying.ALTERNATE_DAYS_BELIEF.said(),
          First.COLD_RINSE,
          new Main(40, 150, By.MACHINE),
          Chemistry.plain(1.0, 0),
          new Finish(1, 1200, SchoolSaying.ALTERNATE_DAYS_DRYING.said()));

  /** Urine must not sit. */
  public static final School DAILY_CONCENTRATE =
      new School(
          "daily-concentrate",
          SchoolSaying.DAILY_CONCENTRATE.said(),
          SchoolSaying.DAILY_CONCENTRATE_BELIEF.said(),
          First.COLD_RINSE,
          new Main(30, 60, By.MACHINE),
          Chemistry.plain(0.4, 0),
          new Finish(2, 1000, SchoolSaying.DAILY_CONCENTRATE_DRYING.said()));

  /** No machine. */
  public static final School BUCKET_AND_PLUNGE =
      new School(
          "bucket-and-plunge",
          SchoolSaying.BUCKET_AND_PLUNGE.said(),
          SchoolSaying.BUCKET_AND_PLUNGE_BELIEF.said(),
          First.COLD_RINSE,
          new Main(50, 25, By.HAND),
          Chemistry.plain(1.0, 0),
          new Finish(2, 1600, SchoolSaying.BUCKET_AND_PLUNGE_DRYING.said()));

  /** Delicate skin, baby wear washed alone. */
  public static final School GENTLE_SKIN =
      new School(
          "gentle-skin",
          SchoolSaying.GENTLE_SKIN.said(),
          SchoolSaying.GENTLE_SKIN_BELIEF.said(),
          First.NOTHING,
          new Main(40, 120, By.MACHINE),
          new Chemistry(1.0, 0, Enzymes.AVOIDED, null, false, false),
          new Finish(2, 1000, SchoolSaying.GENTLE_SKIN_DRYING.said()));

  /** Blood and protein. */
  public static final School COOL_THEN_WARM =
      new School(
          "cool-then-warm",
          SchoolSaying.COOL_THEN_WARM.said(),
          SchoolSaying.COOL_THEN_WARM_BELIEF.said(),
          new First(Before.SOAK_PAUSE, 30, 0, 1),
          new Main(40, 110, By.MACHINE),
          Chemistry.plain(1.0, 0.5),
          new Finish(1, 1200, SchoolSaying.COOL_THEN_WARM_DRYING.said()));

  /** Microfibre keeps its split ends. */
  public static final School SOFT_FIBRE =
      new School(
          "soft-fibre",
          SchoolSaying.SOFT_FIBRE.said(),
          SchoolSaying.SOFT_FIBRE_BELIEF.said(),
          First.NOTHING,
          new Main(30, 60, By.MACHINE),
          new Chemistry(0.8, 0, Enzymes.BY_SOIL, Product.Form.LIQUID, false, false),
          new Finish(1, 1400, SchoolSaying.SOFT_FIBRE_DRYING.said()));

  /** Rare, for sickness and towels. */
  public static final School HYGIENE_STEAM =
      new School(
          "hygiene-steam",
          SchoolSaying.HYGIENE_STEAM.said(),
          SchoolSaying.HYGIENE_STEAM_BELIEF.said(),
          First.NOTHING,
          new Main(90, 140, By.STEAM),
          Chemistry.plain(1.0, 0),
          new Finish(0, 1200, SchoolSaying.HYGIENE_STEAM_DRYING.said()));

  /** All schools, in the order in which they are shown. */
  public static final List<School> ALL =
      List.of(
          HOT_AND_FULL,
          COOL_AND_SUN,
          SIXTY_WITH_SANITISER,
          ALTERNATE_DAYS,
          DAILY_CONCENTRATE,
          BUCKET_AND_PLUNGE,
          GENTLE_SKIN,
          COOL_THEN_WARM,
          SOFT_FIBRE,
          HYGIENE_STEAM);

  /** Returns the same school with another beginning. */
  public School with(First otherFirst) {
    return new School(id, name, belief, otherFirst, main, chemistry, finish);
  }

  /** Returns the same school with another main wash. */
  public School with(Main otherMain) {
    return new School(id, name, belief, first, otherMain, chemistry, finish);
  }

  /** Returns the same school with other products. */
  public School with(Chemistry otherChemistry) {
    return new School(id, name, belief, first, main, otherChemistry, finish);
  }

  /** Returns the same school with another end. */
  public School with(Finish otherFinish) {
    return new School(id, name, belief, first, main, chemistry, otherFinish);
  }

  /** Returns the school with this short name; throws {@link OutOfRange} when there is none. */
  public static School of(String id) {
    return ALL.stream()
        .filter(school -> school.id.equals(id))
        .findFirst()
        .orElseThrow(() -> OutOfRange.noneOf("school", id, ids()));
  }

  /** Returns the short names of all schools. */
  public static List<String> ids() {
    return ALL.stream().map(School::id).toList();
  }
}
