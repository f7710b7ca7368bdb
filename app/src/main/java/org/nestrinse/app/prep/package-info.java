/** New pieces: every wash that a round gives them is counted by itself. */
@NullMarked
package org.nestrinse.app.prep;

import org.jspecify.annotations.NullMarked;
