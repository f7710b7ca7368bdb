package org.nestrinse.core.household;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Pieces of a kind that hang or tumble, and when they are dry if they stay.
 *
 * @param id number of the group
 * @param kindId the kind
 * @param pieces how many
 * @param dryBy when, or null when not within four days
 * @param moisture how damp they are now [kg/kg]
 * @param mayTumble whether a dryer could finish them
 */
public record Hanging(
    long id,
    long kindId,
    int pieces,
    @Nullable Instant dryBy,
    double moisture,
    boolean mayTumble) {}
