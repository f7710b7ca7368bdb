/** The ways to dry a batch in the places of a house, and the best of them together. */
@NullMarked
package org.nestrinse.core.dry.plan;

import org.jspecify.annotations.NullMarked;
