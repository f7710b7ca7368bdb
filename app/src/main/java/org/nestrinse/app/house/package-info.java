/** The two households of one process: the family's own, and a made-up one to look around in. */
@NullMarked
package org.nestrinse.app.house;

import org.jspecify.annotations.NullMarked;
