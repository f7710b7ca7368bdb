package org.nestrinse.app.calculators;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.Given;
import org.nestrinse.core.bath.Additive;
import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.bath.BathWords;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.CleaningBath;
import org.nestrinse.core.bath.Fill;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.HygienePhase;
import org.nestrinse.core.bath.ResidueTarget;
import org.nestrinse.core.bath.RinseOutcome;
import org.nestrinse.core.bath.SoilType;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.bath.TemperaturePoint;
import org.nestrinse.core.dose.Dilution;
import org.nestrinse.core.dose.Dose;
import org.nestrinse.core.dose.LabelRow;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.reset.ResetFitness;
import org.nestrinse.core.reset.ResetPlan;
import org.nestrinse.core.reset.ResetRecipe;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.shelf.StockNeed;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The models, each on its own. Nothing is stored. */
@RestController
@RequestMapping("/api/calculators")
class CalculatorController {
  private static final int MOST_HOURS = 24 * 14;
  private static final int MOST_BATHS = 20;
  private static final Range LIFTED_LOG = new Range(0, 10, Unit.LOG);

  record MassRequest(@Nullable Material material, @Nullable Double massKg) {}

  record FillRequest(
      @Nullable List<@Nullable MassRequest> load,
      @Nullable List<@Nullable MassRequest> bulkers,
      @Nullable Double drumL) {}

  record FillResponse(double massKg, double fillDry, double fillPreWashed, double fillMain) {}

  @PostMapping("/fill")
  FillResponse fill(@RequestBody FillRequest r) {
    TextileLoad bulkers =
        r.bulkers == null || r.bulkers.isEmpty() ? TextileLoad.EMPTY : load("bulkers", r.bulkers);
    Fill fill = Fill.of(load(r.load), bulkers, Given.number("drumL", r.drumL, Limits.DRUM_L));
    return new FillResponse(fill.massKg(), fill.dry(), fill.preWashed(), fill.main());
  }

  record RetentionRequest(
      @Nullable List<@Nullable MassRequest> load,
      @Nullable Double rpm,
      @Nullable Double drumRadiusM) {}

