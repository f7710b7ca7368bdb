/** Pails and what waits in them. */
@NullMarked
package org.nestrinse.app.gather;

import org.jspecify.annotations.NullMarked;
