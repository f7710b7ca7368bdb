/** Kinds of textiles and the ledger of where their pieces are. */
@NullMarked
package org.nestrinse.app.kit.kind;

import org.jspecify.annotations.NullMarked;
