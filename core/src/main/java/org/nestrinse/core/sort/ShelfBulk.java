package org.nestrinse.core.sort;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.gather.Soil;
import org.nestrinse.core.gather.SoiledPieces;
import org.nestrinse.core.gather.SoiledPiecesBuilder;
import org.nestrinse.core.gather.Storage;
import org.nestrinse.core.kit.Machine;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;

/**
 * Clean small towels from the shelf that fill up a main wash for which no soiled piece waits: a
 * drum that is half empty does not rub.
 *
 * @see "docs/models.md, bulk from the shelf"
 */
public final class ShelfBulk {
  /** This share of each kind stays on the shelf: hands must be dried meanwhile. */
  private static final double STAYS_SHARE = 0.5;

  private ShelfBulk() {}

  /**
   * Clean pieces that could join.
   *
   * @param kind what they are
   * @param most how many may be taken: half of what is clean, and no more than the drum takes
   * @param wanted how many of them bring the main wash into its window
   */
  public record Offer(Kind kind, int most, int wanted) {}

  /** Returns how clean pieces count in a load: as dusty ones, the lightest soil there is. */
  public static SoiledPieces inLoad(Kind kind, int count, Instant now) {
    return SoiledPiecesBuilder.builder()
        .kind(kind)
        .count(count)
        .soil(Soil.DIRT)
        .solidsOff(true)
        .since(now)
        .needs(Set.of())
        .storage(Storage.USUAL)
        .newDye(false)
        .firstWash(false)
        .build();
  }

  /**
   * Returns what the shelf can give to a load that is too thin, the largest pieces first, since
   * fewer of them do; nothing when the main wash is full enough or is done by hand, or when a
   * soiled piece of a basket may still join.
   *
   * @param first the first wash set
   * @param bulkers what joins already
   * @param basket small soiled pieces that wait
   * @param clean how many of each kind are clean
   * @param now the moment
   * @param rules which rules the house has set aside
   */
  public static List<Offer> of(
      List<SoiledPieces> first,
      List<SoiledPieces> bulkers,
      List<SoiledPieces> basket,
      Map<Kind, Integer> clean,
      Machine machine,
      Instant now,
      HouseRules rules) {
    Fill fill = DrumFill.of(first, bulkers, machine.drumL());
    if (machine.type().byHand() || first.isEmpty() || fill.main() >= machine.window().from()) {
      return List.of();
    }
    List<SoiledPieces> going = new ArrayList<>(first);
    going.addAll(bulkers);
    if (basket.stream().anyMatch(b -> Bulking.refuse(b, going, rules).isEmpty())) {
      return List.of();
    }
    List<Offer> offers = new ArrayList<>();
    clean.forEach(
        (kind, count) -> {
          int most = Math.min(most(count), room(kind, fill, machine));
          if (serves(kind)
              && most > 0
              && Bulking.refuse(inLoad(kind, 1, now), going, rules).isEmpty()) {
            int wanted = Math.min(most, FillAdvice.wantedBulkers(fill, kind, machine));
            offers.add(new Offer(kind, most, wanted));
          }
        });
    offers.sort(
        Comparator.comparingDouble((Offer o) -> -o.kind.dryL()).thenComparing(o -> o.kind.name()));
    return List.copyOf(offers);
  }

  /** What wipes a floor or a window does not fill up somebody's nappies, clean or not. */
  private static boolean serves(Kind kind) {
    return kind.role() == Role.TOWEL && kind.small();
  }

  private static int most(int clean) {
    return (int) Math.floor(clean * (1 - STAYS_SHARE));
  }

  private static int room(Kind kind, Fill fill, Machine machine) {
    double litres = (machine.window().to() - fill.main()) * machine.drumL();
    double mass = machine.capacityKg() - fill.massKg();
    return (int) Math.floor(Math.min(litres / kind.dryL(), mass / kind.massKg()) + 1e-9);
  }
}
