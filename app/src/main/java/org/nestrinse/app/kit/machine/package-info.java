/** Machines, vessels and dryers, and the logs that were taken of them. */
@NullMarked
package org.nestrinse.app.kit.machine;

import org.jspecify.annotations.NullMarked;
