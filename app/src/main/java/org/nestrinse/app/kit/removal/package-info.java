/** What the household no longer has: put away, and brought back. */
@NullMarked
package org.nestrinse.app.kit.removal;

import org.jspecify.annotations.NullMarked;
