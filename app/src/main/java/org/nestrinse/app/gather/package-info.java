/** What pails, normal days and wipes all say. */
@NullMarked
package org.nestrinse.app.gather;

import org.jspecify.annotations.NullMarked;
