package org.nestrinse.app.gather.pail;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.gather.SoiledPieces;

/**
 * Pieces that wait in a pail.
 *
 * @param entryId number of the entry
 * @param version counts the changes of the entry
 * @param pailId the pail
 * @param pailName its name
 * @param forBulk whether the pail is a basket of household pieces that may serve as bulkers
 * @param personId whose pieces they are, or null
 * @param lotId the lot of new pieces they are of, or null
 * @param pieces what waits
 */
public record Waiting(
    long entryId,
    long version,
    long pailId,
    String pailName,
    boolean forBulk,
    @Nullable Long personId,
    @Nullable Long lotId,
    SoiledPieces pieces) {}
