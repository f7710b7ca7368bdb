package org.nestrinse.app.kit.product;

import jakarta.persistence.Converter;
import org.nestrinse.app.store.CommaList;
import org.nestrinse.core.safety.Chemical;

/** What is in a product, in one column. */
@Converter
final class ChemicalNames extends CommaList.Names<Chemical> {
  ChemicalNames() {
    super(Chemical.class);
  }
}
