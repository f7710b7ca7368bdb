/** What a machine offers for a load, and the programmes of it that come nearest to a method. */
@NullMarked
package org.nestrinse.core.wash.machine;

import org.jspecify.annotations.NullMarked;
