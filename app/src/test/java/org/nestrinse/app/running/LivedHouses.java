package org.nestrinse.app.running;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Comparator;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * Data folders of demo households, each lived once in a build for all processes that test: living
 * one takes the better part of a minute.
 */
final class LivedHouses {
  private static final String BUILD = System.getProperty("nest.build", "");
  private static final String BUILT_BY = "built-by";
  private static final Path ALL = all();

  private LivedHouses() {}

  /**
   * Returns the folder of a household.
   *
   * @param name of the household
   * @param live lives it and returns where it lies, if no process of this build has done so
   */
  static synchronized Path of(String name, Supplier<Path> live) {
    try {
      Path house = ALL.resolve(name.replace(':', '-'));
      try (FileChannel turn =
              FileChannel.open(
                  ALL.resolve(house.getFileName() + ".turn"),
                  StandardOpenOption.CREATE,
                  StandardOpenOption.WRITE);
          FileLock held = turn.lock()) {
        assert held.isValid();
        Path builtBy = house.resolve(BUILT_BY);
        if (!Files.exists(builtBy) || !Files.readString(builtBy).equals(BUILD)) {
          delete(house);
          Path lived = live.get();
          copy(lived, house);
          delete(lived);
          Files.writeString(builtBy, BUILD);
        }
      }
      return house;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Path all() {
    try {
      String told = System.getProperty("nest.lived");
      return told == null
          ? Files.createTempDirectory("nest-lived")
          : Files.createDirectories(Path.of(told));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Copies every file of a folder into another. */
  static void copy(Path from, Path to) {
    try (Stream<Path> files = Files.walk(from)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        Path copy = to.resolve(from.relativize(file).toString());
        Files.createDirectories(copy.getParent());
        Files.copy(file, copy);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Deletes a folder that a database may still be closing in; what is left stays behind. */
  static void deleteIfPossible(Path folder) {
    try {
      delete(folder);
    } catch (UncheckedIOException stillInUse) {
      // It lies in the temporary folder of the system.
    }
  }

  /** Deletes a folder with all that is in it, if it is there. */
  static void delete(Path folder) {
    if (!Files.exists(folder)) {
      return;
    }
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
