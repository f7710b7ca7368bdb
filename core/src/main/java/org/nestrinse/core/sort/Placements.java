package org.nestrinse.core.sort;

import java.util.Arrays;

/** Placements of heaps: for each heap the number of its load, or that it waits. */
final class Placements {
  /** A placement that means: it waits. */
  static final int WAITS = -1;

  private Placements() {}

  /** Returns the loads in the order in which they lead, the one that is due first before all. */
  static int[] inOrder(int[] lead) {
    int[] order = new int[lead.length];
    boolean[] done = new boolean[lead.length];
    for (int place = 0; place < order.length; place++) {
      int next = -1;
      for (int l = 0; l < lead.length; l++) {
        if (!done[l] && (next < 0 || lead[l] < lead[next])) {
          next = l;
        }
      }
      done[next] = true;
      order[place] = next;
    }
    return order;
  }

  /** Returns how many loads there are. */
  static int loads(int[] where) {
    return Arrays.stream(where).max().orElse(WAITS) + 1;
  }

  /** Returns the same placement with loads numbered without gaps, in the order of their heaps. */
  static int[] withoutGaps(int[] where) {
    int[] names = new int[where.length + 2];
    Arrays.fill(names, WAITS);
    int next = 0;
    int[] tidy = new int[where.length];
    for (int i = 0; i < where.length; i++) {
      if (where[i] == WAITS) {
        tidy[i] = WAITS;
        continue;
      }
      if (names[where[i]] == WAITS) {
        names[where[i]] = next++;
      }
      tidy[i] = names[where[i]];
    }
    return tidy;
  }
}
