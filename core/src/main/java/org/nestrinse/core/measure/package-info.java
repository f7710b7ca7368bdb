/**
 * What a machine really does: logs of the temperature in the drum and of the power at the plug,
 * read for peak, hold, heating and phases, and laid beside what the programme promises.
 */
@NullMarked
package org.nestrinse.core.measure;

import org.jspecify.annotations.NullMarked;
