/** What is clean, the bundles it makes, and until when it lasts. */
@NullMarked
package org.nestrinse.app.shelf;

import org.jspecify.annotations.NullMarked;
