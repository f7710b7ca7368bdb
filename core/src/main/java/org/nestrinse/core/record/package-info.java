/**
 * Past rounds: what was changed between them, stretches compared, what they cost by month, person
 * and use, and when the machine itself is due.
 */
@NullMarked
package org.nestrinse.core.record;

import org.jspecify.annotations.NullMarked;
