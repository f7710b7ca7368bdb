package org.nestrinse.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.nestrinse.app.store.ChecksumRenewal;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * The past of the made-up house as it was worked out on another day. Its database says in a table
 * of its own which day that was; {@link #bringUpTo} moves every date in it. No text holds a date.
 */
@Component
class PackedPast {
  private static final String TABLE = "packed_past";

  /** So far that no moved date meets one that is still to be moved, where each may stand once. */
  private static final Duration OUT_OF_THE_WAY = Duration.ofDays(50 * 365);

  private final JdbcTemplate sql;
  private final ChecksumRenewal checksums;

  PackedPast(JdbcTemplate sql, ChecksumRenewal checksums) {
    this.sql = sql;
    this.checksums = checksums;
  }

  /**
   * When it was packed.
   *
   * @param midnight with which its last day began
   * @param drawn how many numbers chance had drawn
   */
  record Label(Instant midnight, long drawn) {}

  private record Column(String table, String name, String type) {}

  /** Marks this house as packed today. */
  void pack(LocalDate today, long drawn) {
    sql.execute("create table " + TABLE + " (midnight timestamp(3) with time zone, drawn bigint)");
    sql.update("insert into " + TABLE + " values (?, ?)", midnight(today), drawn);
  }

  /** Returns when this house was packed, if it was and nobody lives in it yet. */
  Optional<Label> label() {
    if (columns().stream().noneMatch(c -> c.table.equalsIgnoreCase(TABLE))) {
      return Optional.empty();
    }
    return sql
        .query(
            "select midnight, drawn from " + TABLE,
            (row, i) -> new Label(row.getObject(1, Instant.class), row.getLong(2)))
        .stream()
        .findFirst();
  }

  /** Moves every date, so that the past ends today. */
  void bringUpTo(LocalDate today, Label label) {
    Duration by = Duration.between(label.midnight, midnight(today));
    sql.update("delete from " + TABLE);
    if (by.isZero()) {
      return;
    }
    for (Column column : columns()) {
      if (column.type.equals("TIMESTAMP WITH TIME ZONE")) {
        move(column, "SECOND", OUT_OF_THE_WAY.plus(by).toSeconds());
        move(column, "SECOND", -OUT_OF_THE_WAY.toSeconds());
      } else if (column.type.equals("DATE")) {
        move(column, "DAY", OUT_OF_THE_WAY.toDays() + days(by));
        move(column, "DAY", -OUT_OF_THE_WAY.toDays());
      }
    }
    checksums.renewAll();
  }

  /** Half a day more or less is another time zone. */
  private static long days(Duration by) {
    return Math.round(by.toHours() / 24.0);
  }

  private void move(Column column, String unit, long by) {
    sql.update(
        "update \"%s\" set \"%s\" = dateadd('%s', %d, \"%s\")"
            .formatted(column.table, column.name, unit, by, column.name));
  }

  private List<Column> columns() {
    return sql.query(
        """
        select c.table_name, c.column_name, c.data_type
        from information_schema.columns c
        join information_schema.tables t
          on t.table_schema = c.table_schema and t.table_name = c.table_name
        where c.table_schema = 'PUBLIC' and t.table_type = 'BASE TABLE'
          and t.table_name <> 'flyway_schema_history'
        order by c.table_name, c.column_name
        """,
        (row, i) -> new Column(row.getString(1), row.getString(2), row.getString(3)));
  }

  private static Instant midnight(LocalDate day) {
    return day.atStartOfDay(ZoneId.systemDefault()).toInstant();
  }
}
