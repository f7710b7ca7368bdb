package org.nestrinse.core.wash;

import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * A coherent approach to washing, with its own defaults. Data, not code: the planner bends these
 * wishes to what the pieces bear and the machine can do.
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
    String id,
    String name,
    String belief,
    First first,
    Main main,
    Chemistry chemistry,
    Finish finish) {

  /** Scoops of whitener that a school may want. */
  public static final Range SCOOPS = new Range(0, 4, "scoops");

  /** Minutes of a main wash. */
  public static final Range WASH_MINUTES = new Range(5, 300, "minutes");

  /** What comes before the main wash. */
  public enum Before {
    NOTHING,
    /** Without detergent. */
    COLD_RINSE,
    SHORT_WASH,
    /** A short cool wash that is paused, so that it soaks. */
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
   * @param drying how it dries, in words
   */
  public record Finish(int extraRinses, int spinRpm, String drying) {
    public Finish {
      Limits.RINSES.check("finish.extraRinses", extraRinses);
      Limits.RPM.check("finish.spinRpm", spinRpm);
    }
  }

  /** Enough detergent, heat and rubbing; nothing left to build up. */
  public static final School HOT_AND_FULL =
      new School(
          "hot-and-full",
          "Hot and full",
          "With enough detergent, heat and rubbing, nothing is left to build up.",
          new First(Before.SHORT_WASH, 40, 0.5, 0),
          new Main(60, 150, By.MACHINE),
          Chemistry.plain(1.0, 0.5),
          new Finish(1, 1400, "Absorbents tumble low, shells hang."));

  /** Kind to fibres, skin and purse; the sun finishes. */
  public static final School COOL_AND_SUN =
      new School(
          "cool-and-sun",
          "Cool and sun",
          "Cool water and little detergent are kind to fibre, skin and purse; the sun finishes the work.",
          First.COLD_RINSE,
          new Main(40, 75, By.MACHINE),
          Chemistry.plain(0.6, 0),
          new Finish(
              1,
              800,
              "On the line, as much sun as each piece bears. A hot wash every week or so."));

  /** Certainty for shared or sick-house washing. */
  public static final School SIXTY_WITH_SANITISER =
      new School(
          "sixty-with-sanitiser",
          "Sixty with sanitiser",
          "Sixty degrees and an additive by its label give certainty where washing is shared or someone is ill.",
          First.COLD_RINSE,
          new Main(60, 120, By.MACHINE),
          new Chemistry(1.0, 0, Enzymes.AVOIDED, Product.Form.POWDER, true, false),
          new Finish(2, 1400, "Absorbents tumble, laminates hang."));

  /** Fits the family's other laundry. */
  public static final School ALTERNATE_DAYS =
      new School(
          "alternate-days",
          "Alternate days",
          "Every second day, long at forty, it fits the family's other laundry.",
          First.COLD_RINSE,
          new Main(40, 150, By.MACHINE),
          Chemistry.plain(1.0, 0),
          new Finish(1, 1200, "On the line. Sixty with towels only, every seven to ten days."));

  /** Urine must not sit. */
  public static final School DAILY_CONCENTRATE =
      new School(
          "daily-concentrate",
          "Daily concentrate",
          "Washed every day, urine never sits, so cool water and a tiny dose are enough.",
          First.COLD_RINSE,
          new Main(30, 60, By.MACHINE),
          Chemistry.plain(0.4, 0),
          new Finish(2, 1000, "Sun, thick side up; the dryer finishes."));

  /** No machine. */
  public static final School BUCKET_AND_PLUNGE =
      new School(
          "bucket-and-plunge",
          "Bucket and plunge",
          "Two rinses, hot water and a plunger do what a machine does, a day's pieces at a time.",
          First.COLD_RINSE,
          new Main(50, 25, By.HAND),
          Chemistry.plain(1.0, 0),
          new Finish(2, 1600, "On the line; covers dripping, not wrung hard."));

  /** Delicate skin, baby wear washed alone. */
  public static final School GENTLE_SKIN =
      new School(
          "gentle-skin",
          "Gentle skin",
          "Long at forty without enzymes or scent, and rinsed well, leaves nothing on delicate skin.",
          First.NOTHING,
          new Main(40, 120, By.MACHINE),
          new Chemistry(1.0, 0, Enzymes.AVOIDED, null, false, false),
          new Finish(2, 1000, "Hung at once."));

  /** Blood and protein. */
  public static final School COOL_THEN_WARM =
      new School(
          "cool-then-warm",
          "Cool then warm",
          "Blood and protein come out in cool water with oxygen and time; warmth only after that.",
          new First(Before.SOAK_PAUSE, 30, 0, 1),
          new Main(40, 110, By.MACHINE),
          Chemistry.plain(1.0, 0.5),
          new Finish(1, 1200, "As a chain on a rail."));

  /** Microfibre keeps its split ends. */
  public static final School SOFT_FIBRE =
      new School(
          "soft-fibre",
          "Soft fibre",
          "Cool, with liquid, and by itself, microfibre keeps its split ends and its grip.",
          First.NOTHING,
          new Main(30, 60, By.MACHINE),
          new Chemistry(0.8, 0, Enzymes.BY_SOIL, Product.Form.LIQUID, false, false),
          new Finish(1, 1400, "In the air, or tumbled without heat."));

  /** Rare, for sickness and towels. */
  public static final School HYGIENE_STEAM =
      new School(
          "hygiene-steam",
          "Hygiene steam",
          "Steam or ninety, seldom, for sickness and for towels of cotton or linen.",
          First.NOTHING,
          new Main(90, 140, By.STEAM),
          Chemistry.plain(1.0, 0),
          new Finish(0, 1200, "As usual for what it is."));

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
        .orElseThrow(() -> new OutOfRange("school", id, "one of " + ids()));
  }

  /** Returns the short names of all schools. */
  public static String ids() {
    return ALL.stream().map(School::id).collect(Collectors.joining(", "));
  }
}
