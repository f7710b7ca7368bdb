package org.nestrinse.core.household;

import org.nestrinse.core.textile.Kind;

/**
 * A kind with where its pieces are.
 *
 * @param kind what it is
 * @param stock where its pieces are
 */
public record StockedKind(Kind kind, Stock stock) {}
