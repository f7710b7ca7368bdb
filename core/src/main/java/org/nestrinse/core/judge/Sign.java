package org.nestrinse.core.judge;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * Something that is looked at, smelled, felt, measured or known, with what it can be. The first
 * value is always the good one.
 *
 * @see "docs/models.md, causes"
 */
public enum Sign {
  SMELL_WET(
      "Sniffed wet",
      How.check(2, "Wet one clean piece with warm water, wait a minute, and sniff it."),
      at(Where.WASH, Where.USE),
      value("fresh", "smells of nothing"),
      value("ammonia", "stings of ammonia"),
      value("barnyard", "smells of barnyard")),
  SMELL_DRY(
      "Sniffed dry",
      How.check(1, "Sniff a dry piece from the shelf."),
      at(Where.SHELF),
      value("fresh", "smells of nothing"),
      value("musty", "smells musty"),
      value("barnyard", "smells of barnyard")),
  SUDS(
      "Last rinse",
      How.check(8, "Run one clean piece through a plain rinse and look at the water."),
      at(Where.WASH),
      value("none", "no suds"),
      value("suds", "suds in the last water")),
  FEEL(
      "Felt",
      How.check(1, "Rub a dry piece, then a wet one, between the fingers."),
      at(Where.WASH, Where.SHELF),
      value("soft", "soft"),
      value("stiff", "stiff"),
      value("slimy", "slimy when wet"),
      value("greasy", "greasy")),
  DROP(
      "Water drop",
      How.check(1, "Let a drop fall on the dry cloth and count the seconds until it has vanished."),
      at(Where.SHELF),
      value("quick", "soaks in at once"),
      value("slow", "soaks in slowly"),
      value("beads", "stands on the cloth")),
  STAINS(
      "Stains",
      How.seen(),
      at(Where.WASH, Where.SHELF),
      value("none", "no stains"),
      value("some", "stains left")),
  LEAKS(
      "Leaks",
      How.seen(),
      at(Where.USE),
      value("none", "kept dry"),
      value("runs_off", "ran off at once"),
      value("full", "soaked full"),
      value("gaps", "out at the legs")),
  COLOUR(
      "Colour",
      How.seen(),
      at(Where.SHELF),
      value("bright", "bright"),
      value("dull", "grey and dull")),
  ELASTIC(
      "Elastic",
      How.check(1, "Stretch the leg elastic and let it go."),
      at(Where.SHELF),
      value("firm", "springs back"),
      value("wavy", "wavy or brittle")),
  LAMINATE(
      "Laminate",
      How.seen(),
      at(Where.SHELF),
      value("smooth", "smooth"),
      value("bubbly", "bubbly or peeling")),
  SEAM(
      "Seams",
      How.check(1, "Press the thickest seam to your cheek: cool means damp."),
      at(Where.SHELF),
      value("dry", "dry to the seam"),
      value("damp", "a damp seam")),
  GRAB(
      "Cloth on glass",
      How.check(2, "Wipe a window with the cloth, hardly damp."),
      at(Where.USE),
      value("grips", "grips, no streaks"),
      value("streaks", "streaks, no grip"),
      value("scratchy", "scratchy, curled fibre")),
  SKIN(
      "Skin",
      How.seen(),
      at(Where.USE),
      value("calm", "calm"),
      value("redness", "red"),
      value("fever", "fever or an infection")),
  JAR(
      "Jar of water",
      How.check(3, "Swirl one clean piece in a jar of warm water for a minute, and look at it."),
      at(Where.SHELF, Where.RESET),
      value("clear", "clear water"),
      value("suds", "suds in the jar"),
      value("grey", "grey water"),
      value("film", "a greasy film")),
  FAST(
      "Damp white cloth",
      How.seen(),
      at(Where.SHELF),
      value("fast", "no colour came off"),
      value("bleeds", "colour came off")),
  DRUM(
      "Drum",
      How.check(1, "Look at the two thirds line of the drum before the main wash."),
      at(Where.WASH),
      value("good", "half to three quarters full"),
      value("thin", "less than half full"),
      value("stuffed", "stuffed")),
  PROBE(
      "Drum temperature",
      How.check(
          15, "Send a temperature logger along with one main wash, and read its file in Kit."),
      at(Where.WASH),
      value("reached", "reached its temperature"),
      value("short", "stayed below its temperature")),
  HARDNESS(
      "Hardness strip",
      How.check(2, "Dip a hardness strip into tap water and compare it after a minute."),
      at(Where.WASH),
      value("medium", "medium water"),
      value("soft", "soft water"),
      value("hard", "hard water")),
  DOSE(
      "Dose",
      How.known(),
      at(),
      value("right", "dosed as the label says for this water"),
      value("low", "dosed lower than the label says for this water"),
      value("high", "dosed higher than the label says for this water")),
  RESIDUE(
      "Residue",
      How.known(),
      at(),
      value("low", "residue within its target by the estimate"),
      value("high", "residue above its target by the estimate")),
  HEAT(
      "Main wash",
      How.known(),
      at(),
      value("hot", "washed hot"),
      value("warm", "washed warm"),
      value("cold", "washed cold")),
  HOLD(
      "Waiting",
      How.known(),
      at(),
      value("in_time", "washed within two days"),
      value("long", "waited longer than two days")),
  PRODUCTS(
      "Products",
      How.check(2, "Read on the bottle what it is: softener, liquid with care, or soap?"),
      at(),
      value("plain", "plain detergent"),
      value("coating", "a product that coats"),
      value("soap", "soap, or home-made from soap")),
  TUMBLE("Dryer", How.known(), at(), value("gentle", "dried gently"), value("hot", "dried hot")),
  AGE(
      "Age",
      How.known(),
      at(),
      value("broken_in", "broken in"),
      value("new", "hardly washed yet"),
      value("old", "near the end of its life")),
  FIRST(
      "First water",
      How.check(1, "Think back: was the very first water cold, or warm to hot?"),
      at(),
      value("cold", "cold water first"),
      value("hot", "hot water first")),
  BINS(
      "Bins",
      How.check(1, "Look into the bin: are cloths of another use among them?"),
      at(),
      value("apart", "bins kept apart"),
      value("mixed", "cloths of several uses together"));

