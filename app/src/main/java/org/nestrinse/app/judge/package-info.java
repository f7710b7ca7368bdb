/** What the causes may be, the next check, one change at a time, and the trim of the dose. */
@NullMarked
package org.nestrinse.app.judge;

import org.jspecify.annotations.NullMarked;
