package org.nestrinse.core.reset;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.OutOfRange;

/**
 * What goes into the vessel at once.
 *
 * @param pieces kinds with their number, in the order in which they go in: the lightest first
 */
public record ResetBatch(Map<Kind, Integer> pieces) {
  private static final double TINY_KG = 1e-9;

  public ResetBatch {
    pieces = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(pieces));
  }

  /** Returns the dry mass [kg]. */
  public double massKg() {
    return pieces.entrySet().stream().mapToDouble(e -> e.getKey().massKg() * e.getValue()).sum();
  }

  /** Returns how many pieces there are. */
  public int count() {
    return pieces.values().stream().mapToInt(Integer::intValue).sum();
  }

  /** Returns it as masses. */
  public TextileLoad load() {
    return pieces.entrySet().stream()
        .map(e -> e.getKey().load(e.getValue()))
        .reduce(TextileLoad.EMPTY, TextileLoad::plus);
  }

  /** Returns it: "6 tea towels, 2 bath towels". */
  public Said said() {
    return Said.row(pieces.entrySet().stream().map(e -> e.getKey().counted(e.getValue())).toList());
  }

  /**
   * Divides pieces into batches: pale before dark and never together, the heaviest placed first,
   * each into the first batch that still has room.
   *
   * @param pieces kinds with their number
   * @param roomKg what one batch has room for [kg]
   * @throws OutOfRange when a single piece is too large for the vessel
   */
  static List<ResetBatch> divide(Map<Kind, Integer> pieces, double roomKg) {
    List<ResetBatch> all = new ArrayList<>();
    for (Colour colour : Colour.values()) {
      List<Map<Kind, Integer>> open = new ArrayList<>();
      pieces.keySet().stream()
          .filter(k -> k.colour() == colour)
          .sorted(Comparator.comparing(k -> -k.massKg()))
          .forEach(k -> place(k, pieces.get(k), roomKg, open));
      open.stream().map(ResetBatch::lightestFirst).forEach(all::add);
    }
    return all;
  }

  private static void place(Kind kind, int count, double roomKg, List<Map<Kind, Integer>> open) {
    if (kind.massKg() > roomKg + TINY_KG) {
      throw new OutOfRange(
          "vesselL",
          Said.of(PotSaying.TOO_SMALL_FOR).with("kind", kind.name()),
          Said.of(PotSaying.AT_LEAST_FOR_IT)
              .with(
                  "litres",
                  new Quantity(
                      Math.ceil(kind.massKg() / ResetRecipe.ROOM_KG_L / ResetRecipe.FILLED),
                      Unit.LITRE,
                      0)));
    }
    for (int i = 0; i < count; i++) {
      Map<Kind, Integer> into =
          open.stream()
              .filter(b -> new ResetBatch(b).massKg() + kind.massKg() <= roomKg + TINY_KG)
              .findFirst()
              .orElseGet(
                  () -> {
                    Map<Kind, Integer> fresh = new LinkedHashMap<>();
                    open.add(fresh);
                    return fresh;
                  });
      into.merge(kind, 1, Integer::sum);
    }
  }

  private static ResetBatch lightestFirst(Map<Kind, Integer> batch) {
    Map<Kind, Integer> ordered = new LinkedHashMap<>();
    batch.keySet().stream()
        .sorted(Comparator.comparing(Kind::massKg).thenComparing(Kind::name))
        .forEach(k -> ordered.put(k, batch.get(k)));
    return new ResetBatch(ordered);
  }
}
