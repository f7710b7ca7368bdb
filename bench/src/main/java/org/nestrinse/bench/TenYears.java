package org.nestrinse.bench;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Makes a household of ten years out of one of sixty days: its past is copied again and again into
 * the time before it, until there are {@value #ROUNDS} rounds, {@value #ENTRIES} entries and
 * {@value #OBSERVATIONS} observations.
 *
 * <p>Run it on the data folder of a household that is not open: {@code TenYears data}.
 */
public final class TenYears {
  private static final int ROUNDS = 2_000;
  private static final int ENTRIES = 20_000;
  private static final int OBSERVATIONS = 5_000;
  private static final int DAYS = 60;

  /** Far above every number that the sixty days use. */
  private static final long APART = 1_000_000;

  private final Connection connection;

  private TenYears(Connection connection) {
    this.connection = connection;
  }

  /** Runs it. */
  public static void main(String[] args) throws SQLException {
    String url = "jdbc:h2:file:" + Path.of(args[0]).toAbsolutePath().resolve("nest");
    try (Connection connection = DriverManager.getConnection(url + ";IFEXISTS=TRUE", "sa", "")) {
      connection.setAutoCommit(false);
      new TenYears(connection).make();
      connection.commit();
    }
  }

  private void make() throws SQLException {
    for (int copy = 1; count("wash_round", "true") < ROUNDS; copy++) {
      rounds(copy);
    }
    for (int copy = 1; count("pail_entry", "true") < ENTRIES; copy++) {
      entries(copy);
    }
    for (int copy = 1; count("observation", "true") < OBSERVATIONS; copy++) {
      observations(copy);
    }
    System.out.printf(
        "%d rounds, %d entries, %d observations%n",
        count("wash_round", "true"), count("pail_entry", "true"), count("observation", "true"));
  }

  private void rounds(int copy) throws SQLException {
    String round = " + " + copy * APART;
    String old = "state = 'SHELVED' and id < " + APART;
    copy(
        "wash_round",
        old,
        Map.of(
            "id",
            "id" + round,
            "uid",
            "cast(random_uuid() as varchar)",
            "load_id",
            "null",
            "checksum",
            "null",
            "started_at",
            before("started_at", copy),
            "finished_at",
            before("finished_at", copy),
            "shelved_at",
            before("shelved_at", copy)));
    String ofThem = "round_id in (select id from wash_round where %s)".formatted(old);
    copy("round_text", ofThem, Map.of("round_id", "round_id" + round));
    copy("round_content", ofThem, Map.of("round_id", "round_id" + round));
    copy(
        "round_step",
        ofThem,
        Map.of("round_id", "round_id" + round, "done_at", before("done_at", copy)));
    copy("round_event", ofThem, Map.of("round_id", "round_id" + round, "at", before("at", copy)));
    copy(
        "dose_taken",
        ofThem + " and id < " + APART,
        Map.of("id", "id" + round, "round_id", "round_id" + round, "at", before("at", copy)));
  }

  /** What was washed long ago: nothing of it waits, so that no piece is counted twice. */
  private void entries(int copy) throws SQLException {
    Map<String, String> set = new LinkedHashMap<>();
    set.put("id", "id + " + copy * APART);
    set.put("came_in", before("came_in", copy));
    List.of("habit_id", "habit_day", "replaces_id", "lot_id").forEach(c -> set.put(c, "null"));
    copy("pail_entry", "taken = pieces and removed_at is null and id < " + APART, set);
  }

  private void observations(int copy) throws SQLException {
    String round = "round_id + " + copy * APART;
    copy(
        "observation",
        "id < " + APART,
        Map.of(
            "id",
            "id + " + copy * APART,
            "uid",
            "cast(random_uuid() as varchar)",
            "round_id",
            "case when exists (select 1 from wash_round r where r.id = %s) then %s end"
                .formatted(round, round),
            "source",
            "null",
            "seen_at",
            before("seen_at", copy)));
  }

  private static String before(String column, int copy) {
    return "dateadd('DAY', %d, %s)".formatted(-(long) DAYS * copy, column);
  }

  /** Copies rows of a table; columns that are not named stay as they are. */
  private void copy(String table, String where, Map<String, String> set) throws SQLException {
    List<String> columns = columns(table);
    List<String> values = columns.stream().map(c -> set.getOrDefault(c, c)).toList();
    try (Statement sql = connection.createStatement()) {
      sql.execute(
          "insert into %s (%s) select %s from %s where %s"
              .formatted(
                  table, String.join(", ", columns), String.join(", ", values), table, where));
    }
  }

  private List<String> columns(String table) throws SQLException {
    String query =
        "select lower(column_name) from information_schema.columns where lower(table_name) = ?"
            + " and table_schema = 'PUBLIC' and is_generated <> 'ALWAYS' order by ordinal_position";
    try (PreparedStatement sql = connection.prepareStatement(query)) {
      sql.setString(1, table);
      List<String> columns = new ArrayList<>();
      try (ResultSet rows = sql.executeQuery()) {
        while (rows.next()) {
          columns.add(rows.getString(1));
        }
      }
      return columns;
    }
  }

  private long count(String table, String where) throws SQLException {
    try (Statement sql = connection.createStatement();
        ResultSet rows =
            sql.executeQuery("select count(*) from %s where %s".formatted(table, where))) {
      rows.next();
      return rows.getLong(1);
    }
  }
}