  @PostMapping("/retention")
  SpinRetention retention(@RequestBody RetentionRequest r) {
    return SpinRetention.of(
        load(r.load), Given.number("rpm", r.rpm, Limits.RPM), radius(r.drumRadiusM));
  }

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
            Given.number("labelSoftG", r.labelSoftG, Limits.LABEL_G),
            Given.number("labelMediumG", r.labelMediumG, Limits.LABEL_G),
            Given.number("labelHardG", r.labelHardG, Limits.LABEL_G));
    Dose dose =
        Dose.of(
            new Dose.Basis(
                load(r.load).massKg(),
                label,
                Given.number("referenceMassKg", r.referenceMassKg, Limits.REFERENCE_MASS_KG),
                Given.number("hardnessMmolL", r.hardnessMmolL, Limits.HARDNESS_MMOL_L),
                Given.numberOr("phaseShare", r.phaseShare, Limits.PHASE_SHARE, 1),
                Given.numberOr("strength", r.strength, Limits.STRENGTH, 1),
                Given.numberOr("trim", r.trim, Limits.TRIM, 1),
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

  record RinseRequest(
      @Nullable List<@Nullable MassRequest> load,
      @Nullable Double doseG,
      @Nullable Double mainL,
      @Nullable Double rinseL,
      @Nullable Integer rinses,
      @Nullable Double interimRpm,
      @Nullable Double finalRpm,
      @Nullable Double drumRadiusM,
      @Nullable Double targetMgKg) {}

  @PostMapping("/rinse")
  RinseOutcome rinse(@RequestBody RinseRequest r) {
    return RinseOutcome.of(
        new RinseOutcome.Series(
            load(r.load),
            Given.number("doseG", r.doseG, Limits.DOSE_G),
            Given.number("mainL", r.mainL, Limits.WATER_L),
            Given.number("rinseL", r.rinseL, Limits.WATER_L),
            Given.whole("rinses", r.rinses, Limits.RINSES),
            Given.number("interimRpm", r.interimRpm, Limits.RPM),
            Given.number("finalRpm", r.finalRpm, Limits.RPM),
            radius(r.drumRadiusM),
            Given.numberOr(
                "targetMgKg", r.targetMgKg, Limits.TARGET_MG_KG, ResidueTarget.ABSORBENT.mgKg())));
  }

  record BathRequest(
      @Nullable List<@Nullable MassRequest> load,
      @Nullable Double waterL,
      @Nullable Double inletC,
      @Nullable Double roomC,
      @Nullable Double setC,
      @Nullable Double minutes,
      @Nullable Double heaterW,
      @Nullable Double lossWK) {}

  @PostMapping("/bath-temperature")
  BathTemperature bathTemperature(@RequestBody BathRequest r) {
    return BathTemperature.of(
        new BathTemperature.Bath(
            load(r.load),
            Given.number("waterL", r.waterL, Limits.WATER_L),
            Given.number("inletC", r.inletC, Limits.WATER_C),
            Given.number("roomC", r.roomC, Limits.ROOM_C),
            Given.number("setC", r.setC, Limits.WATER_C),
            Given.number("minutes", r.minutes, Limits.MINUTES),
            Given.numberOr("heaterW", r.heaterW, Limits.HEATER_W, BathTemperature.USUAL_HEATER_W),
            Given.numberOr("lossWK", r.lossWK, Limits.LOSS_W_K, BathTemperature.USUAL_LOSS_W_K)));
  }

  record PointRequest(@Nullable Double minute, @Nullable Double temperatureC) {}

  record AdditiveRequest(
      @Nullable Double doseMl,
      @Nullable Double claimLog,
      @Nullable Double minMlPerL,
      @Nullable Double minMinutes,
      @Nullable Double minC,
      @Nullable Boolean cationic,
      @Nullable Double densityGMl,
      @Nullable Double anionicG) {}

  record HygieneRequest(
      @Nullable List<@Nullable MassRequest> load,
      @Nullable Double waterL,
      @Nullable Double drumL,
      @Nullable List<@Nullable PointRequest> profile,
      @Nullable Double oxygenG,
      @Nullable Boolean activator,
      @Nullable Double proteinLeft,
      @Nullable Double liftedLog,
      @Nullable AdditiveRequest additive) {}

  record HygieneResponse(
      double heatLog,
      double oxygenLog,
      double additiveLog,
      double liftedLog,
      double killLog,
      double totalLog,
      double lowLog,
      double highLog,
      double a0,
      boolean recognisedHolding,
      List<Said> notes) {}

  @PostMapping("/hygiene")
  HygieneResponse hygiene(@RequestBody HygieneRequest r) {
    HygieneEstimate h =
        HygieneEstimate.of(
            new HygienePhase(
                load(r.load),
                Given.number("waterL", r.waterL, Limits.WATER_L),
                Given.number("drumL", r.drumL, Limits.DRUM_L),
                profile("profile", r.profile),
                Given.numberOr("oxygenG", r.oxygenG, Limits.DOSE_G, 0),
                Boolean.TRUE.equals(r.activator),
                Given.numberOr("proteinLeft", r.proteinLeft, Limits.PHASE_SHARE, 0),
                r.additive == null ? null : additive(r.additive)),
            Given.numberOr("liftedLog", r.liftedLog, LIFTED_LOG, 0));
    return new HygieneResponse(
        h.heatLog(),
        h.oxygenLog(),
        h.additiveLog(),
        h.liftedLog(),
        h.killLog(),
        h.totalLog(),
        h.lowLog(),
        h.highLog(),
        h.a0(),
        h.recognisedHolding(),
        h.notes().stream().map(BathWords::of).toList());
  }

  record CleaningBathRequest(
      @Nullable Double waterL,
      @Nullable List<@Nullable PointRequest> profile,
      @Nullable Agitation movement,
      @Nullable Double drumFill,
      @Nullable Boolean byHand,
      @Nullable Double detergentG,
      @Nullable Boolean enzymes,
      @Nullable Integer rinses,
      @Nullable Double rinseL,
      @Nullable Double interimRpm) {}

  record CleaningRequest(
      @Nullable List<@Nullable MassRequest> load,
      @Nullable SoilType soil,
      @Nullable Double ageHours,
      @Nullable Double hardnessMmolL,
      @Nullable Double drumRadiusM,
      @Nullable List<@Nullable CleaningBathRequest> baths) {}

  record CleaningResponse(
      double soilLeft,
      double boundLeft,
      double setLeft,
      double looseLeft,
      @Nullable Double stainLeft,
      Said word,
      @Nullable Double liftedLog,
      List<Cleaning.After> baths) {}

  @PostMapping("/cleaning")
  CleaningResponse cleaning(@RequestBody CleaningRequest r) {
    TextileLoad load = load(r.load);
    double radius = radius(r.drumRadiusM);
    List<CleaningBathRequest> given = Given.list("baths", r.baths);
    if (given.size() > MOST_BATHS) {
      throw new OutOfRange(
          "baths",
          Said.of(Allowed.SO_MANY).with("count", given.size()),
          Said.of(Allowed.UP_TO).with("most", MOST_BATHS));
    }
    List<CleaningBath> baths = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      baths.add(cleaningBath("baths[" + i + "].", given.get(i), load, radius));
    }
    Cleaning c =
        Cleaning.of(
            Given.choice("soil", r.soil, SoilType.class),
            new Cleaning.Question(
                Given.numberOr("ageHours", r.ageHours, Cleaning.AGE_H, Cleaning.USUAL_AGE_H),
                Given.number("hardnessMmolL", r.hardnessMmolL, Limits.HARDNESS_MMOL_L),
                baths));
    return new CleaningResponse(
        c.soilLeft(),
        c.boundLeft(),
        c.set(),
        c.loose(),
        c.stainLeft(0, 0),
        c.cleanness().said(),
        c.liftedLog(),
        c.baths());
  }

  private static CleaningBath cleaningBath(
      String at, CleaningBathRequest b, TextileLoad load, double radius) {
    boolean byHand = Boolean.TRUE.equals(b.byHand);
    double rpm = Given.number(at + "interimRpm", b.interimRpm, Limits.RPM);
    double retainedL =
        byHand && rpm == 0
            ? SpinRetention.wrung(load).retainedL()
            : SpinRetention.of(load, rpm, radius).retainedL();
    return new CleaningBath(
        Given.number(at + "waterL", b.waterL, Limits.WATER_L),
        profile(at + "profile", b.profile),
        Given.choice(at + "movement", b.movement, Agitation.class).speed(),
        Given.number(at + "drumFill", b.drumFill, CleaningBath.DRUM_FILL),
        byHand,
        Given.number(at + "detergentG", b.detergentG, Limits.DOSE_G),
        Given.yesNo(at + "enzymes", b.enzymes),
        Given.whole(at + "rinses", b.rinses, Limits.RINSES),
        Given.number(at + "rinseL", b.rinseL, Limits.WATER_L),
        retainedL);
  }

  /** How warm a dryer runs. */
  enum Heat {
    NORMAL(DryerHeat.NORMAL),
    LOW(DryerHeat.LOW),
    NONE(DryerHeat.NO_HEAT);

    private final DryerHeat heat;

    Heat(DryerHeat heat) {
      this.heat = heat;
    }
  }

  record TumbleRequest(
      @Nullable List<@Nullable MassRequest> load,
      @Nullable Double startMoisture,
      @Nullable Heat heat,
      Dryer.@Nullable Type dryer) {}

  record TumbleResponse(double waterL, double minutes, double kwh) {}

  @PostMapping("/tumble")
  TumbleResponse tumble(@RequestBody TumbleRequest r) {
    Dryer.Type type = Given.choice("dryer", r.dryer, Dryer.Type.class);
    TumbleDrying t =
        TumbleDrying.of(
            new Dryer(type.name(), type, Limits.MASS_KG.max()),
            load(r.load),
            Given.number("startMoisture", r.startMoisture, Limits.MOISTURE),
            Given.choice("heat", r.heat, Heat.class).heat);
    return new TumbleResponse(t.waterKg(), t.minutes(), t.kwh());
  }

  record HourRequest(
      @Nullable Double temperatureC,
      @Nullable Double relativeHumidity,
      @Nullable Double windMs,
      @Nullable Double irradianceWm2) {}

  record DryingRequest(
      @Nullable Material material,
      @Nullable Double massKg,
      @Nullable Double areaM2,
      @Nullable Double exposure,
      @Nullable Double startMoisture,
      @Nullable Integer pieces,
      @Nullable RoomRequest room,
      @Nullable List<@Nullable HourRequest> hours) {}

  record RoomRequest(@Nullable Double volumeM3, @Nullable Double freshAirM3H) {}

  /** The input of a dilution. */
  record DilutionRequest(
      @Nullable Double productPercent, @Nullable Double targetMgL, @Nullable Double waterL) {}

  /** The answer of a dilution. */
  record DilutionAnswer(double productMl) {}

  @PostMapping("/dilution")
  DilutionAnswer dilution(@RequestBody DilutionRequest r) {
    return new DilutionAnswer(
        Dilution.of(
                Given.number("productPercent", r.productPercent, Dilution.PERCENT),
                Given.number("targetMgL", r.targetMgL, Dilution.TARGET_MG_L),
                Given.number("waterL", r.waterL, Dilution.WATER_L))
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
    ResetRecipe recipe = Given.choice("recipe", r.recipe, ResetRecipe.class);
    double vesselL = Given.number("vesselL", r.vesselL, ResetPlan.VESSEL_L);
    TextileLoad load = load(r.load);
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
                Given.number("hardnessMmolL", r.hardnessMmolL, Limits.HARDNESS_MMOL_L),
                Given.optional("chlorinePercent", r.chlorinePercent, Dilution.PERCENT))
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

  /** What is sent for the stock of a rhythm. */
  record StockRequest(
      @Nullable Double usesPerDay,
      @Nullable Double washEveryDays,
      @Nullable Double pailToShelfDays,
      @Nullable Double serviceLevel) {}

  @PostMapping("/stock")
  StockNeed stock(@RequestBody StockRequest r) {
    return StockNeed.of(
        Given.number("usesPerDay", r.usesPerDay, StockNeed.USES_PER_DAY),
        Given.number("washEveryDays", r.washEveryDays, StockNeed.EVERY_DAYS),
        Given.number("pailToShelfDays", r.pailToShelfDays, StockNeed.PAIL_TO_SHELF_DAYS),
        Given.number("serviceLevel", r.serviceLevel, StockNeed.SERVICE_LEVEL));
  }

  @PostMapping("/drying")
  AirDrying drying(@RequestBody DryingRequest r) {
    Material material = Given.choice("material", r.material, Material.class);
    AirDrying.Hung hung =
        new AirDrying.Hung(
            Given.number("massKg", r.massKg, Limits.PIECE_MASS_KG),
            Given.number("areaM2", r.areaM2, Limits.AREA_M2),
            material,
            Given.number("exposure", r.exposure, Limits.EXPOSURE),
            Given.number("startMoisture", r.startMoisture, Limits.MOISTURE));
    List<HourRequest> given = Given.list("hours", r.hours);
    if (given.size() > MOST_HOURS) {
      throw new OutOfRange(
          "hours",
          Said.of(Allowed.SO_MANY).with("count", given.size()),
          Said.of(Allowed.UP_TO).with("most", MOST_HOURS));
    }
    List<AirDrying.Air> hours = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      HourRequest h = given.get(i);
      String at = "hours[" + i + "].";
      hours.add(
          new AirDrying.Air(
              Given.number(at + "temperatureC", h.temperatureC, Limits.AIR_C),
              Given.number(at + "relativeHumidity", h.relativeHumidity, Limits.HUMIDITY_PERCENT),
              Given.number(at + "windMs", h.windMs, Limits.WIND_M_S),
              Given.number(at + "irradianceWm2", h.irradianceWm2, Limits.IRRADIANCE_W_M2)));
    }
    int pieces = r.pieces == null ? 1 : Given.whole("pieces", r.pieces, Limits.COUNT);
    RoomRequest room = r.room;
    return AirDrying.of(
        hung,
        pieces,
        room == null
            ? null
            : new AirDrying.Room(
                0,
                Given.number("room.volumeM3", room.volumeM3, AirDrying.Room.VOLUME_M3),
                Given.number("room.freshAirM3H", room.freshAirM3H, AirDrying.Room.FRESH_M3_H),
                0),
        hours);
  }

  private static TextileLoad load(@Nullable List<@Nullable MassRequest> masses) {
    return load("load", masses);
  }

  private static TextileLoad load(String field, @Nullable List<@Nullable MassRequest> masses) {
    List<MassRequest> given = Given.list(field, masses);
    List<TextileLoad.MaterialMass> made = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      String at = field + "[" + i + "].";
      made.add(
          new TextileLoad.MaterialMass(
              Given.choice(at + "material", given.get(i).material, Material.class),
              Given.number(at + "massKg", given.get(i).massKg, Limits.MASS_KG)));
    }
    return new TextileLoad(made);
  }

  private static double radius(@Nullable Double drumRadiusM) {
    return Given.numberOr(
        "drumRadiusM", drumRadiusM, Limits.DRUM_RADIUS_M, SpinRetention.USUAL_RADIUS_M);
  }

  private static List<TemperaturePoint> profile(
      String field, @Nullable List<@Nullable PointRequest> points) {
    List<PointRequest> given = Given.list(field, points);
    List<TemperaturePoint> made = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      String at = field + "[" + i + "].";
      made.add(
          new TemperaturePoint(
              Given.number(at + "minute", given.get(i).minute, Limits.MINUTES),
              Given.number(at + "temperatureC", given.get(i).temperatureC, Limits.WATER_C)));
    }
    return made;
  }

  private static Additive additive(AdditiveRequest a) {
    return new Additive(
        Given.number("additive.doseMl", a.doseMl, Limits.ADDITIVE_ML),
        Given.number("additive.claimLog", a.claimLog, Limits.CLAIM_LOG),
        Given.number("additive.minMlPerL", a.minMlPerL, Limits.ML_PER_L),
        Given.number("additive.minMinutes", a.minMinutes, Limits.MINUTES),
        Given.number("additive.minC", a.minC, Limits.WATER_C),
        Boolean.TRUE.equals(a.cationic),
        Given.numberOr("additive.densityGMl", a.densityGMl, Limits.DENSITY_G_ML, 1),
        Given.numberOr("additive.anionicG", a.anionicG, Limits.DOSE_G, 0));
  }
}
