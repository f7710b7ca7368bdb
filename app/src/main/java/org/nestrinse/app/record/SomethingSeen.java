package org.nestrinse.app.record;

import java.time.Instant;

/**
 * Said when something was seen, or taken back.
 *
 * @param at when
 */
public record SomethingSeen(Instant at) {}
