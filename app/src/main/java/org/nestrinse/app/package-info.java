/**
 * The application around core: HTTP, persistence, pretend devices. One package a feature, in the
 * words of core; features talk through their public services and never through each other's
 * entities.
 */
@NullMarked
package org.nestrinse.app;

import org.jspecify.annotations.NullMarked;
