package org.nestrinse.core.gather;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Role;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;

/**
 * Some pieces of one kind that were soiled in the same way at about the same time.
 *
 * @param kind what they are
 * @param count how many, 1 to 200
 * @param soil what soiled them
 * @param solidsOff whether solids were taken off, or there were none
 * @param since when they came in
 * @param needs what the person who uses them needs
 * @param storage how they are kept
 * @param newDye whether they are dark and in one of their first washes, so that dye may bleed
 * @param firstWash whether they are new and have never been washed
 */
@RecordBuilder
public record SoiledPieces(
    Kind kind,
    int count,
    Soil soil,
    boolean solidsOff,
    Instant since,
    Set<SkinNeed> needs,
    Storage storage,
    boolean newDye,
    boolean firstWash) {
  public SoiledPieces {
    Limits.COUNT.check("count", count);
    needs = Set.copyOf(needs);
  }

  /** Makes pieces that are kept dry and airy, and no longer new. */
  public SoiledPieces(
      Kind kind, int count, Soil soil, boolean solidsOff, Instant since, Set<SkinNeed> needs) {
    this(kind, count, soil, solidsOff, since, needs, Storage.USUAL, false, false);
  }

  /** Makes pieces that were washed before. */
  public SoiledPieces(
      Kind kind,
      int count,
      Soil soil,
      boolean solidsOff,
      Instant since,
      Set<SkinNeed> needs,
      Storage storage,
      boolean newDye) {
    this(kind, count, soil, solidsOff, since, needs, storage, newDye, false);
  }

  /** Returns the same pieces with another count. */
  public SoiledPieces withCount(int other) {
    return SoiledPiecesBuilder.builder()
        .kind(kind)
        .count(other)
        .soil(soil)
        .solidsOff(solidsOff)
        .since(since)
        .needs(needs)
        .storage(storage)
        .newDye(newDye)
        .firstWash(firstWash)
        .build();
  }

  /** Returns them as masses by material. */
  public TextileLoad load() {
    return kind.load(count);
  }

  /** Returns several groups of pieces as masses by material. */
  public static TextileLoad together(List<SoiledPieces> pieces) {
    return pieces.stream().map(SoiledPieces::load).reduce(TextileLoad.EMPTY, TextileLoad::plus);
  }

  /** Returns the hygiene that soil, use and person ask for together. */
  public HygieneGoal goal() {
    if (needs.contains(SkinNeed.ILL)) {
      return HygieneGoal.ILLNESS;
    }
    boolean noGerms =
        kind.bin() == Bin.GLASS || kind.bin() == Bin.POLISH || kind.bin() == Bin.WORKSHOP;
    if (noGerms || firstWash) {
      return HygieneGoal.NONE;
    }
    HygieneGoal goal = soil.goal();
    if (kind.bin() == Bin.KITCHEN || kind.role() == Role.TOWEL) {
      goal = goal.orHigher(HygieneGoal.EVERYDAY);
    }
    return needs.contains(SkinNeed.NEWBORN) ? goal.orHigher(ofNewborn()) : goal;
  }

  private HygieneGoal ofNewborn() {
    return switch (soil) {
      case STOOL, VOMIT, BLOOD -> HygieneGoal.EXTRA_CARE;
      case MILK, WET -> HygieneGoal.EVERYDAY;
      case FOOD, GREASE, WAX, OIL, DIRT -> HygieneGoal.NONE;
    };
  }

  /** Returns whether these are damp cloths, which sour in a day. */
  public boolean dampCloth() {
    boolean dampUse = kind.bin() == Bin.KITCHEN || kind.bin() == Bin.BATHROOM;
    return dampUse && soil != Soil.DIRT;
  }

  /** Returns them: "3 bamboo trifolds". */
  public Said said() {
    return kind.counted(count);
  }

  /** Returns how many of which kinds these are: "6 bibs, 14 hand towels". */
  public static Said counted(List<SoiledPieces> pieces) {
    Map<Kind, Integer> counts = new LinkedHashMap<>();
    pieces.forEach(p -> counts.merge(p.kind(), p.count(), Integer::sum));
    return Said.row(counts.entrySet().stream().map(e -> e.getKey().counted(e.getValue())).toList());
  }
}
