/**
 * Schools and the routines they make of a load: ordered steps, simulated bath by bath, with what
 * they do and cost.
 */
@NullMarked
package org.nestrinse.core.wash;

import org.jspecify.annotations.NullMarked;
