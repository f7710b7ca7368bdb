package org.nestrinse.app.record;

import java.util.ArrayList;
import java.util.List;
import org.nestrinse.app.problem.LineError;

/** What is wrong in a file: the first of it, and how much more there is. */
final class FileErrors {
  private static final int SHOWN = 20;

  private final List<LineError> first = new ArrayList<>();
  private int count;

  void add(LineError error) {
    if (first.size() < SHOWN) {
      first.add(error);
    }
    count++;
  }

  boolean none() {
    return count == 0;
  }

  List<LineError> first() {
    return List.copyOf(first);
  }

  int more() {
    return count - first.size();
  }
}
