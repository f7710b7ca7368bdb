package org.nestrinse.core.wash.caution;

import java.util.List;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.Kind;

/** What the cautions of a wash say. */
final class CautionWords {
  private static final String KIND = "kind";
  private static final String CELSIUS = "celsius";
  private static final String PRODUCT = "product";
  private static final String AMOUNT = "amount";
  private static final String NEAREST = "nearest";
  private static final double WORTH_TELLING_MG_KG = 1;

  private CautionWords() {}

  /** Returns what it is, in a few words. */
  static Said title(WashCaution c) {
    if (c instanceof WashCaution.TooHot x) {
      return ofKind(CautionSaying.TOO_HOT_TITLE, x.kind());
    }
    if (c instanceof WashCaution.LittleTooHot x) {
      return ofKind(CautionSaying.LITTLE_TOO_HOT_TITLE, x.kind());
    }
    if (c instanceof WashCaution.TooFast x) {
      return ofKind(CautionSaying.TOO_FAST_TITLE, x.kind());
    }
    if (c instanceof WashCaution.NotTogether x) {
      return celsius(CautionSaying.NOT_TOGETHER_TITLE, x.plannedC());
    }
    if (c instanceof WashCaution.ProteinSets x) {
      return Said.of(CautionSaying.PROTEIN_TITLE).with("soil", x.soil());
    }
    if (c instanceof WashCaution.Coats x) {
      return Said.of(CautionSaying.COATS_TITLE)
          .with(PRODUCT, Said.from(x.product().name()).capital())
          .with("what", x.what());
    }
    if (c instanceof WashCaution.StaysOnSkin x) {
      return Said.of(CautionSaying.STAYS_TITLE)
          .with(PRODUCT, Said.from(x.product().name()).capital());
    }
    if (c instanceof WashCaution.AboveMaximum x) {
      return Said.of(CautionSaying.TOO_MUCH_TITLE).with(PRODUCT, x.product().name());
    }
    if (c instanceof WashCaution.ChlorineDye x) {
      return ofKind(CautionSaying.CHLORINE_DYE_TITLE, x.kind());
    }
    if (c instanceof WashCaution.Oily x) {
      return ofKind(CautionSaying.OILY_TITLE, x.kind());
    }
    return CautionSaying.valueOf(c.sort() + "_TITLE").said();
  }

  /** Returns what to do and why. */
  static Said sentence(WashCaution c) {
    if (c instanceof WashCaution.TooHot x) {
      return tooHot(x);
    }
    if (c instanceof WashCaution.LittleTooHot x) {
      return celsius(CautionSaying.LITTLE_TOO_HOT, x.peakC())
          .with("limit", Quantity.celsius(x.kind().limits().hottestWashC()));
    }
    if (c instanceof WashCaution.TooFast x) {
      return ofKind(CautionSaying.TOO_FAST, x.kind())
          .with("limit", Quantity.of(x.kind().limits().fastestSpinRpm(), Unit.RPM))
          .with("planned", Quantity.of(x.plannedRpm(), Unit.RPM));
    }
    if (c instanceof WashCaution.NotTogether x) {
      return notTogether(x);
    }
    if (c instanceof WashCaution.ProteinSets x) {
      CautionSaying then = x.coldFirst() ? CautionSaying.LONGER_COLD : CautionSaying.COLD_FIRST;
      return both(
          Said.of(CautionSaying.PROTEIN).with("share", Quantity.share(x.share())), then.said());
    }
    if (c instanceof WashCaution.Coats x) {
      Said leaves = x.mgKg() >= WORTH_TELLING_MG_KG ? leaves(x.mgKg()) : Said.NOTHING;
      return both(CautionSaying.valueOf("COATS_" + x.harmed()).said(), leaves);
    }
    if (c instanceof WashCaution.StaysOnSkin x) {
      CautionSaying then = x.labelSays() ? CautionSaying.CONFIRM_IT : CautionSaying.RINSE_AFTER;
      return both(
          Said.of(CautionSaying.STAYS).with(AMOUNT, Quantity.of(x.mgKg(), Unit.MG_PER_KG)),
          then.said());
    }
    if (c instanceof WashCaution.AboveMaximum x) {
      return Said.of(CautionSaying.TOO_MUCH)
          .with(AMOUNT, Quantity.of(x.grams(), Unit.GRAM))
          .with("most", Quantity.of(x.mostG(), Unit.GRAM));
    }
    if (c instanceof WashCaution.ChlorineLast x) {
      return Said.of(CautionSaying.CHLORINE_LAST).with(PRODUCT, x.product().name());
    }
    if (c instanceof WashCaution.ChlorineRinses x) {
      return Said.of(CautionSaying.CHLORINE_RINSES)
          .with("rinses", x.rinses())
          .with("share", new Quantity(x.remains(), Unit.SHARE, 1));
    }
    if (c instanceof WashCaution.ChlorineDye x) {
      return (x.fresh() ? CautionSaying.CHLORINE_NEW : CautionSaying.CHLORINE_DYE).said();
    }
    if (c instanceof WashCaution.ChlorineCare x) {
      return (x.byHand() ? CautionSaying.CHLORINE_BY_HAND : CautionSaying.CHLORINE_POURED).said();
    }
    if (c instanceof WashCaution.LoadForbids x) {
      return (x.microfibre() ? CautionSaying.NO_BALLS : CautionSaying.NO_SHEETS).said();
    }
    return CautionSaying.valueOf(c.sort().name()).said();
  }

  private static Said tooHot(WashCaution.TooHot x) {
    Said reaches =
        x.peakC() > x.chosenC() + 1
            ? celsius(CautionSaying.REACHES, x.peakC()).with("set", Quantity.celsius(x.chosenC()))
            : celsius(CautionSaying.IS_PLANNED, x.peakC());
    Said limit =
        ofKind(CautionSaying.TOO_HOT, x.kind())
            .with("reaches", reaches)
            .with("limit", Quantity.celsius(x.kind().limits().hottestWashC()));
    Said nearest =
        x.nearestC() == null
            ? CautionSaying.NONE_FITS.said()
            : Said.of(CautionSaying.FITS).with(NEAREST, Quantity.celsius(x.nearestC()));
    Said label = x.kind().label() == null ? CautionSaying.TELL_KIT.said() : Said.NOTHING;
    return Said.sentences(List.of(limit, nearest, label));
  }

  private static Said notTogether(WashCaution.NotTogether x) {
    Said what =
        celsius(x.newborn() ? CautionSaying.NEWBORN_ALONE : CautionSaying.GERMS_MOVE, x.fromC());
    Said then =
        x.nearestC() == null
            ? CautionSaying.TAKE_OUT.said()
            : Said.of(CautionSaying.PLAN_OR_TAKE_OUT).with(NEAREST, Quantity.celsius(x.nearestC()));
    if (x.usual()) {
      return both(what, CautionSaying.YOUR_WAY.said());
    }
    Said some = x.newborn() ? Said.NOTHING : CautionSaying.SOME_FAMILIES.said();
    return Said.sentences(List.of(what, then, some));
  }

  private static Said leaves(double mgKg) {
    return Said.of(CautionSaying.LEAVES).with(AMOUNT, Quantity.of(mgKg, Unit.MG_PER_KG));
  }

  private static Said both(Said one, Said other) {
    return Said.sentences(List.of(one, other));
  }

  private static Said ofKind(CautionSaying saying, Kind kind) {
    return Said.of(saying).with(KIND, kind.plural());
  }

  private static Said celsius(CautionSaying saying, double celsius) {
    return Said.of(saying).with(CELSIUS, Quantity.celsius(celsius));
  }
}
