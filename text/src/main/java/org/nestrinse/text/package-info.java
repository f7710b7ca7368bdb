/**
 * The words of Nest Rinse: one catalogue a language, and how figures and times are written. What
 * there is to say comes from core as {@link org.nestrinse.core.said.Said}.
 */
@NullMarked
package org.nestrinse.text;

import org.jspecify.annotations.NullMarked;
