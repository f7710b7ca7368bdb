package org.nestrinse.app.calculators;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.core.bath.Additive;
import org.nestrinse.core.bath.BathTemperature;
import org.nestrinse.core.bath.BathWords;
import org.nestrinse.core.bath.Cleaning;
import org.nestrinse.core.bath.CleaningBath;
import org.nestrinse.core.bath.CleaningBathBuilder;
import org.nestrinse.core.bath.HygieneEstimate;
import org.nestrinse.core.bath.HygienePhase;
import org.nestrinse.core.bath.ResidueTarget;
import org.nestrinse.core.bath.RinseOutcome;
import org.nestrinse.core.bath.RinseOutcomeSeriesBuilder;
import org.nestrinse.core.bath.SoilType;
import org.nestrinse.core.bath.SpinRetention;
import org.nestrinse.core.bath.TemperaturePoint;
import org.nestrinse.core.kit.Agitation;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.said.Unit;
import org.nestrinse.core.textile.TextileLoad;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.nestrinse.core.units.Range;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What happens in the water: spin, rinses, warmth, germs and soil. Nothing is stored. */
@RestController
@RequestMapping("/api/calculators")
class BathCalculators {
  private static final int MOST_BATHS = 20;

  private static final Range LIFTED_LOG = new Range(0, 10, Unit.LOG);

  record RetentionRequest(
      @Nullable List<@Nullable MassRequest> load,
      @Nullable Double rpm,
      @Nullable Double drumRadiusM) {}

  @PostMapping("/retention")
  SpinRetention retention(@RequestBody RetentionRequest r) {
    return SpinRetention.of(
        MassRequest.load(r.load),
        RequestChecks.number("rpm", r.rpm, Limits.RPM),
        MassRequest.radius(r.drumRadiusM));
  }

