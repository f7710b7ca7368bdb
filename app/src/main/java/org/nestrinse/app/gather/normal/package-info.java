/** Normal days and the days that differ. */
@NullMarked
package org.nestrinse.app.gather.normal;

import org.jspecify.annotations.NullMarked;
