/** Simulated stand-ins for outside services: a weather station. */
@NullMarked
package org.nestrinse.app.pretend;

import org.jspecify.annotations.NullMarked;
