package org.nestrinse.app.record;

import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;

/** Walks through many rows, a page at a time, so that few of them are in memory at once. */
public final class Pages {
  private static final int ROWS = 200;

  private Pages() {}

  /** Hands out every row of a query. */
  public static <T> void each(Function<Pageable, Slice<T>> query, Consumer<T> to) {
    Pageable next = PageRequest.of(0, ROWS);
    while (true) {
      Slice<T> page = query.apply(next);
      page.forEach(to);
      if (!page.hasNext()) {
        return;
      }
      next = page.nextPageable();
    }
  }
}
