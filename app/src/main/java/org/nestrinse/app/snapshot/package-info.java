/** Reads a household once, as a value of core from which all that follows is computed. */
@NullMarked
package org.nestrinse.app.snapshot;

import org.jspecify.annotations.NullMarked;
