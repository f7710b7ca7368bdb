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
    migrate(URL, version);
  }

  private static void migrate(String url, String version) {
    Flyway.configure()
        .dataSource(url, "sa", "")
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

  @Test
  void roundsOfBeforeKeepTheirContentsAndGetANameOfTheirOwn() throws SQLException {
    String url = "jdbc:h2:mem:rounds;DB_CLOSE_DELAY=-1";
    migrate(url, "6");
    try (Connection c = DriverManager.getConnection(url, "sa", "");
        Statement sql = c.createStatement()) {
      sql.execute(
          "insert into person(version, name, about, sensitive_skin, ill, newborn, day_bundles, night_bundles, bed_pads)"
              + " values (0, 'A', '', false, false, false, 5, 1, 0)");
      sql.execute(
          "insert into kind(version, name, role, bin, area_m2, small) values (0, 'cloth', 'CLOTH', 'HOUSE', 0.1, true)");
      sql.execute(
          "insert into kind_part(kind_id, position, name, material, mass_kg, elastic) values"
              + " (1, 0, 'body', 'COTTON', 0.05, false), (1, 1, 'edge', 'COTTON', 0.01, false)");
      sql.execute(
          "insert into pail(version, name, style, capacity_l, position) values (0, 'p', 'DRY_PAIL', 20, 0)");
      sql.execute(
          "insert into pail_entry(version, pail_id, kind_id, pieces, taken, soil, solids, came_in) values"
              + " (0, 1, 1, 5, 5, 'WET', 'NONE', timestamp with time zone '2026-05-01 06:00:00+00:00')");
      sql.execute(
          "insert into wash_load(version, state, made_at, pail_ids) values"
              + " (0, 'STARTED', timestamp with time zone '2026-05-02 08:00:00+00:00', '1')");
      sql.execute(
          "insert into load_item(load_id, entry_id, kind_id, person_id, pieces, soil, solids_off, came_in, bulker)"
              + " values (1, 1, 1, 1, 5, 'WET', true, timestamp with time zone '2026-05-01 06:00:00+00:00', false)");
      sql.execute(
          "insert into wash_round(version, load_id, state, school, started_at, note, summary, pieces, mass_kg, fill,"
              + " programme, temperature_c, peak_c, hold_minutes, doses, rinses, spin_rpm, total_log, kill_log, goal,"
              + " goal_met, residue_mg_kg, residue_target_mg_kg, litres, kwh, cost, minutes, attended_minutes,"
              + " hardness_mmol_l, planned) values (0, 1, 'SHELVED', 'hot-and-full',"
              + " timestamp with time zone '2026-05-02 08:00:00+00:00', '', '5 cloths', 5, 0.3, 0.5, 'Cottons', 60, 60,"
              + " 30, '', 3, 1000, 5, 4, 'LIGHT', true, 50, 100, 60, 1, 1, 90, 10, 3, '{}')");
      migrate(url, "7");
      try (ResultSet held =
          sql.executeQuery("select kind, person, pieces, mass_kg, held_hours from round_content")) {
        assertThat(held.next()).isTrue();
        assertThat(held.getString("kind")).isEqualTo("cloth");
        assertThat(held.getString("person")).isEqualTo("A");
        assertThat(held.getInt("pieces")).isEqualTo(5);
        assertThat(held.getDouble("mass_kg")).isEqualTo(0.3);
        assertThat(held.getDouble("held_hours")).isEqualTo(26);
        assertThat(held.next()).isFalse();
      }
      try (ResultSet round = sql.executeQuery("select uid, trim, dose_share from wash_round")) {
        round.next();
        assertThat(round.getString("uid")).hasSize(36);
        assertThat(round.getDouble("trim")).isEqualTo(1);
        assertThat(round.getObject("dose_share")).as("nobody reckoned it then").isNull();
      }
    }
  }
}
