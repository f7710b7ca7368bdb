/** The rounds of the coming days, laid out, moved, and given to calendars. */
@NullMarked
package org.nestrinse.app.week;

import org.jspecify.annotations.NullMarked;
