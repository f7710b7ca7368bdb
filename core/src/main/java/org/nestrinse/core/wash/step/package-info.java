/**
 * What a plan starts from and is made of: the job, its steps, their baths and doses, and what comes
 * of them.
 */
@NullMarked
package org.nestrinse.core.wash.step;

import org.jspecify.annotations.NullMarked;
