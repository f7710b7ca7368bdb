/**
 * What was seen, what it may mean, the check that tells most, and one change at a time: a small
 * explicit Bayesian model whose tables are data, experiments over a few rounds, and the trim of the
 * dose.
 */
@NullMarked
package org.nestrinse.core.judge;

import org.jspecify.annotations.NullMarked;
