package org.nestrinse.app.house;

/** Fills the made-up house with a family's past. */
public interface Furnisher {
  /** Fills the household that the thread works for, when nobody lives in it yet. */
  void furnish();
}
