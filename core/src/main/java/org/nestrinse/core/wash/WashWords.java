package org.nestrinse.core.wash;

import java.util.Optional;
import org.nestrinse.core.bath.BathWords;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.GermsLeft;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.Words;
import org.nestrinse.core.why.Why;

/** The words of Wash: its reasons and verdicts. */
final class WashWords {
  private static final int GERMS_SECTION = 7;
  private static final int CLEANING_SECTION = 6;

  private WashWords() {}

  /** Returns why a detergent is a powder or a liquid. */
  static String form(boolean liquid, boolean microfibre, boolean chosen) {
    if (liquid) {
      return microfibre
          ? "Liquid, since undissolved powder scratches microfibre."
          : chosen ? "Liquid, as you chose." : "Liquid: nothing better suited is on the shelf.";
    }
    return microfibre
        ? "You have only powder. Stir it into warm water first: undissolved grains scratch microfibre."
        : "Powder, since liquids tend to coat what must absorb.";
  }

  /** Returns why a detergent has neither enzymes nor scent. */
  static String plain(boolean forSkin) {
    return forSkin
        ? " No enzymes and no scent, for skin."
        : " This way of washing does without enzymes and scent.";
  }

  /** Returns why a sanitiser is left out of a load with microfibre. */
  static String noSanitiserOnMicrofibre() {
    return "No sanitising rinse: it settles on microfibre, which then no longer grabs dirt.";
  }

  /** Returns why a product goes in that the plan alone would not take. */
  static String besides() {
    return "You put it in besides.";
  }

  /** Returns that a product stays out, since the bath it was meant for is missing. */
  static String staysOut(Product product, Wishes.Where where) {
    return "%s stays out, since %s is not part of this way of washing."
        .formatted(Words.capital(product.name()), where.words());
  }

  static String sanitiserMeasured() {
    return "It only counts at its label's strength, time and warmth, so it is measured for all the water.";
  }

  static String coversLast() {
    return "Covers are washed with the rest. Only their last rinse is alone.";
  }

  static String coversAlone() {
    return "Last rinse for the covers";
  }

  static String coversAlone(int count) {
    return "%s in clean lukewarm water. Press them, do not wring them hard."
        .formatted(Numbers.count(count, "cover"));
  }

  static String rinseAfterSanitiser() {
    return "Nothing but water stays on what touches skin.";
  }

  static String coldRinseForProtein() {
    return "Cold rinse added first: above 50° stool, blood, vomit and milk set in the fibre.";
  }

  /** Returns how the germs that stay change, in a few words. */
  static String germs(HygieneEstimate before, HygieneEstimate after) {
    long was = GermsLeft.oneIn(GermsLeft.of(before).typicalLog());
    long is = GermsLeft.oneIn(GermsLeft.of(after).typicalLog());
    return "germs left 1 in %,d instead of 1 in %,d".formatted(is, was).replace('.', ',');
  }

  static String offered(OfferedMethod.Because because) {
    return switch (because) {
      case USUAL -> "You usually wash these this way.";
      case MICROFIBRE -> "Offered first because these are microfibre cloths.";
      case BUCKET -> "Offered first because it is washed by hand.";
      case BLOOD -> "Offered first because of the blood.";
      case DELICATE -> "Offered first because this is wear for delicate skin.";
      case CHOSEN -> "The method you chose in Kit.";
      case ONLY_OTHERS -> "Your usual way cannot wash this here, so another is offered first.";
    };
  }

  static String costReason() {
    return "Electricity at the price of the hour that uses it, water, and products by the gram.";
  }

  /** Returns why so much of a soil is left. */
  static Why whySoil(Cleaning c) {
    Why.Builder why =
        Why.of(
            "%s: %s".formatted(BathWords.of(c.soil()), BathWords.of(c)),
            "Detergent, heat, time and movement take soil off the fibre. Rinsing carries it away.");
    for (int i = 0; i < c.baths().size(); i++) {
      Cleaning.After after = c.baths().get(i);
      why.line(
          "after bath " + (i + 1),
          BathWords.about(after.boundLeft() + after.looseLeft())
              + (after.effectiveGL() > 0
                  ? ", detergent " + Numbers.of(after.effectiveGL(), 1) + " g/L at work"
                  : ", no detergent"));
    }
    return why.line("still on the fibre", BathWords.about(c.boundLeft()))
        .line("of it set by heat", BathWords.about(c.set()))
        .line("loose in the last water", BathWords.about(c.loose()))
        .total("left", BathWords.about(c.soilLeft()))
        .section(CLEANING_SECTION);
  }

