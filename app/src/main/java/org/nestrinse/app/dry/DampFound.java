package org.nestrinse.app.dry;

/**
 * Said when a hand found pieces damp that were thought to be dry.
 *
 * @param roundId the round that they were washed in
 * @param kind name of their kind
 */
public record DampFound(long roundId, String kind) {}
