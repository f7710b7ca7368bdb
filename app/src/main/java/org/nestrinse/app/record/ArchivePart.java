package org.nestrinse.app.record;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;

/**
 * What one feature keeps of the past and takes into files and out of them. The archive knows no
 * part by name; a feature that has one is a component of this type.
 */
public interface ArchivePart {
  /** Returns its name in the JSON file and of its CSV file. */
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

  /**
   * Hands out all entries, oldest first: texts, numbers, instants, lists of maps, JSON. It reads
   * one page at a time, so that ten years need no more memory than one.
   */
  void write(Consumer<Map<String, Object>> to);

  /** Returns the names everywhere of the entries that are there. */
  Set<String> known();

  /**
   * What an entry of a file would do.
   *
   * @param uid its name everywhere
   * @param keep keeps it
   */
  record Prepared(String uid, Runnable keep) {}

  /**
   * Reads an entry and checks it, each field and between them; what is wrong is noted at the entry,
   * and the result then means nothing.
   *
   * @param roundUids names of the rounds that are there or in the same file
   */
  Prepared prepare(ArchiveEntry entry, Set<String> roundUids);

  /** Deletes all of it that is past. */
  void wipe();
}
