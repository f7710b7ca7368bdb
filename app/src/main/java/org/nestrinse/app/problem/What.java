package org.nestrinse.app.problem;

import org.nestrinse.core.said.Saying;

/** What may not be there */
public enum What implements Saying {
  PLACE,
  PRODUCT,
  MACHINE,
  KIND,
  DRYER,
  PERSON,
  LOAD,
  PIECE_IN_LOAD,
  ROUND,
  METHOD,
  BATCH,
  OBSERVATION,
  CHANGE,
  HANGING_GROUP,
  SPELL,
  HABIT,
  LOT,
  PAIL,
  ENTRY,
  RESET,
  HOUSEHOLD,
  THE_MACHINE,
  NOTE,
  WEEK,
  PAILS,
  THESE_PIECES
}
