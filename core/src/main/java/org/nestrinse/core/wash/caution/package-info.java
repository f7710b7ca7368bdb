/** What must not meet, and what to mind before a start. */
@NullMarked
package org.nestrinse.core.wash.caution;

import org.jspecify.annotations.NullMarked;
