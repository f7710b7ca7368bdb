/**
 * The first five minutes: from an empty house to a first pail in five steps, with plain sorts of
 * everything to start from. What is tapped is kept at once, so that it can be left and come back
 * to.
 */
@NullMarked
package org.nestrinse.app.setup;

import org.jspecify.annotations.NullMarked;
