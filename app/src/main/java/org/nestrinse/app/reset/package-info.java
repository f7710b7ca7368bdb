/** Resets: whether one is needed, planned for a vessel, and carried through step by step. */
@NullMarked
package org.nestrinse.app.reset;

import org.jspecify.annotations.NullMarked;
