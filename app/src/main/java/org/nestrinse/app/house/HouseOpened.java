package org.nestrinse.app.house;

/** Said when a household other than the own one can be used, from a thread that works for it. */
public record HouseOpened(House house) {}
