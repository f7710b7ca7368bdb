/** The models of core, each on its own, without state. */
@NullMarked
package org.nestrinse.app.calculators;

import org.jspecify.annotations.NullMarked;
