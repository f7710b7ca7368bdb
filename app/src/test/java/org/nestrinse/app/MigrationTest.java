package org.nestrinse.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** A database that an earlier version left behind keeps its meaning. */
class MigrationTest {
  private static final String URL = "jdbc:h2:mem:migration;DB_CLOSE_DELAY=-1";

  private static void migrateTo(String version) {
    Flyway.configure()
        .dataSource(URL, "sa", "")
        .locations("classpath:db/migration")
        .target(version)
        .load()
        .migrate();
  }

  @Test
  void placesOfBeforeBecomeALineAndAnAirerAndTheirGroupsHangOn() throws SQLException {
    migrateTo("5");
    try (Connection c = DriverManager.getConnection(URL, "sa", "");
        Statement sql = c.createStatement()) {
      sql.execute(
          "insert into household(version, name, zone, hardness_mmol_l, inlet_c, room_c, day_per_kwh, night_per_kwh,"
              + " night_from, night_to, water_per_m3, goal, trim) values"
              + " (0, 'h', 'UTC', 2, 11, 19, 0.3, 0.2, '00:30', '05:30', 4, 'LIGHT', 1)");
      sql.execute(
          "insert into place(version, name, outdoors, exposure, wind_factor, sun_factor, room_c, room_humidity) values"
              + " (0, 'garden', true, 0.35, 1, 1, 19, 60), (0, 'attic', false, 0.25, 0, 0, 17, 62)");
      sql.execute(
          "insert into person(version, name, about, sensitive_skin, ill, newborn, day_bundles, night_bundles, bed_pads)"
              + " values (0, 'A', '', false, false, false, 5, 1, 0)");
      migrateTo("6");
      try (ResultSet places =
          sql.executeQuery("select name, sort, facing, metres, fan from place order by id")) {
        places.next();
        assertThat(places.getString("sort")).isEqualTo("SUN_LINE");
        assertThat(places.getString("facing")).isEqualTo("OPEN");
        assertThat(places.getObject("metres")).as("room for all, as before").isNull();
        places.next();
        assertThat(places.getString("sort")).isEqualTo("AIRER");
        assertThat(places.getBoolean("fan")).isFalse();
      }
      try (ResultSet house = sql.executeQuery("select pretend_weather from household")) {
        house.next();
        assertThat(house.getBoolean(1)).as("it listened to the station before").isTrue();
      }
      try (ResultSet person = sql.executeQuery("select rise, snaps, day_bundles from person")) {
        person.next();
        assertThat(person.getString("rise")).isEmpty();
        assertThat(person.getInt("day_bundles")).isEqualTo(5);
      }
    }
  }
}
