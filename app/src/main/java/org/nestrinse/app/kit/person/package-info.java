/** Whose textiles are washed. */
@NullMarked
package org.nestrinse.app.kit.person;

import org.jspecify.annotations.NullMarked;
