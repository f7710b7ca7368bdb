package org.nestrinse.core.wash.school;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * A coherent approach to washing, with its own defaults. Data, not code: they stand in schools.txt,
 * and the planner bends these wishes to what the pieces tolerate and the machine can do.
 *
 * @param id short name that stays the same
 * @param name as shown
 * @param belief what it holds to be true, in one sentence
 * @param first how it treats the first set before the main wash
 * @param main its main wash
 * @param chemistry what it puts in
 * @param finish rinses, spin and drying
 * @param picked what a person picked by hand: programmes, the detergent, exact rinses
 * @see "docs/models.md, schools"
 */
public record School(
    String id,
    Said name,
    Said belief,
    First first,
    Main main,
    Chemistry chemistry,
    Finish finish,
    Picked picked) {

  public School {
    // Methods that were kept before this field came have none.
    picked = Objects.requireNonNullElse(picked, Picked.NOTHING);
  }

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

  /**
   * What a person picked by hand. Null leaves it to the plan.
   *
   * @param firstProgramme name of the programme of the first wash
   * @param mainProgramme name of the programme of the main wash
   * @param detergent number of the detergent in Kit
   * @param rinses so many after the main wash, neither fewer nor more
   * @param spinAgain whether a run that only spins ends it
   */
  public record Picked(
      @Nullable String firstProgramme,
      @Nullable String mainProgramme,
      @Nullable Long detergent,
      @Nullable Integer rinses,
      boolean spinAgain) {
    /** All is left to the plan. */
    public static final Picked NOTHING = new Picked(null, null, null, null, false);

    public Picked {
      if (rinses != null) {
        Limits.RINSES.check("picked.rinses", rinses);
      }
    }
  }

  /** All schools, in the order in which they are shown. */
  public static final List<School> ALL = SchoolFile.read();

  /** Enough detergent, heat and rubbing; nothing left to build up. */
  public static final School HOT_AND_FULL = of("hot-and-full");

  /** Kind to fibres, skin and purse; the sun finishes. */
  public static final School COOL_AND_SUN = of("cool-and-sun");

  /** Certainty for shared or sick-house washing. */
  public static final School SIXTY_WITH_SANITISER = of("sixty-with-sanitiser");

  /** Fits the family's other laundry. */
  public static final School ALTERNATE_DAYS = of("alternate-days");

  /** Urine must not sit. */
  public static final School DAILY_CONCENTRATE = of("daily-concentrate");

  /** No machine. */
  public static final School BUCKET_AND_PLUNGE = of("bucket-and-plunge");

  /** Delicate skin, baby wear washed alone. */
  public static final School GENTLE_SKIN = of("gentle-skin");

  /** Blood and protein. */
  public static final School COOL_THEN_WARM = of("cool-then-warm");

  /** Microfibre keeps its split ends. */
  public static final School SOFT_FIBRE = of("soft-fibre");

  /** Rare, for sickness and towels. */
  public static final School HYGIENE_STEAM = of("hygiene-steam");

  /** Returns the same school under another short name and another name. */
  public School called(String otherId, Said otherName) {
    return new School(otherId, otherName, belief, first, main, chemistry, finish, picked);
  }

  /** Returns the same school with another beginning. */
  public School with(First otherFirst) {
    return new School(id, name, belief, otherFirst, main, chemistry, finish, picked);
  }

  /** Returns the same school with another main wash. */
  public School with(Main otherMain) {
    return new School(id, name, belief, first, otherMain, chemistry, finish, picked);
  }

  /** Returns the same school with other products. */
  public School with(Chemistry otherChemistry) {
    return new School(id, name, belief, first, main, otherChemistry, finish, picked);
  }

  /** Returns the same school with another end. */
  public School with(Finish otherFinish) {
    return new School(id, name, belief, first, main, chemistry, otherFinish, picked);
  }

  /** Returns the same school with other things picked by hand. */
  public School with(Picked others) {
    return new School(id, name, belief, first, main, chemistry, finish, others);
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
