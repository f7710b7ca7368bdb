package org.nestrinse.core.wash;

import java.util.Optional;
import org.nestrinse.core.bath.BathWords;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.GermsLeft;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Numbers;
import org.nestrinse.core.units.Quantity;
import org.nestrinse.core.units.Unit;
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

  /** Returns why so much of a soil is left. */
  static Why whySoil(Cleaning c) {
    Why.Builder why =
        Why.of(
            Said.of(WashSaying.SOIL_TITLE)
                .with("soil", BathWords.of(c.soil()))
                .with("left", BathWords.of(c)),
            WashSaying.SOIL);
    for (int i = 0; i < c.baths().size(); i++) {
      Cleaning.After after = c.baths().get(i);
      String left = BathWords.about(after.boundLeft() + after.looseLeft());
      why.line(
          Said.of(WashSaying.AFTER_BATH).with("bath", i + 1),
          after.effectiveGL() > 0
              ? Said.of(WashSaying.WITH_DETERGENT)
                  .with("left", left)
                  .with("strength", new Quantity(after.effectiveGL(), Unit.GRAM_PER_L, 1))
              : Said.of(WashSaying.WITHOUT_DETERGENT).with("left", left));
    }
    return why.line(WashSaying.STILL_ON_FIBRE, BathWords.about(c.boundLeft()))
        .line(WashSaying.SET_BY_HEAT, BathWords.about(c.set()))
        .line(WashSaying.LOOSE, BathWords.about(c.loose()))
        .total(WashSaying.LEFT, BathWords.about(c.soilLeft()))
        .section(CLEANING_SECTION);
  }

  /** Returns why so much colour is left. */
  static Why whyStain(Cleaning c, HygieneEstimate h) {
    Double left = c.stainLeft(h.oxygenLog(), 0);
    double share = left == null ? 0 : left;
    return Why.of(
            Said.of(WashSaying.STAIN_TITLE).with("share", BathWords.about(share)), WashSaying.STAIN)
        .line(WashSaying.SOIL_ON_FIBRE, BathWords.about(c.boundLeft()))
        .line(WashSaying.WHITENER, log(h.oxygenLog()))
        .line(WashSaying.AN_HOUR_OF_SUN, BathWords.about(sunned(c, h)))
        .total(WashSaying.COLOUR_LEFT, BathWords.about(share))
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
            Said.of(WashSaying.HEAT_TITLE).with("log", log(h.heatLog())),
            Said.of(WashSaying.HEAT).with("notes", notes(h)))
        .line(WashSaying.HIGHEST_BATH, Quantity.celsius(peakC))
        .line(WashSaying.A0, new Quantity(h.a0(), Unit.SECOND, 1))
        .line(WashSaying.HOLDING, h.recognisedHolding() ? WashSaying.MET : WashSaying.NOT_MET)
        .total(WashSaying.HEAT_TOTAL, log(h.heatLog()))
        .section(GERMS_SECTION);
  }

  static Why whyOxygen(HygieneEstimate h) {
    return Why.of(
            Said.of(WashSaying.WHITENER_TITLE).with("log", log(h.oxygenLog())),
            Said.of(WashSaying.WHITENING).with("notes", notes(h)))
        .total(WashSaying.WHITENER, log(h.oxygenLog()))
        .section(GERMS_SECTION);
  }

  static Why whyLifted(HygieneEstimate h, Said movement, double fill) {
    return Why.of(
            Said.of(WashSaying.LIFTED_TITLE).with("log", log(h.liftedLog())), WashSaying.LIFTED)
        .line(WashSaying.MAIN_WASH, movement)
        .line(WashSaying.DRUM, Said.of(WashSaying.DRUM_FULL).with("share", Quantity.share(fill)))
        .total(WashSaying.WASHED_AWAY, log(h.liftedLog()))
        .section(GERMS_SECTION);
  }

  static Why whyGerms(HygieneEstimate h, HygieneGoal goal, HygieneGoal.Verdict verdict) {
    GermsLeft left = GermsLeft.of(h);
    boolean capped = h.totalLog() > HygieneEstimate.MOST_CLAIMED;
    return Why.of(
            Words.capital(left.words()),
            Said.of(WashSaying.GERMS).with("verdict", verdict.words()).with("notes", notes(h)))
        .line(WashSaying.WASHED_AWAY, log(h.liftedLog()))
        .line(WashSaying.HEAT_TOTAL, log(h.heatLog()))
        .line(WashSaying.WHITENER, log(h.oxygenLog()))
        .line(WashSaying.SANITISER, log(h.additiveLog()))
        .total(
            capped ? WashSaying.TOGETHER_CAPPED : WashSaying.TOGETHER,
            log(Math.min(HygieneEstimate.MOST_CLAIMED, h.totalLog())))
        .line(
            WashSaying.LIKELY_BETWEEN,
            Said.of(WashSaying.RANGE).with("low", log(h.lowLog())).with("high", log(h.highLog())))
        .line(Said.of(WashSaying.GOAL).with("goal", goal.words()), log(goal.totalLog()))
        .section(GERMS_SECTION);
  }

  /** Returns a reduction as science writes it. */
  private static Quantity log(double value) {
    return new Quantity(value, Unit.LOG, 1);
  }
}
