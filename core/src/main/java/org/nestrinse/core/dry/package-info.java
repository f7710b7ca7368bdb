/** Air drying of hung textiles hour by hour, from the weather at the cloth. */
@NullMarked
package org.nestrinse.core.dry;

import org.jspecify.annotations.NullMarked;
