/**
 * In which words a request is answered: each device names its language and measures, files follow
 * the household.
 */
@NullMarked
package org.nestrinse.app.speech;

import org.jspecify.annotations.NullMarked;
