/**
 * How much of a product a bath gets: label, hardness, mass, phase, school and trim, then rounded to
 * what a scoop can measure.
 */
@NullMarked
package org.nestrinse.core.dose;

import org.jspecify.annotations.NullMarked;
