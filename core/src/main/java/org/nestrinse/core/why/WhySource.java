package org.nestrinse.core.why;

import java.util.Set;
import org.nestrinse.core.said.Saying;

/** How much a figure can be relied on. */
public enum WhySource implements Saying {
  ESTIMATE,
  /** An estimate that the label of a product overrules. */
  LABEL_FIRST,
  /** Figures of our own, since nothing published says it better. */
  OWN_FIGURES,
  COUNTED;

  @Override
  public Set<String> valueNames() {
    return Set.of();
  }
}