  /** Returns why so much colour is left. */
  static Why whyStain(Cleaning c, HygieneEstimate h) {
    Double left = c.stainLeft(h.oxygenLog(), 0);
    double share = left == null ? 0 : left;
    return Why.of(
            "Stain: %s of the colour stays".formatted(BathWords.about(share)),
            "A little soil keeps a lot of its colour. Whitener pales it, and so does sun on the wet cloth.")
        .line("soil on the fibre", BathWords.about(c.boundLeft()))
        .line("whitener", Numbers.fixed(h.oxygenLog(), 1))
        .line("an hour of full sun would leave", BathWords.about(sunned(c, h)))
        .total("colour left", BathWords.about(share))
        .section(CLEANING_SECTION);
  }

  /** An hour of strong sun on one face of wet cloth [kWh/m²]. */
  private static final double HOUR_OF_SUN_KWH_M2 = 0.35;

  private static double sunned(Cleaning c, HygieneEstimate h) {
    return Optional.ofNullable(c.stainLeft(h.oxygenLog(), HOUR_OF_SUN_KWH_M2)).orElse(0.0);
  }

  private static String notes(HygieneEstimate h) {
    return h.notes().stream().map(BathWords::of).distinct().reduce("", (a, b) -> a + " " + b);
  }

  static Why whyHeat(HygieneEstimate h, double peakC) {
    return Why.of(
            "Heat: " + log(h.heatLog()),
            "At 60° a tough germ falls to a tenth in 10 minutes. Each 10° more is ten times faster. Spores survive."
                + notes(h))
        .line("highest bath", Numbers.of(peakC, 0) + " °C")
        .line("A₀ index", Numbers.of(h.a0(), 1) + " s")
        .line("recognised holding", h.recognisedHolding() ? "met" : "not met")
        .total("heat", log(h.heatLog()))
        .section(GERMS_SECTION);
  }

  static Why whyOxygen(HygieneEstimate h) {
    return Why.of(
            "Whitener: " + log(h.oxygenLog()),
            "More whitener, warmth and time kill more. Blood and poo use it up, so rinse first."
                + notes(h))
        .total("whitener", log(h.oxygenLog()))
        .section(GERMS_SECTION);
  }

  static Why whyLifted(HygieneEstimate h, String movement, double fill) {
    return Why.of(
            "Washed away: " + log(h.liftedLog()),
            "Most germs leave with the soil they sit on, through detergent, movement and rinsing.")
        .line("main wash", movement)
        .line("drum", Numbers.percent(fill) + " full")
        .total("washed away", log(h.liftedLog()))
        .section(GERMS_SECTION);
  }

  static Why whyGerms(HygieneEstimate h, HygieneGoal goal, HygieneGoal.Verdict verdict) {
    GermsLeft left = GermsLeft.of(h);
    return Why.of(
            Words.capital(left.words()),
            "An estimate with its range, and nothing here is sterile. A drum, hands and a shelf bring some back. This is "
                + verdict.words()
                + "."
                + notes(h))
        .line("washed away", log(h.liftedLog()))
        .line("heat", log(h.heatLog()))
        .line("whitener", log(h.oxygenLog()))
        .line("sanitiser", log(h.additiveLog()))
        .total(
            h.totalLog() > HygieneEstimate.MOST_CLAIMED
                ? "together, never claimed above 5"
                : "together",
            log(Math.min(HygieneEstimate.MOST_CLAIMED, h.totalLog())))
        .line("likely between", log(h.lowLog()) + " and " + log(h.highLog()))
        .line("goal, " + goal.words(), log(goal.totalLog()))
        .section(GERMS_SECTION);
  }

  /** Returns a reduction as science writes it. */
  private static String log(double value) {
    return Numbers.fixed(value, 1) + " log";
  }
}
