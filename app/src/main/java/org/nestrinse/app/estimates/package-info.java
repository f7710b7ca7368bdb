/** The pages that say in plain words how each figure is estimated. */
@NullMarked
package org.nestrinse.app.estimates;

import org.jspecify.annotations.NullMarked;
