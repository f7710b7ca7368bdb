/** The facts of the household, its standing answers, and the learned correction of the dose. */
@NullMarked
package org.nestrinse.app.kit.household;

import org.jspecify.annotations.NullMarked;
