package org.nestrinse.core.wash.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.nestrinse.core.bath.BathWords;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.GermsLeft;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.HygieneGoal;
import org.nestrinse.core.bath.HygieneNote;
import org.nestrinse.core.kit.Product;
import org.nestrinse.core.said.Quantity;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.wash.WashPhrase;
import org.nestrinse.core.wash.WashSaying;
import org.nestrinse.core.wash.school.Wishes;
import org.nestrinse.core.why.Model;
import org.nestrinse.core.why.Why;

/** The words of Wash: its reasons and verdicts. */
final class WashWords {

  private WashWords() {}

  /** Returns why a detergent is a powder or a liquid. */
  static Said form(boolean liquid, boolean microfibre, boolean chosen) {
    if (liquid) {
      WashPhrase other = chosen ? WashPhrase.LIQUID_CHOSEN : WashPhrase.LIQUID_ONLY;
      return (microfibre ? WashPhrase.LIQUID_FOR_MICROFIBRE : other).said();
    }
    return (microfibre ? WashPhrase.POWDER_STIRRED : WashPhrase.POWDER).said();
  }

  /** Returns that a product stays out, since the bath it was meant for is missing. */
  static Said staysOut(Product product, Wishes.Where where) {
    return Said.of(WashPhrase.STAYS_OUT).with("product", product.name()).with("where", where);
  }

  /** Returns how the germs that stay change, in a few words. */
  static Said germs(HygieneEstimate before, HygieneEstimate after) {
    return Said.of(WashPhrase.GERMS_CHANGE)
        .with("now", BathWords.oneIn(GermsLeft.of(after).typicalLog()))
        .with("before", BathWords.oneIn(GermsLeft.of(before).typicalLog()));
  }

  /** Returns why this share of a soil is left. */
  static Why whySoil(Cleaning c) {
    Why.Builder why =
        Why.of(
            Said.of(WashSaying.SOIL_TITLE).with("soil", c.soil()).with("left", BathWords.of(c)),
            WashSaying.SOIL);
    for (int i = 0; i < c.baths().size(); i++) {
      Cleaning.After after = c.baths().get(i);
      Said left = BathWords.about(after.boundLeft() + after.looseLeft());
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
        .by(Model.SOIL);
  }

  /** Returns why this share of the colour is left. */
  static Why whyStain(Cleaning c, HygieneEstimate h) {
    Double left = c.stainLeft(h.oxygenLog(), 0);
    double share = left == null ? 0 : left;
    return Why.of(
            Said.of(WashSaying.STAIN_TITLE).with("share", BathWords.about(share)), WashSaying.STAIN)
        .line(WashSaying.SOIL_ON_FIBRE, BathWords.about(c.boundLeft()))
        .line(WashSaying.WHITENER, log(h.oxygenLog()))
        .line(WashSaying.AN_HOUR_OF_SUN, BathWords.about(sunned(c, h)))
        .total(WashSaying.COLOUR_LEFT, BathWords.about(share))
        .by(Model.SOIL);
  }

  /** An hour of strong sun on one face of wet cloth [kWh/m²]. */
  private static final double HOUR_OF_SUN_KWH_M2 = 0.35;

  private static double sunned(Cleaning c, HygieneEstimate h) {
    return Optional.ofNullable(c.stainLeft(h.oxygenLog(), HOUR_OF_SUN_KWH_M2)).orElse(0.0);
  }

  private static Said withNotes(Said first, HygieneEstimate h, Predicate<HygieneNote> belongsHere) {
    List<Said> all = new ArrayList<>();
    all.add(first);
    h.notes().stream().filter(belongsHere).map(BathWords::of).distinct().forEach(all::add);
    return Said.sentences(all);
  }

  static Why whyHeat(HygieneEstimate h, double peakC) {
    return Why.of(
            Said.of(WashSaying.HEAT_TITLE).with("log", log(h.heatLog())),
            withNotes(WashSaying.HEAT.said(), h, HygieneNote.HeatCapped.class::isInstance))
        .line(WashSaying.HIGHEST_BATH, Quantity.celsius(peakC))
        .line(WashSaying.A0, new Quantity(h.a0(), Unit.SECOND, 1))
        .line(WashSaying.HOLDING, h.recognisedHolding() ? WashSaying.MET : WashSaying.NOT_MET)
        .total(WashSaying.HEAT_TOTAL, log(h.heatLog()))
        .by(Model.GERMS);
  }

  static Why whyOxygen(HygieneEstimate h) {
    return Why.of(
            Said.of(WashSaying.WHITENER_TITLE).with("log", log(h.oxygenLog())),
            withNotes(
                WashSaying.WHITENING.said(),
                h,
                n ->
                    n instanceof HygieneNote.OxygenCapped
                        || n instanceof HygieneNote.NoWhitenerOnWool))
        .total(WashSaying.WHITENER, log(h.oxygenLog()))
        .by(Model.GERMS);
  }

  static Why whyLifted(HygieneEstimate h, Said movement, double fill) {
    return Why.of(
            Said.of(WashSaying.LIFTED_TITLE).with("log", log(h.liftedLog())), WashSaying.LIFTED)
        .line(WashSaying.MAIN_WASH, movement)
        .line(WashSaying.DRUM, Said.of(WashSaying.DRUM_FULL).with("share", Quantity.share(fill)))
        .total(WashSaying.WASHED_AWAY, log(h.liftedLog()))
        .by(Model.GERMS);
  }

  static Why whyGerms(HygieneEstimate h, HygieneGoal goal, HygieneGoal.Verdict verdict) {
    GermsLeft left = GermsLeft.of(h);
    boolean capped = h.totalLog() > HygieneEstimate.MOST_CLAIMED;
    Why.Builder why =
        Why.of(
                left.said().capital(),
                withNotes(Said.of(WashSaying.GERMS).with("verdict", verdict.said()), h, n -> true))
            .line(WashSaying.WASHED_AWAY, log(h.liftedLog()))
            .line(WashSaying.HEAT_TOTAL, log(h.heatLog()))
            .line(WashSaying.WHITENER, log(h.oxygenLog()))
            .line(WashSaying.SANITISER, log(h.additiveLog()))
            .total(
                capped ? WashSaying.TOGETHER_CAPPED : WashSaying.TOGETHER,
                log(Math.min(HygieneEstimate.MOST_CLAIMED, h.totalLog())));
    if (!left.asFewAsClaimed()) {
      why.line(
          WashSaying.LIKELY_BETWEEN,
          Said.of(WashSaying.RANGE)
              .with("low", log(left.lowLog()))
              .with("high", log(left.highLog())));
    }
    return why.line(Said.of(WashSaying.GOAL).with("goal", goal), log(goal.totalLog()))
        .by(Model.GERMS);
  }

  /** Returns a reduction as science writes it. */
  private static Quantity log(double value) {
    return new Quantity(value, Unit.LOG, 1);
  }
}
