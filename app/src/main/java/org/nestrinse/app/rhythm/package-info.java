/** How many pieces a rhythm of washing needs, and how often it would run short. */
@NullMarked
package org.nestrinse.app.rhythm;

import org.jspecify.annotations.NullMarked;
