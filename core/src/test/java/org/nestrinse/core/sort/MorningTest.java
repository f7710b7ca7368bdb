package org.nestrinse.core.sort;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.nestrinse.core.gather.SoiledPieces;

/** Twelve mornings, each with the loads that should come of it and their reasons. */
class MorningTest {

  static List<Morning> mornings() {
    return Morning.all();
  }

  @Test
  void thereAreTwelve() {
    assertThat(Morning.all()).hasSize(12);
  }

  @ParameterizedTest
  @MethodSource("mornings")
  void becomesTheRightLoads(Morning morning) {
    Sorted sorted = SortSolver.solve(morning.offered(), morning.machine(), Morning.NOW);
    String told = told(sorted);
    List<Map<String, Integer>> drums =
        sorted.drums().stream().map(d -> counts(d.firstPieces())).toList();
    morning
        .expected()
        .forEach(
            (what, lines) ->
                lines.forEach(line -> check(morning, what, line, sorted, drums, told)));
  }

  private static void check(
      Morning morning,
      String what,
      String line,
      Sorted sorted,
      List<Map<String, Integer>> drums,
      String told) {
    switch (what) {
      case "drum" -> assertThat(drums).as(told).contains(counts(line));
      case "runs" -> assertThat(drums).as(told).hasSize(Integer.parseInt(line));
      case "waits" ->
          assertThat(sorted.waiting())
              .as(told)
              .anyMatch(w -> w.offered().pieces().kind().name().equals(line))
              .allMatch(w -> !w.reason().nothing() && w.until().isAfter(Morning.NOW));
      case "answer" ->
          assertThat(sorted.answers())
              .as(told)
              .anyMatch(a -> a.offered().pieces().kind().name().equals(line));
      case "bulk" ->
          assertThat(sorted.drums().get(0).bulkers())
              .as(told)
              .anyMatch(o -> o.pieces().kind().name().equals(line));
      case "needs" ->
          assertThat(sorted.drums()).as(told).anyMatch(d -> d.leastC() == Integer.parseInt(line));
      case "soft" ->
          assertThat(sorted.drums())
              .as(told)
              .anyMatch(d -> d.broken().stream().anyMatch(b -> b.rule().name().equals(line)));
      case "fill" -> {
        String[] range = line.split(" ");
        assertThat(sorted.drums())
            .as(told)
            .allMatch(
                d ->
                    d.fill().main() >= Double.parseDouble(range[0])
                        && d.fill().main() <= Double.parseDouble(range[1]) + 1e-9);
      }
      case "apart" -> {
        String[] rule = line.split(": ");
        String[] pair = rule[0].split(", ");
        Joining.Pair told2 = Joining.pair(one(morning, pair[0]), one(morning, pair[1]));
        assertThat(told2.together()).isFalse();
        assertThat(told2.rule()).isNotNull();
        assertThat(told2.rule().name()).isEqualTo(rule[1]);
      }
      default -> throw new AssertionError("unknown expectation " + what);
    }
  }

  private static SoiledPieces one(Morning morning, String kind) {
    return morning.offered().stream()
        .map(Offered::pieces)
        .filter(p -> p.kind().name().equals(kind))
        .findFirst()
        .orElseThrow();
  }

  private static Map<String, Integer> counts(List<SoiledPieces> pieces) {
    Map<String, Integer> counts = new TreeMap<>();
    pieces.forEach(p -> counts.merge(p.kind().name(), p.count(), Integer::sum));
    return counts;
  }

  private static Map<String, Integer> counts(String line) {
    Map<String, Integer> counts = new TreeMap<>();
    for (String part : line.split(", ")) {
      int blank = part.indexOf(' ');
      counts.put(part.substring(blank + 1), Integer.parseInt(part.substring(0, blank)));
    }
    return counts;
  }

  private static String told(Sorted sorted) {
    StringBuilder told = new StringBuilder();
    sorted
        .drums()
        .forEach(
            d ->
                told.append("\ndrum ")
                    .append(counts(d.firstPieces()))
                    .append(" + ")
                    .append(counts(d.bulkPieces()))
                    .append(" full ")
                    .append(d.fill().main())
                    .append(" at ")
                    .append(d.commonC())
                    .append(d.broken().stream().map(b -> b.rule().name()).toList()));
    sorted
        .waiting()
        .forEach(
            w ->
                told.append("\nwaits ")
                    .append(w.offered().pieces().said())
                    .append(": ")
                    .append(w.reason()));
    sorted.answers().forEach(a -> told.append("\nanswer ").append(a.offered().pieces().said()));
    return told.append("\nproven ").append(sorted.proven()).toString();
  }
}
