/**
 * A method bent to a load and its machine, with the reason of each figure, and what else there
 * would be.
 */
@NullMarked
package org.nestrinse.core.wash.plan;

import org.jspecify.annotations.NullMarked;
