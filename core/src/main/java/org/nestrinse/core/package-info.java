/**
 * The rules of the job and every computation, in the order of the work. Plain Java: no web, no
 * database, no framework.
 */
package org.nestrinse.core;
