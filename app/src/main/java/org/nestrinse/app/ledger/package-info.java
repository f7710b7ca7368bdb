/** Whether the counts of pieces agree with the places where pieces are. */
@NullMarked
package org.nestrinse.app.ledger;

import org.jspecify.annotations.NullMarked;
