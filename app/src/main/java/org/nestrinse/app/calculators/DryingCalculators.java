package org.nestrinse.app.calculators;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.nestrinse.app.problem.RequestChecks;
import org.nestrinse.core.dry.AirDrying;
import org.nestrinse.core.dry.TumbleDrying;
import org.nestrinse.core.kit.Dryer;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.shelf.StockNeed;
import org.nestrinse.core.textile.DryerHeat;
import org.nestrinse.core.textile.Material;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.Limits;
import org.nestrinse.core.units.OutOfRange;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Drying in the air and in a dryer, and how many pieces that takes. Nothing is stored. */
@RestController
@RequestMapping("/api/calculators")
class DryingCalculators {
  private static final int MOST_HOURS = 24 * 14;

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
    Dryer.Type type = RequestChecks.choice("dryer", r.dryer, Dryer.Type.class);
    TumbleDrying t =
        TumbleDrying.of(
            new Dryer(type.name(), type, Limits.MASS_KG.max()),
            MassRequest.load(r.load),
            RequestChecks.number("startMoisture", r.startMoisture, Limits.MOISTURE),
            RequestChecks.choice("heat", r.heat, Heat.class).heat);
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

  /** What is sent for the stock of a rhythm. */
  record StockRequest(
      @Nullable Double usesPerDay,
      @Nullable Double washEveryDays,
      @Nullable Double pailToShelfDays,
      @Nullable Double serviceLevel) {}

  @PostMapping("/stock")
  StockNeed stock(@RequestBody StockRequest r) {
    return StockNeed.of(
        RequestChecks.number("usesPerDay", r.usesPerDay, StockNeed.USES_PER_DAY),
        RequestChecks.number("washEveryDays", r.washEveryDays, StockNeed.EVERY_DAYS),
        RequestChecks.number("pailToShelfDays", r.pailToShelfDays, StockNeed.PAIL_TO_SHELF_DAYS),
        RequestChecks.number("serviceLevel", r.serviceLevel, StockNeed.SERVICE_LEVEL));
  }

  @PostMapping("/drying")
  AirDrying drying(@RequestBody DryingRequest r) {
    Material material = RequestChecks.choice("material", r.material, Material.class);
    AirDrying.Hung hung =
        new AirDrying.Hung(
            RequestChecks.number("massKg", r.massKg, Limits.PIECE_MASS_KG),
            RequestChecks.number("areaM2", r.areaM2, Limits.AREA_M2),
            material,
            RequestChecks.number("exposure", r.exposure, Limits.EXPOSURE),
            RequestChecks.number("startMoisture", r.startMoisture, Limits.MOISTURE));
    List<HourRequest> given = RequestChecks.list("hours", r.hours);
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
              RequestChecks.number(at + "temperatureC", h.temperatureC, Limits.AIR_C),
              RequestChecks.number(
                  at + "relativeHumidity", h.relativeHumidity, Limits.HUMIDITY_PERCENT),
              RequestChecks.number(at + "windMs", h.windMs, Limits.WIND_M_S),
              RequestChecks.number(at + "irradianceWm2", h.irradianceWm2, Limits.IRRADIANCE_W_M2)));
    }
    int pieces = r.pieces == null ? 1 : RequestChecks.whole("pieces", r.pieces, Limits.COUNT);
    RoomRequest room = r.room;
    return AirDrying.of(
        hung,
        pieces,
        room == null
            ? null
            : new AirDrying.Room(
                0,
                RequestChecks.number("room.volumeM3", room.volumeM3, AirDrying.Room.VOLUME_M3),
                RequestChecks.number(
                    "room.freshAirM3H", room.freshAirM3H, AirDrying.Room.FRESH_M3_H),
                0),
        hours);
  }
}
