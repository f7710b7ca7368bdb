package org.nestrinse.app.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A packed past moves into an empty folder, and never over a family's own data. */
class PackedHouseTest {
  @TempDir Path temp;

  private static Stream<Path> files(Path folder) throws IOException {
    try (Stream<Path> all = Files.list(folder)) {
      return all.toList().stream();
    }
  }

  @Test
  void movesIntoAnEmptyFolderAndLeavesNothingElse() throws IOException {
    Path packed = Files.writeString(temp.resolve("packed"), "sixty days");
    Path house = temp.resolve("new").resolve("house");
    new PackedHouse(packed).moveInto(house);
    assertThat(house.resolve("nest.mv.db")).hasContent("sixty days");
    assertThat(files(house)).hasSize(1);
    assertThat(packed).exists();
  }

  @Test
  void leavesWhatIsThereAlone() throws IOException {
    Path packed = Files.writeString(temp.resolve("packed"), "sixty days");
    Files.writeString(temp.resolve("nest.mv.db"), "our own");
    new PackedHouse(packed).moveInto(temp);
    assertThat(temp.resolve("nest.mv.db")).hasContent("our own");
  }

  @Test
  void withoutAPackedPastNothingMoves() throws IOException {
    Path house = temp.resolve("house");
    new PackedHouse(null).moveInto(house);
    new PackedHouse(temp.resolve("nowhere")).moveInto(house);
    assertThat(house).doesNotExist();
  }
}
