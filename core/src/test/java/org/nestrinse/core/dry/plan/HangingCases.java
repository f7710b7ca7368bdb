package org.nestrinse.core.dry.plan;

import static org.nestrinse.core.Pieces.GLASS_CLOTH;
import static org.nestrinse.core.Pieces.HAND_TOWEL;
import static org.nestrinse.core.Pieces.SHELL;
import static org.nestrinse.core.Pieces.TRIFOLD;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import org.nestrinse.core.dry.GoldenWeek;
import org.nestrinse.core.dry.HangingGroup;
import org.nestrinse.core.dry.Spot;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.kit.Place;
import org.nestrinse.core.kit.Tariff;
import org.nestrinse.core.textile.Bin;
import org.nestrinse.core.textile.Kind;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.textile.Part;
import org.nestrinse.core.textile.Role;

/** A household on a golden week, to hang things in. */
final class HangingCases {
  private HangingCases() {}

  static final Tariff TARIFF =
      new Tariff(0.30, 0.15, LocalTime.of(0, 30), LocalTime.of(5, 30), 0.004);
  static final Kind OILY =
      new Kind(
          90,
          "wheel cloth",
          Role.CLOTH,
          Bin.WORKSHOP,
          List.of(new Part("body", Material.COTTON, 0.05, false)),
          0.1,
          true,
          null);

  static Place place(String name, Place.Type sort, double metres) {
    double exposure = sort == Place.Type.SUN_LINE ? 0.35 : 0.25;
    return new Place(name, sort, Place.Facing.OPEN, exposure, 1, 1, 19, 60, false, 0, metres, null);
  }

  static final Spot LINE = new Spot(1, place("line", Place.Type.SUN_LINE, 14), false);
  static final Spot AIRER = new Spot(2, place("airer", Place.Type.AIRER, 12), false);
  static final Place WHEELED = place("wheeled airer", Place.Type.MOVABLE_AIRER, 8);
  static final Spot WHEELED_OUT = new Spot(3, WHEELED, false);
  static final Spot WHEELED_IN = new Spot(3, WHEELED, true);
  static final Dryer HEAT_PUMP = new Dryer("dryer", Dryer.Type.HEAT_PUMP, 3);

  static Instant at(int hour) {
    return GoldenWeek.MONDAY.plus(Duration.ofHours(hour));
  }

  static DryingQuestion question(
      int hour, List<Spot> spots, boolean dryer, List<DryingBatch> batches) {
    Instant from = at(hour);
    List<DryingQuestion.DryerAt> dryers =
        dryer ? List.of(new DryingQuestion.DryerAt(7, HEAT_PUMP, from)) : List.of();
    return new DryingQuestion(
        from,
        ZoneOffset.UTC,
        GoldenWeek.from(hour),
        spots,
        dryers,
        batches,
        DryingFactors.NONE,
        TARIFF);
  }

  static DryingBatch batch(long key, Kind kind, int count, Instant neededBy) {
    double moisture = HangingGroup.moistureAfterSpin(kind, 1000, 0.24);
    return new DryingBatch(key, kind, count, moisture, neededBy);
  }

  static List<DryingBatch> all(Instant neededBy) {
    return List.of(
        batch(1, TRIFOLD, 12, neededBy),
        batch(2, SHELL, 12, neededBy),
        batch(3, HAND_TOWEL, 10, null),
        batch(4, GLASS_CLOTH, 6, null),
        batch(5, OILY, 4, null));
  }

  static final List<Spot> SPOTS = List.of(LINE, AIRER, WHEELED_OUT, WHEELED_IN);

  static DryingBatch wet(Kind kind) {
    return wet(kind, 0.05);
  }

  static DryingBatch wet(Kind kind, double areaM2) {
    Kind slow =
        new Kind(
            kind.id(),
            kind.name(),
            kind.role(),
            kind.bin(),
            kind.parts(),
            areaM2,
            kind.small(),
            kind.label());
    return new DryingBatch(1, slow, 2, 1.5, null);
  }
}
