package org.nestrinse.app.dry;

/**
 * Said when a hanging group was found dry, or when that was taken back.
 *
 * @param roundId the round
 * @param kindId the kind that hung
 * @param pieces how many
 * @param sunHours of strong sun where they hung last [h]
 * @param tumbleHours in the dryer [h]
 * @param dry whether it is dry
 */
public record GroupDried(
    long roundId, long kindId, int pieces, double sunHours, double tumbleHours, boolean dry) {}
