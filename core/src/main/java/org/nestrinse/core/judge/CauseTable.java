package org.nestrinse.core.judge;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The tables of the model: how often each cause is one, how often each shows a finding, and what is
 * done about it. Read from {@code causes.txt} beside this class, where each figure has its reason.
 */
final class CauseTable {
  private static final String FILE = "causes.txt";
  private static final double PERCENT = 100;
  private static final String ALL = "*";

  /** The one table. */
  static final CauseTable TABLE = read();

  private final Map<Cause, Double> priors = new EnumMap<>(Cause.class);
  private final Map<String, Row> usual = new HashMap<>();
  private final Map<String, Map<Cause, Row>> rows = new HashMap<>();
  private final Map<Cause, List<Proposed>> changes = new EnumMap<>(Cause.class);

  private CauseTable() {}

  /** How often a finding shows, and why. */
  record Row(double probability, @Nullable CauseReason reason) {}

  /** A change that a cause asks for, and what it is expected to do. */
  record Proposed(Change change, CauseReason expected) {}

  private static CauseTable read() {
    CauseTable table = new CauseTable();
    try (BufferedReader file =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(CauseTable.class.getResourceAsStream(FILE)),
                StandardCharsets.UTF_8))) {
      file.lines()
          .map(line -> line.replaceFirst("#.*", "").strip())
          .filter(line -> !line.isEmpty())
          .forEach(line -> table.add(line.split("\\s*\\|\\s*")));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return table;
  }

  private void add(String[] f) {
    switch (f[0]) {
      case "prior" -> priors.put(Cause.valueOf(f[1]), Double.parseDouble(f[2]) / PERCENT);
      case "seen" -> {
        Row row =
            new Row(Double.parseDouble(f[3]), f.length > 4 ? CauseReason.valueOf(f[4]) : null);
        if (f[2].equals(ALL)) {
          usual.put(f[1], row);
        } else {
          rows.computeIfAbsent(f[1], k -> new EnumMap<>(Cause.class)).put(Cause.valueOf(f[2]), row);
        }
      }
      case "change" ->
          changes
              .computeIfAbsent(Cause.valueOf(f[1]), k -> new ArrayList<>())
              .add(new Proposed(Change.valueOf(f[2]), CauseReason.valueOf(f[3])));
      default -> throw new IllegalStateException(f[0]);
    }
  }

  /** Returns how often a cause is one, before anything is known. */
  double prior(Cause cause) {
    return priors.getOrDefault(cause, 0.0);
  }

  /** Returns the changes that a cause asks for, the most useful first. */
  List<Proposed> changes(Cause cause) {
    return changes.getOrDefault(cause, List.of());
  }

  /** Returns whether a change does anything about a cause. */
  boolean touches(Change change, Cause cause) {
    return changes(cause).stream().anyMatch(p -> p.change == change);
  }

  /** Returns whether a cause makes anything wrong with a sign likelier than it is anyway. */
  boolean shows(Cause cause, Sign sign) {
    return sign.all().stream()
        .filter(v -> !sign.good(v.id()))
        .anyMatch(v -> reason(cause, sign, v.id()) != null);
  }

  /** Returns why a cause shows a finding, or null when it shows it no more than others do. */
  @Nullable CauseReason reason(Cause cause, Sign sign, String value) {
    Row row = rows.getOrDefault(sign.name() + "." + value, Map.of()).get(cause);
    return row == null ? null : row.reason;
  }

  /**
   * Returns how often a sign has this value when this is the cause. The good value has what the
   * others leave.
   */
  double likelihood(Cause cause, Sign sign, String value) {
    if (!sign.good(value)) {
      return bad(cause, sign, value);
    }
    double rest = 1;
    for (Sign.Value v : sign.all()) {
      rest -= sign.good(v.id()) ? 0 : bad(cause, sign, v.id());
    }
    return rest;
  }

  private double bad(Cause cause, Sign sign, String value) {
    String finding = sign.name() + "." + value;
    Row row = rows.getOrDefault(finding, Map.of()).get(cause);
    if (row != null) {
      return row.probability;
    }
    Row all = usual.get(finding);
    return all == null ? 0 : all.probability;
  }

  /** Returns whether the table knows anything about a sign. */
  boolean tells(Sign sign) {
    return sign.all().stream().anyMatch(v -> usual.containsKey(sign.name() + "." + v.id()));
  }
}
