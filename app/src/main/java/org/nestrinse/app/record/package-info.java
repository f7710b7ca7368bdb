/** Past rounds, and their export as CSV and JSON. */
@NullMarked
package org.nestrinse.app.record;

import org.jspecify.annotations.NullMarked;
