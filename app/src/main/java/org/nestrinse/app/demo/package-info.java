/**
 * The demo household: made by one fixed seed, dated relative to today, by running the real services
 * in the past.
 */
@NullMarked
package org.nestrinse.app.demo;

import org.jspecify.annotations.NullMarked;
