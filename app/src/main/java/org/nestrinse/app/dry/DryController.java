package org.nestrinse.app.dry;

import org.jspecify.annotations.Nullable;
import org.nestrinse.app.changes.CachedAnswer;
import org.nestrinse.core.said.Said;
import org.nestrinse.core.units.Allowed;
import org.nestrinse.core.units.OutOfRange;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/drying")
class DryController {
  private final DryService dry;
  private final DryingReader reader;
  private final DryCheckService checks;
  private final ForecastImport forecasts;
  private final WeatherService weather;

  DryController(
      DryService dry,
      DryingReader reader,
      DryCheckService checks,
      ForecastImport forecasts,
      WeatherService weather) {
    this.dry = dry;
    this.reader = reader;
    this.checks = checks;
    this.forecasts = forecasts;
    this.weather = weather;
  }

  /** Where a group should hang, and whether a movable airer is carried in. */
  record Move(@Nullable Long placeId, @Nullable Boolean carriedIn) {}

  /**
   * Everything that hangs.
   *
   * @param rainAt hour of the day at which a shower is supposed, none when missing
   */
  @GetMapping
  @CachedAnswer
  DryViews.Drying drying(@RequestParam(required = false) @Nullable Integer rainAt) {
    return reader.drying(rainAt);
  }

  @GetMapping("/plans")
  @CachedAnswer
  DryViews.Compared plans() {
    return reader.compared();
  }

  @PostMapping("/follow")
  DryViews.Drying follow() {
    dry.follow();
    return reader.drying(null);
  }

  /** What a check taught, with everything that hangs. */
  record Checked(Said words, DryViews.Drying drying) {}

  @PostMapping("/{id}/check")
  Checked check(@PathVariable long id, @RequestBody DryCheckService.Felt check) {
    Said words = checks.check(id, check);
    return new Checked(words, reader.drying(null));
  }

  @DeleteMapping("/learnt/{placeId}/{kindId}")
  DryViews.Drying forget(@PathVariable long placeId, @PathVariable long kindId) {
    checks.forget(placeId, kindId);
    return reader.drying(null);
  }

  @PostMapping("/weather")
  ForecastImport.Preview weather(@RequestBody ForecastImport.Sent sent) {
    return forecasts.read(sent);
  }

  @DeleteMapping("/weather")
  DryViews.Drying forgetWeather() {
    weather.forget();
    return reader.drying(null);
  }

  @PatchMapping("/{id}")
  DryViews.Drying move(@PathVariable long id, @RequestBody Move move) {
    if (move.placeId == null) {
      throw new OutOfRange("placeId", Allowed.MISSING, DryingSaying.A_PLACE);
    }
    dry.move(id, move.placeId, Boolean.TRUE.equals(move.carriedIn));
    return reader.drying(null);
  }

  /** Into which dryer a group goes. */
  record Into(@Nullable Long dryerId) {}

  @PostMapping("/{id}/tumble")
  DryViews.Drying tumble(@PathVariable long id, @RequestBody Into into) {
    if (into.dryerId == null) {
      throw new OutOfRange("dryerId", Allowed.MISSING, DryingSaying.A_DRYER);
    }
    dry.tumble(id, into.dryerId);
    return reader.drying(null);
  }

  @PostMapping("/{id}/dry")
  DryViews.Drying dry(@PathVariable long id) {
    checks.dry(id);
    return reader.drying(null);
  }

  @DeleteMapping("/{id}/dry")
  DryViews.Drying notDry(@PathVariable long id) {
    checks.notDry(id);
    return reader.drying(null);
  }
}
