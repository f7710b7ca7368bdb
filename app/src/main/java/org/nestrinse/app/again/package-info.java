/** Requests that are sent again because their answer did not arrive: each counts once. */
@NullMarked
package org.nestrinse.app.again;

import org.jspecify.annotations.NullMarked;
