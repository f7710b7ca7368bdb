/**
 * Which pieces may travel together, how full they make the drum, and how many bulkers bring it into
 * the good window.
 */
@NullMarked
package org.nestrinse.core.sort;

import org.jspecify.annotations.NullMarked;
