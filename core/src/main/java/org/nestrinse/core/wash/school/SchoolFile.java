package org.nestrinse.core.wash.school;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.kit.Product;

/** Reads the schools that come with the application. */
final class SchoolFile {
  private static final String FILE = "schools.txt";
  private static final String NONE = "-";

  private SchoolFile() {}

  /**
   * Returns them in the order of the file; throws {@link IllegalStateException} when a school lacks
   * a line.
   */
  static List<School> read() {
    List<School> all = new ArrayList<>();
    Map<String, String[]> lines = new HashMap<>();
    try (BufferedReader file =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(SchoolFile.class.getResourceAsStream(FILE)),
                StandardCharsets.UTF_8))) {
      for (String line = file.readLine(); line != null; line = file.readLine()) {
        String[] fields = line.replaceFirst("#.*", "").strip().split("\\s*\\|\\s*");
        if (!fields[0].isEmpty()) {
          lines.put(fields[0], fields);
        }
        if (fields[0].equals("finish")) {
          all.add(school(lines));
          lines.clear();
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return List.copyOf(all);
  }

  private static School school(Map<String, String[]> lines) {
    String id = line(lines, "name", 2)[1];
    String key = id.toUpperCase(Locale.ROOT).replace('-', '_');
    String[] first = line(lines, "first", 5);
    String[] main = line(lines, "main", 4);
    String[] with = line(lines, "with", 6);
    String[] finish = line(lines, "finish", 3);
    return new School(
        id,
        SchoolSaying.valueOf(key).said(),
        SchoolSaying.valueOf(key + "_BELIEF").said(),
        new School.First(
            School.Before.valueOf(first[1]), whole(first[2]), number(first[3]), number(first[4])),
        new School.Main(whole(main[1]), whole(main[2]), School.By.valueOf(main[3])),
        new School.Chemistry(
            number(with[1]),
            number(with[2]),
            School.Enzymes.valueOf(with[3]),
            form(with[4]),
            with[5].equals("sanitiser"),
            with[5].equals("vinegar")),
        new School.Finish(
            whole(finish[1]), whole(finish[2]), SchoolSaying.valueOf(key + "_DRYING").said()),
        School.Picked.NOTHING);
  }

  private static String[] line(Map<String, String[]> lines, String name, int fields) {
    String[] line = lines.get(name);
    if (line == null || line.length != fields) {
      throw new IllegalStateException(FILE + ":" + name);
    }
    return line;
  }

  private static Product.@Nullable Form form(String name) {
    return name.equals(NONE) ? null : Product.Form.valueOf(name);
  }

  private static int whole(String number) {
    return Integer.parseInt(number);
  }

  private static double number(String number) {
    return Double.parseDouble(number);
  }
}
