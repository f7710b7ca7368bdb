package org.nestrinse.core.wash;

import org.jspecify.annotations.Nullable;
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
  /** Returns how strongly it is meant. */
  Strength strength();

  /** Returns the short name by which a person confirms having read it. */
  String key();

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
    public Strength strength() {
      return Strength.STOP;
    }

    @Override
    public String key() {
      return "too-hot";
    }
  }

  /** A bath gets a little hotter than a piece allows, within a machine's ordinary spread. */
  record LittleTooHot(Kind kind, double peakC) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.NOTE;
    }

    @Override
    public String key() {
      return "a-little-hotter";
    }
  }

  /** The spin is faster than a piece allows. */
  record TooFast(Kind kind, int plannedRpm) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.STOP;
    }

    @Override
    public String key() {
      return "too-fast";
    }
  }

  /**
   * Pieces that may share a wash only when it is hot.
   *
   * @param newborn whether a newborn's things are among them, which makes it a stop
   */
  record NotTogether(int plannedC, int fromC, boolean newborn, @Nullable Integer nearestC)
      implements WashCaution {
    @Override
    public Strength strength() {
      return newborn ? Strength.STOP : Strength.CHECK;
    }

    @Override
    public String key() {
      return "not-together";
    }
  }

  /**
   * Heat sets protein before it is out.
   *
   * @param share of it that would set
   */
  record ProteinSets(SoilType soil, double share, boolean coldFirst) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.CHECK;
    }

    @Override
    public String key() {
      return "protein-heat";
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
    public Strength strength() {
      return Strength.CHECK;
    }

    @Override
    public String key() {
      return "softener";
    }
  }

  /**
   * A product stays on what touches skin.
   *
   * @param labelSays whether its label says that it may
   */
  record StaysOnSkin(Product product, double mgKg, boolean labelSays) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.CHECK;
    }

    @Override
    public String key() {
      return "stays-in";
    }
  }

  /** More of a product than its label allows. */
  record AboveMaximum(Product product, double grams, double mostG) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.STOP;
    }

    @Override
    public String key() {
      return "above-maximum";
    }
  }

  /** Chlorine in the last bath, with nothing to rinse it out. */
  record ChlorineLast(Product product) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.STOP;
    }

    @Override
    public String key() {
      return "chlorine-last";
    }
  }

  /** Chlorine with too little rinsing after it. */
  record ChlorineRinses(Product product, int rinses, double remains) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.STOP;
    }

    @Override
    public String key() {
      return "chlorine-rinses";
    }
  }

  /** Chlorine on dark or new pieces. */
  record ChlorineDye(Product product, Kind kind, boolean fresh) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.STOP;
    }

    @Override
    public String key() {
      return "chlorine-dye";
    }
  }

  /** Chlorine on a newborn's things. */
  record ChlorineNewborn(Product product) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.STOP;
    }

    @Override
    public String key() {
      return "chlorine-newborn";
    }
  }

  /** Gloves and air for chlorine, by hand as in the machine. */
  record ChlorineCare(Product product, boolean byHand) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.CHECK;
    }

    @Override
    public String key() {
      return "chlorine-care";
    }
  }

  /** Pieces with oil or solvent in them. */
  record Oily(Kind kind) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.STOP;
    }

    @Override
    public String key() {
      return "oil";
    }
  }

  /** What the textiles of a load forbid, said once where it is loaded. */
  record LoadForbids(boolean absorbs, boolean microfibre) implements WashCaution {
    @Override
    public Strength strength() {
      return Strength.NOTE;
    }

    @Override
    public String key() {
      return "load-forbids";
    }
  }
}
