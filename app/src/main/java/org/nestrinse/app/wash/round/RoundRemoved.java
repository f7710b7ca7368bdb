package org.nestrinse.app.wash.round;

/**
 * Said when a round was taken out of the record, or brought back.
 *
 * @param roundId the round
 * @param away whether it was taken out
 */
public record RoundRemoved(long roundId, boolean away) {}
