/** Routines planned for a load, and rounds: started, ticked off, finished, recorded. */
@NullMarked
package org.nestrinse.app.wash;

import org.jspecify.annotations.NullMarked;
