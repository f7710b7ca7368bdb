/** Errors as problem documents that name field, value and allowed range. */
@NullMarked
package org.nestrinse.app.problem;

import org.jspecify.annotations.NullMarked;
