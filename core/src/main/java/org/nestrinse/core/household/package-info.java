/**
 * A household read once, and what follows from it: what the shelf supplies and until when, which
 * rhythm would do, what the coming week must satisfy, what pieces go through.
 */
@NullMarked
package org.nestrinse.core.household;

import org.jspecify.annotations.NullMarked;
