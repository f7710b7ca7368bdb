/** How the database is kept: copied before it is changed, and checked. */
@NullMarked
package org.nestrinse.app.store;

import org.jspecify.annotations.NullMarked;
