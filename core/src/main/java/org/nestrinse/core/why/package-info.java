/**
 * The reason of a number in words and lines. Every model that a person sees a figure of can say
 * why, so that the interface only has to show it.
 */
@NullMarked
package org.nestrinse.core.why;

import org.jspecify.annotations.NullMarked;
