/**
 * Ranges of the quantities that the models accept, and the error that names field, value and range.
 * Conversions between household measures live here too; everything else in core speaks kilograms,
 * litres, grams, degrees Celsius and minutes.
 */
@NullMarked
package org.nestrinse.core.units;

import org.jspecify.annotations.NullMarked;
