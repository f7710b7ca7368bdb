/**
 * One filling of water and what follows from it: fill, retained water, rinsing, temperature,
 * hygiene. The formulas are those of docs/models.md sections 2 and 4 to 6.
 */
@NullMarked
package org.nestrinse.core.bath;

import org.jspecify.annotations.NullMarked;