  /** Seconds that a drop may take. */
  public static final Range DROP_S = new Range(0, 600, "seconds");

  private static final double QUICK_S = 5;
  private static final double SLOW_S = 30;

  private final String title;
  private final How how;
  private final Set<Where> where;
  private final List<Value> values;

  Sign(String title, How how, Set<Where> where, Value... values) {
    this.title = title;
    this.how = how;
    this.where = where;
    this.values = List.of(values);
  }

  /** Where something is noticed. */
  public enum Where {
    WASH("at the wash"),
    SHELF("at the shelf"),
    USE("in use"),
    RESET("in the water of a reset");

    private final String words;

    Where(String words) {
      this.words = words;
    }

    /** Returns it in words. */
    public String words() {
      return words;
    }
  }

  /**
   * One thing that it can be.
   *
   * @param id short name that stays the same
   * @param words as shown
   */
  public record Value(String id, String words) {}

  /**
   * How one comes to know it.
   *
   * @param minutes work of the check [min]; 0 when it is no check
   * @param words what to do; empty when it is no check
   */
  record How(double minutes, String words) {
    static How check(double minutes, String words) {
      return new How(minutes, words);
    }

    /** Noticed by the way. */
    static How seen() {
      return new How(0, "");
    }

    /** Read from the record. */
    static How known() {
      return new How(0, "");
    }
  }

  private static Value value(String id, String words) {
    return new Value(id, words);
  }

  private static Set<Where> at(Where... where) {
    return Set.of(where);
  }

  /** Returns its name on screen. */
  public String title() {
    return title;
  }

  /** Returns what to do to find out; empty when it is no check. */
  public String how() {
    return how.words;
  }

  /** Returns the work of finding out [min]; 0 when it is no check. */
  public double minutes() {
    return how.minutes;
  }

  /** Returns whether a person can find it out by a check of its own. */
  public boolean check() {
    return how.minutes > 0;
  }

  /** Returns where a person notices it; nowhere when it is known otherwise. */
  public Set<Where> where() {
    return where;
  }

  /**
   * Returns whether its bad values are something wrong with the pieces themselves. The others only
   * tell how they are washed: hard water is no complaint.
   */
  public boolean symptom() {
    return switch (this) {
      case SMELL_WET,
          SMELL_DRY,
          SUDS,
          FEEL,
          DROP,
          STAINS,
          LEAKS,
          COLOUR,
          ELASTIC,
          LAMINATE,
          SEAM,
          GRAB,
          SKIN,
          JAR ->
          true;
      case FAST,
          DRUM,
          PROBE,
          HARDNESS,
          DOSE,
          RESIDUE,
          HEAT,
          HOLD,
          PRODUCTS,
          TUMBLE,
          AGE,
          FIRST,
          BINS ->
          false;
    };
  }

  /** Returns whether a finding such as "SMELL_WET.ammonia" names a sign and one of its values. */
  public static boolean knows(String finding) {
    return java.util.Arrays.stream(values())
        .anyMatch(s -> s.all().stream().anyMatch(v -> finding.equals(s.name() + "." + v.id())));
  }

  /** Returns what it can be, the good one first. */
  public List<Value> all() {
    return values;
  }

  /** Returns whether this value is the good one. */
  public boolean good(String value) {
    return values.get(0).id.equals(value);
  }

  /** Returns the value with this short name; throws {@link OutOfRange} when there is none. */
  public Value value(String id) {
    return values.stream()
        .filter(v -> v.id.equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new OutOfRange(
                    "value",
                    id,
                    "one of " + String.join(", ", values.stream().map(Value::id).toList())));
  }

  /**
   * Returns what the seconds of a soak-up test mean.
   *
   * @param seconds until it has vanished, {@link #DROP_S}
   */
  public static Value drop(double seconds) {
    DROP_S.check("seconds", seconds);
    return DROP.values.get(seconds <= QUICK_S ? 0 : seconds <= SLOW_S ? 1 : 2);
  }

  /** Returns the signs that are noticed there, in the order in which they are offered. */
  public static List<Sign> noticed(Where where) {
    return Arrays.stream(values()).filter(s -> s.where.contains(where)).toList();
  }
}
