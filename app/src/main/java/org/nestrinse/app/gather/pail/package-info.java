/** Pails, what waits in them, and new pieces on their way. */
@NullMarked
package org.nestrinse.app.gather.pail;

import org.jspecify.annotations.NullMarked;
