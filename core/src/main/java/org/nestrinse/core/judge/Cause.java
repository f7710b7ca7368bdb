package org.nestrinse.core.judge;

/**
 * What may be wrong with a routine or a piece. {@link #OTHER} stands for all that the table does
 * not know; it keeps the model from being sure of too much, and is never named to a person.
 */
public enum Cause {
  UNDER_DOSED("too little detergent"),
  OVER_DOSED("too much detergent"),
  FEW_RINSES("too few rinses"),
  HARD_WATER_FILM("a film from hard water"),
  COATING("a coating of softener or grease"),
  SOAP_BUILD_UP("soap that builds up"),
  UNDER_FULL("too little in the drum"),
  OVER_FULL("too much in the drum"),
  TOO_COOL("too cool, or a programme that stays below its temperature"),
  HELD_TOO_LONG("waited too long before the wash"),
  STORED_DAMP("put away damp"),
  HEAT_DAMAGED("fibre or elastic damaged by heat"),
  UNPREPARED("new pieces that are not washed in yet"),
  HEAT_SET_STAIN("stains set by heat"),
  FIT_OR_ABSORBENCY("fit, or too little to absorb"),
  BIN_MIXING("cloths of several uses mixed"),
  WORN_OUT("worn out"),
  OTHER("something else");

  private final String words;

  Cause(String words) {
    this.words = words;
  }

  /** Returns the name a person uses. */
  public String words() {
    return words;
  }
}
