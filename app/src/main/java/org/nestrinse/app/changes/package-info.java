/**
 * What has changed: a number a household that grows with every change, answers that are kept for as
 * long as it stands, and the stream that tells every device.
 */
@NullMarked
package org.nestrinse.app.changes;

import org.jspecify.annotations.NullMarked;
