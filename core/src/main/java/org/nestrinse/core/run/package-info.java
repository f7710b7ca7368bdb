/**
 * Doing a routine: what is looked at and decided on the way, what each answer adds, and the course
 * of a round as it really went. Plain values; clocks and storage are elsewhere.
 */
@NullMarked
package org.nestrinse.core.run;

import org.jspecify.annotations.NullMarked;
