/**
 * Materials, the parts and kinds made of them, their care limits, and loads as masses by material.
 * Nothing here knows about water or machines.
 */
@NullMarked
package org.nestrinse.core.textile;

import org.jspecify.annotations.NullMarked;
