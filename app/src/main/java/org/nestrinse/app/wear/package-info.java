/** What pieces have been through, when to look at them, and when they are retired. */
@NullMarked
package org.nestrinse.app.wear;

import org.jspecify.annotations.NullMarked;
