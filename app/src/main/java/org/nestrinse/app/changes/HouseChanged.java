package org.nestrinse.app.changes;

import java.util.Set;
import org.nestrinse.app.house.House;

/**
 * Something was changed and is written.
 *
 * @param house in which household
 * @param topics what it is about
 */
public record HouseChanged(House house, Set<Topic> topics) {}
