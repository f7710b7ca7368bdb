package org.nestrinse.app.record;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A part of the record that goes into files and comes out of them. Each feature that keeps
 * something of the past has one.
 */
public interface ArchivePart {
  /** Returns its name in files, such as "rounds". */
  String name();

  /** Returns where it stands among the parts: what others point at comes first. */
  int order();

  /** Returns the column by which a CSV file is known to be of this part. */
  String mark();

  /** Returns its columns, in order; those in {@link #large} are left out of CSV. */
  List<String> columns();

  /** Returns the columns that are too large for a cell. */
  default Set<String> large() {
    return Set.of();
  }

  /** Returns all entries, oldest first: texts, numbers, instants, lists of maps, JSON. */
  List<Map<String, Object>> write();

  /**
   * What an entry of a file would do.
   *
   * @param uid its name everywhere
   * @param known whether it is there already, so that nothing is to be done
   * @param keep keeps it
   */
  record Prepared(String uid, boolean known, Runnable keep) {}

  /**
   * Reads an entry and checks it; what is wrong is noted at the entry, and the result then means
   * nothing.
   *
   * @param roundUids names of the rounds that are there or in the same file
   */
  Prepared prepare(ArchiveEntry entry, Set<String> roundUids);

  /** Deletes all of it that is past. */
  void wipe();
}
