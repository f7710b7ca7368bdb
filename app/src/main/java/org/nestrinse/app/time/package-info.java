/** The clock and the words for times. */
@NullMarked
package org.nestrinse.app.time;

import org.jspecify.annotations.NullMarked;
