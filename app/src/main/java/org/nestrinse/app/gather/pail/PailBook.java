package org.nestrinse.app.gather.pail;

import java.util.Map;
import java.util.stream.Collectors;
import org.nestrinse.app.gather.normal.PailNames;
import org.springframework.stereotype.Component;

/** Tells normal days which pails there are. */
@Component
class PailBook implements PailNames {
  private final PailRepository pails;

  PailBook(PailRepository pails) {
    this.pails = pails;
  }

  @Override
  public Map<Long, String> all() {
    return pails.findAll().stream().collect(Collectors.toMap(p -> p.id, p -> p.name));
  }

  @Override
  public boolean inUse(long pailId) {
    return pails.existsByIdAndRemovedAtIsNull(pailId);
  }
}
