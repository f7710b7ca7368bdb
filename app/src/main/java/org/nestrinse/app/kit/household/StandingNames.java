package org.nestrinse.app.kit.household;

import jakarta.persistence.Converter;
import org.nestrinse.app.store.CommaList;
import org.nestrinse.core.wash.school.Standing;

/** What a household does otherwise in every routine, in one column. */
@Converter
final class StandingNames extends CommaList.Names<Standing> {
  StandingNames() {
    super(Standing.class);
  }
}
