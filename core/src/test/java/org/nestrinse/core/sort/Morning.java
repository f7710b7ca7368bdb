package org.nestrinse.core.sort;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.nestrinse.core.Pieces;
import org.nestrinse.core.gather.PailStyle;
import org.nestrinse.core.gather.SkinNeed;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.gather.Storage;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.CareLimits;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.KindBuilder;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;

/** A morning as data: a household's machine, its pails, and what should come of them. */
record Morning(
    String title, Machine machine, List<Offered> offered, Map<String, List<String>> expected) {
  static final Path FOLDER = Path.of("src/test/resources/mornings");
  static final Instant NOW = Pieces.NOW;

  static List<Morning> all() {
    try (Stream<Path> files = Files.list(FOLDER)) {
      return files.filter(f -> f.toString().endsWith(".txt")).sorted().map(Morning::read).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static Map<String, Kind> kinds() {
    try {
      Map<String, Kind> kinds = new LinkedHashMap<>();
      for (String line :
          Files.readAllLines(FOLDER.resolve("kinds.csv")).stream().skip(1).toList()) {
        String[] f = line.split(";", -1);
        CareLimits label = null;
        if (!f[7].isEmpty()) {
          String[] l = f[7].split(" ");
          label =
              new CareLimits(
                  Integer.parseInt(l[0]), Integer.parseInt(l[1]), DryerHeat.valueOf(l[2]));
        }
        Kind kind =
            KindBuilder.builder()
                .id(kinds.size() + 1)
                .name(f[0])
                .role(Role.valueOf(f[1]))
                .bin(Bin.valueOf(f[2]))
                .parts(Arrays.stream(f[6].split("\\|")).map(Morning::part).toList())
                .areaM2(Double.parseDouble(f[4]))
                .small(f[3].equals("yes"))
                .label(label)
                .colour(Colour.valueOf(f[5]))
                .bulkFactor(1)
                .plural(f[0] + "s")
                .build();
        kinds.put(kind.name(), kind);
      }
      return kinds;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Part part(String text) {
    String[] f = text.split(" ");
    return new Part("body", Material.valueOf(f[0]), Double.parseDouble(f[1]), f.length > 2);
  }

  private static Morning read(Path file) {
    Map<String, Kind> kinds = kinds();
    String title = "";
    Machine machine = Pieces.MACHINE;
    List<Offered> offered = new ArrayList<>();
    Map<String, List<String>> expected = new LinkedHashMap<>();
    PailStyle style = PailStyle.DRY_PAIL;
    Set<SkinNeed> needs = Set.of();
    for (String line : lines(file)) {
      String[] words = line.strip().split(" ");
      switch (words[0]) {
        case "title" -> title = line.substring(6);
        case "machine" ->
            machine =
                new Machine(
                    "the machine",
                    Machine.Type.valueOf(words[1]),
                    Double.parseDouble(words[2]),
                    Double.parseDouble(words[3]),
                    0.235,
                    2000,
                    Pieces.MACHINE.programmes());
        case "pail" -> {
          boolean need =
              Arrays.stream(SkinNeed.values())
                  .anyMatch(n -> n.name().equals(words[words.length - 1]));
          needs = need ? Set.of(SkinNeed.valueOf(words[words.length - 1])) : Set.of();
          style = PailStyle.valueOf(words[words.length - (need ? 2 : 1)]);
        }
        case "expect" ->
            expected
                .computeIfAbsent(words[1], k -> new ArrayList<>())
                .add(line.substring(line.indexOf(words[1]) + words[1].length()).strip());
        default -> offered.add(offered(words, kinds, offered.size() + 1, style, needs));
      }
    }
    return new Morning(title, machine, offered, expected);
  }

  private static Offered offered(
      String[] words, Map<String, Kind> kinds, long id, PailStyle style, Set<SkinNeed> needs) {
    boolean fresh = words[words.length - 1].equals("new");
    int end = words.length - (fresh ? 1 : 0);
    Duration ago = Duration.ofHours(Long.parseLong(words[end - 1].replace("h", "")));
    String kind = Arrays.stream(words, 1, end - 2).collect(Collectors.joining(" "));
    SoiledPieces pieces =
        new SoiledPieces(
            kinds.get(kind),
            Integer.parseInt(words[0]),
            Soil.valueOf(words[end - 2]),
            true,
            NOW.minus(ago),
            needs,
            Storage.USUAL,
            fresh);
    return new Offered(id, pieces, style.forBulk());
  }

  private static List<String> lines(Path file) {
    try {
      return Files.readAllLines(file).stream().filter(l -> !l.isBlank()).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public String toString() {
    return title;
  }
}
