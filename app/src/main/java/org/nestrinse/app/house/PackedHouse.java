package org.nestrinse.app.house;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * A database with a family's past in it, worked out when the application was built. A made-up house
 * that starts from it is ready within seconds.
 */
@Component
class PackedHouse {
  private final @Nullable Path file;

  PackedHouse(@Value("${nest.packed-house}") @Nullable Path file) {
    this.file = file;
  }

  /** Puts it into a folder that holds no database yet; does nothing when there is none. */
  void moveInto(Path folder) {
    Path database = folder.resolve(HouseDatabases.FILE);
    if (file == null || !Files.exists(file) || Files.exists(database)) {
      return;
    }
    try {
      Files.createDirectories(folder);
      Path part = Files.createTempFile(folder, "nest", ".part");
      Files.copy(file, part, StandardCopyOption.REPLACE_EXISTING);
      Files.move(part, database, StandardCopyOption.ATOMIC_MOVE);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
