package org.nestrinse.core.wash.school;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.OutOfRange;

/**
 * A question on which people who wash well disagree, with the positions in use. A position bends a
 * school, or stands for something that is decided elsewhere in the round.
 *
 * @see "docs/models.md, disagreements"
 */
public enum Disagreement {
  PRE_RINSE("none", "half", "full"),
  HOT_FIRST("cool", "hot"),
  MAIN_HEAT("60", "40", "cold"),
  STRENGTH("lean", "label", "strong"),
  ENZYMES("wanted", "avoided"),
  FORM("powder", "liquid"),
  MICROFIBRE_HEAT("40", "60"),
  SUN("limited", "full", "never"),
  RHYTHM("1", "2", "3"),
  BABY_CLOTHES("together", "40", "alone"),
  BULK("small", "any"),
  NEW_PIECES("fibre", "soak", "washes"),
  VINEGAR("no", "yes"),
  PAIL("open", "lid"),
  SPIN("high", "low");

  private static final int LOW_RPM = 800;
  private static final int HIGH_RPM = 1400;
  private static final int COLD_C = 20;
  private static final int SHORT_WASH_C = 40;
  private static final int HOT_FIRST_C = 60;

  private final List<Position> positions;

  Disagreement(String... positions) {
    this.positions =
        Arrays.stream(positions).map(id -> new Position(id, saying("_" + id).said())).toList();
  }

  private DisagreementSaying saying(String which) {
    return DisagreementSaying.valueOf(name() + which.toUpperCase(Locale.ROOT));
  }

  /**
   * One answer.
   *
   * @param id short name that stays the same
   * @param words as shown
   */
  public record Position(String id, Said words) {}

  /** Returns the question. */
  public Said question() {
    return saying("").said();
  }

  /** Returns what is done when nobody chooses, and why. */
  public Said standing() {
    return saying("_STANDING").said();
  }

  /** Returns the positions in use. */
  public List<Position> positions() {
    return positions;
  }

  /** Returns the position with this short name; throws {@link OutOfRange} when there is none. */
  public Position position(String id) {
    return positions.stream()
        .filter(p -> p.id.equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                OutOfRange.noneOf(
                    "positions." + name(), id, positions.stream().map(Position::id).toList()));
  }

  /** Returns whether it bends the routine itself, and not what comes before or after it. */
  public boolean bendsRoutine() {
    return switch (this) {
      case PRE_RINSE,
          HOT_FIRST,
          MAIN_HEAT,
          STRENGTH,
          ENZYMES,
          FORM,
          MICROFIBRE_HEAT,
          VINEGAR,
          SPIN ->
          true;
      case SUN, RHYTHM, BABY_CLOTHES, BULK, NEW_PIECES, PAIL -> false;
    };
  }

  /**
   * Returns whether its answer is the household's, kept for every load, and not of one load: it
   * decides how often is washed, what is washed together, how pails stand, what new pieces need,
   * how things dry.
   */
  public boolean ofHousehold() {
    return switch (this) {
      case SUN, RHYTHM, BABY_CLOTHES, BULK, NEW_PIECES, PAIL -> true;
      default -> false;
    };
  }

  /** Returns the school as this position bends it; the same school when it does not. */
  School bend(School school, String position) {
    School.Chemistry c = school.chemistry();
    return switch (this) {
      case PRE_RINSE -> school.with(first(school, position));
      case HOT_FIRST -> school.with(firstHeat(school.first(), position.equals("hot")));
      case MAIN_HEAT ->
          school.with(
              new School.Main(
                  position.equals("cold") ? COLD_C : Integer.parseInt(position),
                  school.main().minutes(),
                  school.main().by()));
      case STRENGTH ->
          school.with(
              chemistry(
                  c,
                  position.equals("lean") ? 0.6 : position.equals("label") ? 1.0 : 1.2,
                  c.enzymes(),
                  c.form(),
                  c.vinegar()));
      case ENZYMES ->
          school.with(
              chemistry(
                  c,
                  c.strength(),
                  position.equals("wanted") ? School.Enzymes.WANTED : School.Enzymes.AVOIDED,
                  c.form(),
                  c.vinegar()));
      case FORM ->
          school.with(
              chemistry(
                  c,
                  c.strength(),
                  c.enzymes(),
                  position.equals("powder") ? Product.Form.POWDER : Product.Form.LIQUID,
                  c.vinegar()));
      case VINEGAR ->
          school.with(chemistry(c, c.strength(), c.enzymes(), c.form(), position.equals("yes")));
      case SPIN ->
          school.with(
              new School.Finish(
                  school.finish().extraRinses(),
                  position.equals("high") ? HIGH_RPM : LOW_RPM,
                  school.finish().drying()));
      case MICROFIBRE_HEAT, SUN, RHYTHM, BABY_CLOTHES, BULK, NEW_PIECES, PAIL -> school;
    };
  }

  private static School.First first(School school, String position) {
    School.First first = school.first();
    boolean washes =
        first.before() == School.Before.SHORT_WASH || first.before() == School.Before.SOAK_PAUSE;
    if (position.equals("none")) {
      return first.before() == School.Before.SHORT_WASH
          ? School.First.COLD_RINSE
          : new School.First(first.before(), first.celsius(), 0, first.whitenerScoops());
    }
    return new School.First(
        washes ? first.before() : School.Before.SHORT_WASH,
        washes ? first.celsius() : SHORT_WASH_C,
        position.equals("half") ? 0.5 : 1,
        first.whitenerScoops());
  }

  /** Protein and what the pieces tolerate still decide afterwards. */
  private static School.First firstHeat(School.First first, boolean hot) {
    return new School.First(
        first.before(),
        hot ? HOT_FIRST_C : Math.min(first.celsius(), SHORT_WASH_C),
        first.detergentShare(),
        first.whitenerScoops());
  }

  private static School.Chemistry chemistry(
      School.Chemistry c,
      double strength,
      School.Enzymes enzymes,
      Product.Form form,
      boolean vinegar) {
    return new School.Chemistry(
        strength, c.whitenerScoops(), enzymes, form, c.sanitiser(), vinegar);
  }
}
