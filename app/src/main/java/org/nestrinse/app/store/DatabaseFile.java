package org.nestrinse.app.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.sql.DataSource;

/**
 * The file of an open H2 database, and copies of it that lie beside it.
 *
 * @param folder where it lies
 * @param name its name without the ending
 */
record DatabaseFile(Path folder, String name) {
  private static final String ENDING = ".mv.db";

  /** Returns the path of the file. */
  Path path() {
    return folder.resolve(name + ENDING);
  }

  /** Returns the name under which the database of an older version is kept. */
  DatabaseFile at(String version) {
    return new DatabaseFile(folder, name + "-at-" + version);
  }

  /**
   * Copies the database while it is open, by the database's own backup, and opens the copy once to
   * see that it holds as many tables as the original.
   *
   * @throws IllegalStateException when the copy does not open or lacks tables; nothing is kept then
   */
  void copyTo(DatabaseFile copy, DataSource open) {
    Path zip = folder.resolve(copy.name + ".zip.part");
    DatabaseFile part = new DatabaseFile(folder, copy.name + ".part");
    try {
      try (Connection connection = open.getConnection();
          Statement sql = connection.createStatement()) {
        sql.execute("backup to '" + zip.toString().replace("'", "''") + "'");
        unpack(zip, part.path());
        long tables = tables(sql);
        if (part.tables() != tables) {
          throw new IllegalStateException("the copy does not hold all tables");
        }
      }
      Files.move(part.path(), copy.path(), StandardCopyOption.REPLACE_EXISTING);
    } catch (SQLException | IOException e) {
      throw new IllegalStateException("no copy could be made of " + path(), e);
    } finally {
      delete(zip);
      delete(part.path());
    }
  }

  /** Puts another file in the place of this one; the database must be closed. */
  void replaceBy(DatabaseFile other) {
    try {
      Files.copy(other.path(), path(), StandardCopyOption.REPLACE_EXISTING);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private long tables() throws SQLException {
    String url =
        "jdbc:h2:file:"
            + folder.resolve(name)
            + ";IFEXISTS=TRUE;ACCESS_MODE_DATA=r;TRACE_LEVEL_FILE=0";
    try (Connection connection = DriverManager.getConnection(url, "sa", "");
        Statement sql = connection.createStatement()) {
      return tables(sql);
    }
  }

  private static long tables(Statement sql) throws SQLException {
    try (ResultSet rows =
        sql.executeQuery(
            "select count(*) from information_schema.tables where table_schema = 'PUBLIC'")) {
      rows.next();
      return rows.getLong(1);
    }
  }

  private static void unpack(Path zip, Path file) throws IOException {
    try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        if (entry.getName().endsWith(ENDING)) {
          Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
        }
      }
    }
  }

  private static void delete(Path file) {
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
