/** When people are there, and what else the household says about its weeks. */
@NullMarked
package org.nestrinse.app.presence;

import org.jspecify.annotations.NullMarked;
