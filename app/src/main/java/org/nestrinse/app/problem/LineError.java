package org.nestrinse.app.problem;

/**
 * What is wrong in one place of a file.
 *
 * @param line counted from 1, the head included; in JSON the number of the entry
 * @param column its name
 * @param found what stands there
 * @param expected what should
 */
public record LineError(long line, String column, String found, String expected) {}
