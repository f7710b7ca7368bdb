/** What plans and rounds both say. */
@NullMarked
package org.nestrinse.app.wash;

import org.jspecify.annotations.NullMarked;
