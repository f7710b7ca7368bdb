/**
 * Journeys of a person through the real interface, in a real browser, against the real application.
 */
package org.nestrinse.e2e;
