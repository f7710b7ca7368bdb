/**
 * Soiled pieces waiting in pails: what soiled them, how long they may wait, and which pail is due
 * first.
 */
@NullMarked
package org.nestrinse.core.gather;

import org.jspecify.annotations.NullMarked;
