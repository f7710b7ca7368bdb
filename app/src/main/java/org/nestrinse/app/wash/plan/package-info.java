/** Routines planned for a load, compared, and kept as methods of one's own. */
@NullMarked
package org.nestrinse.app.wash.plan;

import org.jspecify.annotations.NullMarked;
