package org.nestrinse.app.house;

/** Writes what a household cannot be without, when its database is new. */
public interface HouseFounder {
  /** Does it for the household that the thread works for. */
  void found();
}
