package org.nestrinse.app.gather.pail;

/**
 * Said when new pieces were bought, or when that was taken back.
 *
 * @param kindId the kind
 * @param pieces how many; below 0 when taken back
 */
public record PiecesBought(long kindId, int pieces) {}
