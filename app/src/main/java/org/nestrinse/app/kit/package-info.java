/**
 * The household, its people, kinds with stock, products, machine and places: stored, edited, and
 * handed to the other features as values of core.
 */
@NullMarked
package org.nestrinse.app.kit;

import org.jspecify.annotations.NullMarked;
