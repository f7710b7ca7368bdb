/** What is washed with, as its label says. */
@NullMarked
package org.nestrinse.app.kit.product;

import org.jspecify.annotations.NullMarked;
