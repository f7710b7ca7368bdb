/** The state of each station in one phrase, for the pegs. */
@NullMarked
package org.nestrinse.app.line;

import org.jspecify.annotations.NullMarked;
