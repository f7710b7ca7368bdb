/**
 * Cautions of three strengths and the table of products that must not meet, in one bath or by
 * carry-over.
 */
@NullMarked
package org.nestrinse.core.safety;

import org.jspecify.annotations.NullMarked;
