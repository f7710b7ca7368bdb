package org.nestrinse.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.nestrinse.app.running.RunningApp;

/** A new release changes the database of an older one only with a checked copy beside it. */
@Tag("long")
class SafeMigrationTest {
  private static final String OLD = "8";
  private Path data;

  @BeforeEach
  void aHouseOfAnOlderRelease() throws IOException, SQLException {
    data = Files.createTempDirectory("nest-rinse");
    Flyway.configure()
        .dataSource(url("nest"), "sa", "")
        .locations("classpath:db/migration")
        .target(OLD)
        .load()
        .migrate();
    try (Connection c = DriverManager.getConnection(url("nest"), "sa", "");
        Statement sql = c.createStatement()) {
      sql.execute(
          "insert into person(version, name, about, sensitive_skin, ill, newborn, day_bundles, night_bundles, bed_pads)"
              + " values (0, 'Wren', '', false, false, false, 5, 1, 0)");
    }
  }

  private String url(String name) {
    return "jdbc:h2:file:" + data.resolve(name) + ";TRACE_LEVEL_FILE=0";
  }

  @Test
  void theCopyLiesBesideItUnderTheOldVersionsName() throws SQLException {
    try (RunningApp app = RunningApp.over(data)) {
      assertThat(app.get("/api/v1/people").body()).contains("Wren");
      assertThat(files()).contains("nest.mv.db", "nest-at-8.mv.db");
      assertThat(versionOf("nest-at-8")).isEqualTo(OLD);
      assertThat(personIn("nest-at-8")).isEqualTo("Wren");
    }
  }

  @Test
  void aStartWithNothingToChangeMakesNoCopy() {
    try (RunningApp app = RunningApp.over(data)) {
      assertThat(files()).hasSize(2);
      app.restart();
      assertThat(files()).containsExactlyInAnyOrder("nest.mv.db", "nest-at-8.mv.db");
    }
  }

  @Test
  void aChangeThatFailsHalfWayLeavesTheOldDatabaseInPlaceAndSaysSo() throws Exception {
    Path bad = Files.createTempDirectory("bad-migration");
    Files.writeString(
        bad.resolve("V900__bad.sql"),
        "delete from person; alter table person drop column nothing;");
    String both = "--spring.flyway.locations=classpath:db/migration,filesystem:" + bad;
    assertThatThrownBy(() -> RunningApp.over(data, both))
        .hasRootCauseInstanceOf(SQLException.class)
        .hasStackTraceContaining(
            "The database of version 8 could not be brought to version 900. It is as it was");
    assertThat(versionOf("nest")).isEqualTo(OLD);
    assertThat(personIn("nest")).isEqualTo("Wren");
    try (RunningApp app = RunningApp.over(data)) {
      assertThat(app.get("/api/v1/people").body()).contains("Wren");
    }
  }

  private List<String> files() {
    try (Stream<Path> all = Files.list(data)) {
      return all.map(f -> f.getFileName().toString()).toList();
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  private String versionOf(String name) throws SQLException {
    return one(
        name,
        "select \"version\" from \"flyway_schema_history\" where \"success\" order by \"installed_rank\" desc limit 1");
  }

  private String personIn(String name) throws SQLException {
    return one(name, "select name from person");
  }

  private String one(String name, String query) throws SQLException {
    try (Connection c = DriverManager.getConnection(url(name) + ";IFEXISTS=TRUE", "sa", "");
        ResultSet rows = c.createStatement().executeQuery(query)) {
      rows.next();
      return rows.getString(1);
    }
  }
}
