/** What hangs, where, and by when it is dry. */
@NullMarked
package org.nestrinse.app.dry;

import org.jspecify.annotations.NullMarked;
