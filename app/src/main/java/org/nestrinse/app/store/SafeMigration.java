package org.nestrinse.app.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Objects;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.house.HouseMigration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * Copies the database beside itself before a new release changes it. When the change fails, the
 * copy goes back into its place, and the start ends with a sentence that says so.
 */
@Component
class SafeMigration implements FlywayMigrationStrategy, HouseMigration {
  private static final Logger LOG = LoggerFactory.getLogger(SafeMigration.class);

  private final Path folder;
  private @Nullable Flyway own;

  SafeMigration(@Value("${nest.data}") Path folder) {
    this.folder = folder;
  }

  @Override
  public void migrate(Flyway flyway) {
    own = flyway;
    migrate(flyway, folder);
  }

  /** Brings another house up by the same migrations as the own one. */
  @Override
  public void migrate(DataSource database, Path at) {
    migrate(
        Flyway.configure()
            .configuration(Objects.requireNonNull(own).getConfiguration())
            .dataSource(database)
            .load(),
        at);
  }

  private static void migrate(Flyway flyway, Path folder) {
    DatabaseFile database = new DatabaseFile(folder.toAbsolutePath(), "nest");
    MigrationInfo now = flyway.info().current();
    MigrationInfo[] pending = flyway.info().pending();
    if (now == null || now.getVersion() == null || pending.length == 0) {
      flyway.migrate();
      return;
    }
    String version = now.getVersion().getVersion();
    DataSource open = flyway.getConfiguration().getDataSource();
    DatabaseFile copy = database.at(version);
    database.copyTo(copy, open);
    LOG.info("The database of version {} is kept as {}", version, copy.path().getFileName());
    try {
      flyway.migrate();
    } catch (FlywayException e) {
      close(open, e);
      database.replaceBy(copy);
      throw new MigrationFailed(
          "The database of version %s could not be brought to version %s. It is as it was, and a copy lies beside it: %s."
              .formatted(
                  version,
                  pending[pending.length - 1].getVersion().getVersion(),
                  copy.path().getFileName()),
          e);
    }
  }

  /** The file can be put back only when nobody holds it open. */
  private static void close(DataSource open, FlywayException cause) {
    try (Connection connection = open.getConnection();
        Statement sql = connection.createStatement()) {
      sql.execute("shutdown immediately");
    } catch (SQLException e) {
      cause.addSuppressed(e);
    }
  }
}
