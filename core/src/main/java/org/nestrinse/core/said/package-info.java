/**
 * What there is to say, as a name and values: no sentence stands in core. The catalogue of each
 * language words it.
 */
@NullMarked
package org.nestrinse.core.said;

import org.jspecify.annotations.NullMarked;
