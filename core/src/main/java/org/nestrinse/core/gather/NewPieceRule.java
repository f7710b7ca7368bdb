package org.nestrinse.core.gather;

/** What makes new pieces ready: people who wash well disagree about it. */
public enum NewPieceRule {
  /** What each fibre needs; a day's soak counts as two washes. */
  FIBRE,
  /** A day's cold soak and one wash, or three washes. */
  SOAK,
  /** Three washes; a soak counts for nothing. */
  WASHES
}
