package org.nestrinse.app.wash;

import java.time.Instant;
import org.nestrinse.app.sort.LoadPieces;

/**
 * Said when a round has left the machine.
 *
 * @param roundId the round
 * @param pieces what was washed
 * @param spinRpm the last spin [rpm]
 * @param drumRadiusM radius of the drum [m]
 * @param at when
 */
public record RoundWashed(
    long roundId, LoadPieces pieces, int spinRpm, double drumRadiusM, Instant at) {}
