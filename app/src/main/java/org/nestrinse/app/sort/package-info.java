/** The load that is being put together, and loads that were washed. */
@NullMarked
package org.nestrinse.app.sort;

import org.jspecify.annotations.NullMarked;
