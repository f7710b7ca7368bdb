/** What all of washing says, and that something cannot be planned. */
@NullMarked
package org.nestrinse.core.wash;

import org.jspecify.annotations.NullMarked;
