/** Methods of washing as data, the questions people disagree on, and what one wants otherwise. */
@NullMarked
package org.nestrinse.core.wash.school;

import org.jspecify.annotations.NullMarked;
