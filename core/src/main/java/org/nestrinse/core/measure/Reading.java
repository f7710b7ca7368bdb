package org.nestrinse.core.measure;

/**
 * One line of a log.
 *
 * @param minute minutes since its first line
 * @param value what was read: °C or W
 */
public record Reading(double minute, double value) {}
