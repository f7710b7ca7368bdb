package org.nestrinse.core.gather;

import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.Colour;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;

/**
 * What a new piece needs before its first use: washes, or a soak that counts as two of them.
 *
 * @param washes washes in all
 * @param soakable whether a cold soak counts
 * @param dyeWashes washes apart from pale pieces, which no soak replaces; 0 when nothing bleeds
 * @param reason why
 * @see "docs/models.md, prep"
 */
public record Prep(int washes, boolean soakable, int dyeWashes, Said reason) {
  /** Hours of a full soak, which counts as {@link #SOAK_WASHES}. */
  public static final int SOAK_HOURS = 24;

  /** Hours of a soak overnight, which counts as one wash; a shorter one counts as none. */
  public static final int NIGHT_SOAK_HOURS = 8;

  /** Washes that a full soak counts as. */
  public static final int SOAK_WASHES = 2;

  /** Number of washes in which dark pieces go without pale ones. */
  public static final int DYE_WASHES = 3;

  private static final int THREE = 3;
  private static final double MOSTLY = 0.5;

  /** Returns what a kind needs, by its fibres and its dye. */
  public static Prep of(Kind kind) {
    return of(kind, NewPieceRule.FIBRE);
  }

  /** Returns what a kind needs in a household that follows this rule. */
  public static Prep of(Kind kind, NewPieceRule rule) {
    Prep prep = by(rule, byFibre(kind));
    return bleeds(kind, 0)
        ? new Prep(
            Math.max(prep.washes, DYE_WASHES),
            prep.soakable,
            DYE_WASHES,
            Said.of(PrepSaying.DARK).with("need", prep.reason))
        : prep;
  }

  /** Only what drinks is in question: the rest needs its one wash. */
  private static Prep by(NewPieceRule rule, Prep fibre) {
    if (!fibre.soakable || rule == NewPieceRule.FIBRE) {
      return fibre;
    }
    return rule == NewPieceRule.SOAK
        ? new Prep(THREE, true, 0, Said.of(PrepSaying.YOUR_SOAK))
        : new Prep(THREE, false, 0, Said.of(PrepSaying.YOUR_WASHES));
  }

  private static Prep byFibre(Kind kind) {
    TextileLoad one = kind.load(1);
    double slow = one.share(Material.BAMBOO_VISCOSE) + one.share(Material.HEMP_COTTON);
    double natural = slow + one.share(Material.COTTON) + one.share(Material.LINEN);
    if (kind.gripsLint()) {
      return new Prep(1, false, 0, Said.of(PrepSaying.MICROFIBRE));
    }
    if (kind.animalFibre()) {
      return new Prep(1, false, 0, Said.of(PrepSaying.ANIMAL));
    }
    if (kind.absorbent() && natural > MOSTLY) {
      return slow >= MOSTLY / 2
          ? new Prep(4, true, 0, Said.of(PrepSaying.SLOW_FIBRE))
          : new Prep(3, true, 0, Said.of(PrepSaying.COTTON));
    }
    return new Prep(1, false, 0, Said.of(PrepSaying.ONE_WASH));
  }

  /** Returns when a soak that began then counts in full. */
  public static Instant soakedFully(Instant began) {
    return began.plus(Duration.ofHours(SOAK_HOURS));
  }

  /** Returns how many washes a soak counts as. */
  public static int credit(Duration soak) {
    if (soak.toHours() >= SOAK_HOURS) {
      return SOAK_WASHES;
    }
    return soak.toHours() >= NIGHT_SOAK_HOURS ? 1 : 0;
  }

  /** Returns the washes that are still to come. */
  public int left(int washed, Duration soaked) {
    int soakCredit = soakable ? credit(soaked) : 0;
    return Math.max(Math.max(0, washes - washed - soakCredit), dyeWashes - washed);
  }

  /** Returns whether pieces of this kind may still bleed after this many washes. */
  public static boolean bleeds(Kind kind, int washed) {
    return kind.colour() == Colour.DARK && washed < DYE_WASHES;
  }

  /**
   * Returns when pieces are ready, when they go into every wash from the next one on.
   *
   * @param washed washes so far
   * @param soaked soaks so far that are over
   * @param soakSince when the soak began that is on now, or null
   * @param nextWash when the next wash is
   * @param between time from wash to wash
   */
  public Instant readyOn(
      int washed,
      Duration soaked,
      @Nullable Instant soakSince,
      Instant nextWash,
      Duration between) {
    Instant soakEnds = soakSince == null ? null : soakedFully(soakSince);
    Duration afterSoak = soakEnds == null ? soaked : Duration.ofHours(SOAK_HOURS);
    int toCome = left(washed, afterSoak);
    Instant first = soakEnds != null && soakEnds.isAfter(nextWash) ? soakEnds : nextWash;
    if (toCome == 0) {
      return soakEnds == null ? nextWash : soakEnds;
    }
    return first.plus(between.multipliedBy(toCome - 1L)).plus(NextWash.PAIL_TO_SHELF);
  }
}
