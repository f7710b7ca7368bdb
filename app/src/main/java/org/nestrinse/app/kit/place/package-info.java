/** Where things hang. */
@NullMarked
package org.nestrinse.app.kit.place;

import org.jspecify.annotations.NullMarked;
