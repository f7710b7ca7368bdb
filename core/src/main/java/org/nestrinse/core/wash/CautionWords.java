package org.nestrinse.core.wash;

import org.nestrinse.core.bath.BathWords;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.Words;

/** The words of the cautions of a wash. */
final class CautionWords {
  private CautionWords() {}

  /** Returns what it is, in a few words. */
  static String title(WashCaution c) {
    if (c instanceof WashCaution.TooHot x) {
      return "Too hot for " + x.kind().name();
    }
    if (c instanceof WashCaution.LittleTooHot x) {
      return "A little hot for " + x.kind().name();
    }
    if (c instanceof WashCaution.TooFast x) {
      return "Spin too fast for " + x.kind().name();
    }
    if (c instanceof WashCaution.NotTogether x) {
      return "Not together at " + x.plannedC() + "°";
    }
    if (c instanceof WashCaution.ProteinSets x) {
      return "Heat would set the " + BathWords.of(x.soil());
    }
    if (c instanceof WashCaution.Coats x) {
      return Words.capital(x.product().name()) + " coats " + x.what();
    }
    if (c instanceof WashCaution.StaysOnSkin x) {
      return Words.capital(x.product().name()) + " stays on the textile";
    }
    if (c instanceof WashCaution.AboveMaximum x) {
      return "Too much " + x.product().name();
    }
    if (c instanceof WashCaution.ChlorineLast) {
      return "No chlorine in the last bath";
    }
    if (c instanceof WashCaution.ChlorineRinses) {
      return "Rinse chlorine out twice";
    }
    if (c instanceof WashCaution.ChlorineDye x) {
      return "Chlorine bleaches " + x.kind().name();
    }
    if (c instanceof WashCaution.ChlorineNewborn) {
      return "No chlorine for a newborn";
    }
    if (c instanceof WashCaution.ChlorineCare) {
      return "Chlorine: gloves and fresh air";
    }
    if (c instanceof WashCaution.Oily x) {
      return "Oil or solvent on " + x.kind().name();
    }
    return "Nothing that coats";
  }

  /** Returns what to do and why. */
  static String sentence(WashCaution c) {
    if (c instanceof WashCaution.TooHot x) {
      return tooHot(x);
    }
    if (c instanceof WashCaution.LittleTooHot x) {
      return "The bath reaches %s°, and the label says %d°. Machines vary by that much."
          .formatted(Numbers.of(x.peakC(), 0), x.kind().limits().hottestWashC());
    }
    if (c instanceof WashCaution.TooFast x) {
      return "%s tolerates %d rpm at most, and %d is planned. Choose a slower spin."
          .formatted(
              Words.capital(x.kind().name()), x.kind().limits().fastestSpinRpm(), x.plannedRpm());
    }
    if (c instanceof WashCaution.NotTogether x) {
      return notTogether(x);
    }
    if (c instanceof WashCaution.ProteinSets x) {
      return "Above 50° about %s of it would set and stay. %s"
          .formatted(
              Numbers.percent(x.share()),
              x.coldFirst()
                  ? "A longer cold rinse first takes more of it out."
                  : "Rinse it cold first, or start cooler.");
    }
    if (c instanceof WashCaution.Coats x) {
      return coats(x);
    }
    if (c instanceof WashCaution.StaysOnSkin x) {
      return "About %s mg/kg would dry on what touches skin. %s"
          .formatted(
              Numbers.of(x.mgKg(), 0),
              x.labelSays()
                  ? "Its label says that it stays in. Confirm that you want that."
                  : "Rinse once more after it, or leave it out.");
    }
    if (c instanceof WashCaution.AboveMaximum x) {
      return "%s g would go in. Its label allows %s g in one bath. Put in less."
          .formatted(Numbers.of(x.grams(), 0), Numbers.of(x.mostG(), 0));
    }
    if (c instanceof WashCaution.ChlorineLast x) {
      return "%s would dry on the textile. Put it into a bath that is rinsed twice afterwards."
          .formatted(Words.capital(x.product().name()));
    }
    if (c instanceof WashCaution.ChlorineRinses x) {
      return "%s, and %s of it would remain. Two full rinses must follow, and under 2 %% may remain."
          .formatted(
              Numbers.count(x.rinses(), "rinse follows", "rinses follow"),
              Numbers.of(100 * x.remains(), 1) + " %");
    }
    if (c instanceof WashCaution.ChlorineDye x) {
      return x.fresh()
          ? "It is new, and nobody knows yet whether its colour holds. Leave the chlorine out."
          : "Chlorine is only for white or proven colour-fast pieces. Leave it out.";
    }
    if (c instanceof WashCaution.ChlorineNewborn) {
      return "Never on a newborn's things. Heat or oxygen whitener does the work.";
    }
    if (c instanceof WashCaution.ChlorineCare x) {
      return x.byHand()
          ? "Wear gloves, use cool water, open the window. Mix it with nothing else."
          : "Wear gloves when you pour it, and open the window. Mix it with nothing else.";
    }
    if (c instanceof WashCaution.Oily) {
      return "It can catch fire in a machine or a dryer. Dry it flat outdoors and follow local rules.";
    }
    WashCaution.LoadForbids x = (WashCaution.LoadForbids) c;
    return x.microfibre()
        ? "Leave the softener drawer empty. No dryer sheets and no dryer balls."
        : "Leave the softener drawer empty. No dryer sheets: they stop pieces soaking up.";
  }

  private static String tooHot(WashCaution.TooHot x) {
    int limit = x.kind().limits().hottestWashC();
    String reaches =
        x.peakC() > x.chosenC() + 1
            ? "This programme reaches %s° when set to %d°"
                .formatted(Numbers.of(x.peakC(), 0), x.chosenC())
            : "%s° is planned".formatted(Numbers.of(x.peakC(), 0));
    String nearest =
        x.nearestC() == null
            ? "No programme of this machine fits, so take it out of the load."
            : "%d° fits.".formatted(x.nearestC());
    String label =
        x.kind().label() == null
            ? " If its care label allows more, write that into Kit, Textiles."
            : "";
    return "%s, and %s tolerates %d° at most. %s%s"
        .formatted(reaches, x.kind().name(), limit, nearest, label);
  }

  private static String notTogether(WashCaution.NotTogether x) {
    String what =
        x.newborn()
            ? "Below %d° a newborn's things are washed alone.".formatted(x.fromC())
            : "Below %d° germs move from soiled pieces to clothes and whites.".formatted(x.fromC());
    String then =
        x.nearestC() == null
            ? " Take them out of this load."
            : " Plan %d°, or take them out.".formatted(x.nearestC());
    return what + then + (x.newborn() ? "" : " Some families do it after a thorough first wash.");
  }

  private static String coats(WashCaution.Coats x) {
    String leaves =
        x.mgKg() >= 1 ? " About %s mg/kg would stay.".formatted(Numbers.of(x.mgKg(), 0)) : "";
    return switch (x.harmed()) {
      case ABSORBENT -> "It makes water run off, and is never needed." + leaves;
      case MICROFIBRE -> "Coated microfibre no longer grabs dirt. It is never needed." + leaves;
      case NEWBORN -> "A newborn's skin does better without it. It is never needed." + leaves;
    };
  }
}
