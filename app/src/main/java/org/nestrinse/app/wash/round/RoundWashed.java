package org.nestrinse.app.wash.round;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import org.nestrinse.app.sort.LoadPieces;

/**
 * Said when a round has left the machine.
 *
 * @param roundId the round
 * @param pieces what was washed
 * @param spinRpm the last spin [rpm]
 * @param drumRadiusM radius of the drum [m]
 * @param peakC hottest that its baths became [°C]
 * @param oxygen whether oxygen whitener was in it
 * @param chlorine whether chlorine bleach was
 * @param at when
 * @param byHand whether it was wrung by hand
 */
@RecordBuilder
public record RoundWashed(
    long roundId,
    LoadPieces pieces,
    int spinRpm,
    double drumRadiusM,
    double peakC,
    boolean oxygen,
    boolean chlorine,
    Instant at,
    boolean byHand) {}
