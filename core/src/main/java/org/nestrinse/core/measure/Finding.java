package org.nestrinse.core.measure;

import org.nestrinse.core.said.Said;

/**
 * What the programme promises beside what a log shows.
 *
 * @param what what it is about
 * @param promised by the programme, or by the model
 * @param seen in the log
 * @param agrees whether they agree well enough
 */
public record Finding(Said what, Said promised, Said seen, boolean agrees) {}
