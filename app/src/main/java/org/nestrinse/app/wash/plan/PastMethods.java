package org.nestrinse.app.wash.plan;

import java.util.Collection;
import org.jspecify.annotations.Nullable;

/** How things were washed until now; told by whoever keeps the rounds. */
public interface PastMethods {
  /** Returns the method by which such kinds were washed last; null when they never were. */
  @Nullable String usual(Collection<Long> kindIds);
}
