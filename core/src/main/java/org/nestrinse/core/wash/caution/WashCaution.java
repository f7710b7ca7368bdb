package org.nestrinse.core.wash.caution;

import org.jspecify.annotations.Nullable;
import org.nestrinse.core.bath.Cleanness;
import org.nestrinse.core.bath.SoilType;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.safety.Caution;
import org.nestrinse.core.safety.Caution.Strength;
import org.nestrinse.core.textile.Kind;

/**
 * Something to know about a wash, as a key with its values; {@link CautionWords} says it.
 *
 * @see "docs/models.md, safety"
 */
sealed interface WashCaution {
  /** Each sort with its strength and its key. */
  enum Type {
    TOO_HOT(Strength.STOP, "too-hot"),
    A_LITTLE_HOTTER(Strength.NOTE, "a-little-hotter"),
    TOO_FAST(Strength.STOP, "too-fast"),
    NOT_TOGETHER(Strength.CHECK, "not-together"),
    PROTEIN_HEAT(Strength.CHECK, "protein-heat"),
    SOFTENER(Strength.CHECK, "softener"),
    STAYS_IN(Strength.CHECK, "stays-in"),
    ABOVE_MAXIMUM(Strength.STOP, "above-maximum"),
    CHLORINE_LAST(Strength.STOP, "chlorine-last"),
    CHLORINE_RINSES(Strength.STOP, "chlorine-rinses"),
    CHLORINE_DYE(Strength.STOP, "chlorine-dye"),
    CHLORINE_NEWBORN(Strength.STOP, "chlorine-newborn"),
    CHLORINE_CARE(Strength.CHECK, "chlorine-care"),
    OIL(Strength.STOP, "oil"),
    LOAD_FORBIDS(Strength.NOTE, "load-forbids");

    private final Strength strength;
    private final String key;

    Type(Strength strength, String key) {
      this.strength = strength;
      this.key = key;
    }
  }

  /** Returns which sort of caution it is. */
  Type sort();

  /** Returns how strongly it is meant. */
  default Strength strength() {
    return sort().strength;
  }

  /** Returns the short name by which a person confirms having read it. */
  default String key() {
    return sort().key;
  }

  /** Returns the main wash that would lift it [°C], or null. */
  default @Nullable Integer nearestC() {
    return null;
  }

  /** Returns it in words, at a step. */
  default Caution at(int step) {
    return new Caution(
        strength(), key(), CautionWords.title(this), CautionWords.sentence(this), step, nearestC());
  }

  /**
   * A bath gets hotter than a piece allows.
   *
   * @param peakC what the bath reaches, computed or measured
   * @param chosenC what is set
   */
  record TooHot(Kind kind, double peakC, int chosenC, @Nullable Integer nearestC)
      implements WashCaution {
    @Override
    public Type sort() {
      return Type.TOO_HOT;
    }
  }

  /** A bath gets a little hotter than a piece allows, within a machine's ordinary spread. */
  record LittleTooHot(Kind kind, double peakC) implements WashCaution {
    @Override
    public Type sort() {
      return Type.A_LITTLE_HOTTER;
    }
  }

  /** The spin is faster than a piece allows. */
  record TooFast(Kind kind, int plannedRpm) implements WashCaution {
    @Override
    public Type sort() {
      return Type.TOO_FAST;
    }
  }

  /**
   * Pieces that may share a wash only when it is hot.
   *
   * @param newborn whether a newborn's things are among them, which makes it a stop
   * @param usual whether the house has confirmed that it washes so, which makes it a note
   */
  record NotTogether(
      int plannedC, int fromC, boolean newborn, boolean usual, @Nullable Integer nearestC)
      implements WashCaution {
    @Override
    public Type sort() {
      return Type.NOT_TOGETHER;
    }

    @Override
    public Strength strength() {
      if (newborn) {
        return Strength.STOP;
      }
      return usual ? Strength.NOTE : Strength.CHECK;
    }
  }

  /**
   * Heat sets protein before it is out.
   *
   * @param share of it that would set
   * @param coldFirst whether cold water takes most of it out before; a little is a note then
   */
  record ProteinSets(SoilType soil, double share, boolean coldFirst) implements WashCaution {
    @Override
    public Type sort() {
      return Type.PROTEIN_HEAT;
    }

    @Override
    public Strength strength() {
      return coldFirst && share <= Cleanness.SET_SHOWS ? Strength.NOTE : Strength.CHECK;
    }
  }

  /** What a coating harms. */
  enum Harmed {
    ABSORBENT,
    MICROFIBRE,
    NEWBORN
  }

  /** Softener, or a product with softener or soap, on what it harms. */
  record Coats(Product product, Harmed harmed, String what, double mgKg) implements WashCaution {
    @Override
    public Type sort() {
      return Type.SOFTENER;
    }
  }

  /**
   * A product stays on what touches skin.
   *
   * @param labelSays whether its label says that it may
   */
  record StaysOnSkin(Product product, double mgKg, boolean labelSays) implements WashCaution {
    @Override
    public Type sort() {
      return Type.STAYS_IN;
    }
  }

  /** More of a product than its label allows. */
  record AboveMaximum(Product product, double grams, double mostG) implements WashCaution {
    @Override
    public Type sort() {
      return Type.ABOVE_MAXIMUM;
    }
  }

  /** Chlorine in the last bath, with nothing to rinse it out. */
  record ChlorineLast(Product product) implements WashCaution {
    @Override
    public Type sort() {
      return Type.CHLORINE_LAST;
    }
  }

  /** Chlorine with too little rinsing after it. */
  record ChlorineRinses(Product product, int rinses, double remains) implements WashCaution {
    @Override
    public Type sort() {
      return Type.CHLORINE_RINSES;
    }
  }

  /** Chlorine on dark or new pieces. */
  record ChlorineDye(Product product, Kind kind, boolean fresh) implements WashCaution {
    @Override
    public Type sort() {
      return Type.CHLORINE_DYE;
    }
  }

  /** Chlorine on a newborn's things. */
  record ChlorineNewborn(Product product) implements WashCaution {
    @Override
    public Type sort() {
      return Type.CHLORINE_NEWBORN;
    }
  }

  /** Gloves and air for chlorine, by hand as in the machine. */
  record ChlorineCare(Product product, boolean byHand) implements WashCaution {
    @Override
    public Type sort() {
      return Type.CHLORINE_CARE;
    }
  }

  /** Pieces with oil or solvent in them. */
  record Oily(Kind kind) implements WashCaution {
    @Override
    public Type sort() {
      return Type.OIL;
    }
  }

  /** What the textiles of a load forbid, said once where it is loaded. */
  record LoadForbids(boolean absorbs, boolean microfibre) implements WashCaution {
    @Override
    public Type sort() {
      return Type.LOAD_FORBIDS;
    }
  }
}
