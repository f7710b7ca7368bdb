/**
 * The rare deep treatment that takes built-up residue out: whether it is needed, what may go into
 * which, the recipe for a vessel, its batches and steps, and the rinses that it takes.
 */
@NullMarked
package org.nestrinse.core.reset;

import org.jspecify.annotations.NullMarked;
