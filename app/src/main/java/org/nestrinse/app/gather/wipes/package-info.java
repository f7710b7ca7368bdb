/** The two boxes of wipes. */
@NullMarked
package org.nestrinse.app.gather.wipes;

import org.jspecify.annotations.NullMarked;
