/** Rounds: started, ticked off, answered, finished, kept. */
@NullMarked
package org.nestrinse.app.wash.round;

import org.jspecify.annotations.NullMarked;
