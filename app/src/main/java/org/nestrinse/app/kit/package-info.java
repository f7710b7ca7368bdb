/**
 * What the household has, by subject: each is stored, edited, and handed to the other features as
 * values of core.
 */
@NullMarked
package org.nestrinse.app.kit;

import org.jspecify.annotations.NullMarked;
