package org.nestrinse.core.wash;

import java.util.List;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.units.OutOfRange;

/**
 * A question on which people who wash well disagree, with the positions in use. A position bends a
 * school, or stands for something that is decided elsewhere in the round.
 *
 * @see "docs/models.md, disagreements"
 */
public enum Disagreement {
  PRE_RINSE(
      "Detergent before the main wash?",
      "By the soil and the school: none for wet only, half for stool.",
      at("none", "none"),
      at("half", "half a dose"),
      at("full", "a full dose")),
  MAIN_HEAT(
      "How hot is the main wash?",
      "By what the soil and the people ask for; the weakest piece decides.",
      at("60", "60"),
      at("40", "40"),
      at("cold", "cold, and sun")),
  STRENGTH(
      "How much detergent?",
      "The label by hardness and mass, corrected by what was seen.",
      at("lean", "lean"),
      at("label", "by the label"),
      at("strong", "strong")),
  ENZYMES(
      "Enzymes?",
      "For stool and blood, unless someone's skin is sensitive; never with wool or silk.",
      at("wanted", "wanted"),
      at("avoided", "avoided")),
  FORM(
      "Powder or liquid?",
      "Powder for what absorbs, liquid for microfibre.",
      at("powder", "powder"),
      at("liquid", "liquid")),
  MICROFIBRE_HEAT(
      "How hot may microfibre be washed?",
      "40; 60 on request when its label allows. Heat in the dryer is the worse enemy.",
      at("40", "40 at most"),
      at("60", "as its label allows")),
  SUN(
      "Sun for covers and elastic?",
      "Shade above 35 °C, at most 3 h of strong sun.",
      at("limited", "3 h at most"),
      at("full", "all day"),
      at("never", "always shade")),
  RHYTHM(
      "How often to wash?",
      "Every 2 days; 3 is the hard limit.",
      at("1", "every day"),
      at("2", "every 2 days"),
      at("3", "every 3 days")),
  BABY_CLOTHES(
      "Baby clothes with the nappies?",
      "Alone at 40 and below; together from 60 with a hold.",
      at("together", "together from 60"),
      at("alone", "always alone")),
  NEW_PIECES(
      "New pieces: soak or wash?",
      "By fibre; a soak counts as two of the washes.",
      at("fibre", "by fibre"),
      at("soak", "a 24 h soak"),
      at("washes", "3 washes")),
  VINEGAR(
      "Vinegar in the last rinse?",
      "Off. It helps rinse powder out; over years it is hard on rubber. At most 20 mL for a kilogram.",
      at("no", "no"),
      at("yes", "a little")),
  PAIL(
      "Lid on the pail?",
      "Open or loose: it needs air.",
      at("open", "open or loose"),
      at("lid", "shut")),
  SPIN(
      "How fast a spin?",
      "By the weakest piece, and a spin alone for what absorbs.",
      at("high", "high"),
      at("low", "low"));

  private static final int LOW_RPM = 800;
  private static final int HIGH_RPM = 1400;
  private static final int COLD_C = 20;
  private static final int SHORT_WASH_C = 40;

  private final String question;
  private final String standing;
  private final List<Position> positions;

  Disagreement(String question, String standing, Position... positions) {
    this.question = question;
    this.standing = standing;
    this.positions = List.of(positions);
  }

  /**
   * One answer.
   *
   * @param id short name that stays the same
   * @param words as shown
   */
  public record Position(String id, String words) {}

  private static Position at(String id, String words) {
    return new Position(id, words);
  }

  /** Returns the question in words. */
  public String question() {
    return question;
  }

  /** Returns what is done when nobody chooses, and why. */
  public String standing() {
    return standing;
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
                new OutOfRange(
                    "positions." + name(),
                    id,
                    "one of " + String.join(", ", positions.stream().map(Position::id).toList())));
  }

  /** Returns whether it bends the routine itself, and not what comes before or after it. */
  public boolean bendsRoutine() {
    return switch (this) {
      case PRE_RINSE, MAIN_HEAT, STRENGTH, ENZYMES, FORM, MICROFIBRE_HEAT, VINEGAR, SPIN -> true;
      case SUN, RHYTHM, BABY_CLOTHES, NEW_PIECES, PAIL -> false;
    };
  }

  /**
   * Returns whether its answer is the household's, kept for every load, and not of one load: it
   * decides how often is washed, how pails stand, what new pieces need, how things dry.
   */
  public boolean ofHousehold() {
    return switch (this) {
      case SUN, RHYTHM, NEW_PIECES, PAIL -> true;
      default -> false;
    };
  }

  /** Returns the school as this position bends it; the same school when it does not. */
  School bend(School school, String position) {
    School.Chemistry c = school.chemistry();
    return switch (this) {
      case PRE_RINSE -> school.with(first(school, position));
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
      case MICROFIBRE_HEAT, SUN, RHYTHM, BABY_CLOTHES, NEW_PIECES, PAIL -> school;
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
