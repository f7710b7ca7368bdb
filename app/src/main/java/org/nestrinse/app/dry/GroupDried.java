package org.nestrinse.app.dry;

/**
 * Said when a hanging group was found dry, or when that was taken back.
 *
 * @param roundId the round
 * @param kindId the kind that hung
 * @param dry whether it is dry
 */
public record GroupDried(long roundId, long kindId, boolean dry) {}
