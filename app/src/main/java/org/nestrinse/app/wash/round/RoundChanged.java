package org.nestrinse.app.wash.round;

/**
 * Said when anything about a round that is washed or practised has changed.
 *
 * @param roundId the round
 */
public record RoundChanged(long roundId) {}
