/** What clean parts make: bundles by recipe, and until when they cover a normal day's use. */
@NullMarked
package org.nestrinse.core.shelf;

import org.jspecify.annotations.NullMarked;
