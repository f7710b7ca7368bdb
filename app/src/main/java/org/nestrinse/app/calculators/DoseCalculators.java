package org.nestrinse.app.calculators;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.dose.Dilution;
import org.nestrinse.core.dose.Dose;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.reset.ResetFitness;
import org.nestrinse.core.reset.ResetPlan;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What goes in: fill of the drum, doses, dilutions and resets. Nothing is stored. */
@RestController
@RequestMapping("/api/calculators")
class DoseCalculators {
  record FillRequest(
      @Nullable List<@Nullable MassRequest> load,
      @Nullable List<@Nullable MassRequest> bulkers,
      @Nullable Double drumL) {}

  record FillResponse(double massKg, double fillDry, double fillPreWashed, double fillMain) {}

  @PostMapping("/fill")
  FillResponse fill(@RequestBody FillRequest r) {
    TextileLoad bulkers =
        r.bulkers == null || r.bulkers.isEmpty()
            ? TextileLoad.EMPTY
            : MassRequest.load("bulkers", r.bulkers);
    Fill fill =
        Fill.of(
            MassRequest.load(r.load),
            bulkers,
            RequestChecks.number("drumL", r.drumL, Limits.DRUM_L));
    return new FillResponse(fill.massKg(), fill.dry(), fill.preWashed(), fill.main());
  }

  @RecordBuilder
  record DoseRequest(
      @Nullable List<@Nullable MassRequest> load,
      @Nullable Double labelSoftG,
      @Nullable Double labelMediumG,
      @Nullable Double labelHardG,
      @Nullable Double referenceMassKg,
      @Nullable Double hardnessMmolL,
      @Nullable Double phaseShare,
      @Nullable Double strength,
      @Nullable Double trim,
      @Nullable Double maxG,
      @Nullable Double scoopMl,
      @Nullable Double densityGMl) {}

  record DoseResponse(
      double doseG,
      @Nullable Double doseMl,
      @Nullable Double scoops,
      double roundedDoseG,
      double massScale,
      boolean capped) {}

  @PostMapping("/dose")
  DoseResponse dose(@RequestBody DoseRequest r) {
    LabelRow label =
        new LabelRow(
            RequestChecks.number("labelSoftG", r.labelSoftG, Limits.LABEL_G),
            RequestChecks.number("labelMediumG", r.labelMediumG, Limits.LABEL_G),
            RequestChecks.number("labelHardG", r.labelHardG, Limits.LABEL_G));
    Dose dose =
        Dose.of(
            new Dose.Basis(
                MassRequest.load(r.load).massKg(),
                label,
                RequestChecks.number(
                    "referenceMassKg", r.referenceMassKg, Limits.REFERENCE_MASS_KG),
                RequestChecks.number("hardnessMmolL", r.hardnessMmolL, Limits.HARDNESS_MMOL_L),
                RequestChecks.numberOr("phaseShare", r.phaseShare, Limits.PHASE_SHARE, 1),
                RequestChecks.numberOr("strength", r.strength, Limits.STRENGTH, 1),
                RequestChecks.numberOr("trim", r.trim, Limits.TRIM, 1),
                r.maxG,
                r.scoopMl,
                r.densityGMl));
    return new DoseResponse(
        dose.doseG(),
        dose.doseMl(),
        dose.scoops(),
        dose.roundedDoseG(),
        dose.massScale(),
        dose.capped());
  }

  /** The input of a dilution. */
  record DilutionRequest(
      @Nullable Double productPercent, @Nullable Double targetMgL, @Nullable Double waterL) {}

  /** The answer of a dilution. */
  record DilutionAnswer(double productMl) {}

  @PostMapping("/dilution")
  DilutionAnswer dilution(@RequestBody DilutionRequest r) {
    return new DilutionAnswer(
        Dilution.of(
                RequestChecks.number("productPercent", r.productPercent, Dilution.PERCENT),
                RequestChecks.number("targetMgL", r.targetMgL, Dilution.TARGET_MG_L),
                RequestChecks.number("waterL", r.waterL, Dilution.WATER_L))
            .productMl());
  }

  /** The input of a reset recipe. */
  record ResetRecipeRequest(
      @Nullable ResetRecipe recipe,
      @Nullable Double vesselL,
      @Nullable List<@Nullable MassRequest> load,
      @Nullable Double hardnessMmolL,
      @Nullable Double chlorinePercent) {}

  /** What goes into a filling. */
  record ResetAmount(Said product, double amount, String unit) {}

  /** The answer of a reset recipe. */
  record ResetRecipeAnswer(
      double waterL, int batches, List<ResetAmount> perBatch, int minutes, List<Said> notes) {}

  @PostMapping("/reset-recipe")
  ResetRecipeAnswer resetRecipe(@RequestBody ResetRecipeRequest r) {
    ResetRecipe recipe = RequestChecks.choice("recipe", r.recipe, ResetRecipe.class);
    double vesselL = RequestChecks.number("vesselL", r.vesselL, ResetPlan.VESSEL_L);
    TextileLoad load = MassRequest.load(r.load);
    ResetFitness.forbidden(load, recipe)
        .ifPresent(
            reason -> {
              throw new OutOfRange(
                  "load", recipe, Said.of(CalculatorSaying.OTHER_MATERIALS).with("reason", reason));
            });
    double waterL = ResetPlan.waterL(vesselL);
    List<ResetAmount> amounts =
        ResetPlan.perBatch(
                recipe,
                waterL,
                RequestChecks.number("hardnessMmolL", r.hardnessMmolL, Limits.HARDNESS_MMOL_L),
                RequestChecks.optional("chlorinePercent", r.chlorinePercent, Dilution.PERCENT))
            .stream()
            .map(a -> new ResetAmount(a.product(), a.amount(), a.unit()))
            .toList();
    return new ResetRecipeAnswer(
        waterL,
        ResetPlan.batches(load.massKg(), vesselL),
        amounts,
        recipe.minutes(),
        ResetPlan.notes(recipe));
  }
}
