package org.nestrinse.app.house;

import java.nio.file.Path;
import javax.sql.DataSource;

/** Brings the database of a household up to this release. */
public interface HouseMigration {
  /** Does it, with a copy of what was there beside it. */
  void migrate(DataSource database, Path folder);
}
