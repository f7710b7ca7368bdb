package org.nestrinse.core.judge;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Saying;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;

/**
 * Something that is looked at, smelled, felt, measured or known, with what it can be. The first
 * value is always the good one.
 *
 * @see "docs/models.md, causes"
 */
public enum Sign {
  SMELL_WET(2, at(Where.WASH, Where.USE), "fresh", "ammonia", "barnyard"),
  SMELL_DRY(1, at(Where.SHELF), "fresh", "musty", "barnyard"),
  SUDS(8, at(Where.WASH), "none", "suds"),
  FEEL(1, at(Where.WASH, Where.SHELF), "soft", "stiff", "slimy", "greasy"),
  DROP(1, at(Where.SHELF), "quick", "slow", "beads"),
  STAINS(0, at(Where.WASH, Where.SHELF), "none", "some"),
  LEAKS(0, at(Where.USE), "none", "runs_off", "full", "gaps"),
  COLOUR(0, at(Where.SHELF), "bright", "dull"),
  ELASTIC(1, at(Where.SHELF), "firm", "wavy"),
  LAMINATE(0, at(Where.SHELF), "smooth", "bubbly"),
  SEAM(1, at(Where.SHELF), "dry", "damp"),
  GRAB(2, at(Where.USE), "grips", "streaks", "scratchy"),
  SKIN(0, at(Where.USE), "calm", "redness", "fever"),
  JAR(3, at(Where.SHELF, Where.RESET), "clear", "suds", "grey", "film"),
  FAST(0, at(Where.SHELF), "fast", "bleeds"),
  DRUM(1, at(Where.WASH), "good", "thin", "stuffed"),
  PROBE(15, at(Where.WASH), "reached", "short"),
  HARDNESS(2, at(Where.WASH), "medium", "soft", "hard"),
  DOSE(0, at(), "right", "low", "high"),
  RESIDUE(0, at(), "low", "high"),
  HEAT(0, at(), "hot", "warm", "cold"),
  HOLD(0, at(), "in_time", "long"),
  PRODUCTS(2, at(), "plain", "coating", "soap"),
  TUMBLE(0, at(), "gentle", "hot"),
  AGE(0, at(), "broken_in", "new", "old"),
  FIRST(1, at(), "cold", "hot"),
  BINS(1, at(), "apart", "mixed");

  /** Seconds that a drop may take. */
  public static final Range DROP_S = new Range(0, 600, Unit.SECOND);

  private static final double QUICK_S = 5;
  private static final double SLOW_S = 30;

  /** Noticed by the way or read from the record, by no check of its own. */
  private static final double NO_CHECK = 0;

  private final double minutes;
  private final Set<Where> where;
  private final List<Value> values;

  Sign(double minutes, Set<Where> where, String... values) {
    this.minutes = minutes;
    this.where = where;
    this.values = Arrays.stream(values).map(id -> new Value(id, saying("_" + id).said())).toList();
  }

  private SignSaying saying(String which) {
    return SignSaying.valueOf(name() + which.toUpperCase(Locale.ROOT));
  }

  /** Where something is noticed. */
  public enum Where implements Saying {
    WASH,
    SHELF,
    USE,
    RESET
  }

  /**
   * One thing that it can be.
   *
   * @param id short name that stays the same
   * @param words as shown
   */
  public record Value(String id, Said words) {}

  private static Set<Where> at(Where... where) {
    return Set.of(where);
  }

  /** Returns its name on screen. */
  public Said title() {
    return saying("").said();
  }

  /** Returns what to do to find out; nothing when it is no check. */
  public Said how() {
    return check() ? saying("_HOW").said() : Said.NOTHING;
  }

  /** Returns the work of finding out [min]; 0 when it is no check. */
  public double minutes() {
    return minutes;
  }

  /** Returns whether a person can find it out by a check of its own. */
  public boolean check() {
    return minutes > NO_CHECK;
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
        .orElseThrow(() -> OutOfRange.noneOf("value", id, values.stream().map(Value::id).toList()));
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
