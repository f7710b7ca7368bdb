/**
 * The chain of baths, worked out one by one: heat, dissolved products, germs, cleaning, energy,
 * wear.
 */
@NullMarked
package org.nestrinse.core.wash.simulation;

import org.jspecify.annotations.NullMarked;
