package org.nestrinse.core.measure;

/**
 * What the programme promises beside what a log shows.
 *
 * @param what what it is about
 * @param promised by the programme, or by the model
 * @param seen in the log
 * @param agrees whether they agree well enough
 */
public record Finding(String what, String promised, String seen, boolean agrees) {}