  @RecordBuilder
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
        RinseOutcomeSeriesBuilder.builder()
            .load(MassRequest.load(r.load))
            .doseG(RequestChecks.number("doseG", r.doseG, Limits.DOSE_G))
            .mainL(RequestChecks.number("mainL", r.mainL, Limits.WATER_L))
            .rinseL(RequestChecks.number("rinseL", r.rinseL, Limits.WATER_L))
            .rinses(RequestChecks.whole("rinses", r.rinses, Limits.RINSES))
            .interimRpm(RequestChecks.number("interimRpm", r.interimRpm, Limits.RPM))
            .finalRpm(RequestChecks.number("finalRpm", r.finalRpm, Limits.RPM))
            .drumRadiusM(MassRequest.radius(r.drumRadiusM))
            .targetMgKg(
                RequestChecks.numberOr(
                    "targetMgKg",
                    r.targetMgKg,
                    Limits.TARGET_MG_KG,
                    ResidueTarget.ABSORBENT.mgKg()))
            .build());
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
            MassRequest.load(r.load),
            RequestChecks.number("waterL", r.waterL, Limits.WATER_L),
            RequestChecks.number("inletC", r.inletC, Limits.WATER_C),
            RequestChecks.number("roomC", r.roomC, Limits.ROOM_C),
            RequestChecks.number("setC", r.setC, Limits.WATER_C),
            RequestChecks.number("minutes", r.minutes, Limits.MINUTES),
            RequestChecks.numberOr(
                "heaterW", r.heaterW, Limits.HEATER_W, BathTemperature.USUAL_HEATER_W),
            RequestChecks.numberOr(
                "lossWK", r.lossWK, Limits.LOSS_W_K, BathTemperature.USUAL_LOSS_W_K)));
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

  @RecordBuilder
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

  @RecordBuilder
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
                MassRequest.load(r.load),
                RequestChecks.number("waterL", r.waterL, Limits.WATER_L),
                RequestChecks.number("drumL", r.drumL, Limits.DRUM_L),
                profile("profile", r.profile),
                RequestChecks.numberOr("oxygenG", r.oxygenG, Limits.DOSE_G, 0),
                Boolean.TRUE.equals(r.activator),
                RequestChecks.numberOr("proteinLeft", r.proteinLeft, Limits.PHASE_SHARE, 0),
                r.additive == null ? null : additive(r.additive)),
            RequestChecks.numberOr("liftedLog", r.liftedLog, LIFTED_LOG, 0));
    return BathCalculatorsHygieneResponseBuilder.builder()
        .heatLog(h.heatLog())
        .oxygenLog(h.oxygenLog())
        .additiveLog(h.additiveLog())
        .liftedLog(h.liftedLog())
        .killLog(h.killLog())
        .totalLog(h.totalLog())
        .lowLog(h.lowLog())
        .highLog(h.highLog())
        .a0(h.a0())
        .recognisedHolding(h.recognisedHolding())
        .notes(h.notes().stream().map(BathWords::of).toList())
        .build();
  }

  @RecordBuilder
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
    TextileLoad load = MassRequest.load(r.load);
    double radius = MassRequest.radius(r.drumRadiusM);
    List<CleaningBathRequest> given = RequestChecks.list("baths", r.baths);
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
            RequestChecks.choice("soil", r.soil, SoilType.class),
            new Cleaning.Question(
                RequestChecks.numberOr(
                    "ageHours", r.ageHours, Cleaning.AGE_H, Cleaning.USUAL_AGE_H),
                RequestChecks.number("hardnessMmolL", r.hardnessMmolL, Limits.HARDNESS_MMOL_L),
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
    double rpm = RequestChecks.number(at + "interimRpm", b.interimRpm, Limits.RPM);
    double retainedL =
        byHand && rpm == 0
            ? SpinRetention.wrung(load).retainedL()
            : SpinRetention.of(load, rpm, radius).retainedL();
    return CleaningBathBuilder.builder()
        .waterL(RequestChecks.number(at + "waterL", b.waterL, Limits.WATER_L))
        .profile(profile(at + "profile", b.profile))
        .speed(RequestChecks.choice(at + "movement", b.movement, Agitation.class).speed())
        .drumFill(RequestChecks.number(at + "drumFill", b.drumFill, CleaningBath.DRUM_FILL))
        .byHand(byHand)
        .detergentG(RequestChecks.number(at + "detergentG", b.detergentG, Limits.DOSE_G))
        .enzymes(RequestChecks.yesNo(at + "enzymes", b.enzymes))
        .rinses(RequestChecks.whole(at + "rinses", b.rinses, Limits.RINSES))
        .rinseL(RequestChecks.number(at + "rinseL", b.rinseL, Limits.WATER_L))
        .retainedL(retainedL)
        .build();
  }

  private static List<TemperaturePoint> profile(
      String field, @Nullable List<@Nullable PointRequest> points) {
    List<PointRequest> given = RequestChecks.list(field, points);
    List<TemperaturePoint> made = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      String at = field + "[" + i + "].";
      made.add(
          new TemperaturePoint(
              RequestChecks.number(at + "minute", given.get(i).minute, Limits.MINUTES),
              RequestChecks.number(
                  at + "temperatureC", given.get(i).temperatureC, Limits.WATER_C)));
    }
    return made;
  }

  private static Additive additive(AdditiveRequest a) {
    return new Additive(
        RequestChecks.number("additive.doseMl", a.doseMl, Limits.ADDITIVE_ML),
        RequestChecks.number("additive.claimLog", a.claimLog, Limits.CLAIM_LOG),
        RequestChecks.number("additive.minMlPerL", a.minMlPerL, Limits.ML_PER_L),
        RequestChecks.number("additive.minMinutes", a.minMinutes, Limits.MINUTES),
        RequestChecks.number("additive.minC", a.minC, Limits.WATER_C),
        Boolean.TRUE.equals(a.cationic),
        RequestChecks.numberOr("additive.densityGMl", a.densityGMl, Limits.DENSITY_G_ML, 1),
        RequestChecks.numberOr("additive.anionicG", a.anionicG, Limits.DOSE_G, 0));
  }
}
